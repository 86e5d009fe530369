import { guideline5 } from '../../conformance/posix/guideline-05.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** Short options cannot be grouped, as a finding of its row in the table. */
export const groupingRefused = conformanceCheck(guideline5, {
  name: 'posix/grouping-refused',
  title: 'Short options cannot be grouped',
  why: "People write '-ab' for '-a -b', and here get an error or another option.",
  needs: ['whether the parser takes groups'],
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\nparsing: {grouping: false}\noptions:\n  -a: all\n  -b: boxes\n',
    right: 'dabbawala: 1\nprogram: tiffin\nparsing: {grouping: true}\noptions:\n  -a: all\n  -b: boxes\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {grouping: false}\noptions:\n  -a: all\n  --boxes: boxes\n',
  },
  // What follows from the library that the program uses is nothing that its authors choose.
  exempts: ({ interface: { root } }) => nearestRule([root], 'grouping')?.basis === 'inferred',
  holdsWithLongOptions: true,
  fix: 'allow letters without an argument to be grouped after one hyphen',
});
