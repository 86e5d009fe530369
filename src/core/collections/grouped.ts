/** The items by a key, in the order in which the keys come up; items without a key are left out. */
export function groupedBy<T, K>(items: Iterable<T>, keyOf: (item: T) => K | undefined): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const key = keyOf(item);
    if (key === undefined) continue;
    addTo(groups, key, item);
  }
  return groups;
}

/** Adds an item to the list that a key has, or makes that list. */
export function addTo<K, T>(groups: Map<K, T[]>, key: K, item: T): void {
  const group = groups.get(key);
  if (group === undefined) groups.set(key, [item]);
  else group.push(item);
}

/** The first item of each key. */
export function firstBy<T, K>(items: readonly T[], keyOf: (item: T) => K): Map<K, T> {
  const first = new Map<K, T>();
  for (const item of items) {
    const key = keyOf(item);
    if (!first.has(key)) first.set(key, item);
  }
  return first;
}
