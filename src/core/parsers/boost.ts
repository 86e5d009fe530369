import type { ParserProfile } from './parser-profile.ts';

/** Boost.Program_options. */
export const boost: ParserProfile = {
  name: 'boost',
  title: 'Boost.Program_options',
  language: 'C++',
  ran: ['boost 1.74.0.3'],
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
    optionalValues: 'joined-or-separate',
    missingArguments: 'refused',
    repeatedOptions: 'refused',
    repeatedFlags: false,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'line', holds: ' [ --', pattern: /^\s+-\w \[ --[\w-]+ \]/, shown: 'must' },
      {
        of: 'line',
        holds: ' arg',
        pattern: /^\s+(?:-\w \[ --[\w-]+ \]|--[\w-]+) (?:arg\b|\[=arg)/,
        shown: 'must',
      },
    ],
  ],
  addedOptions: ['-h', '--help'],
  addedCommands: [],
  messages: {
    unknownLong: { text: "error: unrecognised option '--nope'", status: 1 },
    unknownLetter: { text: "error: unrecognised option '-x'", status: 1 },
    ambiguous: {
      text: "error: option '--out' is ambiguous and matches '--outline', and '--output'",
      status: 1,
    },
    argumentMissing: { text: "error: the required argument for option '--output' is missing", status: 1 },
    argumentUnexpected: { text: "error: option '--all' does not take any arguments", status: 1 },
  },
};
