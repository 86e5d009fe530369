import type { ParserProfile } from './parser-profile.ts';

/** The getopt command of util-linux. */
export const utilLinuxGetopt: ParserProfile = {
  name: 'util-linux-getopt',
  title: 'the getopt command of util-linux',
  language: 'shell',
  ran: ['util-linux 2.38.1'],
  rules: {
    optionAbbreviations: true,
    prefixTie: 'refused',
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    flagValues: 'refused',
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: true,
      shortEquals: false,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: false,
    optionalValues: 'joined',
    missingArguments: 'refused',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: "PROGRAM: unrecognized option '--nope'", status: 2 },
    unknownLetter: { text: "PROGRAM: invalid option -- 'x'", status: 2 },
    ambiguous: {
      text: "PROGRAM: option '--out' is ambiguous; possibilities: '--output' '--outline'",
      status: 2,
    },
    argumentMissing: { text: "PROGRAM: option '--output' requires an argument", status: 2 },
    argumentUnexpected: { text: "PROGRAM: option '--all' doesn't allow an argument", status: 2 },
  },
};
