import type { Span } from '../../source/source.ts';
import { type DocumentNode, KIND_NAMES, type NodeKind } from '../document-node.ts';

/** A value that a document says, with its place. */
export interface Placed<T> {
  readonly value: T;
  readonly place: Span;
}

/** Takes the mistakes that are found as a document is read. A message that is work to make is given as what makes it: of many mistakes, few are told. */
export type Report = (code: string, message: string | (() => string), place: Span) => void;

/** A part of a JSON Schema (draft 2020-12). */
export type JsonSchema = { readonly [key: string]: unknown };

/** The named parts of a JSON Schema, which gather as the schema is made. */
export type Definitions = Map<string, JsonSchema>;

/**
 * What a node of a document may look like: the one definition from which the document is read and its JSON Schema is
 * made.
 */
export interface Shape<T> {
  /** What messages call it, such as `a text`. */
  readonly expected: string;
  readonly kinds: ReadonlySet<NodeKind>;
  /** Reads a node of one of the kinds; reports mistakes and gives undefined where nothing of use is left. */
  readonly read: (node: DocumentNode, report: Report) => T | undefined;
  readonly schema: (definitions: Definitions) => JsonSchema;
}

/** Reads a node by a shape, and reports a node of another kind. */
export function readAs<T>(shape: Shape<T>, node: DocumentNode, report: Report): T | undefined {
  if (shape.kinds.has(node.kind)) return shape.read(node, report);
  report('wrong-kind', `expected ${shape.expected}, found ${foundText(node)}`, node.place);
  return undefined;
}

/** What stands there: a word as it is, anything else by its kind. */
function foundText(node: DocumentNode): string {
  return 'text' in node && node.text !== '' ? `'${node.text.slice(0, 80)}'` : KIND_NAMES[node.kind];
}

/** A shape with a description for whoever edits a document. */
export function described<T>(shape: Shape<T>, description: string): Shape<T> {
  return { ...shape, schema: (definitions) => ({ ...shape.schema(definitions), description }) };
}

/** A shape with a name of its own in the JSON Schema, which then holds it once. */
export function defined<T>(name: string, shape: Shape<T>): Shape<T> {
  return named(name, [...shape.kinds], shape.expected, () => shape);
}

/** A shape with a name of its own in the JSON Schema, made when it is first used: needed where a shape contains itself. */
export function named<T>(
  name: string,
  kinds: readonly NodeKind[],
  expected: string,
  make: () => Shape<T>,
): Shape<T> {
  let made: Shape<T> | undefined;
  const shape = () => {
    made ??= make();
    return made;
  };
  return {
    expected,
    kinds: new Set(kinds),
    read: (node, report) => shape().read(node, report),
    schema: (definitions) => {
      if (!definitions.has(name)) {
        definitions.set(name, {});
        definitions.set(name, shape().schema(definitions));
      }
      return { $ref: `#/$defs/${name}` };
    },
  };
}
