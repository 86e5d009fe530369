import type { ParserProfile } from './parser-profile.ts';

/** Flag of Go's standard library. */
export const goFlag: ParserProfile = {
  name: 'go-flag',
  title: "flag of Go's standard library",
  language: 'Go',
  ran: ['Go 1.19'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    grouping: false,
    generatedNegation: false,
    flagValues: 'true-or-false',
    optionPrefixes: ['-', '--'],
    longHyphens: 'one-or-two',
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: false,
      shortSeparate: false,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: false,
    missingArguments: 'refused',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    operandOrder: 'first-operand-ends-options',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'line', holds: '\n    \t', pattern: /^ {4}\t\S/, shown: 'must' },
      { of: 'line', holds: '\n  -', pattern: /^ {2}-[\w.-]+(?: \S+)?$/, shown: 'must' },
    ],
  ],
  addedOptions: ['-h', '--help'],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'flag provided but not defined: -nope', status: 2 },
    argumentMissing: { text: 'flag needs an argument: -output', status: 2 },
    argumentUnexpected: { text: 'invalid boolean value "yes" for -all: parse error', status: 2 },
  },
};
