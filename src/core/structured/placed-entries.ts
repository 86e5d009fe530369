import { firstIndex } from '../collections/first-index.ts';
import type { DocumentNode, MappingEntry, MappingNode } from './document-node.ts';

/** An entry of a mapping, and the mapping. */
export interface PlacedEntry {
  readonly entry: MappingEntry;
  readonly mapping: MappingNode;
  /** Whether what was looked for stands in the value, not in the key. */
  readonly isInValue: boolean;
}

/** The entries of a document, found by where their keys or their texts stand. */
export class PlacedEntries {
  readonly #holders = new Map<DocumentNode, MappingNode>();
  readonly #found: { readonly start: number; readonly end: number; readonly at: PlacedEntry }[] = [];

  constructor(root: DocumentNode) {
    this.#add(root);
    // A key stands before the text behind it, and both before what they hold.
    this.#found.sort((a, b) => a.start - b.start || b.end - a.end);
  }

  /** The entry whose key, or whose text, has an offset. */
  at(offset: number): PlacedEntry | undefined {
    const behind = firstIndex(this.#found, ({ start }) => start <= offset);
    const one = this.#found[behind - 1];
    return one !== undefined && offset < one.end ? one.at : undefined;
  }

  /** The mapping in which another one stands, or the list that has it. */
  holding(mapping: MappingNode): MappingNode | undefined {
    return this.#holders.get(mapping);
  }

  #add(root: DocumentNode): void {
    const waiting: DocumentNode[] = [root];
    const seen = new Set<string>();
    for (let node = waiting.pop(); node !== undefined; node = waiting.pop()) {
      if (node.kind === 'list') for (const item of node.items) waiting.push(item);
      if (node.kind !== 'mapping') continue;
      for (const entry of node.entries) {
        const at = { entry, mapping: node, isInValue: false };
        const { key, value } = entry;
        // What aliases stand for is met several times.
        const id = `${key.place.start}`;
        if (seen.has(id)) continue;
        seen.add(id);
        this.#found.push({ start: key.place.start, end: key.place.end, at });
        this.#holders.set(value, node);
        if (value.kind === 'list') for (const item of value.items) this.#holders.set(item, node);
        if (value.kind === 'list' || value.kind === 'mapping') waiting.push(value);
        else if (value.place.end > value.place.start)
          this.#found.push({
            start: value.place.start,
            end: value.place.end,
            at: { ...at, isInValue: true },
          });
      }
    }
  }
}
