import type { DocumentValue } from './document-value.ts';
import { RecordValue } from './record-value.ts';

/** A thing of a collection before it is written. */
export interface NamedValue {
  readonly name: string;
  /** What is said of it: a text in short, a mapping, or null. */
  readonly value: DocumentValue;
}

/**
 * Things with names as a mapping; as a list, whose items hold the name by `nameKey`, where two have one name. Undefined where
 * there are none. `shortKey` is the key that a text in short stands for.
 */
export function collectionValue(
  things: readonly NamedValue[],
  nameKey: string,
  shortKey: string,
): DocumentValue | undefined {
  if (things.length === 0) return undefined;
  const names = new Set(things.map(({ name }) => name));
  if (names.size === things.length) return new Map(things.map(({ name, value }) => [name, value]));
  return things.map(({ name, value }) => itemValue(name, value, nameKey, shortKey));
}

/** A thing as an item of a list. */
export function itemValue(
  name: string | undefined,
  value: DocumentValue,
  nameKey: string,
  shortKey: string,
): DocumentValue {
  if (value === null && name !== undefined) return name;
  const item = new RecordValue();
  item.set(nameKey, name);
  if (value instanceof Map) return new Map([...item.map, ...value]);
  if (value !== null) item.set(shortKey, value);
  return item.map;
}
