import { type SynopsisNode, startOf } from './synopsis.ts';
import { ANY_COMMAND, isAnyOptions, LITERAL, namesOptions } from './usage-words.ts';

export type Word = SynopsisNode & { readonly kind: 'word' };

/** Words of a path that stand behind options, and how many items of the synopsis they and the options are. */
interface PathBehind {
  readonly words: readonly NamedWord[];
  readonly taken: number;
}

export const NO_PATH: PathBehind = { words: [], taken: 0 };

/** Whether a bracket with the options of a command begins: `[OPTIONS]`, `[-h]`, `[FLAGS]`. */
function beginsOptions(node: SynopsisNode | undefined): boolean {
  if (isAnyOptions(node)) return true;
  return node?.kind === 'optional' && node.body.kind === 'word' && /^(?:-h|--help)$/.test(node.body.text);
}

/** A word of a path, and other names that a bar puts beside it. */
interface NamedWord {
  readonly word: Word;
  readonly others: readonly Word[];
}

/** The words of a choice that are all names, `move|mv`; undefined where one of them is none. */
function namesOfChoice({ alternatives }: SynopsisNode & { readonly kind: 'choice' }): Word[] | undefined {
  const words = alternatives.filter((one): one is Word => one.kind === 'word' && LITERAL.test(one.text));
  return words.length === alternatives.length ? words : undefined;
}

function startOfItem(node: SynopsisNode | undefined): number | undefined {
  return node === undefined ? undefined : startOf(node);
}

/**
 * More words of the path behind options that must be given above it: `tiffin --ledger FILE box [OPTIONS]`. They are known by the bracket with
 * the options of the command, right behind the last of them.
 */
export function pathBehindOptions(items: readonly SynopsisNode[], from: number): PathBehind {
  const words: NamedWord[] = [];
  let at = from;
  // What may follow an option: its argument, and behind that more of the same in a bracket.
  let expected: 'argument' | 'more' | undefined;
  for (; at < items.length && !beginsOptions(items[at]); at++) {
    const item = items[at];
    const unrepeated = item?.kind === 'repeat' ? item.body : item;
    const spelled = unrepeated?.kind === 'choice' ? namesOfChoice(unrepeated) : undefined;
    const node = spelled?.[0] ?? unrepeated;
    const isOption = node?.kind === 'word' && /^--?\w/.test(node.text);
    if (isOption) {
      expected = node.text.includes('=') ? undefined : 'argument';
    } else if (expected !== undefined && node?.kind === 'optional') {
      expected = undefined;
    } else if (expected === 'argument' && node?.kind === 'word') {
      expected = 'more';
    } else if (node?.kind === 'word' && LITERAL.test(node.text)) {
      words.push({ word: node, others: spelled?.slice(1) ?? [] });
      expected = undefined;
    } else return NO_PATH;
  }
  const isLast = words.at(-1)?.word.start === startOfItem(items[at - 1]);
  const isPath = at < items.length && isLast && words.length < at - from;
  return isPath ? { words, taken: at - from } : NO_PATH;
}

/** Whether a node is a bracket around words for all options: `[global options]`. */
function isOptionsBracket(node: SynopsisNode | undefined): boolean {
  return node?.kind === 'optional' && (isAnyOptions(node) || namesOptions(node.body));
}

/** Whether a node is a bracket around an option: `[-v]`, `[--quay <name>]`. */
function isOptionInBracket(node: SynopsisNode | undefined): boolean {
  if (node?.kind === 'optional') return isOptionInBracket(node.body);
  const first =
    node?.kind === 'sequence' ? node.items[0] : node?.kind === 'choice' ? node.alternatives[0] : node;
  return first?.kind === 'word'
    ? /^--?\w/.test(first.text)
    : first?.kind === 'choice' && isOptionInBracket(first);
}

function isLiteral(node: SynopsisNode): node is Word {
  return (
    node.kind === 'word' &&
    node.joined === undefined &&
    LITERAL.test(node.text) &&
    !ANY_COMMAND.test(node.text)
  );
}

/**
 * Words of the path behind brackets with the options above it: `tiffin [global options] send [command options] BOX`, where a second bracket for all
 * options follows, and `tiffin [-v] send BOX`, where the title has the same words.
 */
export function pathBehindBrackets(
  items: readonly SynopsisNode[],
  from: number,
  titled: readonly string[],
): PathBehind {
  let at = from;
  while (isOptionsBracket(items[at]) || isOptionInBracket(items[at])) at++;
  const isByOptions = at === from + 1 && isOptionsBracket(items[from]);
  if (at === from) return NO_PATH;
  const words: NamedWord[] = [];
  for (let item = items[at]; item !== undefined && isLiteral(item); item = items[at]) {
    words.push({ word: item, others: [] });
    at++;
  }
  const path = words.map(({ word }) => word.text).join(' ');
  const isTitled = path === titled.join(' ') || path === titled.slice(1).join(' ');
  const isPath = words.length > 0 && (isTitled || (isByOptions && isOptionsBracket(items[at])));
  return isPath ? { words, taken: at - from } : NO_PATH;
}
