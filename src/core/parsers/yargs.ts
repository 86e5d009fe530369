import type { ParserProfile } from './parser-profile.ts';

/** Yargs. */
export const yargs: ParserProfile = {
  name: 'yargs',
  title: 'yargs',
  language: 'JavaScript',
  ran: ['yargs 18.2.0'],
  rules: {
    optionAbbreviations: false,
    commandAbbreviations: false,
    segmentAbbreviations: false,
    valueAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    commandCaseSensitive: true,
    grouping: true,
    generatedNegation: true,
    negationPrefix: 'no-',
    flagValues: 'true-or-false',
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    wordJoints: ['hyphen', 'capital'],
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: true,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: false,
    negativeNumbers: true,
    missingArguments: 'empty',
    repeatedFlags: true,
    optionInheritance: 'anywhere-below',
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'ignored',
  },
  helps: [
    [
      { of: 'line', holds: 'Show help', pattern: /--help\s+Show help\s+\[boolean\]$/, shown: 'must' },
      {
        of: 'line',
        holds: ']\n',
        pattern: /\s\[(?:boolean|string|number|array|count)\](?: \[[^\]]*\])*$/,
        shown: 'must',
      },
      {
        of: 'line',
        holds: 'Show version number',
        pattern: /--version\s+Show version number\s+\[boolean\]$/,
        shown: 'may',
      },
    ],
  ],
  addedOptions: ['--help', '--version'],
  addedCommands: ['help'],
  messages: {
    valueNotAllowed: { text: 'Argument: mode, Given: "nope", Choices: "fast", "slow", "sleepy"', status: 1 },
  },
};
