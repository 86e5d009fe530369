import type { PlacedText } from '../notation/placed-text.ts';
import type { Span } from '../source/source.ts';

export type NodeKind = 'text' | 'number' | 'boolean' | 'nothing' | 'list' | 'mapping';

/** A scalar of a document: its text as it is typed, without quotes. */
export interface ScalarNode {
  readonly kind: 'text' | 'number' | 'boolean' | 'nothing';
  readonly text: string;
  readonly place: Span;
  /** The text with the way from its indexes to the source. */
  readonly placed: PlacedText;
}

export interface ListNode {
  readonly kind: 'list';
  readonly items: readonly DocumentNode[];
  readonly place: Span;
}

export interface MappingEntry {
  readonly key: ScalarNode;
  readonly value: DocumentNode;
}

export interface MappingNode {
  readonly kind: 'mapping';
  readonly entries: readonly MappingEntry[];
  readonly place: Span;
}

/** A node of a document with its aliases resolved, whether the document is YAML or JSON. */
export type DocumentNode = ScalarNode | ListNode | MappingNode;

/** What messages call a node of a kind. */
export const KIND_NAMES: Record<NodeKind, string> = {
  text: 'a text',
  number: 'a number',
  boolean: 'true or false',
  nothing: 'nothing',
  list: 'a list',
  mapping: 'a mapping',
};
