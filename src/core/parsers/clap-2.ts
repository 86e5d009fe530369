import type { ParserProfile } from './parser-profile.ts';

/** Clap, version 2. */
export const clap2: ParserProfile = {
  name: 'clap-2',
  title: 'clap, version 2',
  language: 'Rust',
  ran: ['clap 2.34.0'],
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
    flagValues: 'ignored',
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
    hyphenValues: false,
    negativeNumbers: false,
    optionalValues: 'joined',
    missingArguments: 'refused',
    repeatedOptions: 'refused',
    repeatedFlags: false,
    optionInheritance: 'before-subcommand',
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'help-text', pattern: /^Prints help information$/, shown: 'must' },
      { of: 'line', holds: 'USAGE:', pattern: /^USAGE:$/, shown: 'must' },
      { of: 'version-text', pattern: /^Prints version information$/, shown: 'may' },
    ],
  ],
  addedOptions: ['-h', '--help', '-V', '--version'],
  addedCommands: ['help'],
  messages: {
    unknownLong: {
      text: "error: Found argument '--nope' which wasn't expected, or isn't valid in this context",
      status: 1,
    },
    unknownLetter: {
      text: "error: Found argument '-x' which wasn't expected, or isn't valid in this context",
      status: 1,
    },
    unknownCommand: {
      text: "error: Found argument 'nope' which wasn't expected, or isn't valid in this context",
      status: 1,
    },
    argumentMissing: {
      text: "error: The argument '--output <output>' requires a value but none was supplied",
      status: 1,
    },
    valueNotAllowed: { text: "error: 'nope' isn't a valid value for '--mode <mode>'", status: 1 },
  },
};
