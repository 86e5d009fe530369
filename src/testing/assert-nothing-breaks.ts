import { AssertionError } from 'node:assert';
import { expectKeys, isAtLeast, type Level } from 'dabbawala';
import { assumeComplete, COMPARISON_REPORTS, compareInterfaces } from 'dabbawala/analysis';
import { readOne, refuseUnknownLevel } from './audit-program.ts';

/** What a comparison in a test goes by. */
export interface BreakSettings {
  /** The program's name, where an object or text does not say it. */
  readonly program?: string;
  /** The least level of a change that makes the assertion fail: `error`, where callers surely break, if not given; `warning` where they may. */
  readonly failOn?: Level;
  /** Whether both list everything, unless they say otherwise: what is gone counts then. True where not given. */
  readonly complete?: boolean;
}

/**
 * Tests that nothing breaks for callers of `before`, the last release, with `now`: each a parser object, or the text of help output or of an interface document. The
 * changes that break are the message of the AssertionError. Throws a TypeError at an object or text that cannot be read, and a MisuseError at an unknown setting or level.
 */
export function assertNothingBreaks(before: unknown, now: unknown, settings: BreakSettings = {}): void {
  expectKeys('assertNothingBreaks', settings, { program: true, failOn: true, complete: true });
  const { failOn = 'error', complete = true } = settings;
  refuseUnknownLevel(failOn);
  const read = (one: unknown) => {
    const cli = readOne(one, settings);
    return complete ? assumeComplete(cli) : cli;
  };
  const [old, next] = [read(before), read(now)];
  const comparison = compareInterfaces(old, next);
  const changes = comparison.changes.filter(({ level }) => isAtLeast(level, failOn));
  if (changes.length === 0) return;
  const sides = {
    title: `${old.program.value}, the last release to now`,
    comparison: { ...comparison, changes, notCompared: [] },
  };
  throw new AssertionError({
    message: `callers break\n\n${COMPARISON_REPORTS.text(sides, { tool: { name: 'dabbawala/testing', version: '' }, text: { width: 80, colour: false } })}`,
    actual: changes.map(({ message }) => message),
    expected: [],
    operator: 'assertNothingBreaks',
    stackStartFn: assertNothingBreaks,
  });
}
