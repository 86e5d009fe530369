// How right the help reader is on what parser libraries print of generated interfaces: `npm run printers [-- NAME...] [--each N] [--seed S]
// [--wrong KIND] [--sealed] [--no-install]`, or `--sample` for what CI runs. Without NAME, all libraries but the sealed ones; `by-hand` and `by-hand-single` are
// styles drawn at random (see `hosts/node/by_hand`). `--wrong` shows what was read
// wrong of a kind, with its text.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildIfNeeded, fail } from '../../scripts/setup.mjs';
import { installed } from './install.mjs';
import { LIBRARIES, SAMPLE, SEALED, STYLES } from './libraries.mjs';

buildIfNeeded();
const { belowFloors, floorsOf } = await import('./floors.mjs');
const { truthsFor } = await import('./truth-store.mjs');
const { scoreLibrary, tableOf } = await import('./table.mjs');

/** What CI holds against a sample of this size. */
const FLOORS = join(import.meta.dirname, 'floors.json');
const SAMPLE_EACH = 10;

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    each: { type: 'string', default: '100' },
    seed: { type: 'string', default: '1' },
    wrong: { type: 'string' },
    sealed: { type: 'boolean', default: false },
    sample: { type: 'boolean', default: false },
    'write-floors': { type: 'boolean', default: false },
    'no-install': { type: 'boolean', default: false },
  },
});
const names = LIBRARIES.map(({ name }) => name);
const unknown = positionals.find((name) => !names.includes(name));
if (unknown !== undefined) fail(`no library is called '${unknown}'; expected one of ${names.join(', ')}`);
const isWanted = ({ name }) => {
  if (values.sample) return SAMPLE.includes(name);
  if (positionals.length > 0) return positionals.includes(name);
  return !STYLES.includes(name) && (values.sealed || !SEALED.includes(name));
};
const each = values.sample ? SAMPLE_EACH : Number(values.each);
const installs = !values.sample && !values['no-install'];

const rows = [];
let leftOut = 0;
for (const library of LIBRARIES.filter(isWanted)) {
  const missing = installs ? installed(library) : undefined;
  const made = missing === undefined ? truthsFor(library, Number(values.seed), each) : { wrong: missing };
  if (made.wrong !== undefined) {
    process.stderr.write(`left out: ${library.name}: ${made.wrong}\n`);
    leftOut++;
    continue;
  }
  rows.push({ name: library.name, omitted: made.omitted, ...scoreLibrary(made, values.wrong) });
}
process.stdout.write(tableOf(rows));
if (values['write-floors']) writeFileSync(FLOORS, `${JSON.stringify(floorsOf(rows), undefined, 2)}\n`);
else if (values.sample) {
  const below = belowFloors(rows, JSON.parse(readFileSync(FLOORS, 'utf8')));
  for (const line of below) process.stderr.write(`${line}\n`);
  if (below.length > 0 || leftOut > 0) process.exitCode = 1;
}
