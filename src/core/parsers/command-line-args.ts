import type { ParserProfile } from './parser-profile.ts';

/** Command-line-args. */
export const commandLineArgs: ParserProfile = {
  name: 'command-line-args',
  title: 'command-line-args',
  language: 'JavaScript',
  ran: ['command-line-args 6.0.2'],
  rules: {
    optionAbbreviations: false,
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
      shortJoined: false,
      shortEquals: false,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: false,
    negativeNumbers: true,
    missingArguments: 'empty',
    repeatedOptions: 'refused',
    repeatedFlags: false,
    operandOrder: 'mixed',
    doubleHyphen: 'ordinary',
    unknownOptions: 'refused',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'Unknown option: --nope', status: 1 },
    unknownLetter: { text: 'Unknown option: -x', status: 1 },
    argumentUnexpected: { text: 'Unknown value: --all=yes', status: 1 },
  },
};
