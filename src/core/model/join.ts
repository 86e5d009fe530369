import { type Command, commandName } from './command.ts';
import type { Interface } from './interface.ts';
import type { Listed } from './listed.ts';
import type { Option } from './option.ts';

/**
 * Joins the interfaces of one program, read from help outputs of its commands, into one tree. Interfaces with
 * different program names stay apart, in the order of their first source; where two sources say a thing, the earlier counts.
 */
export function joinInterfaces(interfaces: readonly Interface[]): Interface[] {
  const byProgram = new Map<string, Interface>();
  for (const next of interfaces) {
    const name = next.program.value;
    const before = byProgram.get(name);
    byProgram.set(name, before === undefined ? next : joinTwo(before, next));
  }
  return [...byProgram.values()];
}

function joinTwo(a: Interface, b: Interface): Interface {
  return {
    program: a.program,
    invocations: [...a.invocations, ...b.invocations],
    version: a.version ?? b.version,
    summary: a.summary ?? b.summary,
    claims: [...a.claims, ...b.claims],
    root: joinCommands(a.root, b.root),
    environment: [...a.environment, ...b.environment],
    exitStatuses: [...a.exitStatuses, ...b.exitStatuses],
    files: [...a.files, ...b.files],
    seeAlso: [...a.seeAlso, ...b.seeAlso],
    bugAddress: a.bugAddress ?? b.bugAddress,
    observations: [...a.observations, ...b.observations],
    sources: [...a.sources, ...b.sources],
  };
}

/** Joins two views of one command; one that only names it in a list adds its text and aliases. */
function joinCommands(a: Command, b: Command): Command {
  const [main, other] = a.described || !b.described ? [a, b] : [b, a];
  const known = new Set(main.names.map((name) => name.text));
  return {
    ...main,
    names: [...main.names, ...other.names.filter((name) => !known.has(name.text))],
    summary: main.summary ?? other.summary,
    description: main.description ?? other.description,
    forms: main.forms.length > 0 ? main.forms : other.forms,
    options: joinOptions(main.options, other.options),
    commands: joinCommandLists(main.commands, other.commands),
    operands: main.operands.items.length > 0 ? main.operands : other.operands,
    relations: [...main.relations, ...other.relations],
    examples: [...main.examples, ...other.examples],
    hidden: main.hidden ?? other.hidden,
    deprecated: main.deprecated ?? other.deprecated,
    heading: main.heading ?? other.heading,
    described: a.described || b.described,
  };
}

function joinOptions(a: Listed<Option>, b: Listed<Option>): Listed<Option> {
  const known = new Set(a.items.flatMap((option) => option.names.map((name) => name.text)));
  const more = b.items.filter((option) => !option.names.some((name) => known.has(name.text)));
  return { items: [...a.items, ...more], complete: a.complete ?? b.complete };
}

function joinCommandLists(a: Listed<Command>, b: Listed<Command>): Listed<Command> {
  const byName = new Map<string, Command>();
  for (const command of [...a.items, ...b.items]) {
    const before = byName.get(commandName(command));
    byName.set(commandName(command), before === undefined ? command : joinCommands(before, command));
  }
  return { items: [...byName.values()], complete: a.complete ?? b.complete };
}
