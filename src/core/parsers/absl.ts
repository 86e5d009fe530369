import type { ParserProfile } from './parser-profile.ts';

/** The flags of absl. */
export const absl: ParserProfile = {
  name: 'absl',
  title: 'the flags of absl',
  language: 'Python',
  ran: ['absl 0.15.0'],
  rules: {
    optionAbbreviations: false,
    valueAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: false,
    generatedNegation: true,
    negationPrefix: 'no',
    flagValues: 'true-or-false',
    optionPrefixes: ['-', '--'],
    longHyphens: 'one-or-two',
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: true,
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
      { of: 'line', holds: '--[no]', pattern: /^ {2}(?:-\w,)?--\[no\][\w-]+:/, shown: 'must' },
      { of: 'line', holds: "(default: '", pattern: /^\s+\(default: '[^']*'\)$/, shown: 'must' },
    ],
  ],
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: "FATAL Flags parsing error: Unknown command line flag 'nope'", status: 1 },
    unknownLetter: { text: "FATAL Flags parsing error: Unknown command line flag 'x'", status: 1 },
    argumentMissing: { text: 'FATAL Flags parsing error: Missing value for flag --output', status: 1 },
    argumentUnexpected: {
      text: "FATAL Flags parsing error: flag --all=yes: ('Non-boolean argument to boolean flag', 'yes')",
      status: 1,
    },
    valueNotAllowed: {
      text: 'FATAL Flags parsing error: flag --mode=nope: value should be one of <fast|slow|sleepy>',
      status: 1,
    },
  },
};
