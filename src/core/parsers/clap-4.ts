import type { ParserProfile } from './parser-profile.ts';

/** Clap, version 4. */
export const clap4: ParserProfile = {
  name: 'clap-4',
  title: 'clap, version 4',
  language: 'Rust',
  ran: ['clap 4.0.32'],
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
    flagValues: 'refused',
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
      { of: 'help-text', pattern: /^Print help(?: information)?(?: \(see .*\)|, use .*)?$/, shown: 'must' },
      { of: 'line', holds: 'Usage:', pattern: /^Usage: \S/, shown: 'must' },
      { of: 'line', holds: ':\n', pattern: /^(?:Options|Arguments|Commands):$/, shown: 'must' },
      { of: 'version-text', pattern: /^Print version(?: information)?$/, shown: 'may' },
      { of: 'line', holds: 'USAGE:', pattern: /^USAGE:$/, shown: 'never' },
    ],
  ],
  addedOptions: ['-h', '--help', '-V', '--version'],
  addedCommands: ['help'],
  messages: {
    unknownLong: {
      text: "error: Found argument '--nope' which wasn't expected, or isn't valid in this context",
      status: 2,
    },
    unknownLetter: {
      text: "error: Found argument '-x' which wasn't expected, or isn't valid in this context",
      status: 2,
    },
    unknownCommand: { text: "error: The subcommand 'nope' wasn't recognized", status: 2 },
    argumentMissing: {
      text: "error: The argument '--output <output>' requires a value but none was supplied",
      status: 2,
    },
    argumentUnexpected: {
      text: "error: The value 'yes' was provided to '--all' but it wasn't expecting any more values",
      status: 2,
    },
    valueNotAllowed: { text: "error: 'nope' isn't a valid value for '--mode <mode>'", status: 2 },
  },
};
