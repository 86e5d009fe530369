import { defineCommand, renderUsage } from 'citty';
import { interfaces, show, typedDefault } from './declared.mjs';

function argumentsOf({ options, operands }) {
  const made = {};
  for (const { placeholder, least, help } of operands)
    made[placeholder] = { type: 'positional', description: help, required: least > 0 };
  for (const option of options) {
    const { short, long, aliases, presence, placeholder, flags, help, values } = option;
    made[long] = {
      type: presence === 'none' ? 'boolean' : values.length > 0 ? 'enum' : 'string',
      options: values.length > 0 ? values : undefined,
      alias: [...(short === '' ? [] : [short]), ...aliases],
      description: help,
      valueHint: placeholder || undefined,
      default: typedDefault(option),
      required: flags.includes('required'),
    };
  }
  return made;
}

function declared(command, version) {
  return defineCommand({
    meta: { name: command.name, description: command.summary, version, hidden: command.isHidden },
    args: argumentsOf(command),
    subCommands:
      command.commands.length === 0
        ? undefined
        : Object.fromEntries(command.commands.map((below) => [below.name, declared(below)])),
  });
}

async function print(one, made, command, path, above) {
  show(one, path, `${await renderUsage(made, above)}\n`);
  for (const below of command.commands)
    await print(one, made.subCommands[below.name], below, [...path, below.name], made);
}

for (const one of interfaces()) {
  one.root.summary = one.summary;
  await print(one, declared(one.root, one.version), one.root, []);
}
