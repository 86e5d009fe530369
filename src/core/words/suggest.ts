import { distance } from 'fastest-levenshtein';
import { compareCodeUnits } from '../source/source.ts';
import { nameWords } from './name-words.ts';
import { isSwapped } from './swapped-letters.ts';

/** Names in which a word may have been meant: a list of them, or a scope of an interface. */
export type SuggestionScope =
  | Iterable<string>
  | {
      /** The index of the scope. */
      readonly index: {
        /** Its names. */
        readonly names: readonly string[];
      };
    };

/** Longer words are compared only so far. */
const COMPARED = 60;

/** So many more separators the one of two names may have where the words are the same. */
const MAX_SEPARATORS = 2;

/** How many names are suggested at the most. */
const SUGGESTIONS = 3;

/**
 * The names of a scope that somebody who wrote an unknown or ambiguous word most likely meant, the likeliest first, three at the
 * most; none where nothing is near. Hyphens in front may be left out of the word, and a value behind an equals sign does not
 * count. Names that the word begins come first, then those of the same words in another order or with other separators, then
 * those that are a few letters away.
 */
export function suggest(word: string, scope: SuggestionScope): string[] {
  const names = Symbol.iterator in scope ? scope : scope.index.names;
  const given = plain(word.split('=', 1)[0] ?? '').slice(0, COMPARED);
  if (given === '') return [];
  const givenWords = sortedWords(given);
  const ranked: { name: string; cost: number }[] = [];
  for (const name of new Set(names)) {
    const cost = costOf(given, givenWords, plain(name).slice(0, COMPARED));
    if (cost !== undefined) ranked.push({ name, cost });
  }
  ranked.sort((a, b) => a.cost - b.cost || a.name.length - b.name.length || compareCodeUnits(a.name, b.name));
  const best = ranked[0]?.cost ?? 0;
  return ranked
    .filter(({ cost }) => cost <= best + 1)
    .slice(0, SUGGESTIONS)
    .map(({ name }) => name);
}

function plain(name: string): string {
  return name.replace(/^[-+]{1,2}/, '').toLowerCase();
}

/** How far a name is from what was given; undefined where it is too far to be meant. */
function costOf(given: string, givenWords: string, name: string): number | undefined {
  if (name === given) return 0;
  if (given.length > 1 && name.startsWith(given)) return 0.2;
  // Most names differ too much in their lengths to have the same words.
  const mayHaveSame = given.length > 2 && Math.abs(given.length - name.length) <= MAX_SEPARATORS;
  if (mayHaveSame && givenWords === sortedWords(name)) return 0.4;
  if (isSwapped(given, name)) return 1;
  const edits = distance(given, name);
  // Two letters of five may be wrong; of a single letter none.
  const most = given.length < 2 ? 0 : Math.max(1, Math.floor(Math.min(given.length, name.length) * 0.4));
  return edits <= most ? edits : undefined;
}

function sortedWords(text: string): string {
  return nameWords(text).sort(compareCodeUnits).join('-');
}
