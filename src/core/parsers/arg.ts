import type { ParserProfile } from './parser-profile.ts';

/** Arg. */
export const arg: ParserProfile = {
  name: 'arg',
  title: 'arg',
  language: 'JavaScript',
  ran: ['arg 5.0.2'],
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
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: false,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: false,
    negativeNumbers: false,
    missingArguments: 'refused',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'unknown or unexpected option: --nope', status: 1 },
    unknownLetter: { text: 'unknown or unexpected option: -x', status: 1 },
    argumentMissing: { text: 'option requires argument: --output', status: 1 },
  },
};
