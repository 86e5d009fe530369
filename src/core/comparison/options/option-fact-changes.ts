import { quoteName } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import { saysTheSame } from '../../model/same.ts';
import { standingChanges } from '../commands/standing-changes.ts';
import type { About, Context } from '../context.ts';
import { areStated, differing, textDiffers } from '../facts.ts';
import { toldChanges } from './told-changes.ts';

/** How what is said of an option differs, beside its names and its argument. */
export function optionFactChanges(old: Option, newer: Option, about: About, context: Context): void {
  requiredChange(old, newer, about, context);
  repetitionChange(old, newer, about, context);
  inheritanceChange(old, newer, about, context);
  toldChanges(old, newer, about, context);
  meaningChanges(old, newer, about, context);
  environmentChanges(old, newer, about, context);
  standingChanges(old, newer, about, context);
  textChanges(old, newer, about, context);
}

function requiredChange(old: Option, newer: Option, about: About, { list }: Context): void {
  const [was, is] = [old.required?.value ?? false, newer.required?.value ?? false];
  if (was === is) return;
  const subject = quoteName(about.subject);
  list.add({
    ...about,
    kind: 'required-changed',
    effect: is ? 'refused' : 'compatible',
    certain: areStated(old.required, newer.required),
    before: was,
    after: is,
    message: is
      ? `${subject} is required now: command lines without it are refused`
      : `${subject} is no longer required`,
    oldPlace: old.required?.place ?? old.place,
    newPlace: newer.required?.place ?? newer.place,
  });
}

const REPETITION_WORDS = {
  refused: 'is refused',
  'last-wins': 'uses the last one',
  'all-count': 'collects all of them',
  counted: 'is counted',
} as const;

function repetitionChange(old: Option, newer: Option, about: About, { list }: Context): void {
  const [was, is] = [old.repetition, newer.repetition];
  if (saysTheSame(was?.value, is?.value)) return;
  const changed = differing(was, is);
  list.add({
    ...about,
    kind: 'repetition-changed',
    effect:
      changed === undefined
        ? 'wording'
        : changed[1].value === 'refused'
          ? 'refused'
          : changed[0].value === 'refused'
            ? 'compatible'
            : 'other-meaning',
    certain: areStated(was, is),
    before: was?.value ?? null,
    after: is?.value ?? null,
    message:
      is === undefined
        ? `it is no longer stated what happens when ${quoteName(about.subject)} is given twice`
        : `giving ${quoteName(about.subject)} twice ${REPETITION_WORDS[is.value]} now`,
    oldPlace: was?.place ?? old.place,
    newPlace: is?.place ?? newer.place,
  });
}

const INHERITANCE_WORDS = {
  'before-subcommand': 'before a subcommand only',
  'anywhere-below': 'anywhere below its command',
  'not-inherited': 'at its own command only',
} as const;

function inheritanceChange(
  old: Option,
  newer: Option,
  about: About,
  { list, meanings, pairing }: Context,
): void {
  const [was, is] = [old.inheritance, newer.inheritance];
  if (saysTheSame(was?.value, is?.value) || pairing.moved.has(old)) return;
  const isLost = was?.value === 'anywhere-below';
  list.add({
    ...about,
    kind: 'inheritance-changed',
    effect:
      is === undefined && was !== undefined && isLost
        ? 'uncertain'
        : differing(was, is) === undefined
          ? 'wording'
          : is?.value === 'anywhere-below'
            ? 'compatible'
            : 'refused',
    certain: areStated(was, is),
    before: was?.value ?? null,
    after: is?.value ?? null,
    message:
      is === undefined
        ? `where ${quoteName(about.subject)} can appear is no longer stated`
        : `${quoteName(about.subject)} can now appear ${INHERITANCE_WORDS[is.value]}`,
    oldPlace: was?.place ?? old.place,
    newPlace: is?.place ?? newer.place,
    // Those at the commands below the one that declares it.
    words: isLost
      ? (meanings.refused.get(old) ?? []).filter(({ command }) => command.length > about.command.length)
      : [],
  });
}

function meaningChanges(old: Option, newer: Option, about: About, { list }: Context): void {
  const same = (option: Option) => {
    const fact = option.sameAs?.value;
    return fact === undefined
      ? null
      : fact.value === undefined
        ? fact.option
        : `${fact.option}=${fact.value}`;
  };
  const [was, is] = [same(old), same(newer)];
  const subject = quoteName(about.subject);
  if (was !== is) {
    list.add({
      ...about,
      kind: 'same-as-changed',
      effect: was === null || is === null ? 'uncertain' : 'other-meaning',
      certain: areStated(old.sameAs, newer.sameAs),
      before: was,
      after: is,
      message:
        is === null
          ? `${subject} is no longer stated to be the same as ${quoteName(was ?? '')}`
          : `${subject} is now the same as ${quoteName(is)}`,
      oldPlace: old.place,
      newPlace: newer.place,
    });
  }
  const [next, nextNow] = [old.appliesToNextOperand?.value, newer.appliesToNextOperand?.value];
  if (next === nextNow) return;
  list.add({
    ...about,
    kind: 'reach-changed',
    effect:
      differing(old.appliesToNextOperand, newer.appliesToNextOperand) === undefined
        ? 'wording'
        : 'other-meaning',
    certain: areStated(old.appliesToNextOperand, newer.appliesToNextOperand),
    before: next ?? null,
    after: nextNow ?? null,
    message:
      nextNow === undefined
        ? `what ${subject} applies to is no longer stated`
        : `${subject} now applies ${nextNow ? 'only to the next operand' : 'to the whole command line'}`,
    oldPlace: old.place,
    newPlace: newer.place,
  });
}

function environmentChanges(old: Option, newer: Option, about: About, { list }: Context): void {
  const names = (option: Option) => option.environment.map(({ value }) => value);
  const [was, is] = [names(old), names(newer)];
  const subject = quoteName(about.subject);
  for (const variable of old.environment) {
    if (is.includes(variable.value)) continue;
    list.add({
      ...about,
      kind: 'option-variable-removed',
      effect: 'uncertain',
      before: variable.value,
      message: `the variable ${quoteName(variable.value)} is no longer listed for ${subject}: if it is set, it may be ignored`,
      oldPlace: variable.place,
      newPlace: newer.place,
    });
  }
  for (const variable of newer.environment) {
    if (was.includes(variable.value)) continue;
    list.add({
      ...about,
      kind: 'option-variable-added',
      effect: 'compatible',
      after: variable.value,
      message: `${subject} can be set by the variable ${quoteName(variable.value)}`,
      oldPlace: old.place,
      newPlace: variable.place,
    });
  }
}

function textChanges(old: Option, newer: Option, about: About, { list }: Context): void {
  const subject = quoteName(about.subject);
  if (textDiffers(old.help?.value, newer.help?.value)) {
    list.add({
      ...about,
      kind: 'option-text',
      effect: 'wording',
      before: old.help?.value ?? null,
      after: newer.help?.value ?? null,
      message: `the text of ${subject} has changed`,
      oldPlace: old.help?.place ?? old.place,
      newPlace: newer.help?.place ?? newer.place,
    });
  }
  if (!textDiffers(old.heading?.value, newer.heading?.value)) return;
  list.add({
    ...about,
    kind: 'heading-changed',
    effect: 'wording',
    before: old.heading?.value ?? null,
    after: newer.heading?.value ?? null,
    message: `${subject} is listed under another heading`,
    oldPlace: old.place,
    newPlace: newer.place,
  });
}
