/** An object whose members are not known. */
export type Bag = Readonly<Record<string, unknown>>;

/** A value as an object with members; undefined where it is none. Functions have members too. */
export function bagOf(value: unknown): Bag | undefined {
  return (typeof value === 'object' && value !== null) || typeof value === 'function'
    ? (value as Bag)
    : undefined;
}

/** A value as a text that says something; undefined where it is none. */
export function textOf(value: unknown): string | undefined {
  return typeof value === 'string' && value.trim() !== '' ? value : undefined;
}

export function listOf(value: unknown): readonly unknown[] {
  return Array.isArray(value) ? value : [];
}

/** The objects of a list. */
export function bagsOf(value: unknown): Bag[] {
  return listOf(value).flatMap((one) => {
    const bag = bagOf(one);
    return bag === undefined ? [] : [bag];
  });
}

export function textsOf(value: unknown): string[] {
  return listOf(value).flatMap((one) => textOf(one) ?? []);
}

/** The own members of an object, in their order. */
export function membersOf(value: unknown): [string, unknown][] {
  const bag = bagOf(value);
  return bag === undefined ? [] : Object.entries(bag);
}

/** What a method without arguments gives back; undefined where there is none, or where it throws. */
export function callOf(value: unknown, method: string): unknown {
  const called = bagOf(value)?.[method];
  if (typeof called !== 'function') return undefined;
  try {
    return called.call(value);
  } catch {
    return undefined;
  }
}

/** A default as a word of a command line: undefined for what cannot be typed, and for false, which is that nothing is given. */
export function defaultWord(value: unknown): string | undefined {
  if (typeof value === 'string' || typeof value === 'number' || typeof value === 'bigint')
    return String(value);
  return Array.isArray(value) &&
    value.length > 0 &&
    value.every((one) => typeof one === 'string' || typeof one === 'number')
    ? value.join(',')
    : undefined;
}
