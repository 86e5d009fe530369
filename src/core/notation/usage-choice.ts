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
