import type { TextEdit } from '../edits/text-edits.ts';
import type { Span } from '../source/source.ts';
import type { DocumentNode, MappingEntry, MappingNode, ScalarNode } from './document-node.ts';
import type { PlacedEntry } from './placed-entries.ts';

/** How values are written in one line of a document: as YAML in flow style, or as JSON. */
export interface FlowWriter {
  /** A value, as it may stand within brackets and braces. */
  readonly write: (value: FlowValue) => string;
  /** Whether the document is in JSON, so that keys need quotes. */
  readonly isJson: boolean;
}

/** A value that is written in one line. */
export type FlowValue = string | number | boolean | readonly FlowValue[] | FlowMap;

/** Keys and what they are to say; what is a mapping on both sides is put together. */
export type FlowMap = ReadonlyMap<string, FlowValue>;

/**
 * Edits that make an entry say more, or otherwise. `short` is the key that a text in place of a mapping stands for; undefined for an entry that has
 * none. Undefined where the document is written in a way that leaves no sure place.
 */
export function entryEdits(
  { entry, mapping }: Pick<PlacedEntry, 'entry' | 'mapping'>,
  says: FlowMap,
  short: string | undefined,
  writer: FlowWriter,
): TextEdit[] | undefined {
  const node = entry.value;
  if (node.kind === 'mapping') return mappingEdits(node, says, writer);
  if (node.kind === 'nothing' && node.place.end === node.place.start) {
    const colon = colonBehind(entry.key);
    return colon === undefined ? undefined : [insertion(node.place, colon + 1, ` ${writer.write(says)}`)];
  }
  if (node.kind === 'list' || short === undefined) return undefined;
  return isInFlow(mapping)
    ? withShortInFlow(node, short, says, writer)
    : withShortInBlock(entry, node, short, says, writer);
}

/** Edits that make a mapping say more, or otherwise. */
export function mappingEdits(
  mapping: MappingNode,
  says: FlowMap,
  writer: FlowWriter,
): TextEdit[] | undefined {
  const edits: TextEdit[] = [];
  const added: [string, FlowValue][] = [];
  for (const [key, value] of says) {
    const entry = mapping.entries.find((one) => one.key.text === key);
    if (entry === undefined) {
      added.push([key, value]);
      continue;
    }
    const isBoth = value instanceof Map && entry.value.kind === 'mapping';
    const own = isBoth
      ? entryEdits({ entry, mapping }, value as FlowMap, undefined, writer)
      : replaced(entry.value, value, writer);
    if (own === undefined) return undefined;
    for (const edit of own) edits.push(edit);
  }
  if (added.length > 0)
    edits.push(
      isInFlow(mapping) ? addedInFlow(mapping, added, writer) : addedInBlock(mapping, added, writer),
    );
  return edits;
}

/** Edits that give a text another one: the part that differs, where the text stands there as it is. */
export function textChange(node: ScalarNode, to: string, writer: FlowWriter): TextEdit[] | undefined {
  const { text, placed, place } = node;
  let start = 0;
  while (start < text.length && start < to.length && text[start] === to[start]) start++;
  let end = 0;
  const most = Math.min(text.length, to.length) - start;
  while (end < most && text[text.length - 1 - end] === to[to.length - 1 - end]) end++;
  const exact = placed.span(start, text.length - end);
  const isExact = exact.end - exact.start === text.length - end - start;
  const added = to.slice(start, to.length - end);
  // What is only added at the end stands before the closing quote, however the text before it is written.
  if (start === text.length) return [insertion(place, closingQuote(place), added)];
  return isExact && isPlain(added) ? [{ place: exact, text: added }] : [{ place, text: writer.write(to) }];
}

/** Where the text within a scalar ends: before a closing quote, if it has one. */
function closingQuote({ source, start, end }: Span): number {
  const first = source.text[start];
  return (first === '"' || first === "'") && source.text[end - 1] === first ? end - 1 : end;
}

/** Whether a text means itself within any quotes and without. */
function isPlain(text: string): boolean {
  return !/["'\\:#\n]/.test(text);
}

/** Whether a mapping stands in braces. */
export function isInFlow({ place }: MappingNode): boolean {
  return place.source.text[place.start] === '{';
}

function replaced(node: DocumentNode, value: FlowValue, writer: FlowWriter): TextEdit[] | undefined {
  if (node.place.end === node.place.start) return undefined;
  return [{ place: node.place, text: writer.write(value) }];
}

function keyText(key: string, writer: FlowWriter): string {
  return writer.isJson ? writer.write(key) : key;
}

function pairTexts(pairs: Iterable<readonly [string, FlowValue]>, writer: FlowWriter): string[] {
  return [...pairs].map(([key, value]) => `${keyText(key, writer)}: ${writer.write(value)}`);
}

function addedInFlow(node: MappingNode, added: [string, FlowValue][], writer: FlowWriter): TextEdit {
  const { source, start, end } = node.place;
  let at = end - 1;
  while (at > start + 1 && /\s/.test(source.text[at - 1] ?? '')) at--;
  const before = source.text[at - 1];
  const last = node.entries.at(-1)?.key.place.start ?? start;
  const indent = indentOf(source.text, last);
  const isOwnLine = node.entries.length > 0 && source.text.slice(0, last).endsWith(`\n${indent}`);
  const joint = isOwnLine ? `,\n${indent}` : ', ';
  const first = before === '{' ? '' : before === ',' ? joint.slice(1) : joint;
  return insertion(node.place, at, first + pairTexts(added, writer).join(joint));
}

function addedInBlock(node: MappingNode, added: [string, FlowValue][], writer: FlowWriter): TextEdit {
  const { text } = node.place.source;
  const first = node.entries[0]?.key.place.start ?? node.place.start;
  const indent = ' '.repeat(first - (text.lastIndexOf('\n', first - 1) + 1));
  const lines = pairTexts(added, writer).map((line) => `\n${indent}${line}`);
  return insertion(node.place, endOfLine(text, node.place.end), lines.join(''));
}

/** `{--x: text}` to `{--x: {help: text, key: value}}`. */
function withShortInFlow(
  { place }: ScalarNode,
  short: string,
  says: FlowMap,
  writer: FlowWriter,
): TextEdit[] {
  return [
    insertion(place, place.start, `{${keyText(short, writer)}: `),
    insertion(place, place.end, `, ${pairTexts(says, writer).join(', ')}}`),
  ];
}

/** `--x: text` to a mapping in lines of its own, whose further lines stand two columns more to the right. */
function withShortInBlock(
  entry: MappingEntry,
  { place }: ScalarNode,
  short: string,
  says: FlowMap,
  writer: FlowWriter,
): TextEdit[] | undefined {
  const { text } = place.source;
  const colon = colonBehind(entry.key);
  if (colon === undefined) return undefined;
  const gap = text.slice(colon + 1, place.start);
  // A text in lines of its own stays where it is, with the comments before it.
  const isBelow = gap.includes('\n');
  const start = isBelow ? place.start : entry.key.place.start;
  const column = start - (text.lastIndexOf('\n', start - 1) + 1);
  const indent = ' '.repeat(isBelow ? column : column + 2);
  const moved: TextEdit[] = [];
  for (let at = text.indexOf('\n', place.start); at >= 0 && at < place.end; at = text.indexOf('\n', at + 1))
    if (text[at + 1] !== '\n') moved.push(insertion(place, at + 1, '  '));
  const lines = pairTexts(says, writer).map((line) => `\n${indent}${line}`);
  const head = `${keyText(short, writer)}: `;
  return [
    isBelow
      ? insertion(place, place.start, head)
      : { place: { source: place.source, start: colon + 1, end: place.start }, text: `\n${indent}${head}` },
    ...moved,
    insertion(place, endOfLine(text, place.end), lines.join('')),
  ];
}

/** The offset of the colon behind a key; undefined for a key that is written otherwise. */
function colonBehind({ place }: ScalarNode): number | undefined {
  const { text } = place.source;
  let at = place.end;
  while (text[at] === ' ' || text[at] === '\t') at++;
  return text[at] === ':' ? at : undefined;
}

function insertion({ source }: Span, at: number, text: string): TextEdit {
  return { place: { source, start: at, end: at }, text };
}

function endOfLine(text: string, from: number): number {
  const end = text.indexOf('\n', from);
  const last = end < 0 ? text.length : end;
  return text[last - 1] === '\r' ? last - 1 : last;
}

function indentOf(text: string, at: number): string {
  const start = text.lastIndexOf('\n', at - 1) + 1;
  return /^[ \t]*/.exec(text.slice(start, at))?.[0] ?? '';
}
