import { countOf, listNames } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

type Style = 'hyphen' | 'underscore' | 'camel case';

/** How each style joins words. */
const JOINED: Readonly<Record<Style, string>> = {
  hyphen: 'with hyphens',
  underscore: 'with underscores',
  'camel case': 'in camel case',
};

/** A long name of several words. */
interface JoinedName {
  readonly text: string;
  readonly option: Option;
  readonly command: readonly string[];
  readonly place: Place;
}

/** One finding for an interface whose long names join their words in more than one way. */
export const separatorsMixed = defineCheck({
  name: 'names/separators-mixed',
  level: 'warning',
  title: 'Long names join their words in different ways',
  why: 'Nobody can guess whether it is --dry-run, --dry_run or --dryRun, and each wrong guess is an error.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['long names of several words'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --dry-run     change nothing\n  --late-boxes  show late boxes\n  --box_size=N  litres of a box\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --dry-run     change nothing\n  --late-boxes  show late boxes\n  --box-size=N  litres of a box\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --dry-run     change nothing\n  --__proto__   an odd name of one word\n',
  },
  judge(view, report) {
    const groups = new Map<Style, JoinedName[]>();
    const seen = new Set<string>();
    for (const scope of view.scopes) {
      for (const { name, option } of scope.names) {
        const style = styleOf(name.text);
        if (style === undefined || seen.has(name.text)) continue;
        seen.add(name.text);
        report.judged();
        const group = groups.get(style) ?? [];
        group.push({ text: name.text, option, command: scope.at.path, place: name.place });
        groups.set(style, group);
      }
    }
    if (groups.size < 2) return;
    const [usual, ...others] = [...groups].sort(([, a], [, b]) => b.length - a.length);
    if (usual === undefined) return;
    // A name that is kept beside the same in the usual style (`--box-size, --box_size`) asks nobody to guess.
    const known = new Set(usual[1].map(({ text }) => text));
    const isKept = ({ text, option }: JoinedName) =>
      option.names.some((other) => known.has(other.text) && inLetters(other.text) === inLetters(text));
    const oddOf = (names: readonly JoinedName[]) => names.filter((name) => !isKept(name));
    const odd = others.flatMap(([, names]) => oddOf(names));
    const first = odd[0];
    if (first === undefined) return;
    report.finding({
      command: first.command,
      subject: first.text,
      data: {
        usual: usual[0],
        count: usual[1].length,
        names: odd.map(({ text }) => text),
        styles: others.flatMap(([style, names]) => (oddOf(names).length > 0 ? [style] : [])),
      },
      place: first.place,
      related: odd.slice(1, 5).map(({ text, place }) => ({ place, note: `${text} too` })),
    });
  },
  message: ({
    usual,
    count,
    names,
    styles,
  }: {
    usual: Style;
    count: number;
    names: readonly string[];
    styles: readonly Style[];
  }) =>
    `${listNames(names)} ${names.length === 1 ? 'joins' : 'join'} words ${styles.map((style) => JOINED[style]).join(' and ')}, ${countOf(count, 'other name')} ${JOINED[usual]}`,
  fix: ({ usual }) => `join all words ${JOINED[usual]}, and keep the other forms as hidden aliases`,
});

/** A name without what joins its words. */
function inLetters(name: string): string {
  return name.replace(/[-_]/g, '').toLowerCase();
}

function styleOf(name: string): Style | undefined {
  // The hyphen of `--no-` is the parser's.
  const word = name.replace(/^-+(?:no-)?/, '');
  if (/[^_]_[^_]/.test(word)) return 'underscore';
  if (word.includes('-')) return 'hyphen';
  return /^[a-z]+[A-Z][a-z]/.test(word) ? 'camel case' : undefined;
}
