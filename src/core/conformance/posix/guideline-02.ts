import { programInstance } from '../name-instances.ts';
import type { Rule } from '../rule.ts';

export const guideline2: Rule = {
  standard: 'posix',
  section: 'Guideline 2',
  label: 'name characters',
  asks: 'the utility name uses lowercase letters and digits only',
  judge(view) {
    const { program } = view.interface;
    if (/^[a-z0-9]+$/.test(program.value)) {
      return {
        standing: 'meets',
        count: 1,
        evidence: `'${program.value}' has no others`,
        instances: [],
      };
    }
    const others = [...new Set([...program.value].filter((character) => !/[a-z0-9]/.test(character)))];
    const instance = programInstance(view, program.place);
    return {
      standing: 'departs',
      count: 1,
      evidence: `'${program.value}' uses '${others.join("', '")}'`,
      instances: [instance],
    };
  },
};
