import type { ParserProfile } from './parser-profile.ts';

/** Argp of the GNU C library. */
export const argp: ParserProfile = {
  name: 'argp',
  title: 'argp of the GNU C library',
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
      { of: 'help-text', pattern: /^Give this help list$/, shown: 'may' },
      {
        of: 'line',
        holds: 'Give a short usage message',
        pattern: /--usage\s+Give a short usage message$/,
        shown: 'may',
      },
      { of: 'version-text', pattern: /^Print program version$/, shown: 'may' },
      {
        of: 'line',
        holds: 'Mandatory or optional arguments to long options are',
        pattern: /^Mandatory or optional arguments to long options are\b/,
        shown: 'may',
      },
    ],
  ],
  addedOptions: ['-?', '--help', '--usage', '-V', '--version'],
  addedCommands: [],
  messages: {
    unknownLong: { text: "PROGRAM: unrecognized option '--nope'", status: 64 },
    unknownLetter: { text: "PROGRAM: invalid option -- 'x'", status: 64 },
    ambiguous: {
      text: "PROGRAM: option '--out' is ambiguous; possibilities: '--output' '--outline'",
      status: 64,
    },
    argumentMissing: { text: "PROGRAM: option '--output' requires an argument", status: 64 },
    argumentUnexpected: { text: "PROGRAM: option '--all' doesn't allow an argument", status: 64 },
  },
};
