import type { ParserProfile } from './parser-profile.ts';

/** Clipanion. */
export const clipanion: ParserProfile = {
  name: 'clipanion',
  title: 'clipanion',
  language: 'JavaScript',
  ran: ['clipanion 3.2.1'],
  rules: {
    optionAbbreviations: false,
    commandAbbreviations: false,
    segmentAbbreviations: false,
    caseSensitive: true,
    letterCaseSensitive: true,
    commandCaseSensitive: true,
    grouping: true,
    generatedNegation: true,
    negationPrefix: 'no-',
    flagValues: 'refused',
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
      { of: 'line', holds: '$ ', pattern: /^(?:\S+ )?\$ \S/, shown: 'must' },
      { of: 'line', holds: ' #0', pattern: /#0\b/, shown: 'must' },
      { of: 'line', holds: 'Options', pattern: /^(?:━+ )?Options(?: ━+)?$/, shown: 'must' },
    ],
  ],
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: {
      text: 'Unknown Syntax Error: Unsupported option name ("--nope").',
      status: 1,
      stream: 'standard output',
    },
    unknownLetter: {
      text: 'Unknown Syntax Error: Unsupported option name ("-x").',
      status: 1,
      stream: 'standard output',
    },
    unknownCommand: { text: 'While running nope', status: 1, stream: 'standard output' },
    argumentMissing: {
      text: 'Unknown Syntax Error: Not enough arguments to option --output.',
      status: 1,
      stream: 'standard output',
    },
    argumentUnexpected: {
      text: 'Unknown Syntax Error: Invalid option name ("--all=yes").',
      status: 1,
      stream: 'standard output',
    },
  },
};
