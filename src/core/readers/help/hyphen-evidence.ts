import { flatMapped } from '../../collections/flat-mapped.ts';
import { type Fact, inferred } from '../../model/fact.ts';
import { withOtherHyphens } from '../../model/long-hyphens.ts';
import type { Option } from '../../model/option.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { TextLine } from './text-line.ts';

/** So many names must be met in the other spelling: one alone is more likely a slip of the pen. */
const MIN_NAMES = 2;

const LONG_WORD = /(?<![\w-])--?[A-Za-z][\w-]{1,60}(?![\w-])/g;

/**
 * Whether a text calls options of its list by long names with one hyphen more or less than the list has (`-shared` in the
 * list, "same as --shared" elsewhere): an inferred `one-or-two`, at the first such place. Undefined where it does not, and
 * where the list itself has names in both spellings, which would need none of them if either were accepted.
 */
export function findEitherHyphens(
  options: readonly Option[],
  lines: readonly TextLine[],
  cleaned: CleanedText,
): Fact<'one-or-two'> | undefined {
  const names = flatMapped(options, (option) => [...option.names, ...option.negatedNames]);
  if (!names.some(({ form }) => form === 'single-hyphen-long')) return undefined;
  const known = new Set(names.map(({ text }) => text));
  const met = new Set<string>();
  let place: Fact<'one-or-two'>['place'] = null;
  for (const line of lines) {
    if (!line.text.includes('-', line.first)) continue;
    for (const { 0: word, index } of matches(line.text.slice(0, 400), LONG_WORD)) {
      const other = withOtherHyphens(word);
      // A letter is no long name: `-s` says nothing of `--s`.
      if (word.length < 4 || other.length < 4 || !known.has(other)) continue;
      if (known.has(word)) return undefined;
      const start = line.start + index;
      place ??= cleaned.span(start, start + word.length);
      met.add(word);
    }
  }
  return met.size < MIN_NAMES ? undefined : inferred('one-or-two', place);
}
