import { programInstance } from '../name-instances.ts';
import type { Rule } from '../rule.ts';

export const guideline1: Rule = {
  standard: 'posix',
  section: 'Guideline 1',
  label: 'name length',
  asks: 'the utility name has 2 to 9 characters',
  judge(view) {
    const { program } = view.interface;
    const { length } = program.value;
    const evidence = `'${program.value}' has ${length} character${length === 1 ? '' : 's'}`;
    if (length >= 2 && length <= 9) return { standing: 'meets', count: 1, evidence, instances: [] };
    const instance = programInstance(view, program.place);
    return { standing: 'departs', count: 1, evidence, instances: [instance] };
  },
};
