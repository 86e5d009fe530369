import type { ParserProfile } from './parser-profile.ts';

/** Thor. */
export const thor: ParserProfile = {
  name: 'thor',
  title: 'thor',
  language: 'Ruby',
  ran: ['thor 1.2.1'],
  rules: {
    optionAbbreviations: false,
    commandAbbreviations: true,
    valueAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    commandCaseSensitive: true,
    grouping: true,
    generatedNegation: true,
    negationPrefix: 'no-',
    flagValues: 'passed-on',
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    wordJoints: ['hyphen', 'underscore'],
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
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    optionInheritance: 'anywhere-below',
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'passed-on',
  },
  helps: [
    [
      {
        of: 'line',
        holds: 'help [COMMAND]',
        pattern: /^\s+\S.* help \[COMMAND\]\s+# Describe available commands or one specific command$/,
        shown: 'must',
      },
      { of: 'line', holds: 'ommands:', pattern: /^(?:Commands|\S.* commands):$/, shown: 'must' },
    ],
  ],
  addedOptions: ['-h', '-?', '--help'],
  addedCommands: ['help'],
  messages: {
    unknownCommand: { text: 'Could not find command "nope".', status: 1 },
    valueNotAllowed: { text: "Expected '--mode' to be one of fast, slow, sleepy; got nope", status: 1 },
  },
};
