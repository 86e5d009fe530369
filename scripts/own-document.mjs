// Brings `dabbawala.yaml` up to date with the help of the command: options that it declares anew are added, those that are gone are taken out, and texts
// follow. What only the document can say (whether an option counts once, what kind of file it takes) stays.
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readDocument, readHelp } from 'dabbawala';
import { walkCommands } from 'dabbawala/model';
import { updateDocument } from 'dabbawala/writers';
import { buildIfNeeded, fail, root } from './setup.mjs';

buildIfNeeded();

const path = join(root, 'dabbawala.yaml');
const source = { name: 'dabbawala.yaml', text: readFileSync(path, 'utf8') };
const { interface: own } = readDocument(source);
if (own === undefined) fail('dabbawala.yaml is no interface document');

/** A command as its help shows it, by its path. */
function shownBy(words) {
  const { stdout } = spawnSync(process.execPath, [join(root, 'dist/cli/bin.js'), ...words, '--help'], {
    encoding: 'utf8',
  });
  const { interface: cli } = readHelp({ name: words.join(' '), text: stdout });
  return [...walkCommands(cli)].at(words.length === 0 ? 0 : -1).command;
}

/** A text without the notes behind it, which are facts of their own. */
function withoutNotes(help) {
  return help && { ...help, value: help.value.replace(/ \((?:one of|default): [^()]*\)$/, '') };
}

/** The option-argument of the document with the values and the default that help shows. */
function joinedArgument(known, shown) {
  const { values, default: byDefault } = shown?.value.words.at(-1) ?? {};
  if (known === undefined || (values === undefined && byDefault === undefined)) return known ?? shown;
  const words = known.value.words.map((word, i, all) =>
    i < all.length - 1
      ? word
      : { ...word, values: values ?? word.values, default: byDefault ?? word.default },
  );
  return { ...known, value: { ...known.value, words } };
}

/** The options that help shows, each with what the document knows of it besides. */
function joined(listed, shown) {
  return shown.map((option) => {
    const known = listed.find(({ names }) => names.some(({ text }) => text === option.names[0].text));
    const help = withoutNotes(option.help);
    return known === undefined
      ? { ...option, help }
      : { ...known, help, argument: joinedArgument(known.argument, option.argument) };
  });
}

function upToDate(command, words) {
  const shown = shownBy(words);
  const items = joined(command.options.items, shown.options.items);
  const commands = command.commands.items.map((one) => upToDate(one, [...words, one.names[0].text]));
  return {
    ...command,
    description: shown.description ?? command.description,
    options: { ...command.options, items },
    commands: { ...command.commands, items: commands },
  };
}

const { text } = updateDocument(source, { ...own, root: upToDate(own.root, []) });
writeFileSync(path, text);
