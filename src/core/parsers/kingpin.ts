import type { ParserProfile } from './parser-profile.ts';

/** Kingpin, version 2. */
export const kingpin: ParserProfile = {
  name: 'kingpin',
  title: 'kingpin, version 2',
  language: 'Go',
  ran: ['kingpin 2.2.6'],
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
    flagValues: 'passed-on',
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
    repeatedOptions: 'refused',
    repeatedFlags: false,
    optionInheritance: 'anywhere-below',
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'help-text', pattern: /^Show context-sensitive help/, shown: 'must' },
      { of: 'line', holds: '[<flags>]', pattern: /^usage: \S.*\[<flags>\]/, shown: 'must' },
    ],
  ],
  addedOptions: ['--help'],
  addedCommands: ['help'],
  messages: {
    unknownLong: { text: "PROGRAM: error: unknown long flag '--nope', try --help", status: 1 },
    unknownLetter: { text: "PROGRAM: error: unknown short flag '-x', try --help", status: 1 },
    unknownCommand: { text: 'PROGRAM: error: expected command but got "nope", try --help', status: 1 },
    argumentMissing: { text: "PROGRAM: error: expected argument for flag '--output', try --help", status: 1 },
    valueNotAllowed: {
      text: "PROGRAM: error: enum value must be one of fast,slow,sleepy, got 'nope', try --help",
      status: 1,
    },
  },
};
