import { outputByOption } from '../../conformance/gnu/output-by-option.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** A file is written to that an operand names, as a finding of its row in the table. */
export const outputAsOperand = conformanceCheck(outputByOption, {
  name: 'gnu/output-as-operand',
  title: 'An output file is named by an operand',
  why: 'If a pattern expands to one file more than expected, the last of them becomes the output and is overwritten without asking.',
  needs: ['the operands'],
  examples: {
    wrong: 'Usage: tiffin [-q] INPUT OUTPUT\n\n  -q  say nothing\n',
    right: 'Usage: tiffin [-q] [-o OUTPUT] INPUT\n\n  -q         say nothing\n  -o OUTPUT  write to OUTPUT\n',
    nearMiss: 'Usage: tiffin [-q] FROM TO\n\n  -q  say nothing\n',
  },
  fix: "take the output file from '-o' or '--output', and write to standard output without it",
});
