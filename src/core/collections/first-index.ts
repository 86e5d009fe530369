/**
 * How many of the first items of a sorted list a test holds for, by binary search: the index of the first for which it does not. It must hold for no
 * item behind that one. `from` and `to` bound the search.
 */
export function firstIndex<T>(
  items: ArrayLike<T>,
  holds: (item: T) => boolean,
  from = 0,
  to = items.length,
): number {
  let low = from;
  let high = to;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(items[middle] as T)) low = middle + 1;
    else high = middle;
  }
  return low;
}
