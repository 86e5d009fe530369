import type { ParserProfile } from './parser-profile.ts';

/** Popt. */
export const popt: ParserProfile = {
  name: 'popt',
  title: 'popt',
  language: 'C',
  ran: ['popt 1.19'],
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
      shortJoined: true,
      shortEquals: true,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: false,
    optionalValues: 'joined-or-separate',
    missingArguments: 'refused',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'help-text', pattern: /^Show this help message$/, shown: 'must' },
      { of: 'line', holds: 'Help options:', pattern: /^Help options:$/, shown: 'must' },
      {
        of: 'line',
        holds: 'Display brief usage message',
        pattern: /--usage\s+Display brief usage message$/,
        shown: 'may',
      },
    ],
  ],
  addedOptions: ['-?', '--help', '--usage'],
  addedCommands: [],
  messages: {
    unknownLong: { text: '--nope: unknown option', status: 1 },
    unknownLetter: { text: '-x: unknown option', status: 1 },
    argumentMissing: { text: '--output: missing argument', status: 1 },
    argumentUnexpected: { text: '--all=yes: option does not take an argument', status: 1 },
  },
};
