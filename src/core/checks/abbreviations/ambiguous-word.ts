import { leadingWords, QUALIFIERS } from '../../abbreviations/leading-words.ts';
import type { OptionScope } from '../../abbreviations/option-scope.ts';
import { listNames, listSome, quoteName } from '../../messages/wording.ts';
import { nameWords } from '../../words/name-words.ts';
import { isAccepting } from '../accepting-scope.ts';
import { defineCheck } from '../define-check.ts';

/** How many words a message names before it only counts. */
const WORDS_SHOWN = 3;

type AmbiguousWord = { readonly word: string; readonly names: readonly string[]; readonly count: number };

/** One finding for each scope: every leading word in it that several options share. */
export const ambiguousWord = defineCheck({
  name: 'abbreviations/ambiguous-word',
  level: 'note',
  title: 'Several options begin with the same word',
  why: 'A caller who types the shared word gets an error or, if the parser lets the first declared name win, the wrong option. If one of them had the word to itself in an earlier version, its callers break.',
  standard: 'GNU conventions, abbreviations of long options',
  needs: ['the long options of the command', 'that the parser accepts abbreviations'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --late-boxes: show the boxes that came late\n  --late-fee: add the fee for late boxes\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --late-boxes: show the boxes that came late\n  --fee: add the fee for late boxes\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --no-colour: print plain text\n  --no-map: draw no map\n  --late: show the boxes that came late\n  --late-fee: add the fee for late boxes\n',
  },
  judge(view, report) {
    for (const scope of view.scopes) {
      report.judged();
      if (!isAccepting(scope, report)) continue;
      const words = ambiguousWords(scope);
      const [first] = words;
      if (first === undefined) continue;
      const placeOf = (name: string | undefined) =>
        scope.names.find((known) => known.name.text === name)?.name.place ?? null;
      report.finding({
        command: scope.at.path,
        subject: first.word,
        data: { words },
        place: placeOf(first.names[0]),
        related: first.names.slice(1, 5).map((name) => ({
          place: placeOf(name),
          note: `begins with ${quoteName(first.word)} too`,
        })),
      });
    }
  },
  members: { list: 'words', nameOf: ({ word }) => word },
  apart: true,
  message({ words }: { words: readonly AmbiguousWord[] }) {
    const [first, ...others] = words;
    if (first === undefined) return '';
    return others.length === 0
      ? `${quoteName(first.word)} could mean ${listNames(first.names, 'or')}`
      : `${words.length} words could each mean several options: ${listSome(
          words.map(({ word, count }) => `${quoteName(word)} ${count}`),
          WORDS_SHOWN,
        )}`;
  },
  fix: ({ words }) =>
    words.length === 1
      ? `declare ${quoteName(words[0]?.word ?? '')} as a name of the option that callers mean by it, or start the names with different words`
      : 'declare the words as names of the options that callers mean by them, or start the names with different words',
});

/** The words that several options of a command begin with, at least one of which it declares itself; the longest of those that begin the same. */
function ambiguousWords(scope: OptionScope): AmbiguousWord[] {
  const declared = new Set(scope.at.command.options.items);
  const byNames = new Map<string, AmbiguousWord>();
  for (const { name, option, generated } of scope.names) {
    if (generated || !declared.has(option)) continue;
    for (const word of leadingWords(name.text)) {
      if (nameWords(word).every((part) => QUALIFIERS.has(part.toLowerCase()))) continue;
      const { verdict, names, count } = scope.index.resolve(word);
      if (verdict === 'ambiguous') byNames.set(names.join(' '), { word, names, count });
    }
  }
  return [...byNames.values()];
}
