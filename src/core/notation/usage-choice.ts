import { asValues } from './scanned-word.ts';
import type { SynopsisNode } from './synopsis.ts';
import { ANY_COMMAND, ANY_OPTIONS } from './usage-words.ts';

/** The alternatives of a choice where each is a word that is no option and no placeholder for options or a subcommand. */
export function plainWords(node: SynopsisNode & { kind: 'choice' }): string[] | undefined {
  const words = node.alternatives.map((one) => (one.kind === 'word' ? one.text : ''));
  const isPlain = words.every(
    (word) => /^(?:[<\w]|-$)/.test(word) && !ANY_OPTIONS.test(word) && !ANY_COMMAND.test(word),
  );
  return isPlain ? words : undefined;
}

/** `-p | --paint | -P | --no-paint`: each letter stands before its long name. */
export function arePairs(alternatives: readonly SynopsisNode[]): boolean {
  const isForm = (node: SynopsisNode, form: RegExp) => node.kind === 'word' && form.test(node.text);
  return (
    alternatives.length > 2 &&
    alternatives.length % 2 === 0 &&
    alternatives.every((one, i) => isForm(one, i % 2 === 0 ? /^-[^-]$/ : /^--\w/))
  );
}

/** A single letter, with or without an argument behind it. */
export function isBareLetter(node: SynopsisNode): boolean {
  const first = node.kind === 'sequence' ? node.items[0] : node;
  return first?.kind === 'word' && /^[a-z]$/i.test(first.text);
}

/** Whether a word is a letter once more, several times: `vv` beside `-v`. */
export function isLetterAgain(node: SynopsisNode, name: string): boolean {
  return (
    node.kind === 'word' && /^-(\w)$/.test(name) && node.text === name.charAt(1).repeat(node.text.length)
  );
}

/** The values of `<early|late>`, which stand for themselves; undefined where one of them is a placeholder, as in `<file|dir>`. */
export function valuesInAngles(text: string): string[] | undefined {
  const words = /^<([^<>]*\|[^<>]*)>$/.exec(text)?.[1]?.split(/ ?\| ?/) ?? [];
  // `hostName` is a placeholder.
  return words.some((word) => /[a-z][A-Z]/.test(word)) ? undefined : asValues(words, false);
}

/** `-i input -o output`: whether an option and the plain word behind it have another such pair beside them. */
export function isInPairs(items: readonly SynopsisNode[], at: number): boolean {
  const isPair = (i: number) =>
    isText(items[i], /^--?[A-Za-z][\w-]*$/) && isText(items[i + 1], /^[a-z][\w-]*$/);
  return isPair(at) && (isPair(at - 2) || isPair(at + 2));
}

function isText(node: SynopsisNode | undefined, form: RegExp): boolean {
  return node?.kind === 'word' && node.joined === undefined && form.test(node.text);
}
