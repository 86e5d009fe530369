import type { ParserProfile } from './parser-profile.ts';

/** Getopt::Std. */
export const perlGetoptStd: ParserProfile = {
  name: 'perl-getopt-std',
  title: 'Getopt::Std',
  language: 'Perl',
  ran: ['Perl 5.36.0'],
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
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    operandOrder: 'first-operand-ends-options',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLetter: { text: 'Unknown option: x', status: 2 },
  },
};
