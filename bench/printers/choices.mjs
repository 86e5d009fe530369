// How right the reader is by choice of style: `node bench/printers/choices.mjs [--only LIBRARY] [--each N] [--seed S] [--kind KIND]`. What people write by hand is drawn
// from many choices (see hosts/node/by_hand/style.mjs); those under which most is misread come first.
import { parseArgs } from 'node:util';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { makeDeclaration } from './declaration.mjs';
import { AXES, styleOf, WIDER_AXES, WIDEST_AXES } from './hosts/node/by_hand/style.mjs';
import { LIBRARIES, STYLES } from './libraries.mjs';
import { reduced } from './reduce.mjs';
import { commandsOf } from './shown.mjs';

buildIfNeeded();
const { readHelp } = await import('dabbawala');
const { KINDS, scoreHelp } = await import('./score.mjs');
const { truthsFor } = await import('./truth-store.mjs');

/** A choice under which a kind was asked less often tells nothing. */
const FEWEST = 20;

const { values } = parseArgs({
  options: {
    each: { type: 'string', default: '100' },
    seed: { type: 'string', default: '1' },
    kind: { type: 'string' },
    only: { type: 'string' },
  },
});
const kinds = values.kind === undefined ? KINDS : [values.kind];
const counts = new Map();

const drawn = values.only === undefined ? STYLES : [values.only];
for (const library of LIBRARIES.filter(({ name }) => drawn.includes(name))) {
  const axes = { 'by-hand-wider': WIDER_AXES, 'by-hand-widest': WIDEST_AXES }[library.name] ?? AXES;
  const seed = Number(values.seed);
  const { truths, own } = truthsFor(library, seed, Number(values.each));
  const styles = Array.from({ length: Number(values.each) }, (_, i) => {
    const declaration = reduced(makeDeclaration(seed, i), library);
    return commandsOf(declaration).map(() => ({ ...styleOf(declaration, axes), seed: undefined }));
  }).flat();
  for (const [i, truth] of truths.entries()) {
    const { interface: cli } = readHelp({ name: 'help', text: truth.text });
    scoreHelp(truth, cli, own, (kind, isRight) => {
      for (const [axis, choice] of Object.entries(styles[i]))
        if (choice !== undefined) count(kind, `${axis}: ${choice}`, isRight);
    });
  }
}

for (const kind of kinds) {
  const rows = [...(counts.get(kind) ?? [])]
    .filter(([, { of }]) => of >= FEWEST)
    .map(([choice, { right, of }]) => ({ choice, right, of, share: right / of }))
    .sort((a, b) => a.share - b.share);
  for (const { choice, right, of, share } of rows.filter((row) => row.share < 0.995).slice(0, 14))
    process.stdout.write(
      `${kind.padEnd(12)} ${(100 * share).toFixed(1).padStart(5)} %  ${right} of ${of}  ${choice}\n`,
    );
}

function count(kind, choice, isRight) {
  if (!counts.has(kind)) counts.set(kind, new Map());
  const ofKind = counts.get(kind);
  const now = ofKind.get(choice) ?? { right: 0, of: 0 };
  now.of++;
  if (isRight) now.right++;
  ofKind.set(choice, now);
}
