import { COVERED_KINDS, type CoveredKind, type ShellCoverage } from '../coverage/coverage.ts';
import { type KindTotals, shellTotals, totalsOf } from '../coverage/totals.ts';
import { countOf, listSome } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { placeText } from './finding-text.ts';
import { columnsText, type TextCell } from './text-columns.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** How many names of one kind a line tells. */
const NAMES_SHOWN = 6;

/** How many stale words or unread lines of a script are told with their places. */
const PLACES_SHOWN = 20;

/** Coverage as tables for people: the shells side by side, then for each of them the commands that lack something, and what is stale. */
export function coverageText(shells: readonly ShellCoverage[], options: TextOptions): string {
  return [
    `${columnsText(
      ['shell', 'commands', 'options', 'values', 'described', 'stale', 'wrong'],
      shells.map((one) => totalsRow(one, options)),
      options,
    ).join('\n')}\n`,
    ...shells.map((one) => shellText(one, options)).filter((text) => text !== ''),
  ].join('\n');
}

function totalsRow(one: ShellCoverage, options: TextOptions): TextCell[] {
  const totals = shellTotals(one);
  const all = COVERED_KINDS.map((kind) => totals[kind]);
  const sum = (key: 'stale' | 'unknown' | 'wrong' | 'described' | 'words') =>
    all.reduce((total, kind) => total + kind[key], 0);
  const words = sum('words');
  const count = (number: number): TextCell => ({
    text: String(number),
    shown: number > 0 ? styled(String(number), ['bold', 'red'], options) : '0',
  });
  return [
    { text: shellName(one), shown: styled(shellName(one), ['bold'], options) },
    ...COVERED_KINDS.map((kind) => shareCell(totals[kind], options)),
    one.shell === 'bash' || words === 0 ? { text: '-' } : { text: percent(sum('described') / words) },
    // What is offered beside what is known may be stale: that was not judged.
    sum('stale') === 0 && sum('unknown') > 0 ? { text: '-' } : count(sum('stale')),
    count(sum('wrong')),
  ];
}

/** The shell, with its way to be known. */
function shellName({ shell, inventory }: ShellCoverage): string {
  return `${shell} (${inventory.observed ? 'asked' : 'read'})`;
}

function shareCell({ offered, expected, share, undecided }: KindTotals, options: TextOptions): TextCell {
  if (share === null) return { text: '-' };
  if (undecided > 0) return { text: `${offered} of ${expected}, ${undecided} not known` };
  const text = `${offered} of ${expected}, ${percent(share)}`;
  return { text, shown: styled(text, [share === 1 ? 'green' : share < 0.5 ? 'red' : 'yellow'], options) };
}

/** Whole per cents; neither 0 nor 100 stands for anything but none and all. */
function percent(share: number): string {
  const percent = Math.round(share * 100);
  const shown = share > 0 && share < 1 ? Math.min(99, Math.max(1, percent)) : percent;
  return `${shown} %`;
}

function shellText(one: ShellCoverage, options: TextOptions): string {
  const { inventory, commands } = one;
  const rows = commands.flatMap(({ command, kinds }) =>
    COVERED_KINDS.flatMap((kind): TextCell[][] => {
      const { missing } = kinds[kind];
      if (missing.length === 0) return [];
      const { offered, expected } = totalsOf([kinds[kind]]);
      return [
        [
          { text: command.map(printable).join(' ') },
          { text: kind },
          { text: `${offered} of ${expected}` },
          {
            text: listSome(
              missing.map(({ name, subject }) =>
                printable(subject === undefined ? name : `${subject}=${name}`),
              ),
              NAMES_SHOWN,
            ),
          },
        ],
      ];
    }),
  );
  const notes = notesOf(one, options);
  if (rows.length === 0 && notes.length === 0) return '';
  const title = styled(
    `${shellName(one)}${inventory.source === undefined ? '' : `: ${printable(inventory.source.name)}`}`,
    ['bold', 'underline'],
    options,
  );
  const table =
    rows.length === 0 ? [] : [...columnsText(['command', 'kind', 'offered', 'missing'], rows, options), ''];
  return `${[title, ...table, ...notes].join('\n').trimEnd()}\n`;
}

/** What is stale, wrong, unread, or kept the script from loading, a line each. */
function notesOf({ inventory, commands, shell }: ShellCoverage, options: TextOptions): string[] {
  const indexes = new LineIndexes();
  const line = (text: string) => wrapText(text, usedWidth(options), '  ', '      ');
  const things = (key: 'stale' | 'unknown' | 'withdrawn', what: string) =>
    commands.flatMap(({ command, kinds }) =>
      COVERED_KINDS.flatMap((kind: CoveredKind) =>
        kinds[kind][key].map(({ name, subject, word }) =>
          line(
            `${placeText(word.place, indexes)}${what}: ${printable(subject === undefined ? name : `${subject}=${name}`)} [${command.map(printable).join(' ')}]`,
          ),
        ),
      ),
    );
  const wrong = commands.flatMap(({ command, kinds }) =>
    COVERED_KINDS.flatMap((kind) =>
      kinds[kind].wrong.map(({ name, reason, word }) =>
        line(
          `${placeText(word?.place ?? null, indexes)}wrong: ${printable(name)} ${WRONG_WORDS[reason]} [${command.map(printable).join(' ')}]`,
        ),
      ),
    ),
  );
  // bash shows no descriptions.
  const undescribed = (shell === 'bash' ? [] : commands).flatMap(({ command, kinds }) => {
    const all = COVERED_KINDS.flatMap((kind) => kinds[kind].offered);
    const words = all.filter(({ word }) => word.description === undefined);
    const [first] = words;
    if (first === undefined) return [];
    const names = words.map(({ name, subject }) =>
      printable(subject === undefined ? name : `${subject}=${name}`),
    );
    return [
      line(
        `${placeText(first.word.place, indexes)}not described: ${listSome(names, NAMES_SHOWN)} [${command.map(printable).join(' ')}]`,
      ),
    ];
  });
  const unread = inventory.unread.map(({ what, place }) =>
    line(`${placeText(place, indexes)}not read: ${printable(what)}`),
  );
  const fault = inventory.fault === undefined ? [] : [line(`fault: ${printable(inventory.fault)}`)];
  return [
    ...fault,
    ...shorten(things('stale', 'stale'), 'stale word'),
    ...shorten(
      things('unknown', 'not in what is known'),
      'word that is not in what is known',
      'words that are not in what is known',
    ),
    ...wrong,
    ...shorten(undescribed, 'line of words without a description', 'lines of words without a description'),
    ...shorten(things('withdrawn', 'hidden or deprecated'), 'hidden or deprecated word'),
    ...shorten(unread, 'line not read', 'lines not read'),
  ];
}

/** What is wrong with how an argument is completed. */
export const WRONG_WORDS = {
  'takes-none': 'is completed as if it took an argument',
  'takes-one': 'is completed as if it took no argument',
  'files-for-values': 'is completed with files, although it takes values from a list',
  'files-for-folder': 'is completed with files of any kind, although it takes a folder',
  'folders-for-file': 'is completed with folders only, although it takes a file',
  'files-elsewhere': 'is completed with files, although another argument takes them',
  'nothing-for-file': 'is completed with nothing, although it takes a file',
  'not-there': 'is completed as an option with an argument, although there is no such option',
} as const;

function shorten(lines: readonly string[], one: string, many = `${one}s`): string[] {
  const more = lines.length - PLACES_SHOWN;
  return more > 0 ? [...lines.slice(0, PLACES_SHOWN), `  and ${countOf(more, one, many)} more`] : [...lines];
}
