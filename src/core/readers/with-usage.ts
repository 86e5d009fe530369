import type { Command } from '../model/command.ts';
import { stated } from '../model/fact.ts';
import type { Interface } from '../model/interface.ts';
import { joinInterfaces } from '../model/join.ts';
import type { Reading } from './reading.ts';
import { TEXT_READERS } from './text-readers.ts';

/** A reading with what the help says that stands within its source: a view of the program beside the one that was read. */
export function withUsage(reading: Reading): Reading {
  const { interface: cli, usage, problems } = reading;
  if (cli === undefined || usage === undefined) return reading;
  const help = TEXT_READERS.help.read(usage.source, { program: cli.program.value });
  if (help.interface === undefined) return reading;
  const root = withoutSplit(help.interface.root, cli.root);
  const text = { ...help.interface, root: usage.isPart ? asPart(root) : root };
  const [joined] = joinInterfaces([{ ...cli, root: withoutNamesOfOperands(cli.root, text.root) }, text]);
  const whole: Interface = joined === undefined ? cli : { ...joined, views: [cli, text] };
  return { interface: whole, problems: [...problems, ...help.problems] };
}

/** A command without the operands that its code tells by numbers only, where a synopsis has names for them. */
function withoutNamesOfOperands(code: Command, text: Command): Command {
  const isNamed = text.forms.some(({ operands }) => operands.length > 0);
  return isNamed ? { ...code, operands: { items: [], complete: undefined } } : code;
}

/** A command without subcommands of several names, `add|list`, each of which the code knows as one of its own. */
function withoutSplit(text: Command, code: Command): Command {
  const known = new Set(code.commands.items.flatMap(({ names }) => names.map((name) => name.text)));
  const items = text.commands.items.filter(
    ({ names }) => names.filter((name) => known.has(name.text)).length < 2,
  );
  return { ...text, commands: { ...text.commands, items } };
}

/** A command whose list of options is known to be a part. */
function asPart(command: Command): Command {
  return { ...command, options: { ...command.options, complete: stated(false, null) } };
}
