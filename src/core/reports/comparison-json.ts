import type { ComparedCallers } from '../callers/changed-calls.ts';
import type { Change } from '../comparison/change.ts';
import { jsonText } from '../source/json-text.ts';
import { LineIndexes } from '../source/line-index.ts';
import { type AnsweredWhatIf, type ComparedSides, isLeastRelease } from './comparison-words.ts';
import { jsonPlace } from './json-place.ts';
import type { Tool } from './tool.ts';

/**
 * A comparison as JSON text, ending in a newline. Of each change `places` has the old place, then the new one, as far as there are;
 * columns and offsets count UTF-16 units. The fields are stable: later versions only add some.
 */
export function comparisonJson(
  { title, comparison, clashes = [], callers }: ComparedSides,
  tool: Tool,
): string {
  const indexes = new LineIndexes();
  const report = {
    version: 1,
    tool,
    title,
    columnUnit: 'utf-16',
    release: comparison.release,
    releaseIsLeast: isLeastRelease(comparison),
    changes: comparison.changes.map((change) => jsonChange(change, indexes)),
    notCompared: comparison.notCompared.map(({ remedy, ...rest }) => ({ ...rest, supply: remedy })),
    clashes: clashes.map(({ extensions, changes }) => ({
      extensions,
      changes: changes.map((change) => jsonChange(change, indexes)),
    })),
    ...(callers === undefined ? {} : { callers: jsonCallers(callers, indexes) }),
  };
  return `${jsonText(report, 2)}\n`;
}

function jsonCallers({ found, changed }: ComparedCallers, indexes: LineIndexes) {
  return {
    files: found.looked,
    calls: found.invocations.length,
    changed: changed.map(({ invocation: { place, command }, changes }) => ({
      place: jsonPlace(place, indexes),
      command,
      changes: changes.map((change) => ({ ...change, place: jsonPlace(change.place, indexes) })),
    })),
  };
}

/** What adding each of some names would do, as JSON text. */
export function whatIfJson(answers: readonly AnsweredWhatIf[], tool: Tool): string {
  const indexes = new LineIndexes();
  const report = {
    version: 1,
    tool,
    columnUnit: 'utf-16',
    added: answers.map(({ asked, comparison, harmless, callers }) => ({
      name: asked,
      release: comparison.release,
      changes: comparison.changes.map((change) => jsonChange(change, indexes)),
      harmless,
      ...(callers === undefined ? {} : { callers: jsonCallers(callers, indexes) }),
    })),
  };
  return `${jsonText(report, 2)}\n`;
}

function jsonChange(change: Change, indexes: LineIndexes) {
  const places = [
    { version: 'old', place: jsonPlace(change.oldPlace, indexes) },
    { version: 'new', place: jsonPlace(change.newPlace, indexes) },
  ];
  return {
    kind: change.kind,
    effect: change.effect,
    level: change.level,
    command: change.command,
    subject: change.subject,
    before: change.before,
    after: change.after,
    message: change.message,
    places: places.flatMap(({ version, place }) => (place === null ? [] : [{ version, ...place }])),
    words: change.words,
    likely: change.likely,
  };
}
