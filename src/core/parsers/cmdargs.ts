import type { ParserProfile } from './parser-profile.ts';

/** Cmdargs. */
export const cmdargs: ParserProfile = {
  name: 'cmdargs',
  title: 'cmdargs',
  language: 'Haskell',
  ran: ['cmdargs 0.10.21'],
  rules: {
    optionAbbreviations: true,
    prefixTie: 'refused',
    spellingsTie: false,
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
    optionalValues: 'joined',
    missingArguments: 'refused',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'help-text', pattern: /^Display help message$/, shown: 'must' },
      { of: 'line', holds: '-? --help', pattern: /^\s+-\? --help\b/, shown: 'must' },
    ],
  ],
  addedOptions: ['-?', '--help'],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'Unknown flag: --nope', status: 1 },
    unknownLetter: { text: 'Unknown flag: -x', status: 1 },
    ambiguous: { text: "Ambiguous flag '--out', could be any of: output outline", status: 1 },
    argumentMissing: { text: 'Flag requires argument: --output', status: 1 },
    argumentUnexpected: { text: 'Unhandled argument to flag, none expected: --all=yes', status: 1 },
  },
};
