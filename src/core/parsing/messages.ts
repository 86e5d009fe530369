import { suggest } from '../abbreviations/suggest.ts';

/** How many names a message lists before it only counts. */
const NAMES_SHOWN = 4;

/** `'--map', '--mark' or '--mast'`. */
export function alternatives(names: readonly string[]): string {
  const quoted = names.slice(0, NAMES_SHOWN).map(quote);
  const more = names.length - quoted.length;
  if (more > 0) return `${quoted.join(', ')} or ${more} more`;
  const last = quoted.pop() ?? '';
  return quoted.length === 0 ? last : `${quoted.join(', ')} or ${last}`;
}

export function quote(name: string): string {
  return `'${name}'`;
}

/** `; did you mean '--late'?`, or nothing where no name is near. */
export function hint(word: string, names: Iterable<string>): string {
  const near = suggest(word, names);
  return near.length === 0 ? '' : `; did you mean ${alternatives(near)}?`;
}
