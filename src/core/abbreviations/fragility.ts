import { compareCodeUnits } from '../source/source.ts';
import { nameWords } from '../words/name-words.ts';
import { STANDARD_WORDS, type WordLists } from '../words/word-lists.ts';
import { leadingWords, QUALIFIERS } from './leading-words.ts';
import type { LikelyNames } from './likely-names.ts';
import type { OptionScope } from './option-scope.ts';

/** An abbreviation that means one option today and that people are likely to have taken for a name. */
export interface FragileAbbreviation {
  /** The abbreviation, hyphens included. */
  readonly word: string;
  /** The full name that it stands for. */
  readonly name: string;
  /** Why people take it for a name: it is the first words of the name, or cuts a word short as custom has it. */
  readonly because: 'leading-words' | 'short-form';
  /** Likely new names that would make it ambiguous, sorted. */
  readonly breakers: readonly string[];
  /** Whether one of them is the word itself: its callers would get another option without a message. */
  readonly takenOver: boolean;
}

/**
 * The fragile abbreviations of the options that a command declares, ranked: first those that a likely new name would take over without a message, then by
 * how many likely names would break them; among equals first words before short forms, then in the order of the names.
 */
export function fragileAbbreviations(
  scope: OptionScope,
  likely: LikelyNames,
  words: WordLists = STANDARD_WORDS,
): FragileAbbreviation[] {
  if (scope.accepted?.value === false) return [];
  const own = new Set(scope.names.map(({ name }) => name.text));
  const found = new Map<string, FragileAbbreviation>();
  const add = (word: string, name: string, because: FragileAbbreviation['because']) => {
    if (found.has(word) || own.has(word)) return;
    const { verdict } = scope.index.resolve(word, 0);
    if (verdict !== 'unique' && verdict !== 'same-option') return;
    const breakers = likely.beginning(word, (one) => own.has(one));
    found.set(word, { word, name, because, breakers, takenOver: breakers[0] === word });
  };
  // What is inherited is told where it is declared.
  const declared = new Set(scope.at.command.options.items);
  const names = scope.names.filter(({ option, generated }) => !generated && declared.has(option));
  for (const { name } of names) {
    for (const word of firstWords(name.text)) add(word, name.text, 'leading-words');
  }
  for (const { name } of names) {
    for (const word of shortForms(name.text, words)) add(word, name.text, 'short-form');
  }
  return [...found.values()].sort(byRank);
}

/** The abbreviations of a long name that people are likely to take for the name: its first words, and customary short forms. */
export function likelyWords(name: string, words: WordLists = STANDARD_WORDS): string[] {
  return [...firstWords(name), ...shortForms(name, words)];
}

/** The first words of a long name that say more than how the rest is meant. */
function firstWords(name: string): string[] {
  return leadingWords(name).filter(
    (word) => !nameWords(word).every((part) => QUALIFIERS.has(part.toLowerCase())),
  );
}

function byRank(a: FragileAbbreviation, b: FragileAbbreviation): number {
  return (
    Number(b.takenOver) - Number(a.takenOver) ||
    b.breakers.length - a.breakers.length ||
    Number(b.because === 'leading-words') - Number(a.because === 'leading-words') ||
    compareCodeUnits(a.word, b.word)
  );
}

/** The prefixes of a name that end in a customary short form of one of its words: `--verb` and `--dry-sim`. */
function shortForms(name: string, words: WordLists): string[] {
  const hyphens = name.startsWith('--') ? 2 : 1;
  const forms: string[] = [];
  let at = hyphens;
  for (const word of nameWords(name)) {
    const start = name.indexOf(word, at);
    for (const form of words.shortBeginnings(word)) {
      if (start + form.length < name.length) forms.push(name.slice(0, start + form.length));
    }
    at = start + word.length;
  }
  return forms;
}
