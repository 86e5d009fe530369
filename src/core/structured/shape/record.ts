import { didYouMean } from '../../messages/did-you-mean.ts';
import type { Basis, Fact } from '../../model/fact.ts';
import type { Span } from '../../source/source.ts';
import type { MappingNode } from '../document-node.ts';
import { list } from './lists.ts';
import { choice } from './scalars.ts';
import { type Placed, readAs, type Shape } from './shape.ts';

/** The keys of a record with their shapes. */
export type Fields = Readonly<Record<string, Shape<unknown>>>;

type ValueOf<S> = S extends Shape<infer T> ? T : never;

/** The values of the keys of a record, as far as they stand there. */
export type SaidOf<F extends Fields> = { readonly [K in keyof F]?: ValueOf<F[K]> };

/** A record as it was read, whatever its keys. */
export interface AnyRecord {
  readonly place: Span;
  /** How the value of a key is known: as the record's `inferred` and `observed` say, else stated. */
  readonly basisOf: (key: string) => Basis;
}

/** What a record says: a value for each key that stands there, and how each is known. */
export interface PlacedRecord<F extends Fields> extends AnyRecord {
  readonly said: SaidOf<F>;
}

/** The fact that a key of a record says; undefined where it says nothing. */
export function factOf<T>(from: AnyRecord, key: string, said: Placed<T> | undefined): Fact<T> | undefined {
  return said === undefined ? undefined : { value: said.value, basis: from.basisOf(key), place: said.place };
}

/**
 * A mapping with known keys. Besides them, where it holds facts, it may hold `inferred` and `observed`: lists of its keys, or of `marks`, whose values
 * are known in that way and not stated.
 */
export function record<F extends Fields>(
  expected: string,
  fields: F,
  {
    required = [],
    marks = [],
    facts = true,
  }: {
    readonly required?: readonly (keyof F & string)[];
    readonly marks?: readonly string[];
    readonly facts?: boolean;
  } = {},
): Shape<PlacedRecord<F>> {
  const own = Object.keys(fields);
  const markable = list(choice(...own, ...marks), 'a list of keys of this mapping');
  const shapes = new Map<string, Shape<unknown>>([
    ...Object.entries(fields),
    ...(facts
      ? ([
          ['inferred', markable],
          ['observed', markable],
        ] as const)
      : []),
  ]);
  return {
    expected,
    kinds: new Set(['mapping']),
    read: (node, report) => {
      if (node.kind !== 'mapping') return undefined;
      const said = new Map<string, unknown>();
      const bases = new Map<string, Basis>();
      for (const { key, value } of node.entries) {
        const shape = shapes.get(key.text);
        if (shape === undefined) {
          const found = () => `unknown key '${shorten(key.text)}'${nearestKey(key.text, [...shapes.keys()])}`;
          report('unknown-key', found, key.place);
        } else if (said.has(key.text)) {
          report('key-twice', `'${key.text}' is given twice in one mapping; keep one of them`, key.place);
        } else {
          const read = readAs(shape, value, report);
          said.set(key.text, read);
          if (key.text === 'inferred' || key.text === 'observed') {
            for (const one of (read as Placed<readonly Placed<string>[]> | undefined)?.value ?? [])
              bases.set(one.value, key.text);
          }
        }
      }
      reportMissing(node, required, said, report);
      const values = Object.fromEntries(
        own.filter((key) => said.get(key) !== undefined).map((key) => [key, said.get(key)]),
      );
      return {
        said: values as PlacedRecord<F>['said'],
        place: node.place,
        basisOf: (key) => bases.get(key) ?? 'stated',
      };
    },
    schema: (definitions) => ({
      type: 'object',
      properties: Object.fromEntries([...shapes].map(([key, shape]) => [key, shape.schema(definitions)])),
      additionalProperties: false,
      ...(required.length > 0 ? { required } : {}),
    }),
  };
}

function reportMissing(
  node: MappingNode,
  required: readonly string[],
  said: ReadonlyMap<string, unknown>,
  report: (code: string, message: string, place: Span) => void,
): void {
  for (const key of required) {
    if (!said.has(key))
      report('key-missing', `expected the key '${key}' in this mapping`, {
        ...node.place,
        end: node.place.start + 1,
      });
  }
}

/** `; did you mean 'help'?`, or all keys where none is near. */
function nearestKey(found: string, keys: readonly string[]): string {
  return didYouMean(found, keys) || `; expected one of ${keys.join(', ')}`;
}

function shorten(found: string): string {
  return found.length > 60 ? `${found.slice(0, 60)}…` : found;
}
