import type { ParserProfile } from './parser-profile.ts';

/** Minimist. */
export const minimist: ParserProfile = {
  name: 'minimist',
  title: 'minimist',
  language: 'JavaScript',
  ran: ['minimist 1.2.8'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: true,
    negationPrefix: 'no-',
    flagValues: 'true-or-false',
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    bundleWithoutHyphen: false,
    valueForms: {
      shortJoined: false,
      shortEquals: true,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: false,
    negativeNumbers: false,
    missingArguments: 'empty',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'ignored',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {},
};
