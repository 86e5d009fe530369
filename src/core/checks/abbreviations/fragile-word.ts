import { fragileAbbreviations } from '../../abbreviations/fragility.ts';
import { listNames, listSome, quoteName } from '../../messages/wording.ts';
import { isAccepting } from '../accepting-scope.ts';
import { defineCheck } from '../define-check.ts';

/** How many words a message names before it only counts. */
const WORDS_SHOWN = 3;

type FragileWord = {
  readonly word: string;
  readonly name: string;
  /** Names of the long-option table or of the program's other commands that would make the word ambiguous. */
  readonly breakers: readonly string[];
};

/** One finding for each scope: every leading word in it that means one option alone. */
export const fragileWord = defineCheck({
  name: 'abbreviations/fragile-word',
  level: 'note',
  title: 'A leading word stands for one option only until another option begins with it',
  why:
    'Where a parser accepts unambiguous prefixes, callers come to take the first word of a name for the name itself. ' +
    'A later option that begins with the same word then breaks scripts and scheduled jobs that nobody touched, or ' +
    'gives them another meaning.',
  standard: 'GNU conventions, abbreviations of long options',
  needs: ['the long options of the command', 'that the parser accepts abbreviations'],
  since: 1,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --late-boxes: show the boxes that came late\n  --quiet: say nothing\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --late: show the boxes that came late\n  --quiet: say nothing\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --late-boxes: show the boxes that came late\n  --late-fee: add the fee for late boxes\n  --no-colour: print plain text\n',
  },
  judge(view, report) {
    for (const scope of view.scopes) {
      report.judged();
      if (!isAccepting(scope, report)) continue;
      const words = fragileAbbreviations(scope, view.likelyNames, view.words)
        .filter(({ because }) => because === 'leading-words')
        .map(({ word, name, breakers }) => ({ word, name, breakers }));
      const first = words[0];
      if (first === undefined) continue;
      const placeOf = (name: string) =>
        scope.names.find((known) => known.name.text === name)?.name.place ?? null;
      report.finding({
        command: scope.at.path,
        subject: first.word,
        data: { words },
        place: placeOf(first.name),
        related: words.slice(1, 5).map(({ word, name }) => ({
          place: placeOf(name),
          note: `${quoteName(word)} means this`,
        })),
      });
    }
  },
  message({ words }: { words: readonly FragileWord[] }) {
    const [first, ...others] = words;
    if (first === undefined) return '';
    const pair = ({ word, name }: FragileWord) => `${quoteName(word)} for ${quoteName(name)}`;
    return others.length === 0
      ? `${quoteName(first.word)} stands for ${quoteName(first.name)} only until another name begins the same way`
      : `${words.length} words each stand for one name only until another name begins the same way: ${listSome(words.map(pair), WORDS_SHOWN)}`;
  },
  fix({ words }) {
    const [first] = words;
    if (first === undefined) return '';
    const likely = likelyBreak(first);
    return words.length === 1
      ? `declare ${quoteName(first.word)} as an alias, or start no new name with it${likely}`
      : `declare the words that callers use as aliases, or start no new name with one of them${likely}`;
  },
});

function likelyBreak({ word, breakers }: FragileWord): string {
  if (breakers.length === 0) return '';
  // A new option of exactly this name gives the word another meaning without a message.
  return breakers.includes(word)
    ? `; a new option ${quoteName(word)} would take over its callers`
    : `; a new ${listNames(breakers)} would break ${quoteName(word)}`;
}
