import { firstBy, groupedBy } from '../../collections/grouped.ts';
import { isSameList } from '../../collections/list-key.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Count } from '../../model/argument.ts';
import type { Command, Form } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import { saysTheSame } from '../../model/same.ts';
import type { About, Context } from '../context.ts';
import { areStated, textDiffers } from '../facts.ts';
import { countWords } from '../options/argument-changes.ts';
import { wordChanges } from '../options/word-changes.ts';
import { pairForms } from '../pairing/pair-forms.ts';
import type { CommandPair } from '../pairing/pairing.ts';

/** How the operands of a command differ, in its forms and in its list, and how the forms do. */
export function operandChanges(pair: CommandPair, context: Context): void {
  const [old, newer] = [pair.old.command, pair.newer.command];
  const told = new Set<string>();
  if (old.forms.length > 0 && newer.forms.length > 0) formChanges(pair, told, context);
  else if (effective(old) !== undefined && effective(newer) !== undefined)
    orderChanges(effective(old) ?? [], effective(newer) ?? [], pair, told, context);
  else if (old.operands.items.length > 0)
    context.list.leaveOut(
      pair.old.path,
      'operands',
      old.operands.items.map(({ name }) => name),
    );
  // Two of one name are told apart by their order.
  const news = groupedBy(newer.operands.items.toReversed(), ({ name }) => name);
  for (const operand of old.operands.items) {
    const same = news.get(operand.name)?.pop();
    if (same !== undefined) sameOperand(operand, same, pair, told, context);
  }
}

/** The operands where there is one list of them: of the only form, else those with texts. */
function effective({ forms, operands }: Command): readonly Operand[] | undefined {
  if (forms.length === 1) return forms[0]?.operands;
  return forms.length === 0 && operands.items.length > 0 ? operands.items : undefined;
}

function formChanges(pair: CommandPair, told: Set<string>, context: Context): void {
  const { same, changed, removed, added } = pairForms(pair.old.command.forms, pair.newer.command.forms);
  const { list } = context;
  const command = pair.old.path;
  for (const [old, newer] of changed) orderChanges(old.operands, newer.operands, pair, told, context);
  for (const [old, newer] of [...same, ...changed]) {
    if (!textDiffers(old.text, newer.text)) continue;
    list.add({
      command,
      kind: 'usage-text',
      effect: 'wording',
      subject: 'usage',
      before: old.text,
      after: newer.text,
      message: 'the usage has changed',
      oldPlace: old.place,
      newPlace: newer.place,
    });
  }
  const add = (form: Form, kind: 'form-removed' | 'form-added') => {
    const isRemoved = kind === 'form-removed';
    list.add({
      command,
      kind,
      effect: isRemoved ? 'uncertain' : 'compatible',
      subject: 'usage',
      ...(isRemoved
        ? { before: form.text, oldPlace: form.place }
        : { after: form.text, newPlace: form.place }),
      message: isRemoved
        ? `the form ${quoteName(form.text)} is no longer shown: command lines of this form may be refused`
        : `the form ${quoteName(form.text)} is new`,
    });
  };
  for (const form of removed) add(form, 'form-removed');
  for (const form of added) add(form, 'form-added');
}

/** How two lists of operands differ whose order counts. */
function orderChanges(
  old: readonly Operand[],
  newer: readonly Operand[],
  pair: CommandPair,
  told: Set<string>,
  context: Context,
): void {
  const { list } = context;
  const command = pair.old.path;
  const oldNames = old.map(({ name }) => name);
  const newNames = newer.map(({ name }) => name);
  const isOld = new Set(oldNames);
  // Of two of one name the first counts.
  const freshByName = firstBy(newer, ({ name }) => name);
  const stay = oldNames.filter((name) => freshByName.has(name));
  const inNewOrder = newNames.filter((name) => isOld.has(name));
  if (!isSameList(stay, inNewOrder)) {
    list.add({
      command,
      kind: 'operands-reordered',
      effect: 'other-meaning',
      certain: true,
      subject: stay[0] ?? '',
      before: oldNames,
      after: newNames,
      message: `the operands are now ${newNames.join(' ')} instead of ${oldNames.join(' ')}: each word means something else`,
      oldPlace: old[0]?.place,
      newPlace: newer[0]?.place,
    });
    return;
  }
  const come = new Set(newer.filter(({ name }) => !isOld.has(name)));
  // What stands in the same place and may be given as often is the same operand by another name.
  const renamed = new Map<Operand, Operand>();
  if (old.length === newer.length) {
    for (const [i, operand] of old.entries()) {
      const other = newer[i];
      if (freshByName.has(operand.name) || other === undefined || !come.has(other)) continue;
      if (other.kind === operand.kind) renamed.set(operand, other);
    }
  }
  for (const operand of old) {
    const same = renamed.get(operand) ?? freshByName.get(operand.name);
    if (same === undefined) removed(operand, old, pair, context);
    else {
      if (same.name !== operand.name) renamedOperand(operand, same, pair, context);
      countChange(operand, same, { command, subject: operand.name }, told, context);
    }
  }
  const newNamed = new Set(renamed.values());
  for (const operand of come) if (!newNamed.has(operand)) added(operand, newer, pair, context);
}

function renamedOperand(old: Operand, newer: Operand, pair: CommandPair, { list }: Context): void {
  if (isChoiceOfCommands(old, pair.old.command) && isChoiceOfCommands(newer, pair.newer.command)) return;
  list.add({
    command: pair.old.path,
    kind: 'operand-renamed',
    effect: 'wording',
    subject: old.name,
    before: old.name,
    after: newer.name,
    message: `the operand ${quoteName(old.name)} was renamed to ${quoteName(newer.name)}`,
    oldPlace: old.place,
    newPlace: newer.place,
  });
}

/** `{open,close}`, where those are the commands: what became of them is told of each. */
function isChoiceOfCommands({ name }: Operand, { commands }: Command): boolean {
  const known = new Set(commands.items.flatMap(({ names }) => names.map(({ text }) => text)));
  return name.split(',').every((word) => known.has(word));
}

function removed(operand: Operand, among: readonly Operand[], pair: CommandPair, { list }: Context): void {
  const isLast = among.at(-1) === operand;
  list.add({
    command: pair.old.path,
    kind: 'operand-removed',
    effect: isLast ? 'refused' : 'other-meaning',
    certain: areStated(operand.count),
    subject: operand.name,
    before: operand.name,
    message: isLast
      ? `the operand ${quoteName(operand.name)} was removed: command lines with it have one word too many`
      : `the operand ${quoteName(operand.name)} was removed: its word is taken for the next operand`,
    oldPlace: operand.place,
    newPlace: pair.newer.command.place,
  });
}

function added(operand: Operand, among: readonly Operand[], pair: CommandPair, { list }: Context): void {
  const isLast = among.at(-1) === operand;
  const isOptional = operand.count?.value.least === 0;
  list.add({
    command: pair.newer.path,
    kind: 'operand-added',
    effect: isLast ? (isOptional ? 'compatible' : 'refused') : 'other-meaning',
    certain: areStated(operand.count),
    subject: operand.name,
    after: operand.name,
    message: !isLast
      ? `the operand ${quoteName(operand.name)} is new, before others: their words are taken for it`
      : isOptional
        ? `the operand ${quoteName(operand.name)} is new`
        : `the operand ${quoteName(operand.name)} is new and required: command lines without it are refused`,
    oldPlace: pair.old.command.place,
    newPlace: operand.place,
  });
}

function countChange(old: Operand, newer: Operand, about: About, told: Set<string>, { list }: Context): void {
  const [was, is] = [old.count, newer.count];
  if (told.has(old.name) || was === undefined || is === undefined || saysTheSame(was.value, is.value)) return;
  told.add(old.name);
  const isNarrower = is.value.least > was.value.least || mostOf(is.value) < mostOf(was.value);
  list.add({
    ...about,
    kind: 'operand-count-changed',
    effect: isNarrower ? 'refused' : 'compatible',
    certain: areStated(was, is),
    before: { ...was.value },
    after: { ...is.value },
    message: `${quoteName(about.subject)} can now be given ${countWords(is.value)}; it could be given ${countWords(was.value)} before${isNarrower ? ': other numbers are refused' : ''}`,
    oldPlace: was.place ?? old.place,
    newPlace: is.place ?? newer.place,
  });
}

function mostOf({ most }: Count): number {
  return most ?? Number.POSITIVE_INFINITY;
}

/** How what is listed of an operand differs. */
function sameOperand(
  old: Operand,
  newer: Operand,
  pair: CommandPair,
  told: Set<string>,
  context: Context,
): void {
  const about = { command: pair.old.path, subject: old.name };
  const { list } = context;
  countChange(old, newer, about, told, context);
  wordChanges(old.word, newer.word, about, context, {
    before: old.help?.value,
    after: newer.help?.value,
  });
  const places = { oldPlace: old.place, newPlace: newer.place };
  if (old.kind !== newer.kind || !saysTheSame(old.vocabulary, newer.vocabulary)) {
    list.add({
      ...about,
      ...places,
      kind: 'operand-kind-changed',
      effect: 'other-meaning',
      before: [old.kind, ...old.vocabulary],
      after: [newer.kind, ...newer.vocabulary],
      message: `what ${quoteName(old.name)} can be has changed`,
    });
  }
  if (!textDiffers(old.help?.value, newer.help?.value)) return;
  list.add({
    ...about,
    ...places,
    kind: 'operand-text',
    effect: 'wording',
    before: old.help?.value ?? null,
    after: newer.help?.value ?? null,
    message: `the text of ${quoteName(old.name)} has changed`,
  });
}
