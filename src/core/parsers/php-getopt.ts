import type { ParserProfile } from './parser-profile.ts';

/** Getopt of PHP. */
export const phpGetopt: ParserProfile = {
  name: 'php-getopt',
  title: 'getopt of PHP',
  language: 'PHP',
  ran: ['PHP 8.2'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    flagValues: 'ignored',
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    bundleWithoutHyphen: false,
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
    missingArguments: 'empty',
    repeatedFlags: true,
    operandOrder: 'first-operand-ends-options',
    doubleHyphen: 'ends-options',
    unknownOptions: 'ignored',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {},
};
