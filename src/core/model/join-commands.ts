import type { Command, Form } from './command.ts';
import type { Knowable } from './fact.ts';
import type { ItemList } from './item-list.ts';
import { joinOptions, joinWords } from './join-options.ts';
import type { Operand } from './operand.ts';
import type { ParsingRules } from './parsing-rules.ts';
import { prefer, unite } from './prefer.ts';
import type { Relation } from './relation.ts';

/** Joins two views of one command fact by fact; where both say a thing, the first counts. */
export function joinCommands(a: Command, b: Command): Command {
  const joined = joinCommandLists(a.commands.items, b.commands.items);
  const completeOf = <T>(of: (command: Command) => ItemList<T>) => joinComplete(a, b, of);
  return {
    names: unite(a.names, b.names, (name) => name.text),
    summary: prefer(a.summary, b.summary),
    description: prefer(a.description, b.description),
    forms: joinForms(a, b),
    options: {
      items: joinOptions(a.options.items, b.options.items),
      complete: completeOf((command) => command.options),
    },
    commands: {
      items: a.described || !b.described ? joined : inOrderOf(b.commands.items, joined),
      complete: completeOf((command) => command.commands),
    },
    operands: {
      items: unite(a.operands.items, b.operands.items, (operand) => operand.name, joinOperands),
      complete: completeOf((command) => command.operands),
    },
    relations: unite(a.relations, b.relations, relationKey),
    examples: unite(a.examples, b.examples, (example) => example.commandLine),
    remarks: unite(a.remarks, b.remarks, ({ value }) => value),
    defaultCommand: prefer(a.defaultCommand, b.defaultCommand),
    pluginCommands: prefer(a.pluginCommands, b.pluginCommands),
    rules: joinRules(a.rules, b.rules),
    hidden: prefer(a.hidden, b.hidden),
    deprecated: prefer(a.deprecated, b.deprecated),
    accepted: unite(a.accepted, b.accepted, ({ check }) => check),
    described: a.described || b.described,
    listedAgain: a.listedAgain.length > 0 ? a.listedAgain : b.listedAgain,
    heading: prefer(a.heading, b.heading),
    place: a.described || !b.described ? (a.place ?? b.place) : (b.place ?? a.place),
  };
}

/** The forms that the first view shows; of a command that it only lists, those of the view that describes it. */
function joinForms(a: Command, b: Command): readonly Form[] {
  const isSecond = a.forms.length === 0 || (!a.described && b.described && b.forms.length > 0);
  return isSecond ? b.forms : a.forms;
}

/** Commands with a name in common are one. */
function joinCommandLists(a: readonly Command[], b: readonly Command[]): Command[] {
  const result = [...a];
  // Of each name the first that has it.
  const indexes = new Map<string, number>();
  const note = ({ names }: Command, at: number) => {
    for (const { text } of names) indexes.set(text, Math.min(at, indexes.get(text) ?? at));
  };
  for (const [at, command] of a.entries()) note(command, at);
  const joined = new Map<number, Command>();
  for (const command of b) {
    const at = command.names.reduce(
      (least, { text }) => Math.min(least, indexes.get(text) ?? least),
      result.length,
    );
    const [known, before] = [result[at], joined.get(at)];
    if (before !== undefined && areTwo(before, command)) {
      result.push(command);
      continue;
    }
    joined.set(at, command);
    result[at] = known === undefined ? command : joinCommands(known, command);
    note(command, at);
  }
  return result;
}

/** Whether two entries of one list are two commands, though another view calls one command by both: each has a text of its own, that names no other name. */
function areTwo(a: Command, b: Command): boolean {
  const [one, other] = [a, b].map(({ summary }) => summary?.value.trim().toLowerCase());
  if (one === undefined || other === undefined || one === other) return false;
  return ![one, other].some((text) => /\b(?:alias|synonym|same as|short for|shorthand)\b/.test(text));
}

/** The commands in the order in which the view that describes their parent lists them, others last. */
function inOrderOf(listed: readonly Command[], commands: readonly Command[]): Command[] {
  const rank = new Map<string, number>();
  for (const [i, command] of listed.entries()) for (const { text } of command.names) rank.set(text, i);
  const rankOf = (command: Command) =>
    command.names.reduce(
      (least, { text }) => Math.min(least, rank.get(text) ?? listed.length),
      listed.length,
    );
  return commands.toSorted((a, b) => rankOf(a) - rankOf(b));
}

/** Whether the joined list holds all there is: a view that only names the command does not count. */
function joinComplete<T>(a: Command, b: Command, of: (command: Command) => ItemList<T>): Knowable<boolean> {
  const [first, second] = [of(a).complete, of(b).complete];
  if (!a.described && of(a).items.length === 0) return second ?? first;
  if (!b.described && of(b).items.length === 0) return first ?? second;
  const isAll = [first, second].find((fact) => fact?.value === true);
  // What is missing in one view may stand in the other.
  return isAll ?? (first?.value === false && second?.value === false ? first : undefined);
}

function joinOperands(a: Operand, b: Operand): Operand {
  return {
    ...a,
    word: joinWords(a.word, b.word),
    count: prefer(a.count, b.count),
    help: prefer(a.help, b.help),
    place: a.place ?? b.place,
  };
}

function joinRules(a: ParsingRules, b: ParsingRules): ParsingRules {
  const keys = Object.keys(a) as (keyof ParsingRules)[];
  return Object.fromEntries(
    keys.map((key) => [key, prefer<unknown>(a[key], b[key])]),
  ) as unknown as ParsingRules;
}

function relationKey({ kind, subject, members }: Relation): string {
  return JSON.stringify([
    kind,
    ...[subject, ...members].map((member) => [member?.kind, member?.name, member?.value]),
  ]);
}
