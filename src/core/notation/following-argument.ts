import type { Count } from '../model/argument.ts';
import type { KnownOptions } from './known-options.ts';
import { nameOneValue } from './placeholder-phrase.ts';
import { asValues } from './scanned-word.ts';
import { endOf, type SynopsisNode, startOf } from './synopsis.ts';
import { valuesInAngles } from './usage-choice.ts';

/** A word of an option's argument, by its offsets in the synopsis. */
export interface FollowingWord {
  readonly text: string;
  /** The values that a choice lists (`{on|off}`); undefined where it lists placeholders, or there is none. */
  readonly values: readonly string[] | undefined;
  readonly start: number;
  readonly end: number;
}

/** The placeholder that follows an option as its argument. */
export interface FollowingArgument extends FollowingWord {
  readonly optional: boolean;
  /** The words of the argument behind the first: `[--size WIDTH HEIGHT]`. */
  readonly others: readonly FollowingWord[];
  /** How often its last word may come, `DAY [DAY ...]`; undefined where that is not shown. */
  readonly count: Count | undefined;
}

/** `DAY [DAY ...]` */
const ANY_MORE: Count = { least: 1, most: null };
/** `[DAY ...]` */
const ANY: Count = { least: 0, most: null };
/** `[DAY]` */
const AT_MOST_ONE: Count = { least: 0, most: 1 };

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
    if (inner === undefined) return undefined;
    // `[TAG ...]`
    return { ...inner, optional: true, count: node.body.kind === 'repeat' ? ANY : inner.count };
  }
  // `[n [n ...]]`: any number of one word.
  if (node.kind === 'sequence') {
    const [first, second, ...others] = node.items;
    const argument = followingArgument(first, context, text);
    if (argument === undefined) return undefined;
    if (others.length === 0 && isMoreOf(second, argument, false)) return { ...argument, count: ANY_MORE };
    // `[-q [quay name]]`: in a bracket with the option, all of it is what the option takes.
    const { argument: whole, next } = withMore(argument, node.items, 1, context.bracketed, text);
    return context.bracketed && next === node.items.length ? whole : undefined;
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
  // `-k "box list"`
  return single(node.text.replace(/^(["'])([^"']+)\1$/, '$2'), values, node);
}

/** An argument of one word. */
function single(
  text: string,
  values: readonly string[] | undefined,
  { start, end }: { readonly start: number; readonly end: number },
): FollowingArgument {
  return { text, values, start, end, optional: false, others: [], count: undefined };
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
  return single(alternatives.join('|'), values, node);
}

/**
 * An argument with what follows its first word, from an index on, and belongs to it: `[DAY ...]` behind `DAY`, and all that stands in a bracket
 * with the option. Gives it with the index behind what was taken.
 */
export function withMore(
  first: FollowingArgument,
  items: readonly SynopsisNode[],
  from: number,
  isBracketed: boolean,
  text: string,
): { readonly argument: FollowingArgument; readonly next: number } {
  const others: FollowingWord[] = [];
  let { count } = first;
  let next = from;
  for (let node = items[next]; node !== undefined; node = items[++next]) {
    if (isMoreOf(node, first, isBracketed)) count ??= ANY_MORE;
    else if (isBracketed && isPlainWord(node)) others.push(wordAt(node));
    else if (isBracketed && node.kind === 'optional' && isPlainWord(node.body)) {
      // `[-f near [far]]`
      others.push(wordAt(node.body));
      count = AT_MOST_ONE;
    } else if (!isBracketed || !isRemark(node)) break;
  }
  const last = others.at(-1);
  // `[-l log file]`
  if (last !== undefined && nameOneValue([first, ...others].map((word) => word.text)))
    return { argument: { ...first, text: text.slice(first.start, last.end), end: last.end, count }, next };
  return { argument: { ...first, others, count }, next };
}

function isPlainWord(node: SynopsisNode): node is SynopsisNode & { kind: 'word' } {
  return node.kind === 'word' && /^<|^[A-Za-z][\w-]*$/.test(node.text);
}

function wordAt({ text, start, end }: SynopsisNode & { kind: 'word' }): FollowingWord {
  return { text, values: undefined, start, end };
}

/** `[-k band size (for wide ones)]` */
function isRemark(node: SynopsisNode): boolean {
  return node.kind === 'sequence' && node.items.every((item) => item.kind === 'word');
}

/** Whether a node is `[DAY ...]` behind the argument `DAY`, or, inside a bracket with the option, `[OTHER ...]`. */
function isMoreOf(
  node: SynopsisNode | undefined,
  argument: FollowingArgument,
  isBracketed: boolean,
): boolean {
  if (node?.kind !== 'optional' || node.body.kind !== 'repeat') return false;
  const { body } = node.body;
  return body.kind === 'word' && (isBracketed || body.text === argument.text);
}
