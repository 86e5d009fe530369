// What a printed help shows of a declaration. A fact is shown where its literal stands in the help and where the help would be another
// without the fact; both are tried, never remembered of a library.

/** Kinds of fact that are tried by taking them away; each gives the command without the fact, at the place of an option or operand. */
const TAKEN_AWAY = {
  argument: (command, at) => {
    command.options[at].argument = undefined;
  },
  optional: (command, at) => {
    command.options[at].argument.presence = 'mandatory';
  },
  values: (command, at) => {
    command.options[at].argument.values = undefined;
  },
  default: (command, at) => {
    command.options[at].argument.default = undefined;
  },
  range: (command, at) => {
    command.options[at].argument.range = undefined;
  },
  environment: (command, at) => {
    command.options[at].environment = undefined;
  },
  required: (command, at) => {
    command.options[at].required = false;
  },
  'operand-name': (command, at) => {
    command.operands[at].placeholder = 'zzz';
  },
  least: (command, at) => {
    command.operands[at].least = 1 - command.operands[at].least;
    // An operand that must be given cannot follow one that need not.
    for (const operand of command.operands.slice(0, at)) operand.least = 1;
  },
  most: (command, at) => {
    command.operands[at].most = 1;
  },
  'operand-values': (command, at) => {
    command.operands[at].values = undefined;
  },
};

/** The facts of a command that are tried: the kind, and the place of the option or operand. */
function triedFacts({ options, operands }) {
  return [
    ...options.flatMap(({ argument, environment, required }, at) => [
      ...(argument === undefined ? [] : [{ kind: 'argument', at }]),
      ...(argument?.presence === 'optional' ? [{ kind: 'optional', at }] : []),
      ...(argument?.values === undefined ? [] : [{ kind: 'values', at }]),
      ...(argument?.default === undefined ? [] : [{ kind: 'default', at }]),
      ...(argument?.range === undefined ? [] : [{ kind: 'range', at }]),
      ...(environment === undefined ? [] : [{ kind: 'environment', at }]),
      ...(required ? [{ kind: 'required', at }] : []),
    ]),
    ...operands.flatMap(({ most, values }, at) => [
      { kind: 'operand-name', at },
      { kind: 'least', at },
      ...(most < 0 ? [{ kind: 'most', at }] : []),
      ...(values === undefined ? [] : [{ kind: 'operand-values', at }]),
    ]),
  ];
}

/** Every command of a declaration, with the words that lead to it and the commands on the way. */
export function commandsOf({ root }) {
  const found = [];
  const visit = (command, path, above) => {
    found.push({ command, path, above });
    for (const below of command.commands) visit(below, [...path, below.names[0]], [...above, command]);
  };
  visit(root, [], []);
  return found;
}

/** A declaration with nothing but one command and the way to it: enough to print its help. */
function slim(declaration, path) {
  const bare = (command) => ({ ...command, options: [], operands: [], commands: [] });
  const cut = (command, rest) => ({
    ...structuredClone({ ...command, commands: [] }),
    commands:
      rest.length === 0
        ? command.commands.map(bare)
        : command.commands
            .filter(({ names }) => names[0] === rest[0])
            .map((below) => cut(below, rest.slice(1))),
  });
  return { ...declaration, root: cut(declaration.root, path), only: path.join(' ') };
}

function commandAt({ root }, path) {
  return path.reduce((command, name) => command.commands.find(({ names }) => names[0] === name), root);
}

/**
 * The facts of declarations that are tried and whose help would be another without them, as `path|kind|place` for each declaration.
 * `print` gives the helps of a list of declarations.
 */
export function changingFacts(declarations, print) {
  const trials = [];
  const printed = [];
  for (const [i, declaration] of declarations.entries()) {
    for (const { command, path } of commandsOf(declaration)) {
      const facts = triedFacts(command);
      if (facts.length === 0) continue;
      const base = printed.push(slim(declaration, path)) - 1;
      for (const { kind, at } of facts) {
        const without = slim(declaration, path);
        TAKEN_AWAY[kind](commandAt(without, path), at);
        trials.push({ i, path: path.join(' '), kind, at, base, without: printed.push(without) - 1 });
      }
    }
  }
  const helps = print(printed);
  const found = declarations.map(() => new Set());
  for (const { i, path, kind, at, base, without } of trials) {
    const before = helps[base].get(path);
    const after = helps[without].get(path);
    // Where the library refuses what is left, nothing is known against the fact, and its literal decides.
    if (before === undefined || after === undefined || before !== after)
      found[i].add(`${path}|${kind}|${at}`);
  }
  return found;
}
