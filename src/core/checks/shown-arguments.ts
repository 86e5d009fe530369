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

/** For each option that differs, so many have to agree. */
const AGREEING_FOR_ONE = 2;

/**
 * The options whose argument the synopses show in another way than the list does: one, or few among those that agree. Where more differ, or none agrees, the
 * synopses leave arguments out, or call them otherwise, on purpose.
 */
export function argumentDifferences(
  { forms }: Command,
  byName: ReadonlyMap<string, Option>,
): ArgumentDifference[] {
  const brackets = forms.flatMap((form) =>
    form.options.flatMap((shown) => bracketOf(shown, byName.get(shown.name)) ?? []),
  );
  const differing = new Map<string, ArgumentDifference>();
  const agreeing = new Set<string>();
  for (const one of brackets) {
    const difference = differenceOf(one);
    if (difference !== undefined) differing.set(difference.name, difference);
    else if (one.argument !== '') agreeing.add(one.shown.name);
  }
  // What one synopsis shows as the list does, another may leave out.
  const found = [...differing.values()].filter(({ name }) => !agreeing.has(name));
  const isOne = found.length === 1 && agreeing.size > 0;
  return isOne || found.length * AGREEING_FOR_ONE < agreeing.size ? found : [];
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
