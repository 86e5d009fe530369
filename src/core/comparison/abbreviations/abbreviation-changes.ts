import { listNames, quoteName } from '../../messages/wording.ts';
import type { WordRange } from '../change.ts';
import type { Context } from '../context.ts';
import { likelyAmong } from './likely-words.ts';
import type { Shift } from './word-meanings.ts';
import { thingName } from './word-scope.ts';

/** How many words, or ranges of them, a message names before it only counts. */
const RANGES_SHOWN = 3;

/** One change for each cause that gives words another meaning, or makes them ambiguous. */
export function abbreviationChanges({ meanings, list }: Context): void {
  for (const shift of meanings.shifts) {
    const [first] = shift.ranges;
    if (first === undefined) continue;
    const isTaken = shift.outcome === 'taken-over';
    const possible = shift.standing === 'possible';
    list.add({
      kind: isTaken
        ? shift.wasName
          ? 'name-taken-over'
          : 'abbreviation-taken-over'
        : 'abbreviation-ambiguous',
      effect: possible ? 'uncertain' : isTaken && shift.standing !== 'either' ? 'other-meaning' : 'refused',
      certain: shift.standing === 'certain' || shift.standing === 'either',
      ...(possible ? { level: 'note' as const } : {}),
      command: first.command,
      subject: first.name,
      before: [...new Set(shift.ranges.map(({ name }) => name))],
      after: causeName(shift),
      message: message(shift),
      oldPlace: shift.old.place,
      newPlace: shift.cause.thing.place,
      words: shift.ranges,
    });
  }
}

/** Words that are refused, and of which no other change tells: one change for each thing that they stood for. */
export function leftOverWords({ meanings, list }: Context): void {
  for (const ranges of [...meanings.refused.values(), ...meanings.refusedByRule.values()]) {
    const words = list.untold(ranges);
    const [first] = words;
    if (first === undefined) continue;
    list.add({
      kind: 'abbreviation-refused',
      effect: 'refused',
      certain: false,
      command: first.command,
      subject: first.name,
      before: [...new Set(words.map(({ name }) => name))],
      message: `${rangesText(words)} stood for ${listNames([...new Set(words.map(({ name }) => name))])}, and now for nothing`,
      words,
    });
  }
}

function message(shift: Shift): string {
  const { ranges, outcome, isName, wasName, standing } = shift;
  const likely = likelyAmong(ranges);
  const cause = quoteName(causeName(shift));
  const stood = listNames([...new Set(ranges.map(({ name }) => name))]);
  const where = standing === 'possible' ? ', if the parser accepts abbreviations' : '';
  if (wasName) {
    const names = ranges.filter(({ to, name }) => to === name).map(({ name }) => name);
    const shown = listNames([...new Set(names)]);
    const others = hasMore(ranges, names.length) ? ' (and its abbreviations)' : '';
    if (outcome === 'ambiguous')
      return `${shown}${others} was removed and is now ambiguous: it begins ${cause} and others`;
    return standing === 'either'
      ? `${shown}${others} was removed: where the parser accepts abbreviations it now silently stands for ${cause}, elsewhere it is refused`
      : `${shown}${others} was removed and now silently stands for ${cause}`;
  }
  const shown = likely.length > 0 ? listNames(likely) : rangesText(ranges);
  const others = likely.length > 0 && hasMore(ranges, likely.length) ? ' (and other abbreviations)' : '';
  const isOne = others === '' && !hasMore(ranges, 1);
  const verb = (one: string, many: string) => (isOne ? one : many);
  if (outcome === 'ambiguous')
    return `${shown}${others} stood for ${stood} and ${verb('is', 'are')} now ambiguous: ${verb('it also begins', 'they also begin')} ${cause}${where}`;
  const [scope = 'options'] = ranges.map((range) => range.scope);
  const meant =
    isName && shown === cause
      ? `is now silently ${{ options: 'an option', commands: 'a command', values: 'a value' }[scope]} of its own`
      : `now silently ${verb('stands', 'stand')} for ${cause}`;
  return `${shown}${others} stood for ${stood} and ${meant}${where}`;
}

function hasMore(ranges: readonly WordRange[], shown: number): boolean {
  return ranges.reduce((sum, { from, to }) => sum + to.length - from.length + 1, 0) > shown;
}

function rangesText(ranges: readonly WordRange[]): string {
  const shown = ranges
    .slice(0, RANGES_SHOWN)
    .map(({ from, to }) => (from === to ? quoteName(from) : `${quoteName(from)} to ${quoteName(to)}`));
  const more = ranges.length - shown.length;
  return more > 0 ? `${shown.join(', ')} and ${more} more` : shown.join(', ');
}

/** The name that takes over or stands in the way, as it is typed. */
function causeName({ cause, ranges, outcome }: Shift): string {
  const after = ranges[0]?.after ?? [];
  const name = thingName(cause.thing);
  if (outcome === 'taken-over') return after[0] ?? name;
  // Of several names of one option it is the one that the words begin.
  const own = 'value' in cause.thing ? [name] : cause.thing.names.map(({ text }) => text);
  return after.find((one) => own.includes(one)) ?? name;
}
