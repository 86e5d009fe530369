import type { ParserProfile } from './parser-profile.ts';

/** Docopt. */
export const docopt: ParserProfile = {
  name: 'docopt',
  title: 'docopt',
  language: 'Python',
  ran: ['docopt 0.6.2'],
  rules: {
    optionAbbreviations: true,
    prefixTie: 'refused',
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
    hyphenValues: true,
    negativeNumbers: false,
    missingArguments: 'refused',
    repeatedOptions: 'refused',
    repeatedFlags: false,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options-and-stays',
    unknownOptions: 'refused',
  },
  addedOptions: ['-h', '--help'],
  addedCommands: [],
  messages: {
    ambiguous: { text: '--out is not a unique prefix: --output, --outline?', status: 1 },
    argumentMissing: { text: '--output requires argument', status: 1 },
    argumentUnexpected: { text: '--all must not have an argument', status: 1 },
  },
};
