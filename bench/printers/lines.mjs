// How a declaration reaches a host, and what a host prints comes back: lines of fields between tabs, which every language can split.

/** Marks the first line of a printed help: the number of its declaration, a tab, the words of its command. */
const BEGIN = '\u0001';
const END = '\u0002';

/** A declaration as the lines that a host reads; `id` comes back with what it prints. Fields stand in the order of `hosts/README.md`. */
export function declarationLines(id, { program, version, summary, epilogue, width, root, only }) {
  return [
    line('I', id, width, program, version, summary, epilogue, only),
    ...commandLines(root, 0),
    'E',
  ].join('\n');
}

function commandLines(
  { names: [name, ...aliases], hidden, heading, summary, options, operands, commands },
  depth,
) {
  return [
    line('C', depth, name, aliases.join(), flags({ hidden }), heading, summary),
    ...options.flatMap(optionLines),
    ...operands.map(({ placeholder, least, most, values, help }) =>
      line('A', placeholder, least, most, listed(values), help),
    ),
    ...commands.flatMap((one) => commandLines(one, depth + 1)),
  ];
}

function optionLines({ short, long, aliases, argument, environment, heading, help, ...more }) {
  const { presence, placeholder, type, values, range } = argument ?? { presence: 'none' };
  const { required, repeated, hidden, deprecated, negatable } = more;
  return [
    line(
      'O',
      short,
      long,
      aliases.join(),
      presence,
      placeholder,
      type,
      listed(values),
      argument?.default,
      range?.[0],
      range?.[1],
      environment,
      flags({ required, repeated, hidden, deprecated, negatable }),
      heading,
      help,
    ),
    ...(values ?? [])
      .filter(({ help: text }) => text !== '')
      .map(({ value, help: text }) => line('V', value, text)),
  ];
}

function listed(values) {
  return values?.map(({ value }) => value).join();
}

function flags(named) {
  return Object.keys(named)
    .filter((name) => named[name])
    .join();
}

function line(...fields) {
  return fields.map((field) => field ?? '').join('\t');
}

/** What a host printed: from the number of each declaration to the helps of its commands, by the words of the command. */
export function printedHelps(output) {
  const found = new Map();
  for (const part of output.split(BEGIN).slice(1)) {
    const end = part.indexOf(END);
    const head = part.slice(0, part.indexOf('\n'));
    const [id, path] = head.split('\t');
    if (end < 0 || path === undefined) continue;
    if (!found.has(id)) found.set(id, new Map());
    found.get(id).set(path, part.slice(head.length + 1, end));
  }
  return found;
}
