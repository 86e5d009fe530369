import type { ParserProfile } from './parser-profile.ts';

/** The option parser of GLib. */
export const glib: ParserProfile = {
  name: 'glib',
  title: 'the option parser of GLib',
  language: 'C',
  ran: ['glib 2.74.6'],
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
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: false,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: false,
    missingArguments: 'refused',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'help-text', pattern: /^Show help options$/, shown: 'must' },
      { of: 'line', holds: 'Help Options:', pattern: /^Help Options:$/, shown: 'must' },
      { of: 'line', holds: 'Application Options:', pattern: /^Application Options:$/, shown: 'may' },
    ],
  ],
  addedOptions: ['-h', '-?', '--help'],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'Unknown option --nope', status: 1 },
    unknownLetter: { text: 'Unknown option -x', status: 1 },
    argumentMissing: { text: 'Missing argument for --output', status: 1 },
  },
};
