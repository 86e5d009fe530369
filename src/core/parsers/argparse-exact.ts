import type { ParserProfile } from './parser-profile.ts';

/** Argparse of Python's standard library, with allow_abbrev=False. */
export const argparseExact: ParserProfile = {
  name: 'argparse-exact',
  title: "argparse of Python's standard library, with allow_abbrev=False",
  language: 'Python',
  ran: ['Python 3.11.2'],
  rules: {
    optionAbbreviations: false,
    commandAbbreviations: false,
    segmentAbbreviations: false,
    valueAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    commandCaseSensitive: true,
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
    hyphenValues: false,
    negativeNumbers: true,
    optionalValues: 'joined-or-separate',
    missingArguments: 'refused',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    optionInheritance: 'before-subcommand',
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  // Letters and what stands behind them were taken for a long name.
  older: [
    {
      before: 'Python 3.8',
      rules: {
        grouping: false,
        valueForms: {
          shortJoined: false,
          shortEquals: true,
          shortSeparate: true,
          longEquals: true,
          longSeparate: true,
        },
      },
    },
  ],
  addedOptions: ['-h', '--help'],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'PROGRAM: error: unrecognized arguments: --nope', status: 2 },
    unknownLetter: { text: 'PROGRAM: error: unrecognized arguments: -x', status: 2 },
    unknownCommand: {
      text: "PROGRAM: error: argument command: invalid choice: 'nope' (choose from 'start', 'begin', 'status', 'stop', 'route:plan')",
      status: 2,
    },
    argumentMissing: { text: 'PROGRAM: error: argument -o/--output: expected one argument', status: 2 },
    argumentUnexpected: {
      text: "PROGRAM: error: argument -a/--all: ignored explicit argument 'yes'",
      status: 2,
    },
    valueNotAllowed: {
      text: "PROGRAM: error: argument --mode: invalid choice: 'nope' (choose from 'fast', 'slow', 'sleepy')",
      status: 2,
    },
  },
};
