// npm run parsers -- --lines N [NAME...]: whether `traceWords` reads random command lines as the real parser does, when all that it is told
// is the interface and the name of the parser.
import { readDocument } from 'dabbawala';
import { traceWords } from 'dabbawala/analysis';
import { Random } from '../random.mjs';
import { documentOf } from './document.mjs';
import { asking } from './host.mjs';

/** Words that parsers read in different ways. */
const WORDS = [
  ...[
    '--all',
    '--brief',
    '--outline',
    '--output',
    '--output=V',
    '--dry-run',
    '--dry',
    '--outl',
    '--out',
    '--out=V',
    '--al',
    '--br',
  ],
  ...[
    '-a',
    '-b',
    '-n',
    '-ab',
    '-ban',
    '-o',
    '-oV',
    '-o=V',
    '-aoV',
    '-abo',
    '-o5',
    '-anx',
    '-x',
    '--nope',
    '--nope=V',
  ],
  ...[
    '--all=true',
    '--all=false',
    '--all=V',
    '--no-all',
    '--noall',
    '--ALL',
    '-A',
    '-outline',
    '-all',
    '-output=V',
    '--dry_run',
    '--dryRun',
  ],
  ...[
    '--color',
    '--color=never',
    '-c',
    '-cnever',
    '-c=never',
    '--mode',
    '--mode=slow',
    '--mode=sle',
    '--quiet',
    '--quie',
    '--mode=nope',
  ],
  ...['x', 'y', 'fast', 'sle', 'ab', '-5', '5', '--', '-', '+a', 'x=y'],
];

/** Words of a program with commands. */
const COMMAND_WORDS = [
  ...[
    'start',
    'begin',
    'status',
    'stop',
    'route:plan',
    'START',
    'star',
    'sta',
    'sto',
    'bo',
    'beg',
    'r:p',
    'route:',
    'rou',
    'R:P',
    'r:x',
    'nope',
  ],
  ...['--all', '-a', '--brief', '-b', '--al', '--bri', 'x', '--', '--nope', '-ab'],
];

/** How many of the command lines are read alike, half of them with commands where there are some, and those that are not, each with both readings. */
export async function agreement(parser, lines, seed) {
  const ask = asking(parser);
  const shapes = parser.can.has('commands') ? ['options', 'commands'] : ['options'];
  const documents = Object.fromEntries(shapes.map((shape) => [shape, interfaceOf(parser, shape)]));
  const differing = [];
  for (let i = 0; i < lines; i++) {
    const random = new Random(seed, i);
    const shape = shapes[i % shapes.length];
    const vocabulary = shape === 'options' ? WORDS : COMMAND_WORDS;
    const words = Array.from({ length: 1 + random.below(3) }, () => random.pick(vocabulary));
    const real = await ask(words, shape);
    const [theirs, ours] = [theirReading(real), ourReading(traceWords(documents[shape], words))];
    if (theirs !== ours) differing.push({ words, theirs, ours });
  }
  return { alike: lines - differing.length, differing };
}

function interfaceOf(parser, shape) {
  const { interface: cli, problems } = readDocument({ name: parser.name, text: documentOf(parser, shape) });
  if (problems.length > 0) throw new Error(problems[0].message);
  return cli;
}

function theirReading({ read, options, operands, command }) {
  if (!read) return 'refused';
  return reading(
    [...options].map(([name, values]) => [name, meant(values.at(-1))]),
    operands,
    command,
  );
}

function ourReading({ problems, options, operands, command }) {
  if (problems.length > 0) return 'refused';
  const given = new Map();
  for (const { name, negated, values } of options) {
    const plain = NAMES[name] ?? name.replace(/^--?(?:no-?(?=all|brief))?/, '');
    if (negated) given.delete(plain);
    else given.set(plain, TAKES_VALUE.has(plain) ? meant(values[0] ?? '') : '');
  }
  return reading([...given], operands, command[1]);
}

const TAKES_VALUE = new Set(['output', 'color', 'mode']);

/** A value, whether it is abbreviated or what stands for one that was left out. */
function meant(value) {
  return value === 'sle' ? 'sleepy' : value === 'auto' ? '' : value;
}

/** The options by letters where a parser knows no long names. */
const NAMES = {
  '-a': 'all',
  '-b': 'brief',
  '-n': 'dry-run',
  '-o': 'output',
  '-c': 'color',
  '--quieter': 'quiet',
};

function reading(options, operands, command = '') {
  const shown = options.map(([name, value]) => (value === '' ? name : `${name}=${value}`)).sort();
  return JSON.stringify([command, shown, operands]);
}
