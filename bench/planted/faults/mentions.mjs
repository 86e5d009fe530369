// Texts that speak of what is not there.
import { misspelt, oneOf, optionWhere } from '../choosing.mjs';

/** What a text may add about another option. */
const ABOUT = [
  (name) => ` (see ${name})`,
  (name) => `; see ${name}`,
  (name) => `; use with ${name}`,
  (name) => `; implies ${name}`,
  (name) => ` unless ${name} is given`,
  (name) => ` when ${name} is set`,
  (name) => `. Overrides ${name}.`,
  (name) => `; cannot be used with ${name}`,
  (name) => `; only with ${name}`,
  (name) => ` (same as ${name})`,
  (name) => `; the opposite of ${name}`,
  (name) => `, like ${name}`,
  (name) => ` (ignored without ${name})`,
];

export const MENTION_FAULTS = {
  'an option that does not exist': (from, random) => {
    const option = optionWhere(from, random);
    const wrong = `--${random.pick(['gangway', 'ladder', 'all-lids', 'rudder'])}`;
    option.help += random.pick(ABOUT)(wrong);
    return [wrong];
  },
  'a misspelt option': (from, random) => {
    const option = optionWhere(from, random);
    const other = optionWhere(from, random, (one) => one !== option);
    const wrong = `--${misspelt(random, other.long)}`;
    option.help += random.pick(ABOUT)(wrong);
    return [wrong];
  },
  'a letter that does not exist': (from, random) => {
    const option = optionWhere(from, random);
    const letter = [...'yYgGK'].find((one) => from.root.options.every(({ short }) => short !== one));
    option.help += random.pick(ABOUT)(`-${letter}`);
    return [`-${letter}`];
  },
  'an option that does not exist, in the epilogue': (from, random) => {
    const wrong = `--${random.pick(['gangway', 'ladder', 'all-lids', 'rudder'])}`;
    from.epilogue.push(
      random.pick([
        `Boxes without a lid are passed over, unless ${wrong} is given.`,
        `Use ${wrong} to see what was passed over.`,
        `With ${wrong}, nothing is sent.`,
        `${wrong} and --help may stand anywhere.`,
        `For more, try ${from.program} ${wrong}.`,
        `Run '${from.program} ${wrong}' to see the rest.`,
      ]),
    );
    return [wrong];
  },
  'a command that does not exist, in the epilogue': (from, random) => {
    if (from.root.commands.length === 0) return undefined;
    const wrong = random.pick(['unload', 'anchor', 'paint']);
    from.epilogue.push(
      random.pick([
        `Run '${from.program} ${wrong}' first.`,
        `See '${from.program} ${wrong} --help' for more.`,
        `Use "${from.program} ${wrong}" to undo this.`,
        `The command '${wrong}' does the same for boats.`,
      ]),
    );
    return [wrong];
  },
  'a command that does not exist, in a summary': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    const wrong = random.pick(['unload', 'anchor', 'paint']);
    command.summary += random.pick([
      ` (see '${wrong}')`,
      `; the opposite of '${wrong}'`,
      ` (same as ${from.program} ${wrong})`,
    ]);
    return [wrong];
  },
  'a variable in no list': (from, random) => {
    if (from.variables.length === 0) return undefined;
    const option = optionWhere(from, random);
    const wrong = `${from.program.toUpperCase()}_GANGWAY`;
    option.help += random.pick([` (or ${wrong})`, `; ${wrong} does the same`, `, unless $${wrong} is set`]);
    return [wrong];
  },
  'a variable with another prefix': (from) => {
    if (from.variables.length < 2) return undefined;
    from.variables.push(['GANG_LADDER', 'where the ladder stands']);
    return ['GANG_LADDER'];
  },
  'a section that does not exist': (from, random) => {
    const option = optionWhere(from, random);
    const wrong = random.pick(['TIDES', 'GANGWAYS']);
    option.help += random.pick([
      `; see ${wrong} below`,
      ` (see section ${wrong})`,
      `; see the section ${wrong}`,
    ]);
    return [wrong];
  },
  'a placeholder that does not exist': (from, random) => {
    const option = optionWhere(
      from,
      random,
      (one) =>
        one.placeholder !== '' &&
        one.values.length === 0 &&
        !from.style.argument.includes('<') &&
        one.help.includes(one.placeholder),
    );
    if (option === undefined) return undefined;
    option.help = option.help.replaceAll(option.placeholder, 'LADDER');
    return ['LADDER'];
  },
  'deprecated in favour of nothing': (from, random) => {
    const option = optionWhere(from, random);
    const wrong = `--${random.pick(['gangway', 'ladder'])}`;
    option.help += random.pick([
      ` (deprecated, use ${wrong})`,
      `. Deprecated: use ${wrong} instead.`,
      ` [deprecated in favour of ${wrong}]`,
      `; obsolete, replaced by ${wrong}`,
    ]);
    return [wrong];
  },
  'a text that is about its own letter': (from, random) => {
    const option = optionWhere(from, random, ({ short }) => short !== '');
    if (option === undefined) return undefined;
    const wrong = [...'yYgGK'].find((one) => from.root.options.every(({ short }) => short !== one));
    option.help += ` (short: -${wrong})`;
    return [`-${wrong}`];
  },
};
