import { quoteName } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { withoutCountry } from '../../words/country-spellings.ts';
import { nameWords } from '../../words/name-words.ts';
import { defineCheck } from '../define-check.ts';

type Spellings = { readonly words: readonly [string, string]; readonly names: readonly [string, string] };

interface Spelt {
  readonly word: string;
  readonly name: string;
  readonly place: Place;
}

/** One finding for each word that the names of an interface spell in the ways of two countries. */
export const spellingMixed = defineCheck({
  name: 'names/spelling-mixed',
  level: 'note',
  title: 'A word is spelled in two ways',
  why: 'Both spellings are right, each in its country. Nobody can know which of them a name has, and an abbreviation that ends where they part takes only one.',
  standard: 'practice',
  needs: ['the long options'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --colour=WHEN   print in colours\n  --color-labels  paint the labels\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --colour=WHEN    print in colours\n  --colour-labels  paint the labels\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --colour=WHEN, --color=WHEN   print in colours\n  --normalise                   normalize the labels\n',
  },
  judge(view, report) {
    const first = new Map<string, Spelt>();
    const told = new Set<string>();
    const words = new Map<Option, ReadonlySet<string>>();
    for (const { at, names } of view.scopes) {
      for (const { name, option, generated } of names) {
        if (generated) continue;
        report.judged();
        const own = words.get(option) ?? wordsOf(option);
        words.set(option, own);
        for (const word of nameWords(name.text.toLowerCase())) {
          const key = withoutCountry(word);
          if (word.length < LEAST_LENGTH || told.has(key)) continue;
          const before = first.get(key);
          if (before === undefined) first.set(key, { word, name: name.text, place: name.place });
          // An option that has both spellings is there for everybody.
          if (before === undefined || before.word === word || own.has(before.word)) continue;
          told.add(key);
          report.finding({
            command: at.path,
            subject: name.text,
            data: { words: [word, before.word], names: [name.text, before.name] },
            place: name.place,
            related: [{ place: before.place, note: `is spelled ${quoteName(before.word)}` }],
          });
        }
      }
    }
  },
  message: ({ words, names }: Spellings) =>
    `${quoteName(names[0])} has ${quoteName(words[0])}, and ${quoteName(names[1])} ${quoteName(words[1])}`,
  fix: ({ words }) => `spell it ${quoteName(words[1])} in all names, and keep the others as hidden aliases`,
});

/** The words of all names of an option, in small letters. */
function wordsOf({ names }: Option): ReadonlySet<string> {
  return new Set(names.flatMap(({ text }) => nameWords(text.toLowerCase())));
}

/** Shorter words look alike by chance. */
const LEAST_LENGTH = 4;
