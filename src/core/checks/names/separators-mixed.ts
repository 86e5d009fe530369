import type { AuditView } from '../../audit-view.ts';
import { firstBy, groupedBy } from '../../collections/grouped.ts';
import type { Fix } from '../../findings/fix.ts';
import { countOf, listNames } from '../../messages/wording.ts';
import type { Place } from '../../source/source.ts';
import { COMMON_WORDS } from '../../words/common-words.ts';
import { defineCheck, type Reporter } from '../define-check.ts';

type Style = 'hyphen' | 'underscore' | 'camel case';

/** How each style joins words. */
const JOINED: Readonly<Record<Style, string>> = {
  hyphen: 'with hyphens',
  underscore: 'with underscores',
  'camel case': 'in camel case',
};

/** A long name of several words, or the name of a command. */
interface JoinedName {
  readonly text: string;
  readonly command: readonly string[];
  readonly place: Place;
}

type Mixed = {
  readonly usual: Style;
  readonly count: number;
  readonly names: readonly string[];
  /** The other styles; none where the words of a name are not joined at all. */
  readonly styles: readonly Style[];
};

/** One finding for an interface whose long names join their words in more than one way, and one where its commands do. */
export const separatorsMixed = defineCheck({
  name: 'names/separators-mixed',
  level: 'warning',
  title: 'Long names, or those of commands, join their words in different ways',
  why: 'Nobody can guess whether it is --dry-run, --dry_run or --dryRun, and each wrong guess is an error.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['long names, or commands, of several words'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --dry-run     change nothing\n  --late-boxes  show late boxes\n  --box_size=N  litres of a box\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --dry-run     change nothing\n  --late-boxes  show late boxes\n  --box-size=N  litres of a box\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --dry-run     change nothing\n  --__proto__   an odd name of one word\n  --no-v1_2     leave version 1.2 of the ledger out\n',
  },
  judge(view, report) {
    judgeNames(longNames(view), report);
    judgeNames(commandNames(view), report);
    judgeRunTogether(view, report);
  },
  message: ({ usual, count, names, styles }: Mixed) =>
    styles.length === 0
      ? `${listNames(names)} runs its words together, ${countOf(count, 'other name')} ${count === 1 ? 'joins' : 'join'} them ${JOINED[usual]}`
      : `${listNames(names)} ${names.length === 1 ? 'joins' : 'join'} words ${styles.map((style) => JOINED[style]).join(' and ')}, ${countOf(count, 'other name')} ${JOINED[usual]}`,
  fix: ({ usual }) => `join all words ${JOINED[usual]}, and keep the other forms as hidden aliases`,
});

/** So many names whose words are joined show the custom of a program. */
const MIN_JOINED = 2;

/** A name of one word that is two words in a row of its own text, where other names join their words: `--ignorecase  ignore case`. */
function judgeRunTogether(view: AuditView, report: Reporter<Mixed>): void {
  const all = view.scopes.flatMap(({ at, names }) => {
    const own = new Set(at.command.options.items);
    return names.flatMap((one) =>
      one.generated || one.name.form !== 'long' || !own.has(one.option) ? [] : [{ ...one, path: at.path }],
    );
  });
  const joined = new Set(all.flatMap(({ name }) => (styleOf(name.text) === 'hyphen' ? [name.text] : [])));
  // `--dryrun` here is `--dry-run` at another command.
  const byLetters = groupedBy(all, ({ name }) => inLetters(name.text));
  const apart = all.find(({ name, path }) => {
    if (!/^--[a-z]+$/.test(name.text)) return false;
    const others = (byLetters.get(inLetters(name.text)) ?? []).filter(
      (other) => other.name.text !== name.text,
    );
    return others.length > 0 && others.every((other) => other.path !== path);
  });
  if (joined.size < MIN_JOINED && apart === undefined) return;
  const found =
    apart ?? all.find(({ name, option }) => isRunTogether(name.text.slice(2), option.help?.value ?? ''));
  report.judged();
  if (found === undefined) return;
  report.finding({
    command: found.path,
    subject: found.name.text,
    data: { usual: 'hyphen', count: joined.size, names: [found.name.text], styles: [] },
    place: found.name.place,
    level: 'note',
  });
}

/** Words before which others are written without a blank: `logfile`, `hexdump`. */
const ENDS_COMPOUNDS: ReadonlySet<string> = new Set(
  'date dir dump file files ins key list mode name path screen set sheet size time word work'.split(' '),
);

/** Whether a word that nobody writes as one stands in a text as two. */
function isRunTogether(word: string, text: string): boolean {
  if (!/^[a-z]{7,}$/.test(word) || COMMON_WORDS.has(word)) return false;
  const words = text.toLowerCase().match(/[a-z]+/g) ?? [];
  return words.some((one, i) => {
    const next = words[i + 1] ?? '';
    return one.length > 2 && next.length > 2 && one + next === word && !ENDS_COMPOUNDS.has(next);
  });
}

function longNames(view: AuditView): JoinedName[] {
  return view.scopes.flatMap(({ at, names }) =>
    names.map(({ name }) => ({
      text: name.text,
      command: at.path,
      place: name.place,
    })),
  );
}

function commandNames(view: AuditView): JoinedName[] {
  return view.commands.flatMap(({ command, path }) =>
    command.commands.items.flatMap(({ names }) =>
      names.map(({ text, place }) => ({
        text,
        command: path,
        place,
      })),
    ),
  );
}

function judgeNames(names: readonly JoinedName[], report: Reporter<Mixed>): void {
  const distinct = [...firstBy(names, ({ text }) => text).values()];
  const groups = groupedBy(distinct, ({ text }) => styleOf(text));
  for (const { length } of groups.values()) report.judged(length);
  const [usual, ...others] = [...groups].sort(
    ([one, a], [other, b]) => b.length - a.length || Number(other === 'hyphen') - Number(one === 'hyphen'),
  );
  // Of as many, those with hyphens are as the standard has them.
  if (usual === undefined) return;
  // A name that is kept beside the same in the usual style (`--box-size, --box_size`) asks nobody to guess. Where the other is one of another option, that is a collision, and told as one.
  const inUsual = new Set(usual[1].map(({ text }) => inLetters(text)));
  const isKept = ({ text }: JoinedName) => inUsual.has(inLetters(text));
  const oddOf = (all: readonly JoinedName[]) => all.filter((name) => !isKept(name));
  const odd = others.flatMap(([, all]) => oddOf(all));
  const [first, ...more] = odd;
  if (first === undefined) return;
  report.finding({
    command: first.command,
    subject: first.text,
    data: {
      usual: usual[0],
      count: usual[1].length,
      names: odd.map(({ text }) => text),
      styles: others.flatMap(([style, all]) => (oddOf(all).length > 0 ? [style] : [])),
    },
    place: first.place,
    fixes: odd.flatMap(({ text, command }) => renameFix(text, command, usual[0])),
    related: more.slice(0, 4).map(({ text, place }) => ({ place, note: `${text} too` })),
  });
}

/** A name in the usual style. */
function renameFix(name: string, command: readonly string[], usual: Style): Fix[] {
  const words = name.replace(/^--/, '').split(/[-_]|(?<=[a-z0-9])(?=[A-Z])/);
  if (words.includes('')) return [];
  const lower = words.map((word) => word.toLowerCase());
  const to = {
    hyphen: lower.join('-'),
    underscore: lower.join('_'),
    'camel case': lower
      .map((word, i) => (i === 0 ? word : word.charAt(0).toUpperCase() + word.slice(1)))
      .join(''),
  }[usual];
  return name.startsWith('--')
    ? [{ kind: 'rename-option', command, name, to: `--${to}` }]
    : [{ kind: 'rename-command', command, name, to }];
}

/** A name without what joins its words. */
function inLetters(name: string): string {
  return name.replace(/[-_]/g, '').toLowerCase();
}

function styleOf(name: string): Style | undefined {
  // The hyphen of `--no-` is the parser's.
  const word = name.replace(/^-+(?:no-)?/, '');
  // Between two digits it is the point of a number: `--no-ledger-1_2`.
  if (/[^_\d]_[^_]|[^_]_[^_\d]/.test(word)) return 'underscore';
  if (word.includes('-')) return 'hyphen';
  return /^[a-z]+[A-Z][a-z]/.test(word) ? 'camel case' : undefined;
}
