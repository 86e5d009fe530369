import { type Placed, readAs, type Shape } from './shape.ts';

/** A list of things of one shape. Items with mistakes are passed over. */
export function list<T>(
  item: Shape<T>,
  expected = `a list, each item ${item.expected}`,
): Shape<Placed<readonly T[]>> {
  return {
    expected,
    kinds: new Set(['list']),
    read: (node, report) => {
      if (node.kind !== 'list') return undefined;
      const value = node.items.flatMap((one) => {
        const read = readAs(item, one, report);
        return read === undefined ? [] : [read];
      });
      return { value, place: node.place };
    },
    schema: (definitions) => ({ type: 'array', items: item.schema(definitions) }),
  };
}

/** One thing, or a list of such things. */
export function oneOrMore<T>(item: Shape<T>): Shape<Placed<readonly T[]>> {
  const several = list(item);
  return {
    expected: `${item.expected}, or a list of such`,
    kinds: new Set([...item.kinds, 'list' as const]),
    read: (node, report) => {
      if (node.kind === 'list') return several.read(node, report);
      const one = readAs(item, node, report);
      return one === undefined ? undefined : { value: [one], place: node.place };
    },
    schema: (definitions) => ({ anyOf: [item.schema(definitions), several.schema(definitions)] }),
  };
}

/** One of several shapes, told apart by the kind of the node; earlier ones are tried first. */
export function either<A, B>(a: Shape<A>, b: Shape<B>): Shape<A | B>;
export function either<A, B, C>(a: Shape<A>, b: Shape<B>, c: Shape<C>): Shape<A | B | C>;
export function either<T>(...shapes: readonly Shape<T>[]): Shape<T> {
  return {
    expected: shapes.map((shape) => shape.expected).join(', or '),
    kinds: new Set(shapes.flatMap((shape) => [...shape.kinds])),
    read: (node, report) => shapes.find((shape) => shape.kinds.has(node.kind))?.read(node, report),
    schema: (definitions) => ({ anyOf: shapes.map((shape) => shape.schema(definitions)) }),
  };
}

/** A shape whose value is turned into another; undefined where nothing of use is left. */
export function mapped<T, U>(shape: Shape<T>, turn: (value: T) => U | undefined): Shape<U> {
  return {
    ...shape,
    read: (node, report) => {
      const value = shape.read(node, report);
      return value === undefined ? undefined : turn(value);
    },
  };
}
