import type { ParserProfile } from './parser-profile.ts';

/** Getopt of POSIX. */
export const getopt: ParserProfile = {
  name: 'getopt',
  title: 'getopt of POSIX',
  language: 'C',
  ran: ['glibc 2.36'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    optionPrefixes: ['-'],
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: true,
      shortEquals: false,
      shortSeparate: true,
      longEquals: false,
      longSeparate: false,
    },
    hyphenValues: true,
    negativeNumbers: false,
    optionalValues: 'joined',
    missingArguments: 'refused',
    repeatedFlags: true,
    operandOrder: 'first-operand-ends-options',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLetter: { text: "PROGRAM: invalid option -- 'x'", status: 1 },
    argumentMissing: { text: "PROGRAM: option requires an argument -- 'o'", status: 1 },
  },
};
