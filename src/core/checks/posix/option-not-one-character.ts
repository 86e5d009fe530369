import { optionNames } from '../../conformance/name-instances.ts';
import { optionNameRule } from '../../conformance/posix/guideline-03.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** A short option is not a letter or digit, as a finding of its row in the table. */
export const optionNotOneCharacter = conformanceCheck(optionNameRule, {
  name: 'posix/option-not-one-character',
  title: 'A short option is not a letter or digit',
  why: "Such characters mean something to shells: unquoted, '-*' is a pattern that can match files, and '#' begins a comment.",
  needs: ['the options'],
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  -#  print this help\n  -q  say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -h  print this help\n  -q  say nothing\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  -?  print this help\n  -1  one box a line\n  -q  say nothing\n',
  },
  // `-?` asks for help wherever it is understood.
  exempts: (view) =>
    optionNames(view).every(({ name }) => name.form !== 'short' || /^-[A-Za-z0-9?]$/.test(name.text)),
  fix: 'give the option a letter, and keep the other as a hidden alias',
});
