import { firstBy } from '../../collections/grouped.ts';
import { quoteName } from '../../messages/wording.ts';
import { argumentOf, longNames, mainName, type Option, type OptionName } from '../../model/option.ts';
import type { Context } from '../context.ts';
import { lostOption } from '../pairing/lost-options.ts';
import { oppositeName } from '../pairing/opposite-name.ts';
import { optionNamed } from '../pairing/option-named.ts';
import { type CommandPair, isToldOf } from '../pairing/pairing.ts';
import { addTakenName } from '../pairing/taken-names.ts';
import { argumentChanges } from './argument-changes.ts';
import { optionFactChanges } from './option-fact-changes.ts';
import { nameChanges } from './option-name-changes.ts';

/** How the options that one command declares differ. */
export function optionChanges(pair: CommandPair, context: Context): void {
  const { pairing } = context;
  const missing: Option[] = [];
  for (const option of pair.old.command.options.items) {
    const same = pairing.options.get(option);
    if (same === undefined) {
      if (isSaidTwice(option, pair, context)) continue;
      if (pair.newer.command.options.complete?.value === true) removed(option, pair, context);
      else missing.push(option);
      continue;
    }
    nameChanges(option, same, pair, context);
    if (pairing.moved.has(option)) moved(option, same, pair, context);
    const about = { command: pair.old.path, subject: mainName(option).text };
    argumentChanges(argumentOf(option, mainName(option)), argumentOf(same, mainName(same)), about, context, {
      before: option.help?.value,
      after: same.help?.value,
    });
    ownArguments(option, same, pair, context);
    optionFactChanges(option, same, about, context);
  }
  // A letter that another option has now shows that it is gone, even in a part of the list.
  for (const option of missing) reusedNames(option, pair, context);
  context.list.leaveOut(
    pair.old.path,
    'options',
    missing.filter((option) => !isTold(option, context)).map((option) => mainName(option).text),
  );
  if (!isToldOf(pair.old.command)) return;
  for (const option of pair.newer.command.options.items)
    if (!pairing.known.has(option)) added(option, pair, context);
}

/** Whether an option is one that its command lists twice, and of which one is known to be there. */
function isSaidTwice(option: Option, { old }: CommandPair, { pairing }: Context): boolean {
  return option.names.every(({ text }) => {
    const meant = optionNamed(old, text);
    return meant !== undefined && meant !== option && pairing.options.has(meant);
  });
}

function removed(option: Option, pair: CommandPair, context: Context): void {
  const { text } = mainName(option);
  const reused = reusedNames(option, pair, context);
  const gone = option.names
    .map((name) => name.text)
    .filter((name) => !reused.has(name) && !isShifted(option, name, context));
  // What each of its names comes to is told already: that it means something else, or is ambiguous.
  if (gone.length === 0) return;
  const words = context.meanings.refused.get(option) ?? [];
  const { effect, isKnown, consequence } = lostOption(pair);
  const opposite = oppositeOf(option, pair);
  if (opposite !== undefined) {
    context.list.add({
      kind: 'option-removed',
      effect: 'uncertain',
      command: pair.old.path,
      subject: text,
      before: option.names.map((name) => name.text),
      after: opposite,
      message: `${quoteName(text)} is no longer listed, but ${quoteName(opposite)} is: whether one still switches the other off is not stated`,
      oldPlace: option.place,
      newPlace: pair.newer.command.place,
      words,
    });
    return;
  }
  context.list.add({
    kind: 'option-removed',
    effect,
    certain: isKnown && pair.newer.command.options.complete?.basis !== 'inferred',
    command: pair.old.path,
    subject: text,
    before: option.names.map((name) => name.text),
    message: `${quoteName(text)} was removed: ${consequence(gone)}`,
    oldPlace: option.place,
    newPlace: pair.newer.command.place,
    words,
  });
}

/** The name in the new version that takes an option back, or that it took back: `--no-x` and `--x`. */
function oppositeOf(option: Option, pair: CommandPair): string | undefined {
  return longNames(option)
    .map(({ text }) => oppositeName(text))
    .find((name) => optionNamed(pair.newer, name) !== undefined);
}

/** Whether a name is told among the words that mean something else or are ambiguous. */
function isShifted(option: Option, name: string, { meanings }: Context): boolean {
  const outcome = meanings.nameOutcome(option, name);
  return outcome === 'taken-over' || outcome === 'ambiguous';
}

/** Whether what became of the name that a message would call an option by is told among the words. */
function isTold(option: Option, context: Context): boolean {
  return isShifted(option, mainName(option).text, context);
}

/** The names of an option that is not in the new version and that another option has there, but for those that are told as words. */
function reusedNames(option: Option, pair: CommandPair, context: Context): Set<string> {
  const reused = new Set<string>();
  for (const name of option.names) {
    const owner = optionNamed(pair.newer, name.text);
    if (owner === undefined || isShifted(option, name.text, context)) continue;
    reused.add(name.text);
    const certain = pair.newer.command.options.complete?.value === true;
    addTakenName({ name, option, owner, certain }, pair, context);
  }
  return reused;
}

function moved(option: Option, same: Option, pair: CommandPair, { pairing, meanings, list }: Context): void {
  const to = pairing.moved.get(option);
  if (to === undefined) return;
  const subject = mainName(option).text;
  const stays = same.inheritance?.value === 'anywhere-below';
  const parent = to.path.join(' ');
  list.add({
    kind: 'option-moved',
    effect: stays ? 'compatible' : same.inheritance === undefined ? 'uncertain' : 'refused',
    command: pair.old.path,
    subject,
    before: pair.old.path,
    after: to.path,
    message: stays
      ? `${quoteName(subject)} is now an option of ${quoteName(parent)}, and still accepted here`
      : `${quoteName(subject)} is now an option of ${quoteName(parent)}: behind ${quoteName(pair.old.command.names[0]?.text ?? '')} it is ${same.inheritance === undefined ? 'perhaps ' : ''}refused`,
    oldPlace: option.place,
    newPlace: same.place,
    words: stays ? [] : (meanings.refused.get(option) ?? []),
  });
}

function added(option: Option, pair: CommandPair, { list }: Context): void {
  const { text } = mainName(option);
  const owners = option.names.map((name) => optionNamed(pair.newer, name.text));
  const [first] = owners;
  if (
    first !== undefined &&
    first !== option &&
    owners.every((owner) => owner === first) &&
    isOneSource(first, option)
  ) {
    list.add({
      kind: 'option-listed-again',
      effect: 'wording',
      command: pair.newer.path,
      subject: text,
      after: option.names.map((name) => name.text),
      message: `${quoteName(text)} is listed again`,
      newPlace: option.place,
    });
    return;
  }
  const isRequired = option.required?.value === true;
  const isNew = pair.old.command.options.complete?.value === true;
  list.add({
    kind: 'option-added',
    effect: isRequired ? 'refused' : 'compatible',
    certain: option.required?.basis !== 'inferred',
    command: pair.newer.path,
    subject: text,
    after: option.names.map((name) => name.text),
    message: isRequired
      ? `${quoteName(text)} is new and required: command lines without it are refused`
      : `${quoteName(text)} is ${isNew ? 'new' : 'listed now'}`,
    newPlace: option.place,
  });
  for (const name of option.names) {
    const owner = optionNamed(pair.newer, name.text);
    if (owner === undefined || owner === option) continue;
    list.add({
      kind: 'name-declared-twice',
      effect: 'uncertain',
      command: pair.newer.path,
      subject: name.text,
      before: mainName(owner).text,
      after: text,
      message: `${quoteName(name.text)} is declared for ${quoteName(text)}, but already means ${quoteName(mainName(owner).text)}: which one it is depends on the parser`,
      oldPlace: owner.place,
      newPlace: name.place,
    });
  }
}

/** Whether one source lists both: what two sources list is declared by each. */
function isOneSource(a: Option, b: Option): boolean {
  return a.place !== null && a.place.source === b.place?.source;
}

/** Whether what became of the argument of a name follows from what became of that of the main name. */
function isToldOfMain(option: Option, same: Option, newer: OptionName): boolean {
  const [was, is] = [option, same].map((one) => argumentOf(one, mainName(one))?.value.presence);
  const own = argumentOf(same, newer);
  return was !== is && (own?.basis === 'inferred' || own?.value.presence === is);
}

/** The arguments of names that have one of their own. */
function ownArguments(option: Option, same: Option, pair: CommandPair, context: Context): void {
  const main = mainName(option);
  const newNames = firstBy(same.names, ({ text }) => text);
  for (const name of option.names) {
    const newer = newNames.get(name.text);
    if (newer === undefined || name === main) continue;
    if (name.argument === undefined && newer.argument === undefined) continue;
    if (isToldOfMain(option, same, newer)) continue;
    argumentChanges(
      argumentOf(option, name),
      argumentOf(same, newer),
      { command: pair.old.path, subject: name.text },
      context,
    );
  }
}
