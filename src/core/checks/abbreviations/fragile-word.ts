import { fragileAbbreviations } from '../../abbreviations/fragility.ts';
import type { OptionScope } from '../../abbreviations/option-scope.ts';
import type { AuditView } from '../../audit-view.ts';
import { placeOfName } from '../../callers/name-places.ts';
import type { RelianceOn } from '../../callers/used-abbreviations.ts';
import { listKey } from '../../collections/list-key.ts';
import type { Fix } from '../../findings/fix.ts';
import { countOf, listNames, listSome, quoteName } from '../../messages/wording.ts';
import { isAccepting } from '../accepting-scope.ts';
import { defineCheck } from '../define-check.ts';

/** How many other places are told. */
const PLACES_SHOWN = 4;

/** How many words a message names before it only counts. */
const WORDS_SHOWN = 3;

type FragileWord = {
  readonly word: string;
  readonly name: string;
  /** Names of the long-option table or of the program's other commands that would make the word ambiguous. */
  readonly breakers: readonly string[];
  /** How often callers write it, as far as they are known. */
  readonly uses: number;
};

/** One finding for each scope: every leading word in it that means one option alone. What callers are known to write is a warning of its own. */
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
      // Where only the look of the help tells the parser, what is said is where a name is likely to come that takes the word over.
      const isSure = scope.accepted?.basis !== 'inferred';
      const fragile = fragileAbbreviations(scope, view.likelyNames, view.words)
        .filter(({ because, takenOver }) => because === 'leading-words' && (isSure || takenOver))
        .map(({ word, name, breakers }) => ({ word, name, breakers, uses: 0 }));
      const placeOf = (name: string) =>
        scope.names.find((known) => known.name.text === name)?.name.place ?? null;
      const used = usesAt(view, scope);
      const written = used.map(({ text, name, uses }) => ({
        word: text,
        name,
        breakers: fragile.find(({ word }) => word === text)?.breakers ?? [],
        uses: uses.length,
      }));
      const [mostUsed] = written;
      if (mostUsed !== undefined)
        report.finding({
          command: scope.at.path,
          subject: mostUsed.word,
          data: { words: written },
          place: placeOf(mostUsed.name),
          related: used
            .flatMap(({ uses }) => uses)
            .slice(0, PLACES_SHOWN)
            .map(({ text, place }) => ({ place, note: `${quoteName(text)} is written here` })),
          level: 'warning',
          fixes: inFullFix(used),
        });
      const words = fragile.filter(({ word }) => !used.some(({ text }) => text === word));
      const [first] = words;
      if (first === undefined) continue;
      report.finding({
        command: scope.at.path,
        subject: first.word,
        data: { words },
        place: placeOf(first.name),
        related: words.slice(1, 1 + PLACES_SHOWN).map(({ word, name }) => ({
          place: placeOf(name),
          note: `${quoteName(word)} means this`,
        })),
      });
    }
  },
  members: { list: 'words', nameOf: ({ word }) => word },
  apart: true,
  message({ words }: { words: readonly FragileWord[] }) {
    const [first, ...others] = words;
    if (first === undefined) return '';
    const pair = ({ word, name, uses }: FragileWord) =>
      `${quoteName(word)} for ${quoteName(name)}${uses > 0 ? ` (${countOf(uses, 'time')})` : ''}`;
    if (first.uses > 0)
      return `callers write ${listSome(words.map(pair), WORDS_SHOWN)}, until another name begins the same way`;
    return others.length === 0
      ? `${quoteName(first.word)} stands for ${quoteName(first.name)} only until another name begins the same way`
      : `${words.length} words each stand for one name only until another name begins the same way: ${listSome(words.map(pair), WORDS_SHOWN)}`;
  },
  fix({ words }) {
    const [first] = words;
    if (first === undefined) return '';
    const likely = likelyBreak(first);
    if (first.uses > 0)
      return `let callers write the names in full, as \`dabbawala callers --rewrite\` does${likely}`;
    return words.length === 1
      ? `declare ${quoteName(first.word)} as an alias, or start no new name with it${likely}`
      : `declare the words that callers use as aliases, or start no new name with one of them${likely}`;
  },
});

/** The abbreviations of options that callers write at a command, the most used first. */
function usesAt({ usedAbbreviations }: AuditView, { at }: OptionScope): RelianceOn[] {
  const path = listKey(at.path);
  return usedAbbreviations.filter(({ role, command }) => role === 'option' && listKey(command) === path);
}

function likelyBreak({ word, breakers }: FragileWord): string {
  if (breakers.length === 0) return '';
  // A new option of exactly this name gives the word another meaning without a message.
  return breakers.includes(word)
    ? `; a new option ${quoteName(word)} would take over its callers`
    : `; a new ${listNames(breakers)} would break ${quoteName(word)}`;
}

/** The names in full, where the abbreviations stand in the files as they are. */
function inFullFix(used: readonly RelianceOn[]): Fix[] {
  const edits = used.flatMap(({ text, name, uses }) =>
    uses.flatMap((use) => {
      const place = placeOfName(text, use.place);
      return place === undefined ? [] : [{ place, text: name }];
    }),
  );
  return edits.length === 0 ? [] : [{ kind: 'edit', edits }];
}
