import { Cli, Command, Option } from 'clipanion';
import { interfaces, show } from './declared.mjs';

function optionOf({ short, long, aliases, presence, flags, help }) {
  const names = [short && `-${short}`, long && `--${long}`, ...aliases.map((name) => `--${name}`)]
    .filter(Boolean)
    .join();
  const more = {
    description: help || undefined,
    hidden: flags.includes('hidden'),
    required: flags.includes('required'),
  };
  if (presence === 'none') return Option.Boolean(names, more);
  if (flags.includes('repeated')) return Option.Array(names, more);
  return Option.String(names, { ...more, tolerateBoolean: presence === 'optional' });
}

function operandOf({ placeholder, least, most }) {
  if (most < 0) return Option.Rest({ name: placeholder, required: least });
  return Option.String({ name: placeholder, required: least > 0 });
}

function classOf(declared, path) {
  return class extends Command {
    static paths = path.length === 0 ? [Command.Default] : [path];
    static usage = declared.isHidden
      ? undefined
      : Command.Usage({ category: declared.heading || undefined, description: declared.summary });

    constructor() {
      super();
      for (const [i, option] of declared.options.entries()) this[`option${i}`] = optionOf(option);
      for (const [i, operand] of declared.operands.entries()) this[`operand${i}`] = operandOf(operand);
    }

    async execute() {}
  };
}

function leaves(command, path) {
  if (command.commands.length === 0) return [{ command, path }];
  return command.commands.flatMap((below) => leaves(below, [...path, below.name]));
}

for (const one of interfaces()) {
  const cli = new Cli({
    binaryLabel: one.summary,
    binaryName: one.program,
    binaryVersion: one.version,
    enableColors: false,
  });
  const made = leaves({ ...one.root, summary: one.summary }, []).map(({ command, path }) => ({
    path,
    made: classOf(command, path),
  }));
  for (const { made: command } of made) cli.register(command);
  if (one.root.commands.length > 0) show(one, [], cli.usage());
  for (const { path, made: command } of made) show(one, path, cli.usage(command, { detailed: true }));
}
