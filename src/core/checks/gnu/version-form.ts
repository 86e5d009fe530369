import { versionForm as versionFormRule } from '../../conformance/gnu/observed-behaviour.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** The first line of the version is not in GNU's form, as a finding of its row in the table. */
export const versionForm = conformanceCheck(versionFormRule, {
  name: 'gnu/version-form',
  title: 'The first line of --version is not the name and the version',
  why: 'Scripts that ask for the version take the last word of the first line, whatever it is.',
  needs: ['an observed run with --version, as a capture with --probe keeps it'],
  examples: {
    wrong: observed('Welcome to tiffin, version 2.0!'),
    right: observed('tiffin 2.0'),
    nearMiss: observed('tiffin (harbour programs) 2.0'),
  },
  fix: "print 'NAME VERSION' as the first line, and the rest below it",
});

function observed(line: string): string {
  return `dabbawala: 1\nprogram: tiffin\noptions: {--version: print the version}\nobservations:\n  - words: [--version]\n    exit-status: 0\n    standard-output: ${JSON.stringify(`${line}\n`)}\n`;
}
