import { flatMapped } from '../../collections/flat-mapped.ts';
import { type AllowedValue, makeValueWord, NO_ARGUMENT, type OptionArgument } from '../../model/argument.ts';
import { type Fact, inferred, type Knowable, stated } from '../../model/fact.ts';
import { makeOption, type Option, type OptionName } from '../../model/option.ts';
import { REQUIRED_MARK } from '../../notation/argument-words.ts';
import { makeArgument, type ToSpan } from '../../notation/option-argument.ts';
import { nameFormOf } from '../../notation/option-name.ts';
import { optionNames, type ShownName, shownArgument } from '../../notation/option-names.ts';
import { repetitionInProse } from '../../notation/prose-repetition.ts';
import type { Place } from '../../source/source.ts';
import { allowedValues } from './allowed-values.ts';
import type { CleanedText } from './cleaned-text.ts';
import { defaultAtEnd } from './default-at-end.ts';
import type { OptionEntry } from './option-entries.ts';
import { requiredByStar } from './required-stars.ts';
import { TextFlow } from './text-flow.ts';
import { readNotations, type TextNotations } from './text-notations.ts';

/** What the list that an entry stands in says of it. */
export interface EntryContext {
  readonly heading: Fact<string> | undefined;
  /** Whether entries of the list show their arguments behind their names: then one that shows none takes none, whatever its text has. */
  readonly showsArguments: boolean;
}

/** Makes an option of an entry of an option list. */
export function optionFromEntry(entry: OptionEntry, context: EntryContext, cleaned: CleanedText): Option {
  const { heading, showsArguments } = context;
  const flow = new TextFlow(cleaned, entry.pieces);
  const notations = readNotations(flow);
  const names = flatMapped(entry.declaring, ({ line, declaration }) => {
    const toSpan: ToSpan = (start, end) => cleaned.span(line.start + start, line.start + end);
    return declaration.names.map((declared) => ({ declared, toSpan }));
  });
  const shown = shownArgument(names);
  const counted = names.find(({ declared }) => declared.isCounted);
  const repetition = counted && stated('counted' as const, placeOf(counted));
  // What is counted takes no argument, whatever numbers its text has.
  const argument = counted
    ? stated(NO_ARGUMENT, placeOf(counted))
    : optionArgument(names, showsArguments, notations, flow);
  const declared = optionNames(names, shown, argument, 'inferred');
  const noted = notations.otherNames.map(({ text, isNegated, start, end }) => ({
    isNegated,
    name: notedName(text, flow.span(start, end)),
  }));
  const further = (isNegated: boolean) =>
    noted.filter((one) => one.isNegated === isNegated).map(({ name }) => name);
  return makeOption({
    names: [...declared.names, ...further(false)],
    negatedNames: [...declared.negatedNames, ...further(true)],
    argument,
    // What must be given has a value; a switch with such a mark only speaks of something else that must.
    required:
      argument?.value.presence === 'none'
        ? requiredByStar(entry, cleaned)
        : (notations.required ??
          requiredBesideNames(entry, cleaned) ??
          requiredByStar(entry, cleaned) ??
          (notations.default === undefined ? requiredBy(heading) : undefined)),
    repetition: repetition ?? repetitionTold(flow, argument?.value),
    sameAs: sameAs(notations.sameAs, argument?.value),
    environment: notations.environment,
    deprecated:
      notations.deprecated === undefined
        ? undefined
        : {
            ...notations.deprecated,
            value: { since: undefined, replacedBy: undefined },
          },
    help: helpText(notations, flow),
    listed: !entry.isBareName,
    heading,
    place: entryPlace(entry, cleaned),
  });
}

/** What a text says of giving the option again: a flag is counted then, arguments are collected. */
function repetitionTold(flow: TextFlow, argument: OptionArgument | undefined): Option['repetition'] {
  const told = repetitionInProse(flow.text);
  if (told === undefined || argument === undefined) return undefined;
  const meaning = argument.presence === 'none' ? 'counted' : 'all-count';
  return inferred(meaning, flow.span(told.start, told.end));
}

function placeOf({ declared, toSpan }: ShownName): Place {
  return toSpan(declared.start, declared.end);
}

function helpText({ ownText }: TextNotations, flow: TextFlow): Option['help'] {
  if (ownText !== undefined)
    return stated(flow.text.slice(ownText.start, ownText.end), flow.span(ownText.start, ownText.end));
  // `--help [boxes] [quays]`: more of the command line.
  return flow.text === '' || BRACKETS_ALONE.test(flow.text) ? undefined : stated(flow.text, flow.place);
}

const BRACKETS_ALONE = /^(?:\[[\w.|-]{1,40}\](?:\s+|$)){2,60}$/;

/** `--count <n> (REQUIRED)` */
function requiredBesideNames({ declaring }: OptionEntry, cleaned: CleanedText): Fact<boolean> | undefined {
  const last = declaring.at(-1);
  if (last === undefined) return undefined;
  const { line, declaration } = last;
  const mark = /^ (\S{1,12})/.exec(line.text.slice(declaration.end, declaration.end + 14))?.[1] ?? '';
  if (!REQUIRED_MARK.test(mark)) return undefined;
  const start = line.start + declaration.end + 1;
  return stated(true, cleaned.span(start, start + mark.length));
}

/** A heading such as `Required options` says so of all below it, but for those that have a default. */
function requiredBy(heading: Fact<string> | undefined): Fact<boolean> | undefined {
  const isTold = heading !== undefined && /^(?:required|mandatory)\b/i.test(heading.value);
  return isTold ? stated(true, heading.place) : undefined;
}

/** In `-H, --head=N  same as --header=N` the value is that of this option, and says nothing more. */
function sameAs(noted: TextNotations['sameAs'], argument: OptionArgument | undefined): Option['sameAs'] {
  const own = argument?.words.at(-1)?.placeholder?.value;
  return noted === undefined || own === undefined || noted.value.value !== own
    ? noted
    : { ...noted, value: { option: noted.value.option, value: undefined } };
}

function entryPlace({ declaring }: OptionEntry, cleaned: CleanedText): Place {
  const first = declaring[0];
  const last = declaring.at(-1);
  if (first === undefined || last === undefined) return null;
  const start = first.line.start + (first.declaration.names[0]?.start ?? 0);
  return cleaned.span(start, last.line.start + last.declaration.end);
}

function optionArgument(
  names: readonly ShownName[],
  showsArguments: boolean,
  notations: TextNotations,
  flow: TextFlow,
): Knowable<OptionArgument> {
  const shown = shownArgument(names);
  if (shown?.declared.argument === undefined) {
    const isTold =
      notations.typeMark?.value === 'mandatory' ||
      notations.valuesAreMarked ||
      notations.range !== undefined ||
      beginsWith(notations.required, flow);
    const isFlag = notations.ownText !== undefined && notations.typeMark?.value === 'mandatory';
    if ((isTold && !showsArguments) || isFlag || isOneOfValues(notations)) {
      const word = makeValueWord({
        default: notations.default,
        range: notations.range,
        values: allowedValues(notations, flow),
      });
      return inferred(
        { presence: 'mandatory', words: [word], count: undefined, place: null },
        (notations.typeMark ?? notations.values)?.place ?? null,
      );
    }
    // A list that shows arguments at all shows them for each option; still nothing says "none".
    return inferred(NO_ARGUMENT, null);
  }
  const argument = makeArgument(shown.declared.argument, shown.toSpan);
  const last = argument.words.at(-1);
  const values =
    last?.values ??
    (isOfAnother(flow.text, last?.placeholder?.value) ? undefined : allowedValues(notations, flow));
  const words =
    last === undefined
      ? argument.words
      : [
          ...argument.words.slice(0, -1),
          {
            ...last,
            default: asValue(last.default ?? notations.default ?? defaultAtEnd(flow, values), values),
            range: last.range ?? notations.range,
            values,
          },
        ];
  const presence = isShownBare(shown, names) ? 'optional' : argument.presence;
  return stated({ ...argument, presence, words }, argument.place);
}

/** `of the form <count><unit>, where <unit> is one of`: the values of a part of the argument. */
function isOfAnother(text: string, placeholder = ''): boolean {
  // `FORMAT=FILE`: of one of the two.
  if (/^[<[]?[A-Za-z]\w*>?[=:]<?[A-Za-z]\w*[\]>]?$/.test(placeholder)) return true;
  const told = /\bwhere <?([\w-]{1,40})>? (?:is|can be|may be|must be)\b/i.exec(text)?.[1]?.toLowerCase();
  return told !== undefined && !placeholder.toLowerCase().includes(told);
}

/** A default such as `Level.high` or `1:high` as the value `high` or `1`, where that is one: so Python writes a member of an enumeration. */
function asValue(byDefault: Knowable<string>, values: Knowable<readonly AllowedValue[]>): Knowable<string> {
  // `2:binary`, `2 (binary)` where the values are numbers.
  const [, member] = /^(?:[A-Z]\w*\.(?=\w+$))?(\w+)(?:$|[:=]| \()/.exec(byDefault?.value ?? '') ?? [];
  // What Python has for nothing.
  if (byDefault?.value === 'None' && !values?.value.some(({ value }) => value === 'None')) return undefined;
  const isNamed = (name: string | undefined) => values?.value.some(({ value }) => value === name) === true;
  if (byDefault === undefined || member === undefined || !isNamed(member) || isNamed(byDefault.value))
    return byDefault;
  return { ...byDefault, value: member };
}

/** `Required. How many of them.`: whether a fact is told at the beginning of a text, and not somewhere in what was written. */
function beginsWith(fact: Fact<boolean> | undefined, flow: TextFlow): boolean {
  const [start, from] = [fact?.place?.start, flow.place.start];
  return start !== undefined && start <= from + 1;
}

/** Whether a text lists values and says which of them is the default: then a value there must be, whatever the list shows. */
function isOneOfValues({ values, default: byDefault }: TextNotations): boolean {
  const isSwitch = /^(?:true|false|yes|no|on|off)$/i.test(byDefault?.value ?? '');
  return !isSwitch && values?.value.some(({ value }) => value === byDefault?.value) === true;
}

/** Whether a name stands in the entry without its argument too: `--check, --check=first`. */
function isShownBare({ declared }: ShownName, names: readonly ShownName[]): boolean {
  return names.some(
    (other) => other.declared.text === declared.text && other.declared.argument === undefined,
  );
}

function notedName(text: string, place: Place): OptionName {
  return { text, form: nameFormOf(text) ?? 'long', argument: undefined, place };
}
