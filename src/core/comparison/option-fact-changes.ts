import { quoteName } from '../messages/wording.ts';
import type { Option } from '../model/option.ts';
import { saysTheSame } from '../model/same.ts';
import type { About, Context } from './context.ts';
import { areStated, differing, textDiffers } from './facts.ts';
import { standingChanges } from './standing-changes.ts';

/** How what is said of an option differs, beside its names and its argument. */
export function optionFactChanges(old: Option, fresh: Option, about: About, context: Context): void {
  requiredChange(old, fresh, about, context);
  repetitionChange(old, fresh, about, context);
  inheritanceChange(old, fresh, about, context);
  meaningChanges(old, fresh, about, context);
  environmentChanges(old, fresh, about, context);
  standingChanges(old, fresh, about, context);
  textChanges(old, fresh, about, context);
}

function requiredChange(old: Option, fresh: Option, about: About, { list }: Context): void {
  const [was, is] = [old.required?.value ?? false, fresh.required?.value ?? false];
  if (was === is) return;
  const subject = quoteName(about.subject);
  list.add({
    ...about,
    kind: 'required-changed',
    effect: is ? 'refused' : 'compatible',
    certain: areStated(old.required, fresh.required),
    before: was,
    after: is,
    message: is
      ? `${subject} is required now: command lines without it are refused`
      : `${subject} is no longer required`,
    oldPlace: old.required?.place ?? old.place,
    newPlace: fresh.required?.place ?? fresh.place,
  });
}

const REPETITION_WORDS = {
  refused: 'is refused',
  'last-wins': 'uses the last one',
  'all-count': 'collects all of them',
  counted: 'is counted',
} as const;

function repetitionChange(old: Option, fresh: Option, about: About, { list }: Context): void {
  const [was, is] = [old.repetition, fresh.repetition];
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
        ? `what giving ${quoteName(about.subject)} twice comes to is no longer said`
        : `giving ${quoteName(about.subject)} twice ${REPETITION_WORDS[is.value]} now`,
    oldPlace: was?.place ?? old.place,
    newPlace: is?.place ?? fresh.place,
  });
}

const INHERITANCE_WORDS = {
  'before-subcommand': 'before a subcommand only',
  'anywhere-below': 'anywhere below its command',
  'not-inherited': 'at its own command only',
} as const;

function inheritanceChange(
  old: Option,
  fresh: Option,
  about: About,
  { list, meanings, pairing }: Context,
): void {
  const [was, is] = [old.inheritance, fresh.inheritance];
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
        ? `where ${quoteName(about.subject)} may stand is no longer said`
        : `${quoteName(about.subject)} may stand ${INHERITANCE_WORDS[is.value]} now`,
    oldPlace: was?.place ?? old.place,
    newPlace: is?.place ?? fresh.place,
    // Those at the commands below the one that declares it.
    words: isLost
      ? (meanings.refused.get(old) ?? []).filter(({ command }) => command.length > about.command.length)
      : [],
  });
}

function meaningChanges(old: Option, fresh: Option, about: About, { list }: Context): void {
  const same = (option: Option) => {
    const fact = option.sameAs?.value;
    return fact === undefined
      ? null
      : fact.value === undefined
        ? fact.option
        : `${fact.option}=${fact.value}`;
  };
  const [was, is] = [same(old), same(fresh)];
  const subject = quoteName(about.subject);
  if (was !== is) {
    list.add({
      ...about,
      kind: 'same-as-changed',
      effect: was === null || is === null ? 'uncertain' : 'other-meaning',
      certain: areStated(old.sameAs, fresh.sameAs),
      before: was,
      after: is,
      message:
        is === null
          ? `${subject} is no longer said to be the same as ${quoteName(was ?? '')}`
          : `${subject} is now said to be the same as ${quoteName(is)}`,
      oldPlace: old.place,
      newPlace: fresh.place,
    });
  }
  const [next, nextNow] = [old.appliesToNextOperand?.value, fresh.appliesToNextOperand?.value];
  if (next === nextNow) return;
  list.add({
    ...about,
    kind: 'reach-changed',
    effect:
      differing(old.appliesToNextOperand, fresh.appliesToNextOperand) === undefined
        ? 'wording'
        : 'other-meaning',
    certain: areStated(old.appliesToNextOperand, fresh.appliesToNextOperand),
    before: next ?? null,
    after: nextNow ?? null,
    message:
      nextNow === undefined
        ? `what ${subject} applies to is no longer said`
        : `${subject} applies to ${nextNow ? 'the operand behind it' : 'the whole command line'} now`,
    oldPlace: old.place,
    newPlace: fresh.place,
  });
}

function environmentChanges(old: Option, fresh: Option, about: About, { list }: Context): void {
  const names = (option: Option) => option.environment.map(({ value }) => value);
  const [was, is] = [names(old), names(fresh)];
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
      newPlace: fresh.place,
    });
  }
  for (const variable of fresh.environment) {
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

function textChanges(old: Option, fresh: Option, about: About, { list }: Context): void {
  const subject = quoteName(about.subject);
  if (textDiffers(old.help?.value, fresh.help?.value)) {
    list.add({
      ...about,
      kind: 'option-text',
      effect: 'wording',
      before: old.help?.value ?? null,
      after: fresh.help?.value ?? null,
      message: `the text of ${subject} has changed`,
      oldPlace: old.help?.place ?? old.place,
      newPlace: fresh.help?.place ?? fresh.place,
    });
  }
  if (!textDiffers(old.heading?.value, fresh.heading?.value)) return;
  list.add({
    ...about,
    kind: 'heading-changed',
    effect: 'wording',
    before: old.heading?.value ?? null,
    after: fresh.heading?.value ?? null,
    message: `${subject} is listed under another heading`,
    oldPlace: old.place,
    newPlace: fresh.place,
  });
}
