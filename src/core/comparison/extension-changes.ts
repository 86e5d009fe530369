import { extendInterface } from '../model/extend.ts';
import type { Interface } from '../model/interface.ts';
import type { Change, Comparison } from './change.ts';
import { compareInterfaces } from './compare-interfaces.ts';

/** What two extensions do to each other. */
export interface Clash {
  /** Their names, in the order in which they are given. */
  readonly extensions: readonly [string, string];
  /** What changes for callers of a program with the one when the other comes too, beyond what it changes for the program alone. */
  readonly changes: readonly Change[];
}

/** What installing extensions comes to for callers of a program. */
export interface ExtensionComparison {
  /** The program with all of them against the program without. */
  readonly comparison: Comparison;
  /** The pairs of extensions that change something for each other. */
  readonly clashes: readonly Clash[];
}

/** Compares a program with its extensions installed, in this order, with itself; and each two extensions with each other. */
export function compareExtensions(base: Interface, extensions: readonly Interface[]): ExtensionComparison {
  const clashes = extensions.flatMap((one, i) =>
    extensions.slice(i + 1).flatMap((other): Clash[] => {
      const changes = [...harm(base, one, other), ...harm(base, other, one)];
      const names = [one.program.value, other.program.value] as const;
      return changes.length === 0 ? [] : [{ extensions: names, changes: once(changes) }];
    }),
  );
  return { comparison: compareInterfaces(base, extensions.reduce(extendInterface, base)), clashes };
}

/** What breaks for callers of a program with one extension when another comes, and does not break without the first one. */
function harm(base: Interface, first: Interface, second: Interface): Change[] {
  const alone = new Set(breaking(base, second).map(idOf));
  return breaking(extendInterface(base, first), second).filter((change) => !alone.has(idOf(change)));
}

function breaking(before: Interface, extension: Interface): Change[] {
  return compareInterfaces(before, extendInterface(before, extension)).changes.filter(
    ({ effect }) => effect !== 'compatible' && effect !== 'wording',
  );
}

function once(changes: readonly Change[]): Change[] {
  return [...new Map(changes.map((change) => [idOf(change), change])).values()];
}

function idOf({ kind, command, subject, before, after }: Change): string {
  const sides = [JSON.stringify(before), JSON.stringify(after)];
  // A name that two declare is one clash, whichever of them comes first.
  return JSON.stringify([kind, command, subject, ...(kind === 'name-declared-twice' ? sides.sort() : sides)]);
}
