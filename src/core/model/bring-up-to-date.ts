import type { Interface } from './interface.ts';
import { joinInterfaces } from './join.ts';

/**
 * An interface with what a newer source of the same program says: its facts count before those that were known, but for what is only inferred. What it
 * does not say stays as it was, and so do options and commands that it does not have. `interface` and `source` must have one program name;
 * otherwise the interface is given back as it is.
 */
export function bringUpToDate(known: Interface, source: Interface): Interface {
  if (known.program.value !== source.program.value) return known;
  // Of one kind, the first source counts.
  const [kind = 'document'] = known.sources.map((one) => one.kind);
  const alike = { ...source, sources: source.sources.map((one) => ({ ...one, kind })), views: [] };
  const [joined = known] = joinInterfaces([alike, { ...known, views: [] }]);
  return { ...joined, program: known.program, sources: known.sources, views: known.views };
}
