import type { OptionScope, ScopeName } from '../../abbreviations/option-scope.ts';
import { listNames, listSome, quoteName } from '../../messages/wording.ts';
import { compareCodeUnits, comparePlaces } from '../../source/source.ts';
import { isAccepting } from '../accepting-scope.ts';
import { defineCheck } from '../define-check.ts';

/** How many pairs a message names before it only counts. */
const PAIRS_SHOWN = 3;

type Pair = { readonly name: string; readonly longer: readonly string[] };

/** One finding for each scope: the full names in it that begin others. */
export const prefixOfOther = defineCheck({
  name: 'abbreviations/prefix-of-other',
  level: 'note',
  title: 'A full name begins another full name',
  why:
    'An exact name wins over longer ones, so this works today. Take the shorter option away in a later version, and ' +
    'the same word silently stands for the longer one.',
  standard: 'GNU conventions, abbreviations of long options',
  needs: ['the long options of the command', 'that the parser accepts abbreviations'],
  since: 1,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --late: show late boxes\n  --late-fee: add the fee for late boxes\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --boxes: show late boxes\n  --late-fee: add the fee for late boxes\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: false}\noptions:\n  --late: show late boxes\n  --late-fee: add the fee for late boxes\n',
  },
  judge(view, report) {
    for (const scope of view.scopes) {
      report.judged(scope.names.length);
      if (!isAccepting(scope, report)) continue;
      // Where only the look of the help tells the parser, what matters is that the shorter one is to go.
      const isSure = scope.accepted?.basis !== 'inferred';
      const pairs = pairsOf(scope).filter(({ short }) => isSure || short.option.deprecated !== undefined);
      const [first] = pairs;
      if (first === undefined) continue;
      report.finding({
        command: scope.at.path,
        subject: first.short.name.text,
        data: {
          pairs: pairs.map(({ short, longer }) => ({
            name: short.name.text,
            longer: longer.map(({ name }) => name.text),
          })),
        },
        place: first.short.name.place,
        related: pairs
          .flatMap(({ short, longer }) => longer.slice(0, 1).map(({ name }) => ({ name, short })))
          .slice(0, 5)
          .map(({ name, short }) => ({
            place: name.place,
            note: `begins with ${quoteName(short.name.text)}`,
          })),
      });
    }
  },
  members: { list: 'pairs', nameOf: ({ name }) => name },
  apart: true,
  message({ pairs }: { pairs: readonly Pair[] }) {
    const [first, ...others] = pairs;
    if (first === undefined) return '';
    if (others.length === 0)
      return `${quoteName(first.name)} is also the beginning of ${listNames(first.longer)}`;
    const shown = pairs.map(({ name, longer }) => `${quoteName(name)} of ${listNames(longer.slice(0, 1))}`);
    return `${pairs.length} names are also beginnings of others: ${listSome(shown, PAIRS_SHOWN)}`;
  },
  fix: ({ pairs }) =>
    pairs.length === 1
      ? `keep ${quoteName(pairs[0]?.name ?? '')} for good, or rename one of them before anyone uses it`
      : `keep these ${pairs.length} names for good: once one is removed, calls that use it mean a longer one, or fail`,
});

interface NamePair {
  readonly short: ScopeName;
  readonly longer: readonly ScopeName[];
}

/** The names that begin names of other options, in the order of the source. */
function pairsOf(scope: OptionScope): NamePair[] {
  const sorted = [...scope.names].sort((a, b) => compareCodeUnits(a.name.text, b.name.text));
  const pairs: NamePair[] = [];
  for (const [i, short] of sorted.entries()) {
    // A name that several options have is told once.
    if (sorted[i - 1]?.name.text === short.name.text) continue;
    const longer: ScopeName[] = [];
    for (let j = i + 1; j < sorted.length; j++) {
      const other = sorted[j];
      if (other === undefined || !other.name.text.startsWith(short.name.text)) break;
      if (other.option !== short.option && other.name.text !== short.name.text) longer.push(other);
    }
    if (longer.length > 0) pairs.push({ short, longer });
  }
  return pairs.sort((a, b) => comparePlaces(a.short.name.place, b.short.name.place));
}
