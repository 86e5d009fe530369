import { COMMAND_WORDS, EXAMPLE_WORDS, OPERAND_WORDS, OPTION_WORDS } from './heading-words.ts';

/** What a heading says that it stands above. */
export type HeadingKind =
  | 'options'
  | 'commands'
  | 'operands'
  | 'usage'
  | 'examples'
  | 'defaults'
  | 'environment'
  | 'exit'
  | 'other';

/** `Examples`, `For example`, `Example of use`; but not `Example folders may be given as well`, where it says of what kind a thing is. */
const EXAMPLES =
  /\bexamples\b|\bexample$|\bexamples?(?:\s+(?:of|for|to|with|use|usages?|uses|commands?|command lines?|calls?|invocations?|sessions?|output)\b|:)/i;

/** `Example string option`: what stands below is one. */
const ONE_EXAMPLE = /^example(?: (?!may\b|can\b|is\b|are\b|will\b)[a-z-]+){1,3}$/i;

/** `To get help for a command use one of:` leads to command lines. */
const LEADS_TO_CALLS =
  /^(?:to|for) (?:\S+ )+(?:use|run|type|try|enter|call|execute)(?: one of)?(?: (?:the )?following)?$/i;

/** `Environment`, `Environment variables`; but not `Build environment options`, `Options (and the variables of the environment for them)`. */
const ENVIRONMENT = /^(?!.*\b(?:options?|flags)\b).*\benvironment\b/i;

/** What a heading announces, by its words. */
export function headingKind(heading: string): HeadingKind {
  if (/^(?:usage|synopsis)\b/i.test(heading)) return 'usage';
  if (ONE_EXAMPLE.test(heading) || LEADS_TO_CALLS.test(heading)) return 'examples';
  if (/^defaults?$/i.test(heading)) return 'defaults';
  if (EXAMPLES.test(heading)) return 'examples';
  if (ENVIRONMENT.test(heading)) return 'environment';
  if (/^(?:exit|return)\b.*\b(?:status|statuses|codes?|values?)\b/i.test(heading)) return 'exit';
  // As a printer of many programs called them.
  if (/\b(?:options?|flags?|switches)\b|^optional arguments$/i.test(heading)) return 'options';
  // `The box argument can be one of` leads to its values.
  if (/\bargument (?:is|can|may|must|should)\b/i.test(heading)) return 'other';
  if (/\b(?:arguments?|args|operands?|positionals?)\b|\bparameters$/i.test(heading)) return 'operands';
  if (
    /\b(?:sub-?commands?|commands?|subcmds?|verbs|actions)\b/i.test(heading) &&
    !/\bcommand[- ]line\b/i.test(heading)
  ) {
    return 'commands';
  }
  return KINDS_IN_OTHER_LANGUAGES.find(([pattern]) => pattern.test(heading))?.[1] ?? 'other';
}

const inOtherLanguages = (words: string) => new RegExp(`(?:^|[\\s(])(?:${words})(?:$|[\\s:(])`, 'iu');

const KINDS_IN_OTHER_LANGUAGES: readonly (readonly [RegExp, HeadingKind])[] = [
  [inOtherLanguages(EXAMPLE_WORDS), 'examples'],
  [inOtherLanguages(OPTION_WORDS), 'options'],
  [inOtherLanguages(OPERAND_WORDS), 'operands'],
  [inOtherLanguages(COMMAND_WORDS), 'commands'],
];
