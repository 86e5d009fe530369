import { listNames } from '../../messages/wording.ts';
import type { Form } from '../../model/command.ts';
import type { Source } from '../../source/source.ts';
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
        [...usage].some(([source, stretch]) => mentions.isOutside(word, source, stretch));
      const silent = forms.flatMap(({ operands }) =>
        operands.filter(({ name, kind }) => {
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
      report.judged(command.forms.reduce((sum, { operands }) => sum + operands.length, 0));
      const names = [...new Set(silent.map(({ name }) => name))];
      const [first] = silent;
      // `tiffin BOX (the box can also come from a file)`: a synopsis that goes on in prose.
      if (first === undefined || names.some((name) => OF_PROSE.test(name))) continue;
      report.finding({ command: path, subject: first.name, data: { names }, place: first.place });
    }
  },
  apart: true,
  message: ({ names }: { names: readonly string[] }) =>
    `${names.length === 1 ? 'the operand' : 'the operands'} ${listNames(names)} ${names.length === 1 ? 'appears' : 'appear'} only in the usage line`,
  fix: ({ names }) =>
    `say what ${names.length === 1 ? 'it is' : 'they are'}, and what happens without ${names.length === 1 ? 'it' : 'them'}`,
});

interface Stretch {
  readonly start: number;
  readonly end: number;
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
