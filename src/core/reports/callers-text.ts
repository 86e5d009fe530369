import type { CallersFound, Invocation } from '../callers/find-callers.ts';
import { usedAbbreviations } from '../callers/used-abbreviations.ts';
import type { Level } from '../findings/level.ts';
import { countOf } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import type { Span } from '../source/source.ts';
import { wrapText } from '../source/text-wrap.ts';
import { LEVEL_COLOUR, placeText, quoteText } from './finding-text.ts';
import { columnsText } from './text-columns.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** Calls of a program for people: what is wrong with them and what they abbreviate, at their places; then who relies on which abbreviation. */
export function callersText({ invocations, looked }: CallersFound, options: TextOptions): string {
  const indexes = new LineIndexes();
  const told = invocations.flatMap((one) =>
    sayings(one).map((saying) => sayingText(saying, one, indexes, options)),
  );
  const reliance = usedAbbreviations(invocations);
  const table =
    reliance.length === 0
      ? []
      : [
          `${columnsText(
            ['abbreviation', 'stands for', 'of', 'uses'],
            reliance.map(({ text, name, command, uses }) => [
              { text: printable(text) },
              { text: printable(name) },
              { text: printable(command.join(' ')) },
              { text: String(uses.length) },
            ]),
            options,
          ).join('\n')}\n`,
        ];
  return [...told, ...table, `${summary(invocations, looked)}\n`].join('\n');
}

/** Something that there is to say of a call. */
interface Saying {
  readonly level: Level;
  readonly message: string;
  readonly place: Span;
}

function sayings({ problems, abbreviations, words, place }: Invocation): Saying[] {
  return [
    ...problems.map(({ message, word }) => ({
      level: 'warning' as const,
      message: message.slice(message.indexOf(': ') + 2),
      place: (word === null ? undefined : words[word]?.place) ?? place,
    })),
    ...abbreviations.map((one) => ({
      level: 'note' as const,
      message: `'${one.text}' is short for '${one.name}'`,
      place: one.place,
    })),
  ];
}

function sayingText(
  { level, message, place }: Saying,
  { command }: Invocation,
  indexes: LineIndexes,
  options: TextOptions,
): string {
  const where = placeText(place, indexes);
  const head = wrapText(
    `${where}${level}: ${printable(message)} [${printable(command.join(' '))}]`,
    usedWidth(options),
    '',
    '    ',
  )
    .replace(where, () => styled(where, ['bold'], options))
    .replace(`${level}:`, () => styled(`${level}:`, ['bold', LEVEL_COLOUR[level]], options));
  return `${head}\n${quoteText(place, level, indexes, options)}\n`;
}

function summary(invocations: readonly Invocation[], looked: number): string {
  const wrong = invocations.filter(({ problems }) => problems.length > 0).length;
  const short = invocations.filter(
    ({ problems, abbreviations }) => problems.length === 0 && abbreviations.length > 0,
  ).length;
  const fine = invocations.length - wrong - short;
  return `${countOf(invocations.length, 'call')} in ${countOf(looked, 'file')}: ${wrong} wrong, ${short} abbreviated, ${fine} in full`;
}
