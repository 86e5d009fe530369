import type { Level } from '../findings/level.ts';
import type { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import type { Span } from '../source/source.ts';
import { wrapText } from '../source/text-wrap.ts';
import { LEVEL_COLOUR, placeText, quoteText } from './finding-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** Something that there is to say of a call. */
export interface Saying {
  readonly level: Level;
  readonly message: string;
  readonly place: Span;
  /** The path of the command that is called. */
  readonly command: readonly string[];
}

/** What there is to say of calls, each with its line; of several things about one place the line is shown once. */
export function sayingsText(
  sayings: readonly Saying[],
  indexes: LineIndexes,
  options: TextOptions,
): string[] {
  const texts: string[] = [];
  for (let i = 0; i < sayings.length; ) {
    const { place, level } = sayings[i] as Saying;
    const heads: string[] = [];
    for (; i < sayings.length && isAt(sayings[i] as Saying, place); i++)
      heads.push(headText(sayings[i] as Saying, indexes, options));
    texts.push(`${[...heads, quoteText(place, level, indexes, options)].join('\n')}\n`);
  }
  return texts;
}

function isAt({ place }: Saying, { source, start, end }: Span): boolean {
  return place.source === source && place.start === start && place.end === end;
}

function headText(
  { level, message, place, command }: Saying,
  indexes: LineIndexes,
  options: TextOptions,
): string {
  const where = placeText(place, indexes);
  const text = `${where}${level}: ${printable(message)} [${printable(command.join(' '))}]`;
  return wrapText(text, usedWidth(options), '', '    ')
    .replace(where, () => styled(where, ['bold'], options))
    .replace(`${level}:`, () => styled(`${level}:`, ['bold', LEVEL_COLOUR[level]], options));
}
