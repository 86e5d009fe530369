import type { PlacedText } from '../../notation/placed-text.ts';
import type { Span } from '../../source/source.ts';
import type { MappingNode } from '../document-node.ts';
import { type Definitions, type JsonSchema, type Placed, type Report, readAs, type Shape } from './shape.ts';

/** A thing of a collection: its name as a text with places, and what is said of it. */
export interface Entry<T> {
  /** Undefined where an item of a list goes without. */
  readonly name: PlacedText | undefined;
  readonly value: T;
  readonly place: Span;
  /** The heading that it stands under, where the collection has groups. */
  readonly heading: Placed<string> | undefined;
}

interface CollectionOptions<T> {
  readonly expected: string;
  /** What is said of a thing, behind its name. */
  readonly value: Shape<T>;
  /** A thing as an item of a list, where two things may have one name: gives name and value. */
  readonly item: Shape<{ readonly name: PlacedText | undefined; readonly value: T }>;
  /** What a name looks like; keys that do not are headings with things below them. Undefined: no headings. */
  readonly nameStart?: string;
}

/** Things with names: a mapping from name to what is said, or a list of items that hold the name too. */
export function collection<T>({
  expected,
  value,
  item,
  nameStart,
}: CollectionOptions<T>): Shape<Placed<readonly Entry<T>[]>> {
  const isName = nameStart === undefined ? undefined : new RegExp(`^${nameStart}`);
  const readMapping = (
    node: MappingNode,
    report: Report,
    heading: Placed<string> | undefined,
  ): Entry<T>[] => {
    const seen = new Set<string>();
    return node.entries.flatMap(({ key, value: node }) => {
      if (isName !== undefined && heading === undefined && !isName.test(key.text)) {
        if (node.kind === 'mapping') return readMapping(node, report, { value: key.text, place: key.place });
        report(
          'wrong-kind',
          `expected a name that begins with '-' or '+', or a heading over such names`,
          key.place,
        );
        return [];
      }
      if (seen.has(key.text)) {
        report('key-twice', `'${key.text}' is given twice; write a list if both are meant`, key.place);
        return [];
      }
      seen.add(key.text);
      const read = readAs(value, node, report);
      return read === undefined ? [] : [{ name: key.placed, value: read, place: key.place, heading }];
    });
  };
  const mappingSchema = (definitions: Definitions): JsonSchema => {
    const one = value.schema(definitions);
    if (nameStart === undefined) return { type: 'object', additionalProperties: one };
    const group = {
      type: 'object',
      patternProperties: { [`^${nameStart}`]: one },
      additionalProperties: false,
    };
    return { type: 'object', patternProperties: { [`^${nameStart}`]: one }, additionalProperties: group };
  };
  return {
    expected,
    kinds: new Set(['mapping', 'list']),
    read: (node, report) => {
      if (node.kind === 'mapping') return { value: readMapping(node, report, undefined), place: node.place };
      if (node.kind !== 'list') return undefined;
      const entries = node.items.flatMap((one): Entry<T>[] => {
        const read = readAs(item, one, report);
        if (read === undefined) return [];
        return [{ ...read, place: read.name?.place ?? one.place, heading: undefined }];
      });
      return { value: entries, place: node.place };
    },
    schema: (definitions) => ({
      anyOf: [mappingSchema(definitions), { type: 'array', items: item.schema(definitions) }],
    }),
  };
}
