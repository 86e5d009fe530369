import { distance } from 'fastest-levenshtein';
import { listSome, quoteName } from '../../messages/wording.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck, type Reporter } from '../define-check.ts';

/** How many pairs a message names before it only counts. */
const PAIRS_SHOWN = 3;

/** Shorter words differ in a letter by their nature. */
const MIN_LENGTH = 5;

/** How many names of one scope are compared with one another. */
const COMPARED = 1000;

/** One finding for each scope: names of different options, or of commands, that differ by a letter or a plural. */
export const nearlyEqual = defineCheck({
  name: 'names/nearly-equal',
  level: 'note',
  title: 'Names of different options or commands are nearly equal',
  why: 'Leaving out one letter gives no error, but another option. Nobody notices until they look at the result.',
  standard: 'practice',
  needs: ['the long options of the command, or its subcommands'],
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
      const own = names.filter(({ option, negated }) => declared.has(option) && !negated);
      judgeScope(
        at.path,
        own.map(({ option, name }) => ({ of: option, text: name.text, place: name.place })),
        areNear,
        said,
        report,
      );
    }
    for (const { command, path } of view.commands) {
      const own = command.commands.items.flatMap((sub) =>
        sub.names.map(({ text, place }) => ({ of: sub, text, place })),
      );
      // `mount` and `umount`, `get` and `set` are what people know them by.
      judgeScope(path, own, (a, b) => isPlural(a, b) || isPlural(b, a), said, report);
    }
  },
  members: { list: 'pairs', nameOf: ({ first, second }) => `${first} ${second}` },
  apart: true,
  message: ({ pairs }: Pairs) =>
    `nearly equal: ${listSome(
      pairs.map(({ first, second }) => `${quoteName(first)} and ${quoteName(second)}`),
      PAIRS_SHOWN,
    )}`,
  fix: ({ pairs }) =>
    pairs.length === 1
      ? 'use names that show how the two differ'
      : 'use names that show how the two of each pair differ',
});

type Pairs = { readonly pairs: readonly { readonly first: string; readonly second: string }[] };

/** Adds a text to those that were said; false where it was among them. */
function isNew(text: string, said: Set<string>): boolean {
  return said.size !== said.add(text).size;
}

interface Named {
  /** The option or command that has the name. */
  readonly of: object;
  readonly text: string;
  readonly place: Place;
}

type Bare = Named & { readonly bare: string };

function withoutHyphens(name: Named): Bare {
  return { ...name, bare: name.text.replace(/^--/, '') };
}

function judgeScope(
  path: readonly string[],
  names: readonly Named[],
  isNear: (a: string, b: string) => boolean,
  said: Set<string>,
  report: Reporter<Pairs>,
): void {
  // A name that is declared again is compared once.
  const listed = new Set<string>();
  const own = names.filter(({ text }, i) => i < COMPARED && isNew(text, listed)).map(withoutHyphens);
  report.judged(own.length);
  // Commands that share options share their pairs too: each is told once.
  const pairs = pairsOf(own, isNear).filter(([a, b]) => isNew(`${a.text} ${b.text}`, said));
  const [first] = pairs;
  if (first === undefined) return;
  report.finding({
    command: path,
    subject: first[1].text,
    data: { pairs: pairs.map(([a, b]) => ({ first: a.text, second: b.text })) },
    place: first[1].place,
    related: [{ place: first[0].place, note: `nearly ${quoteName(first[1].text)}` }],
  });
}

function pairsOf(names: readonly Bare[], isNear: (a: string, b: string) => boolean): [Named, Named][] {
  const pairs: [Named, Named][] = [];
  for (const [i, a] of names.entries()) {
    for (const b of names.slice(i + 1)) {
      if (a.of !== b.of && isNear(a.bare, b.bare)) pairs.push([a, b]);
    }
  }
  return pairs;
}

/** `box` and `boxes`, `ship` and `ships`: as commands, one lists what the other acts on, and a caller must remember which. */
function isPlural(one: string, many: string): boolean {
  return one.length > 2 && (many === `${one}s` || many === `${one}es`);
}

/** Letters that by custom tell names of one family apart: access, change and modification time, user and group. */
const FAMILY = /^(?:[acmb]time|[acm]min|[ugp]ids?|std(?:in|out|err)|[rw]only|(?:read|write)s?)$/;

/** A word without any of its vowels but the first: `wdth` of `--wdth` for `--width`. */
const WITHOUT_VOWELS = /^[a-z][b-df-hj-np-tv-xz]{3,}$/;

/** Whether one name is the other with one vowel left out, and has none left inside, or is its plural in `ies`. */
function areSlips(a: string, b: string): boolean {
  const [short, long] = a.length < b.length ? [a, b] : [b, a];
  // `y` becomes `ies`.
  if (long.length - short.length > 2 || long.length === short.length) return false;
  if (long === short.replace(/([^aeiou])y$/, '$1ies') && long !== short) return true;
  return long.length === short.length + 1 && WITHOUT_VOWELS.test(short) && distance(short, long) === 1;
}

function areNear(a: string, b: string): boolean {
  if (areSlips(a, b)) return true;
  if (Math.min(a.length, b.length) < MIN_LENGTH || Math.abs(a.length - b.length) > 1) return false;
  if (a.replace(/\d/g, '') === b.replace(/\d/g, '') || distance(a, b) !== 1) return false;
  // Where one letter stands for another, both names are as regular: `--map-uid` and `--map-gid`.
  if (a.length === b.length) return false;
  const [x, y] = [a.split('-'), b.split('-')];
  const at = x.findIndex((word, i) => word !== y[i]);
  const [one = '', other = ''] = [x[at], y[at]];
  // A letter in front is a word of its own: `--count` and `--vcount`, `--random` and `--urandom`.
  if (one.slice(1) === other || other.slice(1) === one) return false;
  return x.length === y.length && one.length >= MIN_LENGTH - 1 && !(FAMILY.test(one) || FAMILY.test(other));
}
