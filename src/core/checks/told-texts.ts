import type { Command } from '../model/command.ts';
import type { Fact } from '../model/fact.ts';
import type { Operand } from '../model/operand.ts';
import { mainName, type Option } from '../model/option.ts';
import type { Place } from '../source/source.ts';
import { letterTimesInSource, nameTimesInSource, timesInSource } from '../source/word-counts.ts';

/** A text of a command, and what it belongs to. */
export interface ToldText {
  readonly text: string;
  readonly place: Place;
  /** The option that it describes; undefined where it describes none. */
  readonly option: Option | undefined;
  /** The name of what it describes; null where it is about the command itself. */
  readonly of: string | null;
}

/** The texts of a command: of its options and operands, what it does, and the running text of its help. */
export function toldTexts(command: Command): ToldText[] {
  const { options, operands, summary, description, remarks } = command;
  const told = (fact: Fact<string> | undefined, of: string | null, option?: Option): ToldText[] =>
    fact === undefined ? [] : [{ text: fact.value, place: fact.place, option, of }];
  const own = [summary, description, ...remarks].filter(
    (fact, i, all) => fact !== undefined && all.findIndex((other) => other?.value === fact.value) === i,
  );
  return [
    ...options.items.flatMap((option) => told(option.help, mainName(option).text, option)),
    ...operands.items.flatMap(({ name, help }: Operand) => told(help, name)),
    ...own.flatMap((fact) => told(fact, null)),
  ];
}

/** Whether the word of a name, or a letter behind its hyphen, stands nowhere in the source of a text but there. */
export function standsAlone(name: string, place: Place): boolean {
  if (place === null) return true;
  const letter = /^-(\w)$/.exec(name)?.[1];
  if (letter !== undefined) return letterTimesInSource(letter, place.source) <= 1;
  // The words of a sentence are no names: `--from` in a help that says where something comes from.
  const times = name.startsWith('--') ? nameTimesInSource : timesInSource;
  return times(name, place.source) <= 1;
}
