import { quoteName } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import { toldDefault } from '../../notation/told-default.ts';
import { toldUnit } from '../../notation/told-unit.ts';
import type { About, Context } from '../context.ts';

/** How what only the text of an option tells differs, and callers go by: the default of a switch, the unit of a number. */
export function toldChanges(old: Option, newer: Option, about: About, context: Context): void {
  const presence = [old, newer].map(({ argument }) => argument?.value.presence);
  if (presence.every((one) => one === 'none')) switchDefaultChange(old, newer, about, context);
  if (presence.every((one) => one === 'mandatory' || one === 'optional'))
    unitChange(old, newer, about, context);
}

/** `[default: water]`, of `--water / --no-water`: what holds where the switch is not given. */
function switchDefaultChange(old: Option, newer: Option, about: About, { list }: Context): void {
  const [was, is] = [old, newer].map(({ help }) => toldDefault(help?.value ?? '')?.value);
  if (was === undefined || is === undefined || was === is) return;
  list.add({
    ...about,
    kind: 'default-changed',
    effect: 'other-meaning',
    certain: false,
    before: was,
    after: is,
    message: `the default of ${quoteName(about.subject)} changed from ${quoteName(was)} to ${quoteName(is)}: command lines without it mean something else`,
    ...placesOf(old, newer),
  });
}

function unitChange(old: Option, newer: Option, about: About, { list }: Context): void {
  const [was, is] = [old, newer].map(({ help }) => toldUnit(help?.value ?? ''));
  if (was === undefined || is === undefined || was === is) return;
  list.add({
    ...about,
    kind: 'unit-changed',
    effect: 'other-meaning',
    certain: false,
    before: was,
    after: is,
    message: `the text of ${quoteName(about.subject)} speaks of ${is} now, not of ${was}: the same number may mean something else`,
    ...placesOf(old, newer),
  });
}

function placesOf(old: Option, newer: Option) {
  return { oldPlace: old.help?.place ?? old.place, newPlace: newer.help?.place ?? newer.place };
}
