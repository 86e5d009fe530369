import { groupedBy } from '../../collections/grouped.ts';
import { listNames } from '../../messages/wording.ts';
import type { Form } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import type { Place, Source } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** So many different names are looked for in the text: each costs a look at all of it. */
const MAX_NAMES = 1000;

/** Names that say all that there is to say, also in the plural and with a number behind. */
const CLEAR =
  /^(?:[a-z]*[-_]?(?:file|path|dir|directory|folder|filename|pathname|filesystem)|device|host|hostname|ip|ip-?addr(?:ess)?|address|url|uri|user|username|group|command|cmd|arg|argument|args?|option|parameter|word|text|string|port|pid|package|source|dest|destination|input|output|image|repo|repository|branch|commit|database|table|server|(?:[a-z]+[-_])?(?:name|opt|prefix|device|string|arg)|label|title)(?:\(?e?s\)?)?[-_]?\d{0,2}$/;

/** Words of sentences that name no operand. */
const OF_PROSE =
  /^(?:an?|the|this|that|these|can|also|may|must|be|is|are|and|or|from|with|without|show|shows|print|prints)$/;

/** One finding for each command whose usage line has operands of which nothing else speaks. */
export const operandUndescribed = defineCheck({
  name: 'help/operand-undescribed',
  level: 'note',
  title: 'An operand appears only in the usage line',
  why: 'All the reader has is a name: not what it can be, nor what happens without it.',
  standard: 'practice',
  needs: ['the help of the command'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]... BOX\n\nOptions:\n  --map  draw a map\n',
    right: 'Usage: tiffin [OPTION]... BOX\n\nPrint the label of BOX.\n\nOptions:\n  --map  draw a map\n',
    nearMiss:
      'Usage: tiffin [OPTION]... BOX [FILE]...\n\nOperands:\n  BOX  number of the box\n\nOptions:\n  --map  draw a map\n',
  },
  judge(view, report) {
    const mentions = new Mentions();
    for (const { command, path } of view.described) {
      const listed = new Set(command.operands.items.map(({ name }) => name.toLowerCase()));
      const forms = command.forms.filter(({ place }) => place !== null && view.isHelp(place));
      const usage = usageBySource(forms);
      const isTold = (word: string) =>
        word === inSmallLetters(view.interface.program.value) ||
        [...usage].some(([source, stretch]) => mentions.isOutside(word, source, stretch)) ||
        isToldBetween(word, forms, mentions);
      const isAngled = forms.some(({ operands }) => operands.some(isInAngles));
      const silent = forms.flatMap(({ operands }) =>
        operands.filter((operand) => {
          const { name, kind } = operand;
          // Beside `<BOX>`, a bare word in small letters is one to type.
          if (isAngled && /^[a-z]/.test(name) && !isInAngles(operand)) return false;
          // Up to the last letter or digit; greedy, so that it is looked for from the end only.
          const named = /^.*[\p{L}\d]/su.exec(inSmallLetters(name))?.[0] ?? '';
          // `BOX1 BOX2 ...` are told of as BOX.
          const word = isTold(named) ? named : named.replace(/(?<=\p{L})[-_]?\d$/u, '');
          return (
            kind === 'word' &&
            /^[\p{L}][\p{L}\d_-]*$/u.test(word) &&
            !CLEAR.test(word) &&
            !listed.has(name.toLowerCase()) &&
            !isTold(word)
          );
        }),
      );
      const untold = command.operands.items.filter(
        ({ kind, name, help, place }) =>
          kind === 'word' &&
          help === undefined &&
          place !== null &&
          (!view.isHelp(place) || (!CLEAR.test(inSmallLetters(name)) && isAloneInLine(place))),
      );
      const isTelling =
        command.options.items.length > 0 && command.options.items.every(({ help }) => help !== undefined);
      const [bare] = untold;
      if (bare !== undefined && isTelling) {
        report.finding({
          command: path,
          subject: bare.name,
          data: { names: untold.map(({ name }) => name), isDeclared: true },
          place: bare.place,
        });
        continue;
      }
      report.judged(command.forms.reduce((sum, { operands }) => sum + operands.length, 0));
      const names = [...new Set(silent.map(({ name }) => name))];
      const [first] = silent;
      // `tiffin BOX (the box can also come from a file)`: a synopsis that goes on in prose.
      const isProse = forms.some(({ operands }) => operands.some(({ name }) => OF_PROSE.test(name)));
      if (first === undefined || isProse) continue;
      report.finding({
        command: path,
        subject: first.name,
        data: { names, isDeclared: false },
        place: first.place,
      });
    }
  },
  apart: true,
  message: ({ names, isDeclared }: Undescribed) =>
    isDeclared
      ? `${names.length === 1 ? 'the operand' : 'the operands'} ${listNames(names)} ${names.length === 1 ? 'has' : 'have'} no text, and the options do`
      : `${names.length === 1 ? 'the operand' : 'the operands'} ${listNames(names)} ${names.length === 1 ? 'appears' : 'appear'} only in the usage line`,
  fix: ({ names }: Undescribed) =>
    `say what ${names.length === 1 ? 'it is' : 'they are'}, and what happens without ${names.length === 1 ? 'it' : 'them'}`,
});

type Undescribed = {
  readonly names: readonly string[];
  /** Whether they are declared in a document, or listed in help, and have no text there. */
  readonly isDeclared: boolean;
};

interface Stretch {
  readonly start: number;
  readonly end: number;
}

/** Whether an entry of a list is a name and nothing else, with nothing deeper below it. */
function isAloneInLine(place: NonNullable<Place>): boolean {
  const { text } = place.source;
  const start = text.lastIndexOf('\n', place.start - 1) + 1;
  const line = /^[^\n]{0,200}/.exec(text.slice(start, start + 200))?.[0] ?? '';
  const behind = text.slice(start + line.length, start + line.length + 200);
  const indent = line.search(/\S/);
  const next = /^\n([ \t]*)\S/.exec(behind)?.[1]?.length ?? 0;
  return /^\s+[<[]?[A-Za-z][\w-]*[>\]]?$/.test(line) && next <= indent;
}

function isInAngles({ place }: Operand): boolean {
  return (
    place !== null &&
    /<[^<>\s]?$/.test(place.source.text.slice(Math.max(0, place.start - 1), place.start + 1))
  );
}

/** Whether a word stands between the synopses oftener than in them: a text below one of them speaks of it. */
function isToldBetween(word: string, forms: readonly Form[], mentions: Mentions): boolean {
  const bySource = groupedBy(forms, ({ place }) => place?.source);
  return [...bySource].some(([source, own]) => {
    const shown = own.reduce((sum, { text }) => sum + timesIn(inSmallLetters(text), word), 0);
    return mentions.times(word, source) > shown;
  });
}

function timesIn(text: string, word: string): number {
  return text.split(word).length - 1;
}

/** From the first to the last usage line in each source: what speaks of an operand stands outside of that. */
function usageBySource(forms: readonly Form[]): ReadonlyMap<Source, Stretch> {
  const usage = new Map<Source, Stretch>();
  for (const { place } of forms) {
    if (place === null) continue;
    const { start, end } = usage.get(place.source) ?? place;
    usage.set(place.source, { start: Math.min(start, place.start), end: Math.max(end, place.end) });
  }
  return usage;
}

/** Where sources mention words: each word is looked for once in each source, however many commands have an operand of that name. */
class Mentions {
  readonly #texts = new Map<Source, string>();
  /** Where each word stands first and last. */
  readonly #found = new Map<Source, Map<string, Stretch>>();

  readonly #times = new Map<Source, Map<string, number>>();

  /** How often a source mentions a word. */
  times(word: string, source: Source): number {
    const known = this.#times.get(source) ?? new Map<string, number>();
    this.#times.set(source, known);
    const before = known.get(word);
    if (before !== undefined) return before;
    const text = this.#texts.get(source) ?? inSmallLetters(source.text);
    const found = timesIn(text, word);
    known.set(word, found);
    return found;
  }

  /** Whether a source mentions a word outside a stretch of it; words beyond a limit count as mentioned. */
  isOutside(word: string, source: Source, { start, end }: Stretch): boolean {
    const found = this.#found.get(source) ?? new Map<string, Stretch>();
    this.#found.set(source, found);
    let mention = found.get(word);
    if (mention === undefined) {
      if (found.size >= MAX_NAMES) return true;
      const text = this.#texts.get(source) ?? inSmallLetters(source.text);
      this.#texts.set(source, text);
      mention = { start: text.indexOf(word), end: text.lastIndexOf(word) };
      found.set(word, mention);
    }
    return mention.start >= 0 && (mention.start + word.length <= start || mention.end >= end);
  }
}

/** A text of the same length in small letters: of all letters, only the dotted capital I has more than one for one. */
function inSmallLetters(text: string): string {
  return text.replaceAll('\u0130', 'i').toLowerCase();
}
