import type { SynopsisNode } from './synopsis.ts';

/** A word that stands for itself: a command, a value, or an operand written in lower case. */
export const LITERAL = /^[a-z0-9][\w.:+-]*$/;
/** A placeholder for the options. */
export const ANY_OPTIONS = /^[<[]*(?:[\w-]+[-_ ])?(?:options?|option\(s\)|flags?|switches|opts)\??[>\]]*$/i;
/** A placeholder for a subcommand. */
export const ANY_COMMAND = /^[<]?(?:sub-?)?(?:commands?|cmd)[>]?$/i;

/** Whether a node is a placeholder for the options: `[OPTION]...`. */
export function isAnyOptions(node: SynopsisNode | undefined): boolean {
  if (node?.kind === 'repeat' || node?.kind === 'optional') return isAnyOptions(node.body);
  return node?.kind === 'word' && ANY_OPTIONS.test(node.text);
}

/** Whether words end in a placeholder for the options: `[emulation options]`. */
export function namesOptions(node: SynopsisNode): boolean {
  const last = node.kind === 'sequence' ? node.items.at(-1) : undefined;
  return (
    node.kind === 'sequence' &&
    node.items.every((item) => item.kind === 'word' && !item.text.startsWith('-')) &&
    last?.kind === 'word' &&
    ANY_OPTIONS.test(last.text)
  );
}

/** Whether a node is two or three plain words in lower case, the last of which may be repeated: `input file...`. */
export function isPhrase(node: SynopsisNode): boolean {
  if (node.kind !== 'sequence' || node.items.length < 2 || node.items.length > 3) return false;
  return node.items.every((item, i) => {
    const word = item.kind === 'repeat' && i === node.items.length - 1 ? item.body : item;
    return word.kind === 'word' && word.joined === undefined && /^[a-z]{2,}$/.test(word.text);
  });
}
