import type { ParserProfile } from './parser-profile.ts';

/** Citty. */
export const citty: ParserProfile = {
  name: 'citty',
  title: 'citty',
  language: 'JavaScript',
  ran: ['citty 0.2.2'],
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
    valueForms: {
      shortJoined: true,
      shortEquals: false,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: false,
    missingArguments: 'empty',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    optionInheritance: 'anywhere-below',
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'ignored',
  },
  helps: [
    [
      { of: 'line', holds: 'USAGE ', pattern: /^USAGE \S/, shown: 'must' },
      { of: 'line', holds: '\n\n', pattern: /^(?:OPTIONS|ARGUMENTS|COMMANDS)$/, shown: 'must' },
      { of: 'line', holds: ' v', pattern: /\(\S.* v\d[\w.-]*\)$/, shown: 'must' },
    ],
  ],
  addedOptions: ['-h', '--help', '-v', '--version'],
  addedCommands: [],
  messages: {
    unknownCommand: { text: 'Unknown command nope', status: 1 },
    valueNotAllowed: {
      text: 'Invalid value for argument: --mode (nope). Expected one of: fast, slow, sleepy.',
      status: 1,
    },
  },
};
