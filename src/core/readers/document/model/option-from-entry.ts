import { NO_ARGUMENT, type OptionArgument } from '../../../model/argument.ts';
import type { Basis, Knowable } from '../../../model/fact.ts';
import { makeOption, type NameForm, type Option, type OptionName } from '../../../model/option.ts';
import { nameFormOf } from '../../../notation/option-name.ts';
import { readOptionNotation } from '../../../notation/option-notation.ts';
import type { PlacedText } from '../../../notation/placed-text.ts';
import type { Entry } from '../../../structured/shape/collection.ts';
import { factOf } from '../../../structured/shape/record.ts';
import type { Placed, Report } from '../../../structured/shape/shape.ts';
import type { ArgumentRecord, NameRecord, OptionRecord } from '../format/option-format.ts';
import { acceptedFromEntries } from './accepted-from-entries.ts';
import { deprecationOf, factsOf, textFact } from './facts.ts';
import { wordFromRecord } from './word-from-record.ts';

/** Makes an option of an entry. `flags` is how sure it is that an option drawn without an argument takes none. */
export function optionFromEntry(
  entry: Entry<OptionRecord>,
  flags: Basis,
  report: Report,
): Option | undefined {
  const { name: notation, value: from, place } = entry;
  const { said } = from;
  const drawn = notation === undefined ? undefined : readOptionNotation(notation);
  if (notation !== undefined && drawn === undefined) {
    const message = `expected an option in synopsis notation such as '-c, --config=FILE', found '${notation.text.slice(0, 80)}'`;
    report('bad-notation', message, notation.place);
    return undefined;
  }
  const argument = argumentOf(from, said.argument, drawn?.argument, flags);
  const names = withOwnNames(drawn?.names ?? [], said.names?.value ?? [], report);
  if (names.length === 0) {
    report('key-missing', "expected a name, by the key 'option' or 'names'", place);
    return undefined;
  }
  return makeOption({
    names,
    argument,
    negatedNames: [
      ...(drawn?.negatedNames ?? []),
      ...(said.negated?.value ?? []).map((text) => plainName(text)),
    ],
    required: factOf(from, 'required', said.required),
    repetition: factOf(from, 'repetition', said.repetition),
    inheritance: factOf(from, 'inheritance', said.inheritance),
    appliesToNextOperand: factOf(from, 'applies-to-next-operand', said['applies-to-next-operand']),
    sameAs: sameAsOf(from, said['same-as']),
    key: factOf(from, 'key', said.key),
    declaredAt: factOf(from, 'declared-at', said['declared-at']),
    refusedNames: factsOf(from, 'refused', said.refused),
    hiddenNames: factsOf(from, 'hidden-names', said['hidden-names']),
    environment: factsOf(from, 'environment', said.environment),
    help: textFact(from, 'help', said.help),
    listed: said.listed?.value ?? said.help !== undefined,
    heading: factOf(from, 'heading', said.heading ?? entry.heading),
    hidden: factOf(from, 'hidden', said.hidden),
    deprecated: deprecationOf(from, said.deprecated),
    accepted: acceptedFromEntries(said.accepted, report),
    place,
  });
}

/** The argument of an option: as the record says, else as the notation draws it. */
function argumentOf(
  from: OptionRecord,
  said: OptionRecord['said']['argument'],
  drawn: OptionArgument | undefined,
  flags: Basis,
): Knowable<OptionArgument> {
  const basis = from.basisOf('argument');
  if (said === undefined) {
    if (drawn === undefined) return undefined;
    const isFlag = drawn.presence === 'none' && basis === 'stated';
    return { value: drawn, basis: isFlag ? flags : basis, place: drawn.place };
  }
  if ('said' in said) return { value: argumentFromRecord(said, drawn), basis, place: said.place };
  return said.value === 'none' ? { value: NO_ARGUMENT, basis, place: said.place } : undefined;
}

function argumentFromRecord(from: ArgumentRecord, drawn: OptionArgument | undefined): OptionArgument {
  const { said } = from;
  const before = drawn?.words ?? [];
  const listed = said.words?.value.map((word, i) => wordFromRecord(word, before[i]));
  const words = listed ?? [...before.slice(0, -1), wordFromRecord(from, before.at(-1))];
  const drawnPresence = drawn === undefined || drawn.presence === 'none' ? 'mandatory' : drawn.presence;
  return {
    presence: said.presence?.value ?? drawnPresence,
    words,
    count: factOf(from, 'count', said.count) ?? drawn?.count,
    place: drawn?.place ?? from.place,
  };
}

/** Adds what the key `names` says: names that the notation does not show, and what single names take. */
function withOwnNames(
  names: readonly OptionName[],
  entries: readonly Entry<NameRecord>[],
  report: Report,
): OptionName[] {
  const result = [...names];
  for (const { name, value: from } of entries) {
    if (name === undefined) continue;
    const at = result.findIndex(({ text }) => text === name.text);
    const known = result[at] ?? plainName(name, formOf(from, name, report));
    const { argument } = from.said;
    const own = { ...known, argument: argument === undefined ? known.argument : ownArgument(from, argument) };
    if (at < 0) result.push(own);
    else result[at] = own;
  }
  return result;
}

function formOf(from: NameRecord, name: PlacedText, report: Report): NameForm {
  const form = from.said.form?.value ?? nameFormOf(name.text);
  if (form !== undefined) return form;
  report(
    'bad-notation',
    `expected the name of an option, with its hyphens, found '${name.text.slice(0, 80)}'`,
    name.place,
  );
  return 'long';
}

function ownArgument(
  from: NameRecord,
  said: ArgumentRecord | Placed<'none' | 'same'>,
): Knowable<OptionArgument> {
  const basis = from.basisOf('argument');
  if ('said' in said) return { value: argumentFromRecord(said, undefined), basis, place: said.place };
  return said.value === 'none' ? { value: NO_ARGUMENT, basis, place: said.place } : undefined;
}

function plainName(text: PlacedText, form = nameFormOf(text.text) ?? 'long'): OptionName {
  return { text: text.text, form, argument: undefined, place: text.place };
}

function sameAsOf(from: OptionRecord, said: Placed<string> | undefined): Option['sameAs'] {
  if (said === undefined) return undefined;
  const equals = said.value.indexOf('=');
  const option = equals < 0 ? said.value : said.value.slice(0, equals);
  const value = equals < 0 ? undefined : said.value.slice(equals + 1);
  return factOf(from, 'same-as', { ...said, value: { option, value } });
}
