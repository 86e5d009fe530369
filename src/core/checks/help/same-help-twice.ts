import { groupedBy } from '../../collections/grouped.ts';
import type { Level } from '../../findings/level.ts';
import { listNames, listSome, quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { withoutNotes } from '../../notation/without-notes.ts';
import { areOneConcept } from '../../words/concepts.ts';
import { NameFamilies } from '../../words/name-families.ts';
import { nameWords } from '../../words/name-words.ts';
import { areSpellings } from '../../words/spellings.ts';
import { normalisedText, wordsOf } from '../../words/text-likeness.ts';
import { defineCheck, type Reporter } from '../define-check.ts';
import { optionAbove } from '../option-above.ts';

/** One finding for each text that several options of a command have. */
export const sameHelpTwice = defineCheck({
  name: 'help/same-help-twice',
  level: 'warning',
  title: 'Two options have the same text',
  why: 'A text copied from another option tells the reader something false, or does not say how the two differ.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 1,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --early: deliver the boxes before eight\n  --late: deliver the boxes before eight\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --early   deliver the boxes before eight\n  --late    deliver the boxes after six\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --early     deliver the boxes before eight\n  --morning   same as --early\n' +
      '  --dawn      same as --early\n  --src-quay=QUAY   the quay of the boxes\n  --dest-quay=QUAY  the quay of the boxes\n' +
      '  --src-lid=LID     the lid of a box\n  --dest-lid=LID    the lid of a box\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      // A letter that stands for a value of another option has that one's text, and so has what was replaced by it.
      const described = at.command.options.items.filter(
        ({ help, sameAs, deprecated }) =>
          help !== undefined && sameAs === undefined && deprecated === undefined,
      );
      report.judged(described.length);
      const byText = groupedBy(described, ({ help }) => {
        const text = withoutNotes(help?.value ?? '');
        return !isProse(text) || REFERS.test(text) || wordsOf(text).size === 0
          ? undefined
          : normalisedText(text);
      });
      const copied: Copied[] = [];
      let families: NameFamilies | undefined;
      for (const [first, ...rest] of byText.values()) {
        if (first === undefined || rest.length === 0) continue;
        const above = optionAbove(first.place);
        // Options in families share their texts by design: the word in which their names differ tells them apart.
        const isFamily = (option: Option) => {
          families ??= new NameFamilies(described.map((one) => mainName(one).text));
          return families.areFamily(mainName(first).text, mainName(option).text);
        };
        const copies = rest.filter(
          (option) =>
            !maySpellOneOption(first, option) &&
            !isFamily(option) &&
            optionAbove(option.place) === above &&
            !isSameOfOtherPart(first, option),
        );
        const [copy] = copies;
        if (copy?.help === undefined) continue;
        // Texts that differ in what brackets tell are less surely copies. Help output may show one option in two ways, and both with its text.
        const isSure =
          !areLetters([first, ...copies]) && areAlike([first, ...copies]) && !view.isHelp(copy.place);
        copied.push({ first, copy, copies, level: isSure ? 'warning' : 'note' });
      }
      // So many of them have one cause: the program lists the old and the new spellings of its options.
      if (copied.length > MOST_APART) reportTogether(at.path, copied, report);
      else for (const one of copied) reportOne(at.path, one, report);
    }
  },
  message: ({ names, other, copied }: SameText) =>
    other === null
      ? `${names.length} options have the texts of others: ${listSome(
          copied.map((one) => `${quoteName(one.name)} that of ${quoteName(one.of)}`),
          COPIES_SHOWN,
        )}`
      : `${listNames(names)} ${names.length === 1 ? 'has' : 'have'} the same text as ${quoteName(other)}`,
  fix: ({ names, other }) => {
    if (other === null) return 'say of each how it differs from the other, or make them one option';
    return names.length === 1
      ? `say how ${listNames(names)} differs from ${quoteName(other)}, or make them one option`
      : `say of each how it differs from ${quoteName(other)}, or make them one option`;
  },
});

/** More texts than this that stand twice in one list are told together. */
const MOST_APART = 5;

/** So many of them a message names. */
const COPIES_SHOWN = 3;

type SameText = {
  readonly names: readonly string[];
  /** The option whose text they have; null where they have the texts of several. */
  readonly other: string | null;
  /** Each option with the one whose text it has, where there are several; empty where there is one. */
  readonly copied: readonly { readonly name: string; readonly of: string }[];
};

interface Copied {
  readonly first: Option;
  readonly copy: Option;
  readonly copies: readonly Option[];
  readonly level: Level;
}

function namesOf(copies: readonly Option[]): string[] {
  return [...new Set(copies.map((option) => mainName(option).text))];
}

function reportOne(
  command: readonly string[],
  { first, copy, copies, level }: Copied,
  report: Reporter<SameText>,
): void {
  report.finding({
    command,
    subject: mainName(copy).text,
    level,
    data: { names: namesOf(copies), other: mainName(first).text, copied: [] },
    place: copy.help?.place ?? null,
    related: [
      { place: first.help?.place ?? null, note: `the text of ${quoteName(mainName(first).text)}` },
      ...copies.slice(1, 5).map((option) => ({ place: option.help?.place ?? null, note: 'and here' })),
    ],
  });
}

function reportTogether(
  command: readonly string[],
  copied: readonly Copied[],
  report: Reporter<SameText>,
): void {
  // Those that are surely copied come first.
  const sorted = [...copied].sort((a, b) => Number(b.level === 'warning') - Number(a.level === 'warning'));
  const [one] = sorted;
  if (one === undefined) return;
  const pairs = sorted.flatMap(({ first, copies }) =>
    namesOf(copies).map((name) => ({ name, of: mainName(first).text })),
  );
  report.finding({
    command,
    subject: mainName(one.copy).text,
    level: one.level,
    data: { names: [...new Set(pairs.map(({ name }) => name))], other: null, copied: pairs },
    place: one.copy.help?.place ?? null,
    related: sorted.slice(1, 5).map(({ copy }) => ({ place: copy.help?.place ?? null, note: 'and here' })),
  });
}

/** Whether all have nothing but letters for names: these are often two for one thing, which no word of a name can tell. */
function areLetters(options: readonly Option[]): boolean {
  return options.every(({ names }) => names.every(({ form }) => form === 'short' || form === 'plus'));
}

/** Whether two stand under different headings, and the name of one is that of the other with a word more: `--seq`, and `--tide-seq` below `Tides`. */
function isSameOfOtherPart(a: Option, b: Option): boolean {
  if (a.heading?.value === b.heading?.value) return false;
  const [fewer = [], more = []] = [a, b]
    .map((option) => nameWords(mainName(option).text))
    .sort((one, other) => one.length - other.length);
  return fewer.length < more.length && fewer.every((word) => more.includes(word));
}

function areAlike(options: readonly Option[]): boolean {
  return new Set(options.map(({ help }) => normalisedText(help?.value ?? ''))).size === 1;
}

const REFERS =
  /\b(?:same as|alias|synonym|equivalent|like|likewise|as above|see above|see|ditto|ignored|deprecated|obsolete|reserved|compatibility|no longer|undocumented|internal|do(?:es)?[- ]nothing|discontinued|unsupported|not supported|no[- ]?op|no effect|unused)\b/i;

/** Whether a text has words of its own: marks in the cells of a table, remarks in brackets, placeholders and words in quotes are none. */
function isProse(text: string): boolean {
  const plain = text.replace(/[[(<{][^\][(){}<>]{0,400}[\])}>]|"[^"\n]{0,80}"/g, ' ').trim();
  return (
    (plain.match(/(?<![\w-])[A-Za-z]{2,}/g) ?? []).length > 1 && !/^[-<|[]/.test(text.replace(/^- /, ''))
  );
}

/** A short name in one entry and a long one in another, or names made of the same words, are with the same text likely spellings of one option. */
function maySpellOneOption(a: Option, b: Option): boolean {
  const isShort = (option: Option) =>
    option.names.every((name) => name.form === 'short' || name.form === 'plus');
  const shares = a.names.some((name) => b.names.some((other) => other.text === name.text));
  // `-?` is help, and `-NUM` is short for an option with a number.
  const isQuestion = [a, b].some((option) => option.names.some(({ text }) => /^-(?:\?|NUM|N|#)$/.test(text)));
  return shares || isQuestion || isShort(a) !== isShort(b) || haveSpellings(a, b);
}

/** Whether one has another spelling of a name of the other, or a word that means the same, and both take the same. */
function haveSpellings(a: Option, b: Option): boolean {
  const presence = (option: Option) => option.argument?.value.presence ?? 'none';
  if (presence(a) !== presence(b)) return false;
  const [first, second] = [a, b].map(({ names }) => names.slice(0, NAMES_LIMIT));
  return (
    first?.some((name) =>
      second?.some((other) => areSpellings(name.text, other.text) || areOneConcept(name.text, other.text)),
    ) === true
  );
}

/** So many names of each are compared, whatever a stranger gives an option. */
const NAMES_LIMIT = 8;
