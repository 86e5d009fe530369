import type { AuditView } from '../../audit-view.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import type { Place } from '../../source/source.ts';
import { meantWord } from '../../words/meant-word.ts';
import { defineCheck } from '../define-check.ts';
import { toldTexts } from '../told-texts.ts';

/** So many different words of an interface are looked at, however long the texts of a stranger are. */
const WORDS_LIMIT = 5000;

/** What is written so more often is a word of the program's own. */
const MOST_TIMES = 3;

/** One finding for each command whose texts have words that are a slip of the pen for common ones. */
export const wordMisspelt = defineCheck({
  name: 'help/word-misspelt',
  level: 'note',
  title: 'A text has a misspelled word',
  why: 'Whoever searches the help for the word does not find it, and readers wonder what else nobody has looked at twice.',
  standard: 'practice',
  needs: ['texts in English'],
  since: 12,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --late   list what is late, seperated by commas\n  --map    draw a map of the round\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late   list what is late, separated by commas\n  --map    draw a map of the round\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late    list what is late; the colouring is the painter\'s\n  --reltime   how "relativ" it is, and SEPERATED\n',
  },
  judge(view, report) {
    const own = namesIn(view);
    const misspelt = slipsIn(view, own);
    for (const { command, path } of view.described) {
      const texts = toldTexts(command);
      report.judged(texts.length);
      const found = texts.flatMap(({ text, place, of }) =>
        wordsIn(text).flatMap((word) => {
          const meant = misspelt.get(word);
          return meant === undefined ? [] : [{ word, meant, of, place: placeOf(word, place) }];
        }),
      );
      const seen = new Set<string>();
      const words = found.filter(({ word }) => seen.size < seen.add(word).size);
      const [first] = words;
      if (first === undefined) continue;
      report.finding({
        command: path,
        subject: first.word,
        data: { words: words.map(({ word, meant, of }) => ({ word, meant, of })) },
        place: first.place,
        related: words.slice(1, 5).map(({ word, place }) => ({ place, note: `${quoteName(word)} here` })),
      });
    }
  },
  members: { list: 'words', nameOf: ({ word }) => word },
  apart: true,
  message: ({ words }: Misspelt) =>
    words.length === 1
      ? told(words[0])
      : `${words.length} words are misspelled: ${words.slice(0, WORDS_SHOWN).map(told).join(', ')}${words.length > WORDS_SHOWN ? ` and ${words.length - WORDS_SHOWN} more` : ''}`,
  fix: ({ words }) => (words.length === 1 ? 'correct the word' : 'correct the words'),
});

/** So many words are told in a message. */
const WORDS_SHOWN = 3;

type Slip = { readonly word: string; readonly meant: string; readonly of: string | null };

type Misspelt = { readonly words: readonly Slip[] };

function told(slip: Slip | undefined): string {
  if (slip === undefined) return '';
  const { word, meant, of } = slip;
  return `${quoteName(word)}${of === null ? '' : ` in the text of ${quoteName(of)}`} is most likely ${quoteName(meant)}`;
}

/** Words in small letters, and those that begin a text, without what is joined to other marks or stands in quotation marks. */
const WORD = /(?<![\w./@=<`"'$:-])(?:^[A-Z])?[a-z]{4,40}(?![\w/@=>`"'_-]|\.\w|\()/g;

function wordsIn(text: string): string[] {
  return (text.match(WORD) ?? []).map((word) => word.toLowerCase());
}

/** The misspelled words of an interface, with what is meant. */
function slipsIn(view: AuditView, own: ReadonlySet<string>): ReadonlyMap<string, string> {
  const times = new Map<string, number>();
  for (const { command } of view.described)
    for (const { text } of toldTexts(command))
      for (const word of wordsIn(text)) {
        if (times.size >= WORDS_LIMIT && !times.has(word)) continue;
        times.set(word, (times.get(word) ?? 0) + 1);
      }
  const program = view.interface.program.value.toLowerCase();
  const slips = new Map<string, string>();
  for (const [word, count] of times) {
    const isOwn = count > MOST_TIMES || own.has(word) || program.includes(word);
    const meant = isOwn ? undefined : meantWord(word);
    if (meant !== undefined) slips.set(word, meant);
  }
  return slips;
}

/** The words that names of the interface are made of: what they are is told by `names/misspelt`. */
function namesIn(view: AuditView): ReadonlySet<string> {
  const names = view.commands.flatMap(({ command }) => namesOf(command));
  return new Set(names.flatMap((name) => name.toLowerCase().match(/[a-z]+/g) ?? []));
}

function namesOf({ names, options, operands }: Command): string[] {
  return [
    ...names.map(({ text }) => text),
    ...operands.items.map(({ name }) => name),
    ...options.items.flatMap((option) => [
      ...option.names.map(({ text }) => text),
      ...(option.argument?.value.words ?? []).flatMap(({ placeholder, values }) => [
        placeholder?.value ?? '',
        ...(values?.value.map(({ value }) => value) ?? []),
      ]),
    ]),
  ];
}

/** Where a word of a text stands; the whole text where lines part it. */
function placeOf(word: string, place: Place): Place {
  if (place === null) return null;
  const found = new RegExp(`(?<![a-z])${word}(?![a-z])`, 'i').exec(
    place.source.text.slice(place.start, place.end),
  );
  if (found === null) return place;
  const start = place.start + found.index;
  return { ...place, start, end: start + word.length };
}
