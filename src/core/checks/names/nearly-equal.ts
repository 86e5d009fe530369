import { distance } from 'fastest-levenshtein';
import type { ScopeName } from '../../abbreviations/option-scope.ts';
import { listSome, quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** How many pairs a message names before it only counts. */
const PAIRS_SHOWN = 3;

/** Shorter words differ in a letter by their nature. */
const MIN_LENGTH = 5;

/** How many names of one scope are compared with one another. */
const COMPARED = 1000;

/** One finding for each scope: names of different options that differ by a letter or a plural. */
export const nearlyEqual = defineCheck({
  name: 'names/nearly-equal',
  level: 'note',
  title: 'Names of different options are nearly equal',
  why: 'Leaving out one letter gives no error, but another option. Nobody notices until they look at the result.',
  standard: 'practice',
  needs: ['the long options of the command'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --carrier=NAME   the carrier of a box\n  --carriers       list all carriers\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --carrier=NAME   the carrier of a box\n  --list-all       list all carriers\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --colour, --color   use colours\n  --level1            the first\n  --level2            the second\n  --atime=N           last read\n  --ctime=N           last changed\n',
  },
  judge(view, report) {
    const said = new Set<string>();
    for (const { at, names } of view.scopes) {
      const declared = new Set(at.command.options.items);
      const own = names.filter(({ option, negated }) => declared.has(option) && !negated).slice(0, COMPARED);
      report.judged(own.length);
      // Commands that share options share their pairs too: each is told once.
      const pairs = pairsOf(own).filter(([a, b]) => isNew(`${a.name.text} ${b.name.text}`, said));
      const [first] = pairs;
      if (first === undefined) continue;
      report.finding({
        command: at.path,
        subject: first[1].name.text,
        data: { pairs: pairs.map(([a, b]) => ({ first: a.name.text, second: b.name.text })) },
        place: first[1].name.place,
        related: [{ place: first[0].name.place, note: `nearly ${quoteName(first[1].name.text)}` }],
      });
    }
  },
  message: ({ pairs }: { pairs: readonly { first: string; second: string }[] }) =>
    `nearly equal: ${listSome(
      pairs.map(({ first, second }) => `${quoteName(first)} and ${quoteName(second)}`),
      PAIRS_SHOWN,
    )}`,
  fix: ({ pairs }) =>
    pairs.length === 1
      ? 'use names that show how the two differ'
      : 'use names that show how the two of each pair differ',
});

/** Adds a text to those that were said; false where it was among them. */
function isNew(text: string, said: Set<string>): boolean {
  return said.size !== said.add(text).size;
}

function pairsOf(names: readonly ScopeName[]): [ScopeName, ScopeName][] {
  const pairs: [ScopeName, ScopeName][] = [];
  for (const [i, a] of names.entries()) {
    for (const b of names.slice(i + 1)) {
      if (a.option !== b.option && areNear(a.name.text.slice(2), b.name.text.slice(2))) pairs.push([a, b]);
    }
  }
  return pairs;
}

/** Letters that by custom tell names of one family apart: access, change and modification time, user and group. */
const FAMILY = /^(?:[acmb]time|[acm]min|[ugp]ids?|std(?:in|out|err)|[rw]only|(?:read|write)s?)$/;

function areNear(a: string, b: string): boolean {
  if (Math.min(a.length, b.length) < MIN_LENGTH || Math.abs(a.length - b.length) > 1) return false;
  if (a.replace(/\d/g, '') === b.replace(/\d/g, '') || distance(a, b) !== 1) return false;
  const [x, y] = [a.split('-'), b.split('-')];
  const at = x.findIndex((word, i) => word !== y[i]);
  const [one = '', other = ''] = [x[at], y[at]];
  // A letter of a short word (`--cpu`, `--gpu`, `--min-size`, `--max-size`) is a word of its own.
  return x.length === y.length && one.length >= MIN_LENGTH - 1 && !(FAMILY.test(one) || FAMILY.test(other));
}
