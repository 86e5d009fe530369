import {
  type Document,
  isMap,
  isScalar,
  isSeq,
  type Node,
  type Pair,
  parseDocument,
  type YAMLMap,
  type YAMLSeq,
} from 'yaml';
import type { Interface } from '../../model/interface.ts';
import { saysTheSame } from '../../model/same.ts';
import { readOptionNotation } from '../../notation/option-notation.ts';
import { unplaced } from '../../notation/placed-text.ts';
import { readDocument } from '../../readers/document/read-document.ts';
import type { Problem } from '../../source/problem.ts';
import type { Source } from '../../source/source.ts';
import type { DocumentMap, DocumentValue } from './document-value.ts';
import { interfaceValue } from './interface-value.ts';
import { documentJson, documentYaml, layOut, shownYaml } from './write-document.ts';

/** What became of a document. */
export interface UpdatedDocument {
  /** The new text; undefined where the old one could not be read. */
  readonly text: string | undefined;
  /** What kept it from being updated in place. */
  readonly problems: readonly Problem[];
  /** Whether comments and order were kept; else the document was written anew. */
  readonly kept: boolean;
}

/**
 * Rewrites an interface document so that it says what an interface says, and keeps its comments, order and quoting: only what differs is
 * touched, though blanks within a line may be set anew. A document in JSON, and one whose aliases or headings stand in the way, is written anew.
 */
export function updateDocument(source: Source, to: Interface): UpdatedDocument {
  const { interface: cli, problems } = readDocument(source);
  if (cli === undefined || problems.length > 0) return { text: undefined, problems, kept: false };
  if (saysTheSame(cli, to)) return { text: source.text, problems, kept: true };
  if (/^\s*\{/.test(source.text)) return { text: documentJson(to), problems, kept: false };
  const document = parseDocument(source.text, { uniqueKeys: false });
  if (isMap(document.contents)) {
    new Patch(document).map(document.contents, interfaceValue(cli), interfaceValue(to), 'help');
    const padding = /[{[] \S/.test(source.text);
    const text = shownYaml(document, { lineWidth: 0, flowCollectionPadding: padding });
    const again = readDocument({ name: source.name, text });
    if (again.problems.length === 0 && saysTheSame(again.interface, to))
      return { text, problems, kept: true };
  }
  return { text: documentYaml(to), problems, kept: false };
}

/** Applies to the nodes of a document what differs between the values it has and those it is to have. */
class Patch {
  readonly #document: Document;

  constructor(document: Document) {
    this.#document = document;
  }

  /** `short` is the key that a text in place of a mapping stands for. */
  map(map: YAMLMap, before: DocumentMap, after: DocumentMap, short: string): void {
    for (const key of before.keys()) {
      const pair = after.has(key) ? undefined : findPair(map, key);
      if (pair !== undefined) map.items.splice(map.items.indexOf(pair), 1);
    }
    let previous: Pair | undefined;
    for (const [key, value] of after) {
      const old = before.get(key);
      let pair = before.has(key) ? findPair(map, key) : undefined;
      if (pair === undefined) {
        pair = this.#document.createPair(key, this.#node(value)) as Pair;
        const at = previous === undefined ? startOf(map, before, after) : map.items.indexOf(previous) + 1;
        map.items.splice(at, 0, pair);
      } else if (old !== undefined && !isSame(old, value)) {
        pair.value = this.#value(pair.value as Node | null, old, value, shortOf(key, short));
      }
      previous = pair;
    }
  }

  #value(node: Node | null, before: DocumentValue, after: DocumentValue, short: string): Node {
    if (isMap(node)) {
      this.map(node, asMap(before, short), asMap(after, short), short);
      return node;
    }
    if (isSeq(node) && Array.isArray(before) && Array.isArray(after)) {
      this.#list(node, before, after, short);
      return node;
    }
    if (isScalar(node) && node.value !== null && isWord(after)) {
      node.value = after;
      return node;
    }
    const made = this.#node(after);
    if (node?.comment != null && isWord(after)) made.comment = node.comment;
    if (node?.commentBefore != null) made.commentBefore = node.commentBefore;
    return made;
  }

  /** Keeps the items that both lists begin or end with. */
  #list(
    list: YAMLSeq,
    before: readonly DocumentValue[],
    after: readonly DocumentValue[],
    short: string,
  ): void {
    const shorter = Math.min(before.length, after.length);
    let start = 0;
    while (start < shorter && isSame(before[start] ?? null, after[start] ?? null)) start++;
    let end = 0;
    while (end < shorter - start && isSame(before.at(-1 - end) ?? null, after.at(-1 - end) ?? null)) end++;
    const gone = before.slice(start, before.length - end);
    const come = after.slice(start, after.length - end);
    const items = come.map((value, i) => {
      const old = gone[i];
      const node = list.items[start + i] as Node | null | undefined;
      return old === undefined || node === undefined
        ? this.#node(value)
        : this.#value(node, old, value, short);
    });
    list.items = [...list.items.slice(0, start), ...items, ...list.items.slice(start + gone.length)];
  }

  #node(value: DocumentValue): Node {
    const node = this.#document.createNode(value) as Node;
    layOut(node);
    return node;
  }
}

/** Where a pair goes that is new and the first: before the first of those that stay. */
function startOf(map: YAMLMap, before: DocumentMap, after: DocumentMap): number {
  for (const key of after.keys()) {
    const staying = before.has(key) ? findPair(map, key) : undefined;
    if (staying !== undefined) return map.items.indexOf(staying);
  }
  return map.items.length;
}

/** The pair of a key; options are found by their names, however the document draws them. */
function findPair(map: YAMLMap, key: string): Pair | undefined {
  const pairs = map.items as Pair[];
  const textOf = (pair: Pair) => (isScalar(pair.key) ? String(pair.key.source ?? pair.key.value) : '');
  const exact = pairs.find((pair) => textOf(pair) === key);
  if (exact !== undefined) return exact;
  const names = namesIn(key);
  return names === undefined ? undefined : pairs.find((pair) => namesIn(textOf(pair)) === names);
}

function namesIn(key: string): string | undefined {
  if (!/^[-+]/.test(key)) return key.includes(',') ? key.replace(/\s*,\s*/g, ', ') : undefined;
  return readOptionNotation(unplaced(key))
    ?.names.map(({ text }) => text)
    .join(', ');
}

function shortOf(key: string, short: string): string {
  if (key === 'commands') return 'summary';
  return key === 'options' || key === 'operands' || key === 'values' ? 'help' : short;
}

function asMap(value: DocumentValue, short: string): DocumentMap {
  if (value instanceof Map) return value as DocumentMap;
  return new Map(value === null ? [] : [[short, value]]);
}

function isWord(value: DocumentValue): value is string | number | boolean {
  return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean';
}

function isSame(a: DocumentValue, b: DocumentValue): boolean {
  if (a instanceof Map && b instanceof Map) {
    return isSame(
      [...(a as DocumentMap)] as unknown as DocumentValue,
      [...(b as DocumentMap)] as unknown as DocumentValue,
    );
  }
  if (Array.isArray(a) && Array.isArray(b)) {
    return (
      a.length === b.length &&
      a.every((one, i) => isSame(one as DocumentValue, (b[i] ?? null) as DocumentValue))
    );
  }
  return a === b;
}
