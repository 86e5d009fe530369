import type { ParserProfile } from './parser-profile.ts';

/** Commons CLI, with its default parser. */
export const commonsCli: ParserProfile = {
  name: 'commons-cli',
  title: 'Commons CLI, with its default parser',
  language: 'Java',
  ran: ['commons-cli 1.5.0'],
  rules: {
    optionAbbreviations: true,
    prefixTie: 'refused',
    caseSensitive: true,
    letterCaseSensitive: true,
    grouping: true,
    generatedNegation: false,
    flagValues: 'refused',
    optionPrefixes: ['-', '--'],
    longHyphens: 'one-or-two',
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
    optionalValues: 'joined-or-separate',
    missingArguments: 'refused',
    repeatedOptions: 'first-wins',
    repeatedFlags: true,
    operandOrder: 'mixed',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      { of: 'line', holds: ',--', pattern: /^ -\w{1,20},--[\w-]+/, shown: 'must' },
      { of: 'line', holds: 'usage: ', pattern: /^usage: \S/, shown: 'must' },
    ],
  ],
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'Unrecognized option: --nope', status: 1 },
    unknownLetter: { text: 'Unrecognized option: -x', status: 1 },
    ambiguous: { text: "Ambiguous option: '--out' (could be: 'output', 'outline')", status: 1 },
    argumentMissing: { text: 'Missing argument for option: o', status: 1 },
    argumentUnexpected: { text: 'Unrecognized option: --all=yes', status: 1 },
  },
};
