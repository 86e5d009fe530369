import type { ParserProfile } from './parser-profile.ts';

/** The command line library of LLVM, which was not run. */
export const llvmCl: ParserProfile = {
  name: 'llvm-cl',
  title: 'the command line library of LLVM',
  language: 'C++',
  ran: [],
  rules: { optionAbbreviations: false, longHyphens: 'one-or-two', caseSensitive: true },
  helps: [
    [
      {
        of: 'line',
        holds: 'Display available options (',
        pattern: /-help {1,40}(?:- )?Display available options \(--?help-hidden for more\)$/,
        shown: 'must',
      },
      {
        of: 'line',
        holds: 'Display the version of this program',
        pattern: /-version {1,40}(?:- )?Display the version of this program$/,
        shown: 'must',
      },
    ],
  ],
  addedOptions: [],
  addedCommands: [],
  messages: {},
};
