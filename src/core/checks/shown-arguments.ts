import type { Command, FormOption } from '../model/command.ts';
import type { Option } from '../model/option.ts';
import type { Place } from '../source/source.ts';
import type { SynopsisFault } from './synopsis-fault.ts';

/** One option in a bracket of its own, with what stands behind it there. */
interface Bracket {
  readonly shown: FormOption;
  readonly option: Option;
  /** The words behind the name; empty where there are none. */
  readonly argument: string;
  /** Where name and argument stand. */
  readonly place: Place;
}

/** For each option that differs, so many have to agree. */
const AGREEING_FOR_ONE = 2;

/**
 * The options whose argument the synopses show in another way than the list does: one, or few among those that agree. Where more differ, or none agrees, the
 * synopses leave arguments out, or call them otherwise, on purpose.
 */
export function argumentDifferences(
  { forms }: Command,
  byName: ReadonlyMap<string, Option>,
): SynopsisFault[] {
  const brackets = forms.flatMap((form) =>
    form.options.flatMap((shown) => bracketOf(shown, byName.get(shown.name)) ?? []),
  );
  const differing = new Map<string, SynopsisFault>();
  const agreeing = new Set<string>();
  for (const one of brackets) {
    const difference = differenceOf(one, forms);
    if (difference !== undefined) differing.set(difference.name, difference);
    else if (one.argument !== '') agreeing.add(one.shown.name);
  }
  // What one synopsis shows as the list does, another may leave out.
  const found = [...differing.values()].filter(({ name }) => !agreeing.has(name));
  const withArgument = new Set(
    brackets.flatMap(({ shown, argument }) => (argument === '' ? [] : [shown.name])),
  );
  const isOne = found.length === 1 && (agreeing.size > 0 || withArgument.size === 1);
  if (isOne || found.length * AGREEING_FOR_ONE < agreeing.size) return found;
  // A list that shows the arguments of most options leaves none out on purpose.
  const unlisted = found.filter(({ kind }) => kind === 'argument-unlisted');
  return unlisted.length < agreeing.size ? unlisted : [];
}

/** So much behind a name is looked at for its argument. */
const ARGUMENT_LIMIT = 124;

/** What stands behind a name up to the end of its bracket: `=NAME`, ` NAME [NAME ...]`, ` {box,lid}`, ` box|lid`. */
const BEHIND_NAME =
  /^((?![\w,.])[ =]?(?:\{[^{}[\]]{1,100}\}|<[^<>[\]]{1,100}>|[a-z\d][\w.+]{0,30}(?:\|[a-z\d][\w.+-]{0,30}){1,20}|[^[\]|{\n]{0,60})(?: \[(?!-)[^[\]\n]{1,40}\])?)(?=\])/;

function bracketOf(shown: FormOption, option: Option | undefined): Bracket | undefined {
  if (option === undefined || !option.listed || shown.place === null) return undefined;
  const { source, start } = shown.place;
  if (source.text[start - 1] !== '[') return undefined;
  const behind = start + shown.name.length;
  const [whole, argument] = BEHIND_NAME.exec(source.text.slice(behind, behind + ARGUMENT_LIMIT)) ?? [];
  // `[-1 .. -9]` shows no argument.
  if (whole === undefined || argument === undefined || /^[ =]?[.-]/.test(argument)) return undefined;
  return {
    shown,
    option,
    argument: argument.replace(/^[ =]/, '').trim(),
    place: { source, start, end: behind + whole.length },
  };
}

function differenceOf(
  { shown, option, argument, place }: Bracket,
  forms: Command['forms'],
): SynopsisFault | undefined {
  const { name } = shown;
  const declared = option.argument;
  const listed = isFromList(option, forms)
    ? declared?.value.words.map(({ placeholder }) => bare(placeholder?.value ?? ''))
    : [];
  if (listed === undefined) return undefined;
  if (argument === '')
    return declared?.value.presence === 'mandatory' && listed.length > 0
      ? { name, kind: 'argument-unshown', place }
      : undefined;
  if (listed.length === 0) return { name, kind: 'argument-unlisted', place };
  const values = valuesIn(argument);
  if (values !== undefined)
    return areOtherValues(values, option) ? { name, kind: 'values', place } : undefined;
  const [one = argument, again] = argument.split(/ (?=\[)/);
  const isRepeated = argument.includes('...') || (again !== undefined && bare(again).trim() === bare(one));
  // Dots outside of brackets may stand for the option itself, given again.
  const isSure = !isRepeated || argument.includes('[');
  if (
    isSure &&
    isRepeated !== isListedAsRepeated(option) &&
    listed.length === 1 &&
    bare(one).trim() === listed[0]
  )
    return { name, kind: 'count', place };
  const [told = '', ...more] = listed;
  const own = bare(one).trim();
  // `box.txt` is an example, and one letter may be short for anything.
  const isWord = !/\w\.\w/.test(one) && [own, told].every((word) => /^[a-z][a-z\d_-]+$/.test(word));
  const areAlike = own.includes(told) || told.includes(own);
  return more.length === 0 && isWord && !areAlike ? { name, kind: 'placeholder', place } : undefined;
}

/** The values that an argument of a synopsis lists, `{box,lid}`, `<box|lid>`, `box|lid`; undefined where it is something else. */
function valuesIn(argument: string): readonly string[] | undefined {
  const [, list = ''] = /^[{<(]?([^{}<>()]*)[}>)]?$/.exec(argument) ?? [];
  const values = list.split(/[,|]/).map((value) => value.trim());
  return values.length > 1 && values.every((value) => /^[a-z\d][\w.+-]*$/.test(value)) ? values : undefined;
}

/** Whether the list has the values of a synopsis but for some: one of the two is out of date. */
function areOtherValues(shown: readonly string[], { argument }: Option): boolean {
  const listed = argument?.value.words[0]?.values?.value.map(({ value }) => value) ?? [];
  const shared = shown.filter((value) => listed.includes(value)).length;
  return shared > 0 && (shared < shown.length || shared < listed.length);
}

/** Whether an entry shows that the argument of its option may be several words. */
function isListedAsRepeated({ place, argument }: Option): boolean {
  const count = argument?.value.count?.value;
  if (count !== undefined) return count.most !== 1;
  const entry = place === null ? '' : place.source.text.slice(place.start, place.end);
  return entry.slice(0, ARGUMENT_LIMIT).includes('...');
}

/** Whether an argument is known from the list; else it is from a synopsis. */
function isFromList({ argument }: Option, forms: Command['forms']): boolean {
  const own = argument?.place ?? null;
  return own !== null && !forms.some(({ place }) => isWithin(own, place));
}

function isWithin(place: Place & object, whole: Place): boolean {
  return (
    whole !== null && place.source === whole.source && place.start >= whole.start && place.start <= whole.end
  );
}

function bare(placeholder: string): string {
  return placeholder.replace(/[<>[\]{}=.]/g, '').toLowerCase();
}
