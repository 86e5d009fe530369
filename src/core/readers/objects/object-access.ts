/** An object whose members are not known. */
export type Bag = Readonly<Record<string, unknown>>;

/** The objects behind the bags that were made of them. */
const behind = new WeakMap<object, object>();

/**
 * A value as an object with members; undefined where it is none. Functions have members too. A member whose getter throws is as good as
 * none: a program that is only looked at cannot be asked to be ready for it.
 */
export function bagOf(value: unknown): Bag | undefined {
  if ((typeof value !== 'object' || value === null) && typeof value !== 'function') return undefined;
  if (behind.has(value)) return value as Bag;
  const member = (name: string | symbol) => attempt(() => Reflect.get(value, name), undefined);
  const bag = new Proxy<object>(Object.create(null), {
    get: (_, name) => member(name),
    has: (_, name) => attempt(() => Reflect.has(value, name), false),
    ownKeys: () => attempt(() => Object.keys(value), []),
    // A copy of a bag has what can be listed of it.
    getOwnPropertyDescriptor: (_, name) => ({
      value: member(name),
      enumerable: true,
      configurable: true,
      writable: true,
    }),
  });
  behind.set(bag, value);
  return bag as Bag;
}

/** A value as a text that says something; undefined where it is none. */
export function textOf(value: unknown): string | undefined {
  return typeof value === 'string' && value.trim() !== '' ? value : undefined;
}

/** How many items of a list are looked at. */
const LIST_LIMIT = 100_000;

export function listOf(value: unknown): readonly unknown[] {
  return attempt(() => (Array.isArray(value) ? value.slice(0, LIST_LIMIT) : []), []);
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
  const bag = bagOf(value);
  const called = bag?.[method];
  return bag === undefined || typeof called !== 'function'
    ? undefined
    : attempt(() => called.call(behind.get(bag)), undefined);
}

/** What a stranger's code gives back, or something else where it throws. */
function attempt<T>(run: () => T, otherwise: T): T {
  try {
    return run();
  } catch {
    return otherwise;
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
