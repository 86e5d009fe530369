import type { FishWord } from '../../../shells/fish-words.ts';
import type { Source } from '../../../source/source.ts';
import { TextBuilder } from '../../../source/text-builder.ts';
import type { UsageText } from '../../reading.ts';
import { fillFormat } from '../printf-format.ts';
import { bestUsage, type UsageDraft } from '../usage-score.ts';
import { type FishCommand, type FishNode, type FishTree, listsOf, writtenWord } from './fish-tree.ts';

/** The text that a script of fish prints about its own use: what `echo` and `printf` print in a row. */
export function fishUsage(tree: FishTree, source: Source): UsageText | undefined {
  const drafts = [tree.main, ...tree.functions.values()].flatMap((nodes) => draftsOf(nodes, source));
  return bestUsage(drafts);
}

function draftsOf(nodes: readonly FishNode[], source: Source): UsageDraft[] {
  const drafts: UsageDraft[] = [];
  let current: UsageDraft | undefined;
  for (const node of nodes) {
    const printed = node.kind === 'command' ? printedBy(node, source) : undefined;
    if (printed !== undefined) {
      if (current === undefined) {
        current = { text: new TextBuilder(source), isPart: false };
        drafts.push(current);
      }
      current.text.append(printed);
    } else if (node.kind !== 'command' || !isSilent(node)) {
      current = undefined;
    }
    for (const list of listsOf(node)) for (const draft of draftsOf(list, source)) drafts.push(draft);
  }
  return drafts;
}

/** Whether a command prints nothing that could belong to the text. */
function isSilent({ words }: FishCommand): boolean {
  return /^(?:set|test|\[|true|false|math|cd)$/.test(words[0]?.texts[0] ?? '');
}

function printedBy({ words }: FishCommand, source: Source): TextBuilder | undefined {
  const [name, ...given] = words;
  const called = name?.texts[0];
  if (name === undefined || (called !== 'echo' && called !== 'printf')) return undefined;
  const text = new TextBuilder(source);
  if (called === 'printf') {
    const [format, ...values] = given;
    if (format === undefined) return undefined;
    fillFormat(
      text,
      (format.texts[0] ?? '').replace(ESCAPE, (found) => ESCAPED[found] ?? found),
      format.place.start,
      values.flatMap((word) => word.texts.map((value) => ({ text: value, pos: word.place.start }))),
    );
    return text;
  }
  let at = 0;
  while (/^-[nseE]+$/.test(given[at]?.texts[0] ?? '')) at++;
  const flags = given
    .slice(0, at)
    .map(({ texts }) => texts[0] ?? '')
    .join('');
  for (const [i, word] of given.slice(at).entries()) {
    if (i > 0) text.put(' ', word.place.start);
    copyWord(word, flags.includes('e'), text);
  }
  if (!flags.includes('n')) text.put('\n', (words.at(-1) ?? name).place.end - 1);
  return text;
}

const ESCAPE = /\\[nt\\]/g;
const ESCAPED: Readonly<Record<string, string>> = { '\\n': '\n', '\\t': '\t', '\\\\': '\\' };

/** Copies a word so that each of its units keeps its place: what is written differs from it by quotes and backslashes only. */
function copyWord(word: FishWord, readsEscapes: boolean, text: TextBuilder): void {
  const written = writtenWord(word);
  const said = word.texts.join(' ');
  let at = 0;
  let from = 0;
  for (const { 0: piece, index } of said.matchAll(readsEscapes ? /\\[nt\\]|./gsu : /./gsu)) {
    const found = written.indexOf(piece, at);
    // What an expansion put there stands where the word does.
    if (found >= 0 && found - at <= SKIPPED) at = found;
    const escaped = piece.length > 1 ? ESCAPED[piece] : undefined;
    if (escaped === undefined) text.copy(piece, word.place.start + at);
    else text.put(escaped, word.place.start + at);
    at = Math.min(at + piece.length, Math.max(written.length - 1, 0));
    from = index + piece.length;
  }
  if (from < said.length) text.put(said.slice(from), word.place.start);
}

/** So many characters of what is written stand for nothing, at most, between two that are printed. */
const SKIPPED = 3;
