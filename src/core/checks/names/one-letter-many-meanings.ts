import { listSome, quoteName } from '../../messages/wording.ts';
import type { OptionName } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** Meanings that cannot be taken back. */
const DESTROYS = /^--(?:force|delete|remove|purge|overwrite|destroy|erase|prune|clean)(?:-.*)?$/;

/** With one of them the program ends at once, and does nothing of what the other is given with. */
const ENDS = [/^--version$/, /^--(?:verbose|verbosity|quiet|silent)$/];

/** How many letters a message tells before it only counts. */
const LETTERS_SHOWN = 3;

type Letter = {
  readonly letter: string;
  readonly names: readonly string[];
  readonly commands: readonly string[];
};

interface Meaning {
  readonly name: string;
  readonly path: readonly string[];
  readonly place: Place;
}

/** One finding for an interface: letters that are different options in different commands, or in other programs of the family; one for each that destroys in one of them. */
export const oneLetterManyMeanings = defineCheck({
  name: 'names/one-letter-many-meanings',
  level: 'note',
  title: 'One letter stands for different options in different commands',
  why: 'People remember the letter, not the command. If it forces or deletes in one command and is harmless in another, a slip costs data.',
  standard: 'practice',
  needs: ['the options of several commands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"-q, --quay=NAME": the quay}}\n  route: {options: {"-q, --quick": the short way}}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"-q, --quay=NAME": the quay}}\n  route: {options: {"-s, --quick": the short way}}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"-q, --quiet": less}}\n  route: {options: {"-q, --silent": less}}\n',
  },
  judge(view, report) {
    const byLetter = new Map<string, Map<string, Meaning>>();
    for (const { command, path } of [...view.siblingCommands, ...view.commands]) {
      for (const { names } of command.options.items) {
        const longs = firstByLetter(names.filter(({ form }) => form === 'long'));
        for (const { text, form, place } of names) {
          // The long name that the letter stands for begins with it, or is the first.
          const long = longs.get(text.charAt(1)) ?? longs.get('');
          if (form !== 'short' || long === undefined) continue;
          const meaning = view.words.conceptOf(long.text)?.id ?? long.text;
          const known = byLetter.get(text) ?? new Map();
          if (!known.has(meaning)) known.set(meaning, { name: long.text, path, place });
          byLetter.set(text, known);
        }
      }
    }
    report.judged(byLetter.size);
    const several = [...byLetter].flatMap(([letter, meanings]) => {
      const all = [...meanings.values()];
      const told = toldPair(all, (path) => view.isOwn(path));
      return told === undefined
        ? []
        : [{ letter, all: [...told, ...all.filter((one) => !told.includes(one))] }];
    });
    const asData = ({ letter, all }: (typeof several)[number]): Letter => ({
      letter,
      names: all.map(({ name }) => name),
      commands: all.map(({ path }) => path.join(' ')),
    });
    const isGrave = ({ all }: (typeof several)[number]) =>
      (all.some(({ name }) => DESTROYS.test(name)) && all.some(({ name }) => !DESTROYS.test(name))) ||
      ENDS.every((end) => all.some(({ name }) => end.test(name)));
    for (const group of [
      ...several.filter(isGrave).map((one) => [one]),
      several.filter((one) => !isGrave(one)),
    ]) {
      const [first] = group;
      const second = first?.all[1];
      if (first === undefined || second === undefined) continue;
      report.finding({
        command: second.path,
        subject: first.letter,
        data: { letters: group.map(asData) },
        level: isGrave(first) ? 'warning' : 'note',
        place: second.place,
        related: first.all.slice(0, 1).map(({ name, place, path }) => ({
          place,
          note: `is ${quoteName(name)} in ${quoteName(path.join(' '))}`,
        })),
      });
    }
  },
  members: { list: 'letters', nameOf: ({ letter }) => letter },
  apart: true,
  message({ letters }: { letters: readonly Letter[] }) {
    const [first, ...others] = letters;
    if (first === undefined) return '';
    return others.length === 0
      ? `${quoteName(first.letter)} is ${quoteName(first.names[1] ?? '')} here and ${quoteName(first.names[0] ?? '')} in ${quoteName(first.commands[0] ?? '')}`
      : `${letters.length} letters are different options in different commands: ${listSome(
          letters.map(({ letter, names }) => `${quoteName(letter)} (${names.slice(0, 2).join(', ')})`),
          LETTERS_SHOWN,
        )}`;
  },
  fix: () => 'use each letter for one meaning in the whole program, and give rare options no letter',
});

/** Two meanings in different commands, the second in the program itself; one that destroys beside one that does not, if there are such. */
function toldPair(
  all: readonly Meaning[],
  isOwn: (path: readonly string[]) => boolean,
): [Meaning, Meaning] | undefined {
  const harmful = new FirstOfCommands();
  const harmless = new FirstOfCommands();
  let plain: [Meaning, Meaning] | undefined;
  for (const second of all) {
    const [alike, others] = DESTROYS.test(second.name) ? [harmful, harmless] : [harmless, harmful];
    if (isOwn(second.path)) {
      const grave = others.elsewhere(second);
      if (grave !== undefined) return [grave, second];
      const first = alike.elsewhere(second);
      if (first !== undefined) plain ??= [first, second];
    }
    alike.add(second);
  }
  return plain;
}

/** The first of some meanings, and the first in another command than that one. */
class FirstOfCommands {
  #first: Meaning | undefined;
  #other: Meaning | undefined;

  add(meaning: Meaning): void {
    if (this.#first === undefined) this.#first = meaning;
    else if (!isSameCommand(meaning, this.#first)) this.#other ??= meaning;
  }

  /** The first that is in another command than a meaning. */
  elsewhere(meaning: Meaning): Meaning | undefined {
    return this.#first !== undefined && isSameCommand(this.#first, meaning) ? this.#other : this.#first;
  }
}

function isSameCommand(a: Meaning, b: Meaning): boolean {
  return a.path.length === b.path.length && a.path.every((name, i) => name === b.path[i]);
}

/** The first long name with each letter at its beginning, and the first of all as that of no letter. */
function firstByLetter(longs: readonly OptionName[]): ReadonlyMap<string, OptionName> {
  return new Map(
    longs.toReversed().flatMap(
      (name) =>
        [
          [name.text.charAt(2), name],
          ['', name],
        ] as const,
    ),
  );
}
