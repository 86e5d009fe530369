import { groupedBy } from '../../collections/grouped.ts';
import { listNames } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { nameWords } from '../../words/name-words.ts';
import { defineCheck } from '../define-check.ts';

/** Words that belong together, the first and the last of a stretch. */
const PAIRS: readonly (readonly [string, string])[] = [
  ['start', 'end'],
  ['start', 'stop'],
  ['begin', 'end'],
  ['from', 'to'],
  ['since', 'until'],
  ['after', 'before'],
  ['first', 'last'],
  ['min', 'max'],
  ['minimum', 'maximum'],
  ['lower', 'upper'],
  ['include', 'exclude'],
];

/** So many options of a command are compared. */
const COMPARED = 500;

/** One finding for each two options that belong together, such as two bounds of one thing, and whose names are no pair. */
export const pairUneven = defineCheck({
  name: 'names/pair-uneven',
  level: 'note',
  title: 'Two options belong together, and their names are no pair',
  why: 'Who has typed --since types --until next. Here it is another word, and only the help shows which.',
  standard: 'practice',
  needs: ['long options with an option-argument'],
  since: 7,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --begin=DAY  boxes from DAY on\n  --until=DAY  boxes before DAY\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --since=DAY  boxes from DAY on\n  --until=DAY  boxes before DAY\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --begin=DAY  boxes from DAY on\n  --end=DAY    boxes up to DAY\n  --until=DAY  wait until DAY\n  --start=BOX  begin with BOX\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const ends = command.options.items.flatMap((option) => endOf(option) ?? []);
      report.judged(ends.length);
      // Only what has the same words beside can be a pair.
      const alike = groupedBy(ends.slice(0, COMPARED), ({ rest }) => rest);
      const lonely = ends
        .slice(0, COMPARED)
        .filter(
          (end) => !alike.get(end.rest)?.some((other) => arePair(end, other) && isAlikeBuilt(end, other)),
        );
      for (const [i, a] of lonely.entries()) {
        const b = lonely
          .slice(i + 1)
          .find(
            (other) =>
              other.isFirst !== a.isFirst &&
              (isSameThing(a, other) || isHalfNamed(a, other) || isTurned(a, other)),
          );
        if (b === undefined) continue;
        report.finding({
          command: path,
          subject: b.name,
          data: { first: a.name, second: b.name, partner: partnersOf(a)[0] ?? '' },
          place: b.option.place,
          related: [{ place: a.option.place, note: `the other one is ${a.name}` }],
        });
        break;
      }
    }
  },
  message: ({ first, second }: { first: string; second: string; partner: string }) =>
    `${listNames([first, second])} belong together, and their names are no pair`,
  fix: ({ first, second, partner }) =>
    `name ${second} with ${partner} as ${first} is, or both with another pair, and keep the old name as a hidden alias`,
});

interface End {
  readonly option: Option;
  readonly name: string;
  readonly word: string;
  /** The word as the name has it, which may be in the plural. */
  readonly shown: string;
  readonly isFirst: boolean;
  /** The name without the word. */
  readonly rest: string;
  readonly placeholder: string;
}

function endOf(option: Option): [End] | undefined {
  const name = mainName(option).text;
  const placeholder = option.argument?.value.words[0]?.placeholder?.value;
  if (!name.startsWith('--') || placeholder === undefined) return undefined;
  const words = nameWords(name);
  const shown = words.find((one) => PAIRS.some((pair) => pair.includes(singular(one))));
  if (shown === undefined) return undefined;
  const word = singular(shown);
  const isFirst = PAIRS.some(([first]) => first === word);
  const rest = words.filter((one) => one !== shown).join('-');
  return [{ option, name, word, shown, isFirst, rest, placeholder }];
}

function partnersOf({ word, isFirst }: End): string[] {
  return PAIRS.flatMap(([first, last]) =>
    isFirst ? (first === word ? [last] : []) : last === word ? [first] : [],
  );
}

function arePair(a: End, b: End): boolean {
  return a.isFirst !== b.isFirst && a.rest === b.rest && partnersOf(a).includes(b.word);
}

/** `--min-size` and `--size-max`, `--includes` and `--exclude`: the same words in another order, or in another number. */
function isTurned(a: End, b: End): boolean {
  return arePair(a, b) && !isAlikeBuilt(a, b) && a.placeholder === b.placeholder;
}

/** Whether both names have their word at one place, and in one number. */
function isAlikeBuilt(a: End, b: End): boolean {
  const isPlural = ({ word, shown }: End) => word !== shown;
  return (
    nameWords(a.name).indexOf(a.shown) === nameWords(b.name).indexOf(b.shown) && isPlural(a) === isPlural(b)
  );
}

/** `include` of `includes`. */
function singular(word: string): string {
  return word.replace(/(?<=clude)s$/, '');
}

/** `--start` and `--end-time`: one of the two says of what it is the bound, and the other does not. */
function isHalfNamed(a: End, b: End): boolean {
  return (
    a.placeholder === b.placeholder &&
    a.rest !== b.rest &&
    (a.rest === '' || b.rest === '') &&
    areBounds(a) &&
    areBounds(b)
  );
}

/** Whether an option is called by the bound first: `--end-time`, and not `--time-to-stop`. */
function areBounds({ name, word }: End): boolean {
  return nameWords(name)[0] === word;
}

function isSameThing(a: End, b: End): boolean {
  return a.rest === b.rest && a.placeholder === b.placeholder && !partnersOf(a).includes(b.word);
}
