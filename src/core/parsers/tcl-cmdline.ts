import type { ParserProfile } from './parser-profile.ts';

/** Cmdline of tcllib. */
export const tclCmdline: ParserProfile = {
  name: 'tcl-cmdline',
  title: 'cmdline of tcllib',
  language: 'Tcl',
  ran: ['tcl-cmdline 1.21'],
  rules: {
    optionAbbreviations: false,
    caseSensitive: true,
    grouping: false,
    generatedNegation: false,
    flagValues: 'ignored',
    optionPrefixes: ['-', '--'],
    longHyphens: 'one-or-two',
    bundleWithoutHyphen: false,
    numberOption: false,
    valueForms: {
      shortJoined: false,
      shortEquals: false,
      shortSeparate: false,
      longEquals: true,
      longSeparate: true,
    },
    hyphenValues: true,
    negativeNumbers: false,
    missingArguments: 'refused',
    repeatedOptions: 'last-wins',
    repeatedFlags: true,
    operandOrder: 'first-operand-ends-options',
    doubleHyphen: 'ends-options',
    unknownOptions: 'refused',
  },
  helps: [
    [
      {
        of: 'line',
        holds: 'Forcibly stop option processing',
        pattern: /^ --\s+Forcibly stop option processing$/,
        shown: 'must',
      },
      { of: 'line', holds: 'Print this message', pattern: /^ -help\s+Print this message$/, shown: 'must' },
    ],
  ],
  addedOptions: [],
  addedCommands: [],
  messages: {
    unknownLong: { text: 'cmdline_host options:', status: 1 },
    argumentMissing: { text: 'cmdline_host options:', status: 1 },
  },
};
