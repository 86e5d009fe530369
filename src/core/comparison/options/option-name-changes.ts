import { firstBy } from '../../collections/grouped.ts';
import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option, type OptionName } from '../../model/option.ts';
import type { Outcome } from '../abbreviations/word-meanings.ts';
import type { Context } from '../context.ts';
import { lostNameEffect, lostNameMessage } from '../pairing/lost-names.ts';
import { lostOption } from '../pairing/lost-options.ts';
import { oppositeName } from '../pairing/opposite-name.ts';
import { optionNamed } from '../pairing/option-named.ts';
import type { CommandPair } from '../pairing/pairing.ts';
import { addTakenName } from '../pairing/taken-names.ts';

interface Named {
  readonly name: OptionName;
  readonly negated: boolean;
}

/** How the names of an option that both versions have differ: gone, given to another option, new, or the option renamed. */
export function nameChanges(option: Option, same: Option, pair: CommandPair, context: Context): void {
  const [old, newer] = [namesOf(option), namesOf(same)];
  const [oldNames, newNames] = [firstBy(old, textOf), firstBy(newer, textOf)];
  const gone = old.filter(({ name }) => !newNames.has(name.text));
  const come = newer.filter(({ name }) => !oldNames.has(name.text));
  const { list } = context;
  const main = quoteName(mainName(option).text);
  // Where a long name goes and another one comes, or no name stays, the option was renamed; a letter is a name among others.
  const staysMain = old.some((one) => isMain(one) && newNames.has(one.name.text));
  const isRenamed =
    come.length > 0 && (gone.length === old.length || (gone.some(isMain) && come.some(isMain) && !staysMain));
  if (isRenamed) renamed(option, same, gone, come, pair, context);
  for (const one of isRenamed ? [] : gone) nameRemoved(option, same, one, pair, context);
  for (const { name, negated } of isRenamed ? [] : come) {
    list.add({
      kind: 'option-name-added',
      effect: 'compatible',
      command: pair.old.path,
      subject: name.text,
      after: name.text,
      message: `${quoteName(name.text)} is a new name of ${main}${negated ? ', and switches it off' : ''}`,
      oldPlace: option.place,
      newPlace: name.place,
    });
  }
  hiddenNameChanges(option, same, pair, context);
  for (const { name, negated } of old) {
    const other = newNames.get(name.text);
    if (other === undefined || other.negated === negated) continue;
    list.add({
      kind: 'option-name-negated',
      effect: 'other-meaning',
      command: pair.old.path,
      subject: name.text,
      before: negated,
      after: other.negated,
      message: `${quoteName(name.text)} ${other.negated ? 'now switches' : 'no longer switches'} ${quoteName(mainName(same).text)} off`,
      oldPlace: name.place,
      newPlace: other.name.place,
    });
  }
}

/** Names that both versions have, and that only one of them shows in its help. */
function hiddenNameChanges(option: Option, same: Option, pair: CommandPair, { list }: Context): void {
  const [was, is] = [option, same].map((one) => new Set(one.hiddenNames.map(({ value }) => value)));
  for (const name of option.names) {
    const other = same.names.find(({ text }) => text === name.text);
    const isHidden = is?.has(name.text) === true;
    if (other === undefined || isHidden === was?.has(name.text)) continue;
    list.add({
      kind: isHidden ? 'hidden' : 'shown',
      effect: 'wording',
      command: pair.old.path,
      subject: name.text,
      before: !isHidden,
      after: isHidden,
      message: `${quoteName(name.text)} is ${isHidden ? 'now' : 'no longer'} hidden from the help`,
      oldPlace: name.place,
      newPlace: other.place,
    });
  }
}

function renamed(
  option: Option,
  same: Option,
  gone: readonly Named[],
  come: readonly Named[],
  pair: CommandPair,
  context: Context,
): void {
  const { text } = mainName(option);
  const refused = gone.filter(({ name }) => isRefused(option, name, pair, context));
  for (const { name } of gone) takenOver(option, name, pair, context);
  const { effect, isKnown, consequence } = lostOption(pair);
  const isNegation = oppositeName(text) === mainName(same).text;
  const outcome = context.meanings.nameOutcome(option, text);
  context.list.add({
    kind: 'option-renamed',
    effect:
      outcome === 'perhaps-same' || (isNegation && refused.length > 0)
        ? 'uncertain'
        : refused.length === 0
          ? 'compatible'
          : effect,
    certain: isKnown && pair.newer.command.options.complete?.value === true,
    command: pair.old.path,
    subject: text,
    before: gone.map(({ name }) => name.text),
    after: come.map(({ name }) => name.text),
    message:
      `${quoteName(text)} is called ${quoteName(mainName(same).text)} now` +
      (refused.length > 0
        ? `: ${consequence(refused.map(({ name }) => name.text))}`
        : stillWorks(text, outcome, consequence([text]))),
    oldPlace: option.place,
    newPlace: same.place,
    words: context.meanings.refused.get(option) ?? [],
  });
}

/** What is to be said of an old name that is an abbreviation now; nothing where what became of it is told of its words. */
function stillWorks(name: string, outcome: Outcome | undefined, consequence: string): string {
  if (outcome === 'same')
    return `; ${quoteName(name)} still works, but only as an abbreviation: another option that begins so would end that`;
  return outcome === 'perhaps-same' ? `: ${consequence}, unless the parser accepts abbreviations` : '';
}

function nameRemoved(
  option: Option,
  same: Option,
  { name }: Named,
  pair: CommandPair,
  context: Context,
): void {
  if (takenOver(option, name, pair, context)) return;
  const owner = optionNamed(pair.newer, name.text);
  if (owner !== undefined) {
    // Of two that declare a name, the other one had it before.
    context.list.add({
      kind: 'option-name-removed',
      effect: 'compatible',
      command: pair.old.path,
      subject: name.text,
      before: name.text,
      message: `${quoteName(name.text)} is no longer a name of ${quoteName(mainName(same).text)}; before, it was ${quoteName(mainName(owner).text)}`,
      oldPlace: name.place,
      newPlace: same.place,
    });
    return;
  }
  const outcome = context.meanings.nameOutcome(option, name.text);
  // What an ambiguous name or one taken over comes to is told of the words.
  if (outcome === 'taken-over' || outcome === 'ambiguous') return;
  const complete = pair.newer.command.options.complete;
  const { effect, isKnown, consequence } = lostOption(pair);
  context.list.add({
    kind: 'option-name-removed',
    effect: lostNameEffect(outcome, effect),
    certain: isKnown && complete?.value === true && complete.basis !== 'inferred',
    command: pair.old.path,
    subject: name.text,
    before: name.text,
    message: lostNameMessage(name.text, mainName(same).text, outcome, consequence([name.text])),
    oldPlace: name.place,
    newPlace: same.place,
    words: context.meanings.refusedOf(option, name.text),
  });
}

/** Tells of a name that another option has now, where it is not told among the words; whether one has. */
function takenOver(option: Option, name: OptionName, pair: CommandPair, context: Context): boolean {
  const owner = optionNamed(pair.newer, name.text);
  if (owner === undefined || context.meanings.nameOutcome(option, name.text) === 'taken-over') return false;
  const meant = optionNamed(pair.old, name.text);
  // Of two that declare a name, the parser knew the first one by it.
  if (meant !== option && meant !== undefined) return false;
  addTakenName({ name, option, owner, certain: true }, pair, context);
  return true;
}

function isRefused(option: Option, name: OptionName, pair: CommandPair, { meanings }: Context): boolean {
  const outcome = meanings.nameOutcome(option, name.text);
  return outcome === undefined ? optionNamed(pair.newer, name.text) === undefined : outcome === 'refused';
}

function namesOf({ names, negatedNames }: Option): Named[] {
  return [
    ...names.map((name) => ({ name, negated: false })),
    ...negatedNames.map((name) => ({ name, negated: true })),
  ];
}

function textOf({ name }: Named): string {
  return name.text;
}

function isMain({ name, negated }: Named): boolean {
  return !negated && name.form !== 'short';
}
