import type { ParsingRules } from '../../model/parsing-rules.ts';

type Value<K extends keyof ParsingRules> = NonNullable<ParsingRules[K]>['value'];

/** What a parser does. */
type Behaviour = { readonly [K in keyof ParsingRules]?: Value<K> };

/** A sentence that a widespread parser prints into every help output, and how that parser behaves unless told otherwise. */
export interface ParserSentence {
  readonly pattern: RegExp;
  readonly behaviour: Behaviour;
}

export const PARSER_SENTENCES: readonly ParserSentence[] = [
  {
    // `getopt_long`, and GNU's parser above it.
    pattern: /^\s*mandatory (?:or optional )?arguments to long options are (?:also )?mandatory/i,
    behaviour: {
      optionAbbreviations: true,
      prefixTie: 'refused',
      spellingsTie: false,
      caseSensitive: true,
      grouping: true,
      doubleHyphen: 'ends-options',
    },
  },
  {
    // Both parsers of Python's standard library.
    pattern: /\bshow this help message and exit\.?\s*$/i,
    behaviour: {
      optionAbbreviations: true,
      prefixTie: 'refused',
      spellingsTie: true,
      caseSensitive: true,
      grouping: true,
      doubleHyphen: 'ends-options',
    },
  },
  {
    // The most used parser of programs in Go, and those who word its sentence anew.
    pattern:
      /^(?:Use "[^"]{1,80} \[command\] --help" for more information about a command|Run '[^']{1,80} COMMAND --help' for more information on a command)\.?\s*$/,
    behaviour: {
      optionAbbreviations: false,
      commandAbbreviations: false,
      caseSensitive: true,
      grouping: true,
      doubleHyphen: 'ends-options',
    },
  },
  {
    // A parser of many programs in JavaScript.
    pattern: /^\s*-h, --help {2,}display help for command\s*$/,
    behaviour: {
      optionAbbreviations: false,
      commandAbbreviations: false,
      caseSensitive: true,
      grouping: true,
      doubleHyphen: 'ends-options',
    },
  },
  {
    // Another one, which writes the type of each option at the right margin.
    pattern: /^\s*(?:-h, )?--help {2,}Show help {2,}\[boolean\]\s*$/,
    behaviour: {
      optionAbbreviations: false,
      commandAbbreviations: false,
      caseSensitive: true,
      grouping: true,
    },
  },
];
