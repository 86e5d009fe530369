import { vendorLetterRule } from '../../conformance/posix/guideline-03.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** The letter that POSIX keeps for vendors is taken, as a finding of its row in the table. */
export const vendorLetter = conformanceCheck(vendorLetterRule, {
  name: 'posix/vendor-letter',
  title: "The option '-W' is taken",
  why: "POSIX keeps '-W' for options that a vendor adds: a system that has such options gives the letter another meaning.",
  needs: ['the short options'],
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\nclaims: [posix]\noptions: {-W: warn of late boxes}\n',
    right: 'dabbawala: 1\nprogram: tiffin\nclaims: [posix]\noptions: {-w: warn of late boxes}\n',
    nearMiss: 'Usage: tiffin [-qW]\n\n  -q  say nothing\n  -W  warn of late boxes\n',
  },
  level: 'warning',
  exempts: () => true,
  fix: 'choose another letter for it',
});
