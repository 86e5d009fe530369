import { guideline10 } from '../../conformance/posix/guideline-10.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** Two hyphens do not end the options, as a finding of its row in the table. */
export const noEndOfOptions = conformanceCheck(guideline10, {
  name: 'posix/no-end-of-options',
  title: 'Two hyphens do not end the options',
  why: "There is no way to pass an operand that begins with a hyphen, and scripts that write '--' before file names fail.",
  needs: ["what '--' does"],
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\nparsing: {double-hyphen: ordinary}\noptions:\n  -a: all\n',
    right: 'dabbawala: 1\nprogram: tiffin\nparsing: {double-hyphen: ends-options}\noptions:\n  -a: all\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {double-hyphen: begins-command-line}\noptions:\n  -a: all\n',
  },
  // What follows from the library that the program uses is nothing that its authors choose.
  exempts: ({ interface: { root } }) => nearestRule([root], 'doubleHyphen')?.basis === 'inferred',
  holdsWithLongOptions: true,
  fix: "let the first '--' end the options",
});
