// Turns the interface document that `dabbawala convert --to=json` prints into the form in which truths are scored.
import { readDocument } from 'dabbawala';
import { optionScope } from 'dabbawala/analysis';
import { nearestRule, takesEitherHyphens, UNKNOWN_RULES, walkCommands } from 'dabbawala/model';

/** The options, subcommands and prefixes of the command that the help output described. */
export function fromTool(json) {
  const { interface: cli } = readDocument({ name: 'json', text: JSON.stringify(json) });
  return cli === undefined ? { options: [], subcommands: [], prefixes: null } : scoredForm(cli);
}

/** The same of an interface. */
export function scoredForm(cli) {
  const at = [...walkCommands(cli)].find(({ command }) => command.described);
  const command = at?.command ?? cli.root;
  // A text that shows its commands by synopses shows their options there, and the truths are about all options in the text.
  const options = [command, ...command.commands.items].flatMap(({ options: { items } }) => items);
  const line = at?.line ?? [cli.root];
  return {
    options: options.map((option) => scoredOption(option, takesEitherHyphens(line))),
    subcommands: command.commands.items.map(({ names }) => names[0].text),
    prefixes: scoredPrefixes(options, command, line),
  };
}

/** Stands for any number, and is no name. */
const NUMBER = '-NUM';

const PRESENCE = { none: 'none', mandatory: 'required', optional: 'optional' };

/** Where a parser takes one hyphen or two, what is listed with one is a long name too. */
function scoredOption({ names, negatedNames, argument }, isEither) {
  const all = [...names, ...negatedNames];
  const bare = (forms, hyphens) =>
    all
      .filter(({ form, text }) => forms.includes(form) && text !== NUMBER)
      .map(({ text }) => text.slice(hyphens));
  const values = argument?.value.words.at(-1)?.values?.value.map(({ value }) => value);
  return {
    short: bare(['short'], 1),
    long: isEither ? [...bare(['long'], 2), ...bare(['single-hyphen-long'], 1)] : bare(['long'], 2),
    other: isEither ? [] : bare(['single-hyphen-long'], 1),
    value: argument === undefined ? 'unknown' : PRESENCE[argument.value.presence],
    choices: values ?? null,
  };
}

/** What every prefix of the long names resolves to, by the rules that the text lets one know. */
function scoredPrefixes(options, command, line) {
  const merged = { ...command, options: { items: options, complete: command.options.complete } };
  const rules = {
    ...UNKNOWN_RULES,
    spellingsTie: nearestRule(line, 'spellingsTie'),
    longHyphens: nearestRule(line, 'longHyphens'),
  };
  const { index } = optionScope({ command: { ...merged, rules }, line: [{ ...merged, rules }], path: [] });
  const bare = (name) => name.slice(2);
  return Object.fromEntries(
    [...index.prefixes(3), ...index.names].map((prefix) => {
      const { verdict, names } = index.resolve(prefix, index.names.length);
      if (verdict === 'ambiguous') return [bare(prefix), { verdict, names: names.map(bare) }];
      return [
        bare(prefix),
        { verdict: verdict === 'same-option' ? 'unique' : verdict, name: bare(names[0]) },
      ];
    }),
  );
}
