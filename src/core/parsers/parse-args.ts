import type { ParserProfile } from './parser-profile.ts';

/** ParseArgs of Node.js. */
export const parseArgs: ParserProfile = {
  name: 'parse-args',
  title: 'parseArgs of Node.js',
  language: 'JavaScript',
  ran: ['Node.js 20.20.2'],
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
    unknownLong: {
      text: `Unknown option '--nope'. To specify a positional argument starting with a '-', place it at the end of the command after '--', as in '-- "--nope"`,
      status: 1,
    },
    unknownLetter: {
      text: `Unknown option '-x'. To specify a positional argument starting with a '-', place it at the end of the command after '--', as in '-- "-x"`,
      status: 1,
    },
    argumentMissing: { text: "Option '-o, --output <value>' argument missing", status: 1 },
    argumentUnexpected: { text: "Option '-a, --all' does not take an argument", status: 1 },
  },
};
