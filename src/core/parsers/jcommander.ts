import type { ParserProfile } from './parser-profile.ts';

/** JCommander. */
export const jcommander: ParserProfile = {
  name: 'jcommander',
  title: 'JCommander',
  language: 'Java',
  ran: ['jcommander 1.71'],
  rules: {
    optionAbbreviations: false,
    commandAbbreviations: false,
    segmentAbbreviations: false,
    valueAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    commandCaseSensitive: true,
    grouping: false,
    generatedNegation: false,
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: false,
      shortSeparate: true,
      longEquals: false,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: true,
    missingArguments: 'refused',
    repeatedOptions: 'refused',
    repeatedFlags: false,
    optionInheritance: 'before-subcommand',
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'passed-on',
  },
  helps: [
    [
      { of: 'line', holds: 'Usage: ', pattern: /^Usage: \S.*\[options\]/, shown: 'must' },
      { of: 'line', holds: '\n  Options:', pattern: /^ {2}Options:$/, shown: 'must' },
      { of: 'line', holds: '\n      Default: ', pattern: /^ {6}Default: \S/, shown: 'must' },
    ],
  ],
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownCommand: { text: 'Expected a command, got nope', status: 1 },
    argumentMissing: { text: 'Expected a value after parameter --output', status: 1 },
    valueNotAllowed: {
      text: 'Invalid value for --mode parameter. Allowed values:[fast, slow, sleepy]',
      status: 1,
    },
  },
};
