import type { KnownOptions } from './known-options.ts';
import { asValues } from './scanned-word.ts';
import { endOf, type SynopsisNode, startOf } from './synopsis.ts';
import { valuesInAngles } from './usage-choice.ts';

/** The placeholder that follows an option as its argument, by its offsets in the synopsis. */
export interface FollowingArgument {
  readonly text: string;
  /** The values that a choice lists (`{on|off}`); undefined where it lists placeholders, or there is none. */
  readonly values: readonly string[] | undefined;
  readonly optional: boolean;
  readonly start: number;
  readonly end: number;
}

/**
 * Whether a node is an option, or a choice of options, without an argument of its own. In a bracket with them, what follows several letters is the
 * argument of each: `[-x|-y <box>]`.
 */
export function takesFollowing(node: SynopsisNode, known: KnownOptions, isBracketed: boolean): boolean {
  if (node.kind === 'choice')
    return (
      !areTwoLong(node.alternatives) &&
      (isBracketed || !areLetters(node.alternatives)) &&
      node.alternatives.every((one) => takesFollowing(one, known, isBracketed))
    );
  return (
    node.kind === 'word' &&
    !known.flags.has(node.text) &&
    node.joined === undefined &&
    /^--?[A-Za-z0-9?]/.test(node.text) &&
    !/[=<]/.test(node.text)
  );
}

/** `(--open | --shut) <box>`: long names that are no spellings of one option, as `--address|--addr` are. */
function areTwoLong(nodes: readonly SynopsisNode[]): boolean {
  const long = nodes.flatMap((node) =>
    node.kind === 'word' && node.text.startsWith('--') ? [node.text] : [],
  );
  const [first = '', ...others] = long;
  return others.some((other) => !other.startsWith(first) && !first.startsWith(other));
}

/** `(-x | -y) <box>`: letters are no spellings of one option. */
function areLetters(nodes: readonly SynopsisNode[]): boolean {
  return nodes.every((node) => node.kind === 'word' && /^-[A-Za-z0-9]$/.test(node.text));
}

/** Whether a node is an option, or the spellings of one, that is known to take the argument that follows; one that it may take stands in a bracket. */
export function isTaker(
  node: SynopsisNode,
  following: SynopsisNode | undefined,
  known: KnownOptions,
): boolean {
  if (node.kind === 'choice') return node.alternatives.some((one) => isTaker(one, following, known));
  if (node.kind !== 'word') return false;
  return (
    known.takers.has(node.text) || (known.possibleTakers.has(node.text) && following?.kind === 'optional')
  );
}

/**
 * The placeholder that follows an option as its argument; undefined where an operand follows. In a bracket with the option, or behind
 * one that must have it, a word in small letters is one too.
 */
export function followingArgument(
  node: SynopsisNode | undefined,
  context: { readonly bracketed: boolean },
  text: string,
): FollowingArgument | undefined {
  if (node === undefined) return undefined;
  if (node.kind === 'repeat') return followingArgument(node.body, context, text);
  if (node.kind === 'optional') {
    const inner =
      context.bracketed || node.body.kind === 'choice'
        ? followingArgument(node.body, context, text)
        : undefined;
    return inner === undefined ? undefined : { ...inner, optional: true };
  }
  // `[n [n ...]]`: any number of one word.
  if (node.kind === 'sequence') {
    const [first, second, ...others] = node.items;
    const argument = followingArgument(first, context, text);
    const isMore = others.length === 0 && argument !== undefined && isMoreOf(second, argument, false);
    return isMore ? argument : undefined;
  }
  // Outside of brackets, `--mode a|b`: an option that must be given means nothing without its value.
  if (node.kind === 'choice') {
    const argument = choiceArgument(node, text);
    const isArgument =
      context.bracketed || argument?.values !== undefined || node.alternatives.some(isMarked);
    return isArgument ? argument : undefined;
  }
  if (node.kind !== 'word' || node.text.startsWith('-') || node.joined !== undefined) return undefined;
  if (!isMarked(node) && !context.bracketed) return undefined;
  // `{1,2,3}`
  const isInBraces = text[node.start - 1] === '{' && text[node.end] === '}';
  const values = isInBraces ? asValues(node.text.split(','), true) : valuesInAngles(node.text);
  return { text: node.text, values, optional: false, start: node.start, end: node.end };
}

/** Whether a word is a placeholder by its angle brackets or capitals. */
function isMarked(node: SynopsisNode): boolean {
  return node.kind === 'word' && /^<|^[A-Z][A-Z0-9_=:,.-]*$/.test(node.text);
}

/** `{on|off}`, `{[+]BOXES|all}`: no alternative is an option. */
function choiceArgument(
  node: SynopsisNode & { kind: 'choice' },
  text: string,
): FollowingArgument | undefined {
  const alternatives = node.alternatives.map((part) => text.slice(startOf(part), endOf(part)));
  if (alternatives.some((part) => part === '' || part.startsWith('-'))) return undefined;
  const values = asValues(alternatives, /\{\s*$/.test(text.slice(Math.max(0, node.start - 2), node.start)));
  return { text: alternatives.join('|'), values, optional: false, start: node.start, end: node.end };
}

/** Whether a node is `[DAY ...]` behind the argument `DAY`, or, inside a bracket with the option, `[OTHER ...]`. */
export function isMoreOf(
  node: SynopsisNode | undefined,
  argument: FollowingArgument,
  isBracketed: boolean,
): boolean {
  // `(-l BOX | -e BOX FOLDER)`, `[-f other file]`: what stands in a bracket with an option is its own.
  if (isBracketed && node?.kind === 'word') return /^<|^[A-Za-z][\w-]*$/.test(node.text);
  // `[-k band size (for wide ones)]`
  if (isBracketed && node?.kind === 'sequence') return node.items.every((one) => one.kind === 'word');
  if (node?.kind !== 'optional' || node.body.kind !== 'repeat') return false;
  const { body } = node.body;
  return body.kind === 'word' && (isBracketed || body.text === argument.text);
}
