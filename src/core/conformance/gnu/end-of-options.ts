import { guideline10 } from '../posix/guideline-10.ts';
import type { Rule } from '../rule.ts';

export const endOfOptions: Rule = {
  ...guideline10,
  standard: 'gnu',
  section: '4.8',
  asks: "'--' ends the options",
};
