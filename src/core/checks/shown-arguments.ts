import type { Command, FormOption } from '../model/command.ts';
import type { Option } from '../model/option.ts';
import type { Place } from '../source/source.ts';

/** An option of whose argument a synopsis tells something else than the list. */
export interface ArgumentDifference {
  readonly name: string;
  readonly kind: 'argument-unshown' | 'argument-unlisted' | 'placeholder';
  readonly place: Place;
}

/** One option in a bracket of its own, with what stands behind it there. */
interface Bracket {
  readonly shown: FormOption;
  readonly option: Option;
  /** The words behind the name; empty where there are none. */
  readonly argument: string;
  /** Where name and argument stand. */
  readonly place: Place;
}

/**
 * The option, if it is one alone, whose argument the only synopsis shows in another way than the list does. Where several differ, or none agrees, the synopsis
 * leaves arguments out, or calls them otherwise, on purpose.
 */
export function argumentDifferences(
  { forms }: Command,
  byName: ReadonlyMap<string, Option>,
): ArgumentDifference[] {
  const [form, ...others] = forms;
  if (form === undefined || others.length > 0) return [];
  const brackets = form.options.flatMap((shown) => bracketOf(shown, byName.get(shown.name)) ?? []);
  const differing = brackets.flatMap((one) => differenceOf(one) ?? []);
  const agreeing = brackets.filter((one) => one.argument !== '' && differenceOf(one) === undefined).length;
  return differing.length === 1 && agreeing > 0 ? differing : [];
}

function bracketOf(shown: FormOption, option: Option | undefined): Bracket | undefined {
  if (option === undefined || !option.listed || shown.place === null) return undefined;
  const { source, start } = shown.place;
  if (source.text[start - 1] !== '[') return undefined;
  const behind = start + shown.name.length;
  const [whole, argument] =
    /^((?![\w,.])[ =]?[^[\]|\n]{0,60})(?=\])/.exec(source.text.slice(behind, behind + 64)) ?? [];
  // `[-1 .. -9]` shows no argument.
  if (whole === undefined || argument === undefined || /^[ =]?[.-]/.test(argument)) return undefined;
  return {
    shown,
    option,
    argument: argument.replace(/^[ =]/, '').trim(),
    place: { source, start, end: behind + whole.length },
  };
}

function differenceOf({ shown, option, argument, place }: Bracket): ArgumentDifference | undefined {
  const { name } = shown;
  const declared = option.argument;
  const listed = isFromList(option)
    ? declared?.value.words.map(({ placeholder }) => bare(placeholder?.value ?? ''))
    : [];
  if (listed === undefined) return undefined;
  if (argument === '')
    return declared?.value.presence === 'mandatory' && listed.length > 0
      ? { name, kind: 'argument-unshown', place }
      : undefined;
  if (listed.length === 0) return { name, kind: 'argument-unlisted', place };
  const [told = '', ...more] = listed;
  const own = bare(argument);
  const isWord = /^[a-z][a-z\d_-]*$/.test(own) && /^[a-z][a-z\d_-]*$/.test(told);
  const areAlike = own.includes(told) || told.includes(own);
  return more.length === 0 && isWord && !areAlike ? { name, kind: 'placeholder', place } : undefined;
}

/** Whether the argument of an option stands in its entry; else it is known from the synopsis. */
function isFromList({ argument, place }: Option): boolean {
  const own = argument?.place ?? null;
  if (own === null || place === null) return false;
  return own.start >= place.start && own.start <= place.end;
}

function bare(placeholder: string): string {
  return placeholder.replace(/[<>[\]{}=.]/g, '').toLowerCase();
}
