import type { Interface } from './interface.ts';
import { joinInterfaces } from './join.ts';

/**
 * What the help output of a program says by itself, where it was joined with sources of other kinds, so that these hide nothing that its readers
 * lack; undefined where there is no help output, or nothing else.
 */
export function helpPart({ views }: Interface): Interface | undefined {
  const help = views.filter(({ sources }) => sources.every(({ kind }) => kind === 'help'));
  if (help.length === 0 || help.length === views.length) return undefined;
  return joinInterfaces(help)[0];
}
