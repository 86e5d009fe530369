// Turns the interface document that `dabbawala convert --to=json` prints into the form in which truths are scored.
import { readDocument, walkCommands } from 'dabbawala';

/** The options, subcommands and prefixes of the command that the help output described. */
export function fromTool(json) {
  const { interface: from } = readDocument({ name: 'json', text: JSON.stringify(json) });
  return from === undefined ? { options: [], subcommands: [], prefixes: null } : scoredForm(from);
}

/** The same of an interface; prefixes are left to be derived from the long names. */
export function scoredForm(from) {
  const at = [...walkCommands(from)].findLast(({ command }) => command.described);
  const command = at?.command ?? from.root;
  return {
    options: command.options.items.map(scoredOption),
    subcommands: command.commands.items.map(({ names }) => names[0].text),
    prefixes: null,
  };
}

const PRESENCE = { none: 'none', mandatory: 'required', optional: 'optional' };

function scoredOption({ names, negatedNames, argument }) {
  const all = [...names, ...negatedNames];
  const bare = (forms, hyphens) =>
    all.filter(({ form }) => forms.includes(form)).map(({ text }) => text.slice(hyphens));
  const values = argument?.value.words.at(-1)?.values?.value.map(({ value }) => value);
  return {
    short: bare(['short'], 1),
    long: bare(['long'], 2),
    other: bare(['single-hyphen-long'], 1),
    value: argument === undefined ? 'unknown' : PRESENCE[argument.value.presence],
    choices: values ?? null,
  };
}
