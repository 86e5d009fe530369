import { didYouMean } from '../../messages/did-you-mean.ts';
import { type JsonSchema, type Placed, readAs, type Shape } from './shape.ts';

/** A row of a table: its key and its value, each with its place. */
export interface Row<T> {
  readonly key: Placed<string>;
  readonly value: T;
}

/** The keys that a table may have. */
export interface KnownKeys {
  readonly keys: readonly string[];
  /** What one is called in messages, with its article: `a check or an area`. */
  readonly one: string;
}

/** A mapping whose keys are names: any, or those of a list. A key that is not in the list is reported with the nearest one. */
export function table<T>(
  expected: string,
  value: Shape<T>,
  known?: KnownKeys,
): Shape<Placed<readonly Row<T>[]>> {
  const allowed = new Set(known?.keys);
  return {
    expected,
    kinds: new Set(['mapping']),
    read: (node, report) => {
      if (node.kind !== 'mapping') return undefined;
      const seen = new Set<string>();
      const rows = node.entries.flatMap(({ key, value: one }): Row<T>[] => {
        if (known !== undefined && !allowed.has(key.text)) {
          const found = () =>
            `expected ${known.one}, found '${key.text.slice(0, 80)}'${didYouMean(key.text, known.keys)}`;
          report('unknown-key', found, key.place);
          return [];
        }
        if (seen.has(key.text)) {
          report('key-twice', `'${key.text}' is given twice in one mapping; keep one of them`, key.place);
          return [];
        }
        seen.add(key.text);
        const read = readAs(value, one, report);
        return read === undefined ? [] : [{ key: { value: key.text, place: key.place }, value: read }];
      });
      return { value: rows, place: node.place };
    },
    schema: (definitions): JsonSchema => {
      const one = value.schema(definitions);
      return {
        type: 'object',
        ...(known === undefined
          ? { additionalProperties: one }
          : { propertyNames: { enum: known.keys }, additionalProperties: one }),
      };
    },
  };
}
