import { outputByOption } from '../../conformance/gnu/output-by-option.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** A file is written to that an operand names, as a finding of its row in the table. */
export const outputAsOperand = conformanceCheck(outputByOption, {
  name: 'gnu/output-as-operand',
  title: 'A file that is written to is named by an operand',
  why: 'A pattern that the shell expands to one file more makes the last of them the output, and it is overwritten without a question.',
  needs: ['the operands'],
  examples: {
    wrong: 'Usage: tiffin [-q] INPUT OUTPUT\n\n  -q  say nothing\n',
    right: 'Usage: tiffin [-q] [-o OUTPUT] INPUT\n\n  -q         say nothing\n  -o OUTPUT  write to OUTPUT\n',
    nearMiss: 'Usage: tiffin [-q] FROM TO\n\n  -q  say nothing\n',
  },
  fix: "name it by an option, '-o' and '--output', and write to standard output where it is not given",
});
