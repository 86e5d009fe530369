import type { ParserProfile } from './parser-profile.ts';

/** Pflag. */
export const pflag: ParserProfile = {
  name: 'pflag',
  title: 'pflag',
  language: 'Go',
  ran: ['pflag 1.0.6'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    flagValues: 'true-or-false',
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
    hyphenValues: true,
    negativeNumbers: false,
    optionalValues: 'joined',
    missingArguments: 'refused',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'unknown flag: --nope', status: 2 },
    unknownLetter: { text: "unknown shorthand flag: 'x' in -x", status: 2 },
    argumentMissing: { text: 'flag needs an argument: --output', status: 2 },
    argumentUnexpected: {
      text: 'invalid argument "yes" for "-a, --all" flag: strconv.ParseBool: parsing "yes": invalid syntax',
      status: 2,
    },
  },
};
