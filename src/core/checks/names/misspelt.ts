import { distance } from 'fastest-levenshtein';
import type { AuditView } from '../../audit-view.ts';
import { quoteName } from '../../messages/wording.ts';
import type { OptionName } from '../../model/option.ts';
import { GNU_LONG_OPTIONS } from '../../standards/gnu-long-options.ts';
import { CONCEPTS } from '../../words/concepts.ts';
import { withoutCountry } from '../../words/country-spellings.ts';
import { meantWord } from '../../words/meant-word.ts';
import { nameWords } from '../../words/name-words.ts';
import { SHORT_FORMS } from '../../words/short-forms.ts';
import { isSlipInside } from '../../words/slip-inside.ts';
import { isSwapped } from '../../words/swapped-letters.ts';
import { VERBS } from '../../words/verbs.ts';
import { defineCheck } from '../define-check.ts';

/** Shorter words are a letter away from many others. */
const MIN_LENGTH = 6;

/** One finding for each word of a name that is a slip of the pen for a word that the interface, or the GNU table of long options, has. */
export const misspelt = defineCheck({
  name: 'names/misspelt',
  level: 'warning',
  title: 'A name is misspelled',
  why: 'Nobody who knows the word types it this way, so the option seems not to exist. Once scripts have the wrong name, it can hardly be changed.',
  standard: 'practice',
  needs: ['long names', 'the texts'],
  since: 7,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --recieve      receive boxes\n  --map          draw a map\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --receive      receive boxes\n  --map          draw a map\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --colour       print in color\n  --normalise    normalize names\n  --dialog       the dialogs to show\n  --relaod       relaod what was read\n',
  },
  judge(view, report) {
    const words = textWords(view);
    const seen = new Set<string>();
    for (const { at, names } of view.scopes) {
      const known = new Set(names.map(({ name }) => name.text));
      for (const { name, option, generated } of names) {
        if (generated || seen.has(name.text)) continue;
        seen.add(name.text);
        report.judged();
        const found = slipIn(name, textOf(option.help?.value), words);
        if (found === undefined) continue;
        // `--iinclude` beside `--include` is another option, not a slip.
        const meant = name.text.replace(found.word, found.meant);
        if (!known.has(meant))
          report.finding({
            command: at.path,
            subject: name.text,
            data: { name: name.text, ...found },
            ...(found.word.length < MIN_LENGTH ? { level: 'note' } : {}),
            place: name.place,
            fixes: found.isCustomary
              ? [
                  {
                    kind: 'rename-option',
                    command: at.path,
                    name: name.text,
                    to: name.text.replace(found.word, found.meant),
                  },
                ]
              : [],
          });
      }
    }
  },
  message: ({ name, word, meant, isCustomary }: Slip) =>
    isCustomary
      ? `${quoteName(word)} in ${quoteName(name)} is most likely ${quoteName(meant)}`
      : `${quoteName(name)} has ${quoteName(word)} and its text ${quoteName(meant)}: one of them is misspelled`,
  fix: ({ name, word, meant, isCustomary }) => {
    const fix = `call it ${quoteName(name.replace(word, meant))}, and keep ${quoteName(name)} as a hidden alias`;
    return isCustomary ? fix : `correct the text, or ${fix}`;
  },
});

type Slip = {
  readonly name: string;
  readonly word: string;
  readonly meant: string;
  /** Whether the right word is one of the GNU table, not only of the text. */
  readonly isCustomary: boolean;
};

function textOf(text: string | undefined): readonly string[] {
  return (text ?? '').toLowerCase().match(/[a-z]+/g) ?? [];
}

/** How often each word stands in the texts. */
function textWords(view: AuditView): ReadonlySet<string> {
  return new Set(
    view.commands.flatMap(({ command }) => [
      ...textOf(command.summary?.value),
      ...textOf(command.description?.value),
      ...command.options.items.flatMap(({ help }) => textOf(help?.value)),
      ...command.operands.items.flatMap(({ help }) => textOf(help?.value)),
    ]),
  );
}

/** Words that names of options and commands are made of. */
const KNOWN: ReadonlySet<string> = new Set([
  ...GNU_LONG_OPTIONS.flatMap(({ name }) => nameWords(name)),
  ...SHORT_FORMS.keys(),
  ...VERBS,
  ...CONCEPTS.flat().flatMap(nameWords),
]);

/** In shorter words a letter that is left out makes another word. */
const LEAST_FOR_ONE_LETTER = 7;

/** `--nostable`: two words, as some parsers have it. */
const BEGINS_WITH_NO = /^no[a-z]{4,}$/;

function slipIn({ text }: OptionName, own: readonly string[], words: ReadonlySet<string>) {
  for (const word of nameWords(text)) {
    const short = slipInShort(word, own, words);
    if (short !== undefined) return { word, meant: short, isCustomary: false };
    if (word.length < MIN_LENGTH || !/^[a-z]+$/.test(word) || words.has(word) || KNOWN.has(word)) continue;
    const customary =
      [...KNOWN].find(
        (one) => isSwapped(word, one) || (one.length >= LEAST_FOR_ONE_LETTER && isSlipInside(word, one)),
      ) ?? (BEGINS_WITH_NO.test(word) ? undefined : meantWord(word));
    const meant = customary ?? own.find((one) => isSlip(word, one));
    if (meant !== undefined) return { word, meant, isCustomary: customary !== undefined };
  }
  return undefined;
}

/** The word of its own text that a short word of a name is without one letter inside, where it is a word of its own nowhere. */
function slipInShort(word: string, own: readonly string[], words: ReadonlySet<string>): string | undefined {
  const isShort = word.length >= 4 && word.length < MIN_LENGTH && /^[a-z]+$/.test(word);
  if (!isShort || words.has(word) || KNOWN.has(word)) return undefined;
  return own.find((one) => one.length > word.length && isSlipInside(word, one));
}

/** In shorter words, another letter before the last one makes another word. */
const LEAST_LONG = 7;

/** Whether a word is another with one letter wrong, left out or doubled, or two swapped, inside it: endings are inflections. */
function isSlip(word: string, meant: string): boolean {
  if (meant.length < MIN_LENGTH || word === meant || withoutCountry(word) === withoutCountry(meant))
    return false;
  if (isSwapped(word, meant)) return true;
  const isInside = word.slice(0, 2) === meant.slice(0, 2) && word.slice(-2) === meant.slice(-2);
  // One letter too few or too many may be the last but one of a long word.
  const isLong =
    word.length !== meant.length &&
    Math.min(word.length, meant.length) >= LEAST_LONG &&
    word.slice(0, 3) === meant.slice(0, 3) &&
    word.slice(-1) === meant.slice(-1);
  return (isInside || isLong) && distance(word, meant) === 1;
}
