import type { CallersFound, Invocation } from '../callers/find-callers.ts';
import { usedAbbreviations } from '../callers/used-abbreviations.ts';
import { countOf } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { inFile } from '../source/source.ts';
import { type Saying, sayingsText } from './sayings-text.ts';
import { columnsText } from './text-columns.ts';
import type { TextOptions } from './text-style.ts';

/** Calls of a program for people: what is wrong with them and what they abbreviate, at their places; then who relies on which abbreviation. */
export function callersText({ invocations, looked }: CallersFound, options: TextOptions): string {
  const indexes = new LineIndexes();
  const told = sayingsText(invocations.flatMap(sayings), indexes, options);
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

/** What there is to say of a call, in the order of its words. */
function sayings({ problems, abbreviations, words, place, command, isSure }: Invocation): Saying[] {
  // What source code runs is not sure before it is run.
  const doubt = isSure ? '' : ', if this is run as it seems';
  const all = [
    ...problems.map(({ message, word }) => ({
      level: 'warning' as const,
      message: `${message.slice(message.indexOf(': ') + 2)}${doubt}`,
      place: (word === null ? undefined : words[word]?.place) ?? place,
      command,
    })),
    ...abbreviations.map((one) => ({
      level: 'note' as const,
      message: `'${one.text}' is short for '${one.name}'${doubt}`,
      place: one.place,
      command,
    })),
  ];
  return all.sort((a, b) => inFile(a.place).start - inFile(b.place).start);
}

function summary(invocations: readonly Invocation[], looked: number): string {
  const wrong = invocations.filter(({ problems }) => problems.length > 0).length;
  const short = invocations.filter(
    ({ problems, abbreviations }) => problems.length === 0 && abbreviations.length > 0,
  ).length;
  const fine = invocations.length - wrong - short;
  return `${countOf(invocations.length, 'call')} in ${countOf(looked, 'file')}: ${wrong} wrong, ${short} abbreviated, ${fine} in full`;
}
