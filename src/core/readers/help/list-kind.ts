import type { Section } from './headings.ts';
import { ALIASES_HEADING } from './own-aliases.ts';
import { columnAt } from './text-line.ts';
import type { UsageSummary } from './usage.ts';
import { findWordEntries, type WordEntry } from './word-entries.ts';

/** What the words of a list are; `none` where the lines of a section are no list of words. */
export type ListKind = 'commands' | 'operands' | 'environment' | 'exit' | 'none';

/** Headings over the name of what the text is about, and over other names: `Name`, `Configuration files (the first that is found)`. */
const HOLDS_NO_COMMANDS =
  /^(?:name|(?:command )?alias(?:es)?|description|version)$|\bfiles(?: \([^()]{1,80}\))?$/i;

/**
 * What kind of list a section holds: what its heading announces; else operands, where the synopses show its words as such; else
 * commands, where a synopsis has a place for one, or the lines begin with the name of the program.
 */
export function listKind(section: Section, usage: UsageSummary, program: string): ListKind {
  const { kind, heading, headingLine } = section;
  if (kind === 'commands' && (areRepeated(section) || ALIASES_HEADING.test(heading))) return 'none';
  if (kind === 'commands' || kind === 'operands' || kind === 'environment' || kind === 'exit') return kind;
  if ((kind === 'other' || kind === 'options') && (namesOperands(section, usage) || namesKeywords(section)))
    return 'operands';
  if (kind !== 'other') return 'none';
  // Where nothing is called usage, the list of command lines stands for it.
  const hasCommands =
    usage.commandPlace !== undefined || (usage.readings.length === 0 && namesOwnPath(section, [program]));
  const mayBeCommands =
    hasCommands &&
    !HOLDS_NO_COMMANDS.test(heading) &&
    (headingLine !== undefined ||
      namesOwnPath(section, [program, ...usage.path]) ||
      isAnnounced(section, usage));
  return mayBeCommands && isMostlyEntries(section) ? 'commands' : 'none';
}

/** A shorter list is no table. */
const MIN_ROWS = 4;

/** Whether a list has each of its words twice or more in the mean: the rows of a table begin with what they have in common. */
function areRepeated({ lines }: Section): boolean {
  const heads = findWordEntries(lines).map(head);
  return heads.length >= MIN_ROWS && new Set(heads).size * 2 <= heads.length;
}

/**
 * Whether at most half of the lines are passed over by the entries between them, and at least half of the texts begin at one column. In running
 * text a wide blank, or a short line, makes an entry here and there.
 */
function isMostlyEntries({ lines }: Section): boolean {
  const entries = findWordEntries(lines);
  const taken = new Set(
    entries.flatMap(({ line, pieces }) => [line.index, ...pieces.map((piece) => piece.line.index)]),
  );
  const indent = entries.reduce((least, { line }) => Math.min(least, line.indent), Number.POSITIVE_INFINITY);
  // What stands further left is no part of the list.
  const filled = lines.filter((line) => !line.blank && line.indent >= indent);
  // Behind a mark (`open - open it`) texts need not begin at one column.
  const columns = entries.flatMap(({ line, pieces: [text] }) => {
    const isBehindGutter = text?.line === line && /\s{2}$|\t$/.test(line.text.slice(0, text.start).slice(-2));
    return isBehindGutter ? [columnAt(line, text.start)] : [];
  });
  const isAligned = mostOften(columns) * 2 >= columns.length;
  return entries.length === 0 || (taken.size * 2 >= filled.length && (columns.length === 0 || isAligned));
}

/** How often the number stands in a list that stands there most often. */
function mostOften(numbers: readonly number[]): number {
  const counts = new Map<number, number>();
  for (const number of numbers) counts.set(number, (counts.get(number) ?? 0) + 1);
  return [...counts.values()].reduce((most, count) => Math.max(most, count), 0);
}

/** So many lines that begin with the words of the program are its commands. */
const MIN_OWN = 2;

/** Whether so many lines of a list, and all of them, begin with the program and its path, and go on: `tiffin box list`, `tiffin box open <day>`. */
export function namesOwnPath({ lines }: Section, words: readonly string[], least = MIN_OWN): boolean {
  const own = `${words.join(' ')} `;
  const filled = lines.filter(({ blank }) => !blank);
  const first = filled.find(({ indent }) => indent > 0) ?? filled[0];
  const heads = filled.filter(({ indent }) => indent === first?.indent);
  return heads.length >= least && heads.every(({ text, first: at }) => text.startsWith(own, at));
}

/** Whether a list without a heading stands right below a synopsis, or below a sentence that leads to commands and ends in a colon. */
function isAnnounced({ lines }: Section, usage: UsageSummary): boolean {
  const first = findWordEntries(lines).find(({ line, pieces }) => pieces.length > 0 && line.indent > 0)?.line;
  if (first === undefined) return false;
  const at = lines.indexOf(first);
  const above = lines.slice(0, at).findLast(({ blank }) => !blank);
  // The lines of a section do not hold the synopses.
  const isBehindBlank = lines[at - 1]?.blank && lines[at - 1]?.index === first.index - 1;
  if (usage.lines.taken.has(first.index - (isBehindBlank ? 2 : 1))) return true;
  return above?.text.endsWith(':') === true && above.indent < first.indent;
}

/** Whether most words of a list are operands that the synopses show. */
function namesOperands({ lines }: Section, usage: UsageSummary): boolean {
  const shown = shownOperands(usage);
  if (shown.size === 0) return false;
  const entries = findWordEntries(lines);
  const known = entries.filter((entry) => shown.has(bareOperand(head(entry))));
  return known.length > 0 && known.length * 2 >= entries.length;
}

/** `if=FILE`: a keyword operand, as `dd` has them. */
export const KEYWORD_OPERAND = /^([a-z_][\w-]{0,40}:?)=(?=[\w<[{])/;

/** A single line of that form may be an example. */
const MIN_KEYWORDS = 2;

/** Whether nearly all words of a list are keyword operands with their texts. */
function namesKeywords({ lines }: Section): boolean {
  const entries = findWordEntries(lines);
  const keywords = entries.filter((entry) => entry.pieces.length > 0 && KEYWORD_OPERAND.test(head(entry)));
  return keywords.length >= MIN_KEYWORDS && keywords.length * 8 >= entries.length * 7;
}

/** The operands that the synopses show, as `bareOperand` has them. */
export function shownOperands({ readings }: UsageSummary): ReadonlySet<string> {
  return new Set(readings.flatMap(({ form }) => form.operands.map(({ name }) => bareOperand(name))));
}

function head({ line, start, end }: WordEntry): string {
  return line.text.slice(start, end);
}

/** A placeholder without brackets, dots and case. */
export function bareOperand(placeholder: string): string {
  const bare = placeholder.toLowerCase().replace(/[<>[\]]|(?:\.{2,3}|…)/g, '');
  // Greedy, so that blanks and colons are looked for from the end only.
  return /^.*[^\s:]/s.exec(bare)?.[0] ?? '';
}
