import type { ParserProfile } from './parser-profile.ts';

/** Optimist. */
export const optimist: ParserProfile = {
  name: 'optimist',
  title: 'optimist',
  language: 'Ruby',
  ran: ['optimist 3.0.0'],
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
    hyphenValues: false,
    negativeNumbers: false,
    missingArguments: 'refused',
    repeatedOptions: 'refused',
    repeatedFlags: false,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'help-text', pattern: /^Show this message$/, shown: 'must' },
      { of: 'line', holds: '=<', pattern: /^\s+(?:-\w, )?--[\w-]+=<[sifd]\+?>/, shown: 'must' },
    ],
  ],
  addedOptions: ['-h', '--help'],
  addedCommands: [],
  messages: {
    unknownLong: { text: "Error: unknown argument '--nope'.", status: 255 },
    unknownLetter: { text: "Error: unknown argument '-x'.", status: 255 },
    argumentMissing: { text: "Error: option '--output' needs a parameter.", status: 255 },
  },
};
