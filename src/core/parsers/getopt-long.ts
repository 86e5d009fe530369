import type { ParserProfile } from './parser-profile.ts';

/** Getopt_long of the C library. */
export const getoptLong: ParserProfile = {
  name: 'getopt-long',
  title: 'getopt_long of the C library',
  language: 'C',
  ran: ['glibc 2.36'],
  rules: {
    optionAbbreviations: true,
    prefixTie: 'refused',
    spellingsTie: false,
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
    optionalValues: 'joined',
    missingArguments: 'refused',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      {
        of: 'line',
        holds: 'Mandatory arguments to long options are mandatory for',
        pattern: /^Mandatory arguments to long options are mandatory for short options too\.?$/,
        shown: 'must',
      },
      { of: 'help-text', pattern: /^display this help and exit\.?$/, shown: 'may' },
      { of: 'version-text', pattern: /^output version information and exit\.?$/, shown: 'may' },
    ],
    [
      {
        of: 'line',
        holds: 'For more details see ',
        pattern: /^For more details see [\w.+-]+\(\d\w*\)\.$/,
        shown: 'must',
      },
      { of: 'help-text', pattern: /^display this help(?: and exit)?$/, shown: 'must' },
      { of: 'version-text', pattern: /^display version(?: and exit)?$/, shown: 'may' },
    ],
  ],
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: "PROGRAM: unrecognized option '--nope'", status: 1 },
    unknownLetter: { text: "PROGRAM: invalid option -- 'x'", status: 1 },
    ambiguous: {
      text: "PROGRAM: option '--out' is ambiguous; possibilities: '--output' '--outline'",
      status: 1,
    },
    argumentMissing: { text: "PROGRAM: option '--output' requires an argument", status: 1 },
    argumentUnexpected: { text: "PROGRAM: option '--all' doesn't allow an argument", status: 1 },
  },
};
