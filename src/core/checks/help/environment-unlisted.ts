import { distance } from 'fastest-levenshtein';
import type { AuditView } from '../../audit-view.ts';
import { quoteName } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import { toldVariables } from '../../notation/told-variables.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

type Unlisted = {
  readonly name: string;
  readonly of: string;
  readonly kind: 'unlisted' | 'prefix' | 'other';
  readonly other: string;
};

interface Variable {
  readonly name: string;
  readonly of: string;
  readonly path: readonly string[];
  readonly place: Place;
}

/** One finding for each variable that a text names and the list of variables lacks, and for each whose prefix is not the program's. */
export const environmentUnlisted = defineCheck({
  name: 'help/environment-unlisted',
  level: 'note',
  title: 'An environment variable is in no list, or has another prefix than the others',
  why: 'People set what the list shows. A variable that is told elsewhere, or is named otherwise, is found only by reading everything.',
  standard: 'practice',
  needs: ['the environment variables of the help or the document'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --map=FILE  the map, or else the variable TIFFIN_MAP\n\nEnvironment:\n  TIFFIN_QUAY  the quay\n  TIFFIN_DAY   the day\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --map=FILE  the map, or else the variable TIFFIN_MAP\n\nEnvironment:\n  TIFFIN_QUAY  the quay\n  TIFFIN_MAP   the map\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --map=FILE  the map, or else one of the BOX_MAPS\n\nEnvironment:\n  TIFFIN_QUAY  the quay\n  TIFFIN_DAY   the day\n  PAGER        what shows long texts\n',
  },
  judge(view, report) {
    const listed = new Set(view.interface.environment.map(({ name }) => name));
    const all = [
      ...view.interface.environment.map(({ name, place }) => ({
        name,
        of: name,
        path: [view.interface.program.value],
        place,
      })),
      ...ofOptions(view),
    ];
    report.judged(all.length);
    const seen = new Set<string>();
    const tell = ({ name, of, path, place }: Variable, kind: Unlisted['kind'], other: string) => {
      if (seen.has(name)) return;
      seen.add(name);
      report.finding({ command: path, subject: of, data: { name, of, kind, other }, place });
    };
    const own = ofOptions(view);
    // A list that has variables of options has them all; another may be of those that no option has.
    const hasOwn = own.some(({ name }) => listed.has(name));
    const known = hasOwn ? listed : new Set([...listed, ...own.map(({ name }) => name)]);
    if (hasOwn) for (const variable of own) if (!known.has(variable.name)) tell(variable, 'unlisted', '');
    for (const { name, read, ...rest } of ofOtherName(view)) tell({ name, ...rest }, 'other', read);
    const prefix = usualPrefix(all, view.interface.program.value);
    if (listed.size > 0)
      for (const variable of ofTexts(view, prefix))
        if (!known.has(variable.name)) tell(variable, 'unlisted', '');
    if (prefix === undefined) return;
    for (const variable of all) {
      const own = prefixOf(variable.name);
      // A slip of a letter or two; another prefix may be another program's.
      const isOdd = own !== undefined && own !== prefix;
      if (isOdd && (distance(own, prefix) <= 2 || isOwnByName(variable, own)))
        tell(variable, 'prefix', prefix);
    }
  },
  message: ({ name, of, kind, other }: Unlisted) =>
    kind === 'other'
      ? `the text of ${quoteName(of)} names the variable ${quoteName(name)}, and the option reads ${quoteName(other)}`
      : kind === 'unlisted'
        ? `a text names the variable ${quoteName(name)}, which the list of variables lacks`
        : `the variable ${quoteName(name)} begins otherwise than the others, with ${quoteName(`${other}_`)}`,
  fix: ({ name, kind, other }) =>
    kind === 'other'
      ? `name ${quoteName(other)} in the text, if that is meant`
      : kind === 'unlisted'
        ? `add ${quoteName(name)} to the list`
        : 'let all variables of the program begin alike, and keep reading the old one',
});

function ofOptions(view: AuditView): Variable[] {
  return view.described.flatMap(({ command, path }) =>
    command.options.items.flatMap((option) =>
      option.environment.map(({ value, place }) => ({
        name: value,
        of: mainName(option).text,
        path,
        place: place ?? option.place,
      })),
    ),
  );
}

/** The only variable of which the text of an option speaks, where the option has another, which its text does not name. */
function ofOtherName(view: AuditView): (Variable & { readonly read: string })[] {
  return view.described.flatMap(({ command, path }) =>
    command.options.items.flatMap((option) => {
      const [read, ...more] = option.environment;
      const text = option.help?.value ?? '';
      const [name, ...others] = new Set(toldVariables(text));
      if (read === undefined || name === undefined || more.length + others.length > 0) return [];
      const isApart = read.place !== option.help?.place && !text.includes(read.value) && name !== read.value;
      const place = option.help?.place ?? option.place;
      return isApart ? [{ name, of: mainName(option).text, path, place, read: read.value }] : [];
    }),
  );
}

/** The variables of which the texts of options speak; what begins as those of the program do is one in any sentence. */
function ofTexts(view: AuditView, prefix: string | undefined): Variable[] {
  const own =
    prefix === undefined ? undefined : new RegExp(`(?<![\\w$])(${prefix}_[A-Z\\d_]*[A-Z\\d])(?!\\w)`, 'g');
  return view.described.flatMap(({ command, path }) =>
    command.options.items.flatMap((option) =>
      [...toldVariables(option.help?.value ?? ''), ...namesBy(own, option.help?.value ?? '')].map((name) => ({
        name,
        of: mainName(option).text,
        path,
        place: option.help?.place ?? option.place,
      })),
    ),
  );
}

/** What a program sets for itself, and no service, account or library has under the same name. */
const OWN_WORDS =
  /^(?:threads|jobs|config|settings|log|level|format|colou?r|output|verbose|quiet|timeout|cache|width|height|theme|pager|editor|profile|depth)$/;

/**
 * Whether the rest of a variable is the name of its option, of two words or more, `DEPOT_TOKEN_FILE` of `--token-file`, or one of the words that are a
 * program's own. What is another program's is called as it is there.
 */
function isOwnByName({ name, of }: Variable, prefix: string): boolean {
  const rest = name
    .slice(prefix.length + 1)
    .toLowerCase()
    .replaceAll('_', '-');
  return (rest.includes('-') || OWN_WORDS.test(rest)) && of === `--${rest}`;
}

function namesBy(pattern: RegExp | undefined, text: string): string[] {
  return pattern === undefined ? [] : [...text.matchAll(pattern)].map(([, name = '']) => name);
}

function prefixOf(name: string): string | undefined {
  return /^([A-Z][A-Z\d]{2,})_/.exec(name)?.[1];
}

/** Names of so many letters have others beside them. */
const SHORT = 5;

/** Fewer variables show no custom. */
const MIN_ALIKE = 2;

/** The prefix that most variables have, or that of the program where any has it. */
function usualPrefix(all: readonly Variable[], program: string): string | undefined {
  const counts = new Map<string, number>();
  for (const { name } of all) {
    const prefix = prefixOf(name);
    if (prefix !== undefined) counts.set(prefix, (counts.get(prefix) ?? 0) + 1);
  }
  const own = program.toUpperCase().replace(/[^A-Z\d]/g, '_');
  if (counts.has(own)) return own;
  // A slip of the pen for the name of the program.
  const isSlip = (prefix: string) =>
    own.length > SHORT && distance(prefix, own) === 1 && !prefix.startsWith(own);
  if ([...counts.keys()].some((prefix) => isSlip(prefix) && !own.startsWith(prefix))) return own;
  const [usual, next] = [...counts].sort(([, a], [, b]) => b - a);
  return usual !== undefined && usual[1] >= MIN_ALIKE && usual[1] > (next?.[1] ?? 0) ? usual[0] : undefined;
}
