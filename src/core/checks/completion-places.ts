import type { ShellCoverage } from '../coverage/coverage.ts';
import type { Place, Source, Span } from '../source/source.ts';

/** The place of a word in a completion script; where a real shell offered it, the script itself, or nowhere. */
export function wordPlace(place: Place | undefined, { inventory }: ShellCoverage): Place {
  if (place !== undefined && place !== null) return place;
  return inventory.source === undefined ? null : findIn(inventory.source, undefined);
}

/** Where a script has a name as a word of its own; its start where it has it nowhere. */
export function scriptPlace(name: string, { inventory }: ShellCoverage): Place {
  return inventory.source === undefined ? null : findIn(inventory.source, name);
}

function findIn(source: Source, name: string | undefined): Place {
  for (let at = name === undefined ? -1 : source.text.indexOf(name); at >= 0 && name !== undefined; ) {
    const end = at + name.length;
    if (!/[\w-]/.test(source.text[at - 1] ?? ' ') && !/[\w-]/.test(source.text[end] ?? ' '))
      return { source, start: at, end };
    at = source.text.indexOf(name, at + 1);
  }
  return firstLine(source);
}

/** The first line of a script, which stands for the whole. */
export function firstLine(source: Source): Span {
  const end = source.text.indexOf('\n');
  return { source, start: 0, end: end < 0 ? source.text.length : end };
}
