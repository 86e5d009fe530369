import type { ParserProfile } from './parser-profile.ts';

/** Mri. */
export const mri: ParserProfile = {
  name: 'mri',
  title: 'mri',
  language: 'JavaScript',
  ran: ['mri 1.2.0'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: true,
    negationPrefix: 'no-',
    flagValues: 'passed-on',
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
