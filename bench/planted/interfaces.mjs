// Sound interfaces, seeded: what is said of each option, operand and command is so, and said in one way.
import { styleOf } from '../printers/hosts/node/by_hand/style.mjs';
import { Random } from '../random.mjs';
import { COMMANDS, OPERANDS, OPTIONS, PROGRAMS } from './options.mjs';

const WIDTHS = [72, 80, 100];

/**
 * A sound interface: `{program, version, summary, epilogue, width, style, root, variables, statuses}`. A command is `{name, path, aliases,
 * summary, options, operands, commands, examples}`, its options and operands as `printers/hosts/node/declared.mjs` has them. An example is
 * a list of words behind the command's path. Everything may be changed: each call makes it anew.
 */
export function makeInterface(seed, index) {
  const random = new Random(seed, index);
  const program = random.pick(PROGRAMS);
  const made = {
    program: program.name,
    version: `${1 + random.below(8)}.${random.below(20)}`,
    summary: program.summary,
    epilogue: [],
    width: random.pick(WIDTHS),
    variables: [],
    statuses: [],
  };
  // The epilogue of what the style is drawn from is no text: it is there for the seed.
  made.style = styleOf({ ...made, epilogue: `${seed} ${index}` });
  const withCommands = random.once(3);
  made.root = makeCommand(random, made, [made.program], withCommands);
  made.root.summary = made.summary;
  if (withCommands) {
    made.root.commands = drawn(random, COMMANDS, 3 + random.below(4)).map(({ name, summary }) => ({
      ...makeCommand(random, made, [made.program, name], false),
      name,
      summary,
    }));
  }
  if (random.once(3)) made.statuses = random.pick(STATUSES).map((status) => [...status]);
  if (random.once(3)) made.variables = variablesOf(made, random);
  if (random.once(2)) made.epilogue.push(random.pick(EPILOGUES));
  return made;
}

const EPILOGUES = [
  'Tell the office on the north quay what goes wrong.',
  'The tide table is that of the harbour master.',
  'Boxes that nobody asks for go to the crew on Fridays.',
];

const STATUSES = [
  [
    [0, 'all went well'],
    [1, 'a box was late'],
    [2, 'the command line was wrong'],
  ],
  [
    [0, 'success'],
    [1, 'some boxes were not found'],
    [3, 'the ledger could not be read'],
  ],
];

function variablesOf({ program, root }, random) {
  const prefix = program.toUpperCase();
  const texts = ['folder of the ledgers', 'who signs the labels', 'the harbour to work for'];
  const names = ['HOME', 'SIGNATURE', 'HARBOUR'];
  const shown = root.options.map(({ environment }) => environment);
  return names
    .map((name, i) => [`${prefix}_${name}`, texts[i]])
    .filter(([name]) => !shown.includes(name))
    .slice(0, 1 + random.below(3));
}

function makeCommand(random, { program }, path, withCommands) {
  const notes = { environment: random.once(6), range: !random.once(3), defaults: true };
  const options = drawn(random, OPTIONS, withCommands ? 3 + random.below(3) : 5 + random.below(10)).map(
    (option) => declaredOption(random, program, option, notes),
  );
  const operands = withCommands ? [] : makeOperands(random);
  const command = {
    name: path.at(-1),
    path,
    aliases: [],
    summary: '',
    options,
    operands,
    commands: [],
    examples: [],
  };
  if (!withCommands && random.once(2)) command.examples = makeExamples(random, command);
  return command;
}

/** Some things of a list, each once, in the list's order. */
export function drawn(random, list, count) {
  const left = [...list];
  while (left.length > count) left.splice(random.below(left.length), 1);
  return left;
}

function declaredOption(random, program, option, { environment, range }) {
  const hasValues = option.values !== undefined;
  const withEnvironment = environment && option.placeholder !== undefined && random.once(3);
  return {
    short: option.short ?? '',
    long: option.long,
    aliases: [],
    presence: option.placeholder === undefined ? 'none' : 'mandatory',
    placeholder: option.placeholder ?? '',
    type: option.type ?? '',
    values: hasValues ? [...option.values] : [],
    default: option.default ?? '',
    least: range && option.least !== undefined ? String(option.least) : '',
    most: range && option.most !== undefined ? String(option.most) : '',
    environment: withEnvironment ? `${program}_${option.long}`.replaceAll('-', '_').toUpperCase() : '',
    flags: [],
    heading: '',
    help: random.pick(option.texts),
  };
}

function makeOperands(random) {
  const operands = drawn(random, OPERANDS, random.below(3));
  // Operands that must be given come first, and one of any number last.
  const required = random.below(operands.length + 1);
  const isMany = random.once(3);
  return operands.map(({ placeholder, texts, word }, i) => ({
    placeholder,
    word,
    least: i < required ? 1 : 0,
    most: isMany && i === operands.length - 1 ? -1 : 1,
    values: [],
    help: random.pick(texts),
  }));
}

/** Command lines that a program of this interface takes. */
export function makeExamples(random, command) {
  return [1, 2].map(() => {
    const options = drawn(random, command.options, random.below(3)).flatMap((option) =>
      optionWords(random, option),
    );
    return [...options, ...operandWords(command)];
  });
}

/** An option with an argument that it takes, as words of a command line. */
export function optionWords(random, option, word = argumentOf(option)) {
  const isLetter = option.short !== '' && random.once(2);
  if (option.presence === 'none') return [isLetter ? `-${option.short}` : `--${option.long}`];
  return isLetter ? [`-${option.short}`, word] : [`--${option.long}=${word}`];
}

/** An argument that an option takes. */
export function argumentOf({ values, default: text, type, least }) {
  if (values.length > 0) return values.at(-1);
  if (text !== '') return text;
  if (least !== '') return least;
  return type === 'file' ? 'quay.txt' : 'north';
}

/** The operands that must be given, as words. */
export function operandWords({ operands }) {
  return operands.filter(({ least }) => least > 0).map(({ word }) => word);
}
