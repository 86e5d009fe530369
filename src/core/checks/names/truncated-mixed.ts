import { listSome, quoteName } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { nameWords } from '../../words/name-words.ts';
import { VERBS } from '../../words/verbs.ts';
import { defineCheck } from '../define-check.ts';

/** How many pairs a message names before it only counts. */
const PAIRS_SHOWN = 3;

type Pair = { readonly full: string; readonly cut: string };

/** One finding for an interface that writes a word in full in one name and cut short in another. */
export const truncatedMixed = defineCheck({
  name: 'names/truncated-mixed',
  level: 'note',
  title: 'A word is written in full in one name and shortened in another',
  why: 'Nobody can know which name has the short word. Both look right, and one is an error.',
  standard: 'practice',
  needs: ['the long options'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --config=FILE    read FILE\n  --cfg-dir=DIR    look in DIR\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --config=FILE    read FILE\n  --config-dir=DIR look in DIR\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --config, --cfg  read a file\n  --map-dir=DIR    look in DIR\n',
  },
  judge(view, report) {
    const uses = new Map<string, Use>();
    for (const { at, names } of view.scopes) {
      for (const { name, option, generated } of names) {
        if (generated) continue;
        report.judged();
        for (const word of nameWords(name.text.toLowerCase()))
          if (!uses.has(word)) uses.set(word, { name: name.text, option, path: at.path, place: name.place });
      }
    }
    const known = [...uses].flatMap(([word, full]) =>
      view.words.shortForms(word).flatMap((form) => {
        const cut = uses.get(form);
        const isTold =
          cut !== undefined &&
          cut.option !== full.option &&
          form.length > 1 &&
          areOneConcept([full.name, word], [cut.name, form]);
        return isTold ? [{ full, cut, inFull: cut.name.replace(form, word) }] : [];
      }),
    );
    const pairs = known.length > 0 ? known : cutByText(uses);
    const [first] = pairs;
    if (first === undefined) return;
    report.finding({
      command: first.cut.path,
      subject: first.cut.name,
      data: { pairs: pairs.map(({ full, cut }) => ({ full: full.name, cut: cut.name })) },
      place: first.cut.place,
      fixes: pairs.map(({ cut, inFull }) => ({
        kind: 'rename-option',
        command: cut.path,
        name: cut.name,
        to: inFull,
      })),
      related: [{ place: first.full.place, note: 'has the word in full' }],
    });
  },
  members: { list: 'pairs', nameOf: ({ full, cut }) => `${full} ${cut}` },
  apart: true,
  message: ({ pairs }: { pairs: readonly Pair[] }) =>
    `a word is shortened in ${listSome(
      pairs.map(({ full, cut }) => `${quoteName(cut)} and in full in ${quoteName(full)}`),
      PAIRS_SHOWN,
    )}`,
  fix: () => 'write the word the same way in all names, and keep the other names as hidden aliases',
});

/** Whether the word and its short form are what names are about, their first words, or all else of the names is the same. */
function areOneConcept(
  [full, word]: readonly [string, string],
  [cut, form]: readonly [string, string],
): boolean {
  const [first, second] = [full, cut].map((name) => nameWords(name.toLowerCase()));
  if (first === undefined || second === undefined) return false;
  return (
    (first[0] === word && second[0] === form) ||
    first.map((one) => (one === word ? form : one)).join('-') === second.join('-')
  );
}

/** The first use of a word. */
interface Use {
  readonly name: string;
  readonly option: Option;
  readonly path: readonly string[];
  readonly place: Place;
}

/** A shorter beginning may be a word of its own. */
const LEAST_CUT = 3;
/** A longer one is no short form. */
const MOST_CUT = 5;

/** Words of names that are the beginning of another one, which the text of their own option has in full: `--algo-list  List the algorithms`. */
function cutByText(uses: ReadonlyMap<string, Use>): { full: Use; cut: Use; inFull: string }[] {
  return [...uses].flatMap(([form, cut]) => {
    const told = cut.option.help?.value.toLowerCase().match(/[a-z]+/g) ?? [];
    const words = new Set(told.flatMap((word) => [word, word.replace(/s$/, '')]));
    // `check` beside `checksum` is a verb beside a noun.
    if (form.length < LEAST_CUT || form.length > MOST_CUT || words.has(form) || VERBS.has(form)) return [];
    return [...words].flatMap((word) => {
      const full = uses.get(word);
      // `username` is a word of two, of which `user` is one.
      const isCut =
        word.startsWith(form) &&
        word.length >= form.length + LEAST_CUT &&
        !/^(?:names?|files?|path|list|code|time|size)$/.test(word.slice(form.length));
      return full === undefined ||
        !isCut ||
        full.option === cut.option ||
        !areOneConcept([full.name, word], [cut.name, form])
        ? []
        : [{ full, cut, inFull: cut.name.replace(form, word) }];
    });
  });
}
