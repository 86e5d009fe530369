import type { ParsingRules } from '../../model/parsing-rules.ts';

type Value<K extends keyof ParsingRules> = NonNullable<ParsingRules[K]>['value'];

/** What a parser does. */
type Behaviour = { readonly [K in keyof ParsingRules]?: Value<K> };

/** A sentence that a widespread parser prints into every help output, and how that parser behaves unless told otherwise. */
export interface ParserSentence {
  readonly pattern: RegExp;
  /** What the line above must look like, where the sentence alone does not tell. */
  readonly above?: RegExp;
  readonly behaviour: Behaviour;
}

const ONE_KIND_OF_NAME: Behaviour = {
  optionAbbreviations: false,
  longHyphens: 'one-or-two',
  caseSensitive: true,
  grouping: false,
  operandOrder: 'first-operand-ends-options',
  doubleHyphen: 'ends-options',
};

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
  // The parser of Go's standard library, by its heading or by how it lays out a list.
  { pattern: /^Usage of [^\s:]{1,200}:$/, behaviour: ONE_KIND_OF_NAME },
  { pattern: /^ {4}\t\S/, above: /^ {2}-\w[\w.-]{0,80}(?: \S{1,40})?$/, behaviour: ONE_KIND_OF_NAME },
  {
    // The parser of LLVM's tools.
    pattern: /^\s*--?help {1,40}(?:- )?Display available options \(--?help-hidden for more\)$/,
    behaviour: { optionAbbreviations: false, longHyphens: 'one-or-two', caseSensitive: true },
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
