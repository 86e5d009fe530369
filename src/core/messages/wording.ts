/** How many names a message lists before it only counts. */
const NAMES_SHOWN = 5;

/** A name as messages quote it. */
export function quoteName(name: string): string {
  return `'${name}'`;
}

/** Up to five names with their number: `'-a', '-b' and 3 more`. */
export function listNames(names: readonly string[], conjunction: 'and' | 'or' = 'and'): string {
  return listSome(names.map(quoteName), NAMES_SHOWN, conjunction);
}

/** The first items of a list in words, and how many more there are: `a, b and 3 more`. */
export function listSome(items: readonly string[], most: number, conjunction: 'and' | 'or' = 'and'): string {
  const shown = items.slice(0, most);
  const more = items.length - shown.length;
  if (more > 0) return `${shown.join(', ')} ${conjunction} ${more} more`;
  const last = shown.pop() ?? '';
  return shown.length === 0 ? last : `${shown.join(', ')} ${conjunction} ${last}`;
}

/** `1 option`, `3 options`. */
export function countOf(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
