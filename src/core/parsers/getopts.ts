import type { ParserProfile } from './parser-profile.ts';

/** Getopts of the shells. */
export const getopts: ParserProfile = {
  name: 'getopts',
  title: 'getopts of the shells',
  language: 'shell',
  ran: ['dash 0.5.12', 'bash 5.2.15', 'mksh 59', 'zsh 5.9'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    optionPrefixes: ['-'],
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: true,
      shortEquals: false,
      shortSeparate: true,
      longEquals: false,
      longSeparate: false,
    },
    hyphenValues: true,
    negativeNumbers: false,
    missingArguments: 'refused',
    repeatedFlags: true,
    operandOrder: 'first-operand-ends-options',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLetter: { text: 'PROGRAM: illegal option -- x', status: 2 },
    argumentMissing: { text: 'PROGRAM: option requires an argument -- o', status: 2 },
  },
};
