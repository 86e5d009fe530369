// How right the reader is by single choice of style: `node bench/printers/axes.mjs [AXIS[=CHOICE]...] [--each N] [--seed S] [--beside K] [--kind KIND] [--show]`.
// The same interfaces are printed in a common style in which one axis has the choice, so that what is misread is its doing; with `--beside`, K other axes
// are drawn for each interface, so that what is misread is the doing of choices together. `--show` prints what was misread.
import { parseArgs } from 'node:util';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { Random } from '../random.mjs';
import { makeDeclaration } from './declaration.mjs';
import { helpsOf } from './hosts/node/by_hand/page.mjs';
import { AXES, WIDEST_AXES } from './hosts/node/by_hand/style.mjs';
import { interfacesIn } from './hosts/node/declared.mjs';
import { LIBRARIES } from './libraries.mjs';
import { declarationLines } from './lines.mjs';
import { reduced } from './reduce.mjs';
import { truthsOf } from './truths.mjs';

buildIfNeeded();
const { readHelp } = await import('dabbawala');
const { KINDS, scoreHelp } = await import('./score.mjs');

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    each: { type: 'string', default: '8' },
    seed: { type: 'string', default: '1' },
    beside: { type: 'string', default: '0' },
    kind: { type: 'string' },
    show: { type: 'boolean', default: false },
  },
});

const library = LIBRARIES.find(({ name }) => name === 'by-hand');
const seed = Number(values.seed);
const declarations = Array.from({ length: Number(values.each) }, (_, i) =>
  reduced(makeDeclaration(seed, i), library),
);
/** The program's own option of its help. */
const OWN = { options: new Set(['-h', '--help']), commands: new Set(), operands: new Set() };

const common = Object.fromEntries(
  Object.entries(AXES).map(([axis, choices]) => [axis, [choices[0]].flat()[0]]),
);
const asked = positionals.map((word) => word.split(/=(.*)/s));
const rows = [];

for (const [axis, choices] of Object.entries(WIDEST_AXES))
  for (const choice of new Set(choices.map((one) => [one].flat()[0])))
    if (isAsked(axis, choice)) rows.push(...scored(axis, choice));
rows.sort((a, b) => a.right / a.of - b.right / b.of);
for (const { right, of, kind, axis, choice } of rows)
  if (right < of)
    process.stdout.write(
      `${((100 * right) / of).toFixed(1).padStart(5)} %  ${`${right} of ${of}`.padEnd(14)} ${kind.padEnd(12)} ${axis}: ${choice}\n`,
    );

function isAsked(axis, choice) {
  return (
    asked.length === 0 || asked.some(([one, only]) => one === axis && (only === undefined || only === choice))
  );
}

function scored(axis, choice) {
  const print = (some) => some.map((declaration, i) => printed(declaration, i, axis, choice));
  const { truths } = truthsOf(declarations, print);
  const counts = new Map();
  for (const truth of truths) {
    const { interface: cli } = readHelp({ name: 'help', text: truth.text });
    const wrong = [];
    scoreHelp(truth, cli, OWN, (kind, isRight, about) => {
      if (values.kind !== undefined && values.kind !== kind) return;
      const now = counts.get(kind) ?? { right: 0, of: 0 };
      counts.set(kind, { right: now.right + (isRight ? 1 : 0), of: now.of + 1 });
      if (!isRight) wrong.push(`${kind}: ${about}`);
    });
    if (values.show && wrong.length > 0)
      process.stdout.write(`${truth.text}${wrong.join('\n')}\n${'='.repeat(80)}\n`);
  }
  return KINDS.filter((kind) => counts.has(kind)).map((kind) => ({
    axis,
    choice,
    kind,
    ...counts.get(kind),
  }));
}

/** The helps of a declaration: a map from the words behind the program to the text. */
function printed(declaration, i, axis, choice) {
  const [from] = interfacesIn(declarationLines(i, declaration));
  return new Map(
    helpsOf(from, styleFor(i, axis, choice), '--').map(([path, text]) => [path.join(' '), text]),
  );
}

function styleFor(i, axis, choice) {
  const random = new Random(seed * 1000 + i, 7);
  const style = { ...common, bullet: 'none', 'note place': 'behind', 'table head': 'none', seed: seed + i };
  const axes = Object.keys(WIDEST_AXES);
  for (let at = 0; at < Number(values.beside); at++) {
    const other = random.pick(axes);
    style[other] = [random.pick(WIDEST_AXES[other])].flat()[0];
  }
  return { ...style, [axis]: choice };
}
