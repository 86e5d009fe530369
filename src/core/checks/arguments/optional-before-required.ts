import { quoteName } from '../../messages/wording.ts';
import type { Command, Form } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each form in which it cannot be told which of its operands were left out. */
export const optionalBeforeRequired = defineCheck({
  name: 'arguments/optional-before-required',
  level: 'warning',
  title: 'An optional operand stands before a mandatory one, and others vary too',
  why: 'With fewer words than operands, nobody can tell which were left out. The parser picks one reading, and the caller may have meant the other.',
  standard: 'POSIX XBD 12.1',
  needs: ['the operands of the usage line'],
  since: 4,
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\nusage: tiffin [QUAY] BOX [DAY]\noptions:\n  -q: say nothing\n',
    right: 'dabbawala: 1\nprogram: tiffin\nusage: tiffin BOX [QUAY] [DAY]\noptions:\n  -q: say nothing\n',
    nearMiss: 'Usage: tiffin [QUAY] BOX\n\n  -q  say nothing\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const form of command.forms) {
        if (form.operands.length === 0) continue;
        report.judged();
        const pair = undecided(form);
        if (pair === undefined || headings(command).has(pair.optional.name.toLowerCase())) continue;
        report.finding({
          command: path,
          subject: pair.optional.name,
          data: { optional: pair.optional.name, required: pair.required.name },
          place: pair.optional.place,
          related: [{ place: pair.required.place, note: 'must be given all the same' }],
          ...(view.isHelp(pair.optional.place) ? { level: 'note' } : {}),
        });
      }
    }
  },
  message: ({ optional, required }: { optional: string; required: string }) =>
    `${quoteName(optional)} may be left out before ${quoteName(required)}, and the number of words does not show whether it was`,
  fix: ({ optional }) => `move ${quoteName(optional)} after the required operands, or make it an option`,
});

/** What options are listed under, in small letters: in a usage line it stands for these, `[ OPTIONS ] [ WARNINGS ] BOX`. */
function headings({ options }: Command): ReadonlySet<string> {
  return new Set(
    options.items.flatMap(({ heading }) => heading?.value.toLowerCase().replace(/:$/, '') ?? []),
  );
}

/** An operand that says what is to be done, and so which operands there are. */
const ACTION = /^(?:op|operation|mode|action|command|cmd|task|verb)s?$/i;

/** A usage line with more operands than this is not looked at. */
const MAX_OPERANDS = 100;

/** An optional operand before a mandatory one, where a third one varies in number, so that counting does not help. */
function undecided({ operands, text }: Form): { optional: Operand; required: Operand } | undefined {
  // A bar outside brackets parts whole command lines.
  if (/\s\|\s/.test(text.replace(/[[({<][^\][(){}<>]{0,200}[\])}>]/g, ''))) return undefined;
  // `/q` is an option of another custom.
  const words = operands.filter(
    (one) => one.kind === 'word' && /^[^/]*\p{L}/u.test(one.name) && !isJoined(one),
  );
  // Each is held against all others.
  if (words.length > MAX_OPERANDS || words.some(({ count }) => count === undefined)) return undefined;
  // `[@FILE]` is known by its mark, and so are the others by having none.
  if (words.some(({ name }) => /^[@+:=%]/.test(name))) return undefined;
  // Two that take any number of words are told as such.
  if (words.filter(({ count }) => count?.value.most === null).length > 1) return undefined;
  const varies = ({ count }: Operand) => count?.value.least !== count?.value.most;
  for (const [i, optional] of words.entries()) {
    // `[args]` in front of all others are the options, and what has a mark of its own, `[NAME=VALUE]`, is known by it.
    if (optional.count?.value.least !== 0 || /args?>?$|\w=\S/i.test(optional.name)) continue;
    const required = words
      .slice(i + 1)
      .find(({ count, name }) => (count?.value.least ?? 0) > 0 && name !== optional.name);
    // `FILE1 [FILE2 ... FILEn] DIR`: one of a series, which begins before it.
    if (words.slice(0, i).some(({ name }) => areOfSeries(name, optional.name))) continue;
    if (isBesideOption(optional) || words.slice(0, i).some(({ name }) => ACTION.test(name))) continue;
    if (required !== undefined && isParted(text, optional, required)) continue;
    if (required !== undefined && words.some((other) => other !== optional && varies(other)))
      return { optional, required };
  }
  return undefined;
}

/** Whether two names differ in a number or a letter at their end: `box1`, `box_2.txt`, `box-n`. */
function areOfSeries(one: string, other: string): boolean {
  const base = (name: string) => name.toLowerCase().replace(/[-_ ]?(?:\d{1,3}|n)(?=$|\.\w{1,5}$)/, '');
  return one !== other && base(one) === base(other);
}

/** Whether an operand is a part of a word (`{add,drop}[qv]`, `[OWNER][:GROUP]`). */
function isJoined({ place }: Operand): boolean {
  if (place === null) return false;
  const { text } = place.source;
  const before = text.slice(Math.max(0, place.start - 8), place.start);
  return /[^\s[(<{|][[(]$/.test(before) || /^\][[:\w]/.test(text.slice(place.end, place.end + 3));
}

/** Whether an operand is left out where an option stands in its place, which shows it: `<-m|BOX>`. */
function isBesideOption({ place }: Operand): boolean {
  if (place === null) return false;
  return /-\w[\w-]{0,40}\s?\|\s?$/.test(place.source.text.slice(Math.max(0, place.start - 50), place.start));
}

/** Whether `--` stands between two operands, so that callers can say which word is which. */
function isParted(text: string, first: Operand, second: Operand): boolean {
  const shown = ({ word, name }: Operand) => word.placeholder?.value ?? name;
  const from = text.indexOf(shown(first));
  return /\s\[?--\]?\s/.test(text.slice(from, text.indexOf(shown(second), from)));
}
