import { type Command, commandName, type Form } from '../model/command.ts';
import type { Operand } from '../model/operand.ts';
import { operandKey } from '../notation/operand-key.ts';
import type { Place } from '../source/source.ts';
import type { SynopsisFault } from './synopsis-fault.ts';

/** What is wrong with the operands that the synopses show. */
export function operandFaults(command: Command): SynopsisFault[] {
  return [
    ...memberFaults(command),
    ...countFaults(command),
    ...orderFaults(command),
    ...formOrderFaults(command),
    ...toldWithout(command),
    ...unshownCommands(command),
  ];
}

function memberFaults({ forms: own, operands, commands }: Command): SynopsisFault[] {
  // The list may be of the operands of commands that have nothing but their synopses.
  const forms = [...own, ...commands.items.flatMap((one) => (one.described ? [] : one.forms))];
  const listed = operands.items.filter(({ kind }) => kind === 'word' || kind === 'keyword');
  // `/log` is an option of another custom, and the rest of such a list is of options too.
  if (listed.length === 0 || listed.some(({ name }) => name.startsWith('/'))) return [];
  const shown = forms.flatMap((form: Form) => form.operands);
  // `box/lid` may list two that share a text.
  const names = new Set(listed.flatMap(({ name }) => [name, ...name.split('/')].map(operandKey)));
  const shownNames = new Set(shown.map(({ name }) => operandKey(name)));
  // `[ARGUMENT]...`, and dots alone, stand for all of them.
  if (forms.some(({ text }) => /(?:^|\s)\.\.\.(?:\s|$)/.test(text))) return [];
  if ([...shownNames].some((name) => /^(?:args?|arguments?|operands?)$/.test(name))) return [];
  // Of a command of which all operands are stated, a synopsis without any lacks them.
  if (shown.length === 0 && operands.complete?.basis === 'stated' && own.length > 0)
    return listed.filter(isRequired).map(({ name, place }) => ({ name, kind: 'unshown-operand', place }));
  // A list that has nothing of the usage line is one of other things; one name alone may have been changed in one place.
  const areSingle = names.size === 1 && shownNames.size === 1;
  if (!areSingle && ![...shownNames].some((name) => names.has(name))) return [];
  // `[FLAG ...]` and `+NAME` are read as options; `lid=NAME` is a setting, of which a usage line need not show every one.
  const unshown = listed.filter(
    ({ name }) =>
      !shownNames.has(operandKey(name)) &&
      !name.split('/').every((part) => shownNames.has(operandKey(part))) &&
      !/^(?:\+|flags?$|options?$)|=/i.test(name),
  );
  // A list of which the usage line shows the smaller part is of more than the operands.
  if (unshown.length > shownNames.size && unshown.length * 2 > listed.length) return [];
  return [
    ...shown
      .filter(
        ({ name, kind }) =>
          kind === 'word' && name !== '-' && !names.has(operandKey(name)) && !isFurther(name, listed),
      )
      .map(({ name, place }): SynopsisFault => ({ name, kind: 'unlisted-operand', place })),
    ...unshown.map(({ name, place }): SynopsisFault => ({ name, kind: 'unshown-operand', place })),
  ];
}

/** `file2`, where the list has `file1` once for all of them. */
function isFurther(name: string, listed: readonly Operand[]): boolean {
  const [, stem] = /^(\w*[a-z_])\d$/i.exec(name) ?? [];
  return stem !== undefined && listed.some((one) => one.name === `${stem}1`);
}

function isRequired({ count }: Operand): boolean {
  return (count?.value.least ?? 1) > 0;
}

/** Operands of which the list states how many there are, where the only synopsis shows it otherwise. */
function countFaults({ forms: [form, ...others], operands }: Command): SynopsisFault[] {
  if (form === undefined || others.length > 0) return [];
  const shownByKey = new Map(form.operands.toReversed().map((one) => [operandKey(one.name), one]));
  return operands.items.flatMap(({ name, count, place }) => {
    const operand = shownByKey.get(operandKey(name));
    const [shown, shownPlace] = [operand?.count, operand?.place ?? null];
    if (shown === undefined) return [];
    // `[BOX]` in the list, where the synopsis has `[BOX]...`.
    if (isInBrackets(place) && shown.value.most === null && shown.value.least === 0)
      return [{ name, kind: 'count' as const, place }];
    if (
      isBehindBracket(place) &&
      form.text.includes('[') &&
      shownPlace !== null &&
      !isBehindBracket(shownPlace)
    )
      return [{ name, kind: 'count' as const, place }];
    if (count?.basis !== 'stated') return [];
    // A list may name an operand without the brackets that it has in a synopsis.
    const areAlike =
      (count.value.most === 1) === (shown.value.most === 1) &&
      (count.value.least > 0 || shown.value.least === 0);
    return areAlike ? [] : [{ name, kind: 'count' as const, place: count.place }];
  });
}

/** Operands that the list has in another order than the only synopsis; an order by name is that of an index. */
function orderFaults({ forms: [form, ...others], operands }: Command): SynopsisFault[] {
  if (form === undefined || others.length > 0) return [];
  const listed = operands.items.map(({ name }) => operandKey(name));
  const rankOf = new Map(listed.map((name, i) => [name, i]));
  const shown = form.operands.filter(({ name }) => rankOf.has(operandKey(name)));
  const ranks = shown.map(({ name }) => rankOf.get(operandKey(name)) ?? 0);
  const at = ranks.findIndex((rank, i) => (ranks[i + 1] ?? rank) < rank);
  const [first] = shown.slice(at);
  // Two may be in that order by chance.
  const isSorted = listed.length > 2 && [...listed].sort().every((name, i) => name === listed[i]);
  if (at < 0 || first === undefined || isSorted || new Set(ranks).size < ranks.length) return [];
  return [{ name: first.name, kind: 'order', place: first.place }];
}

/** `With no FILE, read standard input`, of an operand that the only synopsis shows as one that must be given. */
function toldWithout({ forms: [form, ...others], remarks, description }: Command): SynopsisFault[] {
  if (form === undefined || others.length > 0) return [];
  const texts = [description, ...remarks].flatMap((fact) => fact?.value ?? []).slice(0, TEXTS_LIMIT);
  return form.operands.flatMap(({ name, count, place }): SynopsisFault[] => {
    if ((count?.value.least ?? 0) < 1 || !/^[A-Za-z][\w-]{0,40}$/.test(name)) return [];
    const told = new RegExp(
      `\\b(?:[Ww]ith no|[Ww]ithout(?: an?)?|[Ii]f no|[Ww]hen no) ${name}(?:s|\\(s\\))?(?:,| (?:is|are) (?:given|specified|supplied|named))`,
    );
    return texts.some((text) => told.test(text)) ? [{ name, kind: 'mandatory', place }] : [];
  });
}

/** So many paragraphs are searched. */
const TEXTS_LIMIT = 100;

/** Two synopses with the same operands in another order, of which no option that must be given tells which is meant. */
function formOrderFaults({ forms }: Command): SynopsisFault[] {
  const shown = forms.slice(0, TEXTS_LIMIT).map(({ operands, options }) => ({
    operands,
    keys: operands.map(({ name }) => operandKey(name)),
    isPlain: !options.some(({ required }) => required),
  }));
  for (const [i, one] of shown.entries()) {
    const set = new Set(one.keys);
    if (!one.isPlain || set.size < 2 || set.size < one.keys.length) continue;
    const other = shown
      .slice(i + 1)
      .find(
        ({ keys, isPlain }) =>
          isPlain &&
          keys.length === one.keys.length &&
          keys.every((key) => set.has(key)) &&
          keys[0] !== one.keys[0],
      );
    const first = other?.operands[0];
    if (first !== undefined) return [{ name: first.name, kind: 'order', place: first.place }];
  }
  return [];
}

/** Whether an operand stands in square brackets of its own, with no dots in or behind them. */
function isInBrackets(place: Place): boolean {
  if (place === null || !isBehindBracket(place)) return false;
  const shown = place.source.text.slice(place.start, place.end + 4);
  return shown.includes(']') && !shown.includes('...');
}

/** Whether an operand stands right behind an opening square bracket. */
function isBehindBracket(place: Place): boolean {
  if (place === null) return false;
  return place.source.text.slice(Math.max(0, place.start - 2), place.start + 1).includes('[');
}

/** A choice in braces of which each member may be a command. */
const BRACES = /\{([a-z\d][\w:-]*(?:,[a-z\d][\w:-]*)+)\}/g;

/** Commands that are listed, where the braces of a synopsis name all others. */
function unshownCommands({ forms, commands }: Command): SynopsisFault[] {
  const names = new Set(commands.items.flatMap((one) => one.names.map(({ text }) => text)));
  const shown = forms
    .flatMap(({ text }) => [...text.matchAll(BRACES)].map(([, list = '']) => list.split(',')))
    .find((list) => list.every((word) => names.has(word)));
  if (shown === undefined) return [];
  const inBraces = new Set(shown);
  const unshown = commands.items.filter(
    (one) => one.hidden?.value !== true && !one.names.some(({ text }) => inBraces.has(text)),
  );
  const [first] = unshown;
  if (first === undefined || unshown.length > shown.length / 2) return [];
  return [{ name: commandName(first), kind: 'unshown-command', place: first.place }];
}
