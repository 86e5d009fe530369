import type { Change, Effect, NotCompared, WordRange } from '../comparison/change.ts';
import { EFFECTS } from '../comparison/change.ts';
import type { Clash } from '../comparison/extension-changes.ts';
import { countOf, quoteName } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { wrapText } from '../source/text-wrap.ts';
import { changedCallsText } from './changed-calls-text.ts';
import {
  type AnsweredWhatIf,
  type ComparedSides,
  EFFECT_TITLES,
  effectCounts,
  notComparedLine,
  releaseWords,
} from './comparison-words.ts';
import { LEVEL_COLOUR, placeText } from './finding-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** How many changes of texts are told before they are only counted. */
const TEXTS_SHOWN = 10;

/** How many ranges of words a change tells. */
const RANGES_SHOWN = 4;

/** A comparison as text for people: what it calls for, then the changes by what they come to, the worst first. */
export function comparisonText(sides: ComparedSides, options: TextOptions): string {
  const { comparison } = sides;
  return [
    headText(sides, options),
    ...sections(comparison.changes, options),
    ...clashTexts(sides.clashes ?? [], options),
    ...(sides.callers === undefined ? [] : changedCallsText(sides.callers, options)),
    ...notComparedText(comparison.notCompared, options),
  ].join('\n');
}

/** What adding each of some names would do, as text for people. */
export function whatIfText(answers: readonly AnsweredWhatIf[], options: TextOptions): string {
  const indexes = new LineIndexes();
  return answers
    .map(({ asked, comparison, harmless, callers }) => {
      const name = styled(printable(asked), ['bold', 'underline'], options);
      const harm = comparison.changes.filter(({ effect }) => effect !== 'compatible' && effect !== 'wording');
      if (harm.length === 0) return `${name} would change nothing for callers\n`;
      const advice =
        harmless.length === 0
          ? 'no similar harmless name was found'
          : `similar names that would be harmless: ${harmless.map(printable).join(', ')}`;
      return [
        `${name} would break callers:`,
        ...harm.map((change) => changeText(change, indexes, options).trimEnd()),
        wrapText(advice, usedWidth(options), '  ', '    '),
        ...(callers === undefined ? [] : ['', ...changedCallsText(callers, options)]),
        '',
      ].join('\n');
    })
    .join('\n');
}

function headText({ title, comparison }: ComparedSides, options: TextOptions): string {
  const { changes } = comparison;
  const counts = effectCounts(changes);
  const lines = [
    styled(printable(title), ['bold', 'underline'], options),
    changes.length === 0
      ? `nothing ${comparison.notCompared.length === 0 ? '' : 'that could be compared '}has changed for callers`
      : wrapText(`${releaseWords(comparison)}: ${counts}`, usedWidth(options), '', '  '),
  ];
  return `${lines.join('\n')}\n`;
}

function sections(changes: readonly Change[], options: TextOptions): string[] {
  const indexes = new LineIndexes();
  return EFFECTS.flatMap((effect) => {
    const all = changes.filter((change) => change.effect === effect);
    if (all.length === 0) return [];
    const shown = effect === 'wording' ? all.slice(0, TEXTS_SHOWN) : all;
    const more = all.length - shown.length;
    return [
      `${ruled(effect, all.length, options)}\n`,
      shown
        .map((change) => changeText(change, indexes, options))
        .join(effect === 'wording' || effect === 'compatible' ? '' : '\n'),
      ...(more > 0
        ? [styled(`and ${countOf(more, 'text')} more, which --format=json lists\n`, ['dim'], options)]
        : []),
    ];
  });
}

function ruled(effect: Effect, count: number, options: TextOptions): string {
  const title = EFFECT_TITLES[effect];
  const behind = ` ${count}`;
  const rule = '─'.repeat(Math.max(3, usedWidth(options) - title.length - 1 - behind.length));
  return `${styled(title, ['bold', 'underline'], options)} ${styled(rule, ['dim'], options)}${behind}`;
}

function changeText(change: Change, indexes: LineIndexes, options: TextOptions): string {
  const { level, message, command, words } = change;
  const place = placeText(change.newPlace ?? change.oldPlace, indexes);
  const width = usedWidth(options);
  const head = wrapText(
    `${place}${level}: ${printable(message)} [${printable(command.join(' '))}]`,
    width,
    '',
    '    ',
  )
    .replace(place, () => styled(place, ['bold'], options))
    .replace(`${level}:`, () => styled(`${level}:`, ['bold', LEVEL_COLOUR[level]], options));
  const lines = [head];
  if (
    change.oldPlace !== null &&
    change.newPlace !== null &&
    change.effect !== 'wording' &&
    change.effect !== 'compatible'
  )
    lines.push(wrapText(`${placeText(change.oldPlace, indexes)}as it was`, width, '    ', '        '));
  if (words.some(({ from, name }) => from !== name))
    lines.push(wrapText(`words: ${rangesText(words)}`, width, '    ', '        '));
  return `${lines.join('\n')}\n`;
}

function rangesText(ranges: readonly WordRange[]): string {
  const shown = ranges
    .slice(0, RANGES_SHOWN)
    .map(({ from, to }) => (from === to ? printable(from) : `${printable(from)} … ${printable(to)}`));
  const more = ranges.length - shown.length;
  const commands = new Set(ranges.map(({ command }) => command.join(' ')));
  const where = commands.size > 1 ? `, at ${countOf(commands.size, 'command')}` : '';
  return `${shown.join(', ')}${more > 0 ? ` and ${more} more` : ''}${where}`;
}

function clashTexts(clashes: readonly Clash[], options: TextOptions): string[] {
  const indexes = new LineIndexes();
  return clashes.map(({ extensions, changes }) => {
    const title = `${extensions.map(quoteName).join(' and ')} clash`;
    return [
      `${styled(printable(title), ['bold', 'underline'], options)}\n`,
      changes.map((change) => changeText(change, indexes, options)).join('\n'),
    ].join('\n');
  });
}

function notComparedText(all: readonly NotCompared[], options: TextOptions): string[] {
  if (all.length === 0) return [];
  const width = usedWidth(options);
  const lines = all.map((one) => wrapText(printable(notComparedLine(one)), width, '  ', '      '));
  const [first] = all;
  return [
    `${styled('Not compared', ['bold', 'underline'], options)}\n${lines.join('\n')}\n${wrapText(
      `${first?.reason}; ${first?.remedy}`,
      width,
      '  ',
      '  ',
    )}\n`,
  ];
}
