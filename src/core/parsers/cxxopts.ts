import type { ParserProfile } from './parser-profile.ts';

/** Cxxopts. */
export const cxxopts: ParserProfile = {
  name: 'cxxopts',
  title: 'cxxopts',
  language: 'C++',
  ran: ['cxxopts 3.1.1'],
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
      shortEquals: false,
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
  helps: [
    [
      { of: 'line', holds: ' [OPTION...]', pattern: /^ {2}\S.* \[OPTION\.\.\.\]/, shown: 'must' },
      { of: 'line', holds: ' arg', pattern: /^\s+(?:-\w, {1,2})?--[\w-]+ (?:arg\b|\[=arg)/, shown: 'must' },
    ],
  ],
  addedOptions: ['-h', '--help'],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'error: Option ‘nope’ does not exist', status: 1 },
    unknownLetter: { text: 'error: Option ‘x’ does not exist', status: 1 },
    argumentMissing: { text: 'error: Option ‘output’ is missing an argument', status: 1 },
    argumentUnexpected: { text: 'error: Argument ‘yes’ failed to parse', status: 1 },
  },
};
