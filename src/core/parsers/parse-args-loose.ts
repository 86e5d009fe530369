import type { ParserProfile } from './parser-profile.ts';

/** ParseArgs of Node.js, with strict: false. */
export const parseArgsLoose: ParserProfile = {
  name: 'parse-args-loose',
  title: 'parseArgs of Node.js, with strict: false',
  language: 'JavaScript',
  ran: ['Node.js 20.20.2'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    flagValues: 'ignored',
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    bundleWithoutHyphen: false,
    valueForms: {
      shortJoined: true,
      shortEquals: false,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: false,
    missingArguments: 'empty',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'ignored',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {},
};
