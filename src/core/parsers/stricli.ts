import type { ParserProfile } from './parser-profile.ts';

/** Stricli. */
export const stricli: ParserProfile = {
  name: 'stricli',
  title: 'stricli',
  language: 'JavaScript',
  ran: ['@stricli/core 1.3.0'],
  rules: {
    optionAbbreviations: false,
    commandAbbreviations: false,
    segmentAbbreviations: false,
    valueAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    commandCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    flagValues: 'true-or-false',
    optionPrefixes: ['-', '--'],
    longHyphens: 'as-listed',
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: true,
      shortSeparate: true,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: false,
    negativeNumbers: true,
    missingArguments: 'refused',
    repeatedOptions: 'refused',
    repeatedFlags: false,
    operandOrder: 'mixed',
    doubleHyphen: 'ordinary',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'help-text', pattern: /^Print help information and exit$/, shown: 'must' },
      { of: 'line', holds: 'USAGE', pattern: /^USAGE$/, shown: 'must' },
      { of: 'line', holds: 'FLAGS', pattern: /^FLAGS$/, shown: 'must' },
    ],
  ],
  addedOptions: ['-h', '-H', '--help', '-v', '--version'],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'No flag registered for --nope, did you mean --mode?', status: 252 },
    unknownLetter: { text: 'No alias registered for -x', status: 252 },
    unknownCommand: { text: 'No command registered for `nope`, did you mean `stop`?', status: 251 },
    argumentMissing: { text: 'Expected input for flag --output', status: 252 },
    valueNotAllowed: {
      text: 'Expected "nope" to be one of (fast|slow|sleepy), did you mean "sleepy"?',
      status: 252,
    },
  },
};
