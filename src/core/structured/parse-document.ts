import { Composer, isAlias, isMap, isScalar, isSeq, type Node } from 'yaml';
import type { Problem } from '../source/problem.ts';
import type { Source, Span } from '../source/source.ts';
import type { DocumentNode, MappingEntry, ScalarNode } from './document-node.ts';
import { DEPTH_LIMIT, parseParts } from './parse-parts.ts';

/** The longest document that is read, in UTF-16 units. */
const DOCUMENT_LIMIT = 4 * 1024 * 1024;

/** The most nodes that a document may have once its aliases are resolved. */
const NODE_LIMIT = 300_000;

export interface ParsedDocument {
  readonly root: DocumentNode | undefined;
  readonly problems: readonly Problem[];
}

/** Parses YAML 1.2, of which JSON is a part, into nodes with places; no root where the text cannot be used. */
export function parseDocument(source: Source): ParsedDocument {
  const { text } = source;
  // The parser tells of what is missing behind the end.
  const within = (offset: number) => Math.max(0, Math.min(offset, text.length));
  const at = (start: number, end: number): Span => ({
    source,
    start: within(start),
    end: within(Math.max(start, end)),
  });
  if (text.length > DOCUMENT_LIMIT) {
    const message = `a document can have at most ${DOCUMENT_LIMIT} characters, this has ${text.length}`;
    return unusable(source, 'document-too-long', message, null);
  }
  const { parts, tooDeep } = parseParts(text);
  if (tooDeep !== undefined) {
    const message = `a document can be nested at most ${DEPTH_LIMIT} levels deep; here it goes deeper`;
    return unusable(source, 'document-too-deep', message, at(tooDeep, tooDeep + 1));
  }
  const [document, ...others] = new Composer({ uniqueKeys: false }).compose(parts);
  if (document === undefined) return unusable(source, 'document-empty', 'expected a document', null);
  const faults = [...document.errors, ...document.warnings];
  if (faults.length > 0) {
    const problems = faults.slice(0, 100).map((fault) => ({
      code: 'not-yaml',
      message: `expected YAML or JSON: ${lowerFirst(fault.message)}`,
      place: at(fault.pos[0], fault.pos[1]),
      source: source.name,
      consequence: 'unusable' as const,
    }));
    return { root: undefined, problems };
  }
  if (others[0] !== undefined) {
    const start = others[0].range[0];
    return unusable(source, 'several-documents', 'expected one document, found more', at(start, start + 1));
  }
  return new NodeMaker(source, document.contents).make();
}

class NodeMaker {
  readonly #source: Source;
  readonly #root: Node | null;
  readonly #anchors = new Map<string, Node>();
  #count = 0;
  #fault: { code: string; message: string; place: Span } | undefined;

  constructor(source: Source, root: Node | null) {
    this.#source = source;
    this.#root = root;
  }

  make(): ParsedDocument {
    const root = this.#node(this.#root, this.#span(0, 0), 0);
    if (this.#fault === undefined) return { root, problems: [] };
    return unusable(this.#source, this.#fault.code, this.#fault.message, this.#fault.place);
  }

  #node(node: Node | null, fallback: Span, depth: number): DocumentNode {
    this.#count++;
    const place = node?.range ? this.#trimmed(node.range[0], node.range[1]) : fallback;
    if (this.#count > NODE_LIMIT || depth > DEPTH_LIMIT) {
      this.#fault ??= {
        code: 'document-too-large',
        message: `a document can have at most ${NODE_LIMIT} parts and ${DEPTH_LIMIT} levels with aliases resolved; this has more`,
        place,
      };
      return this.#scalar('nothing', '', place);
    }
    if (node === null) return this.#scalar('nothing', '', place);
    if (isAlias(node)) {
      const target = this.#anchors.get(node.source);
      if (target !== undefined) return this.#node(target, place, depth + 1);
      this.#fault ??= {
        code: 'not-yaml',
        message: `expected YAML or JSON: nothing before this has the anchor '${node.source.slice(0, 80)}'`,
        place,
      };
      return this.#scalar('nothing', '', place);
    }
    // An alias stands for the last node before it that has its anchor.
    if ('anchor' in node && typeof node.anchor === 'string') this.#anchors.set(node.anchor, node);
    if (isMap(node)) {
      const entries: MappingEntry[] = [];
      for (const { key, value } of node.items) {
        if (this.#fault !== undefined) break;
        const keyNode = this.#node(key as Node | null, place, depth + 1);
        if (keyNode.kind === 'list' || keyNode.kind === 'mapping') {
          this.#fault ??= {
            code: 'key-not-text',
            message: 'expected text as the key, found a list or a mapping',
            place: keyNode.place,
          };
          break;
        }
        const after = this.#span(keyNode.place.end, keyNode.place.end);
        entries.push({ key: keyNode, value: this.#node(value as Node | null, after, depth + 1) });
      }
      return { kind: 'mapping', entries, place };
    }
    if (isSeq(node)) {
      const items: DocumentNode[] = [];
      for (const item of node.items) {
        if (this.#fault !== undefined) break;
        items.push(this.#node(item as Node | null, place, depth + 1));
      }
      return { kind: 'list', items, place };
    }
    if (!isScalar(node)) return this.#scalar('nothing', '', place);
    const { value } = node;
    if (value === null) return this.#scalar('nothing', '', place);
    if (typeof value === 'boolean') return this.#scalar('boolean', node.source ?? String(value), place);
    if (typeof value === 'string') return this.#scalar('text', value, place);
    return this.#scalar('number', node.source ?? String(value), place);
  }

  #scalar(kind: ScalarNode['kind'], text: string, place: Span): ScalarNode {
    const raw = this.#source.text.slice(place.start, place.end);
    const quote = raw.startsWith('"') || raw.startsWith("'") ? 1 : 0;
    // Within quotes that escape something, and in block scalars, a part's place is that of the whole.
    const isExact = raw.slice(quote, quote + text.length) === text;
    const from = place.start + quote;
    return {
      kind,
      text,
      place,
      placed: {
        text,
        place: place,
        span: (start, end) => (isExact ? this.#span(from + start, from + end) : place),
      },
    };
  }

  /** A block list or mapping ends with its last word, not with the line break behind it. */
  #trimmed(start: number, end: number): Span {
    let last = end;
    while (last > start && ' \t\r\n'.includes(this.#source.text[last - 1] ?? '')) last--;
    return this.#span(start, last);
  }

  #span(start: number, end: number): Span {
    return { source: this.#source, start, end: Math.max(start, end) };
  }
}

function lowerFirst(message: string): string {
  return message.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase()).replace(/\.$/, '');
}

function unusable(source: Source, code: string, message: string, place: Span | null): ParsedDocument {
  const problem: Problem = { code, message, place, source: source.name, consequence: 'unusable' };
  return { root: undefined, problems: [problem] };
}
