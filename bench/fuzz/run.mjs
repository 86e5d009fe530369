// Feeds the readers and what follows them with inputs that nobody wrote: `npm run fuzz -- --inputs N --seed S [--only READER]`. A failure is
// told with the index of its input and a smaller input that fails too; the same seed makes the same inputs.
import { parseArgs } from 'node:util';
import { buildIfNeeded, fail } from '../../scripts/setup.mjs';

buildIfNeeded();
const { minimized } = await import('./minimize.mjs');
const { Random } = await import('../random.mjs');
const { TARGETS } = await import('./targets.mjs');
const { failureOf, runWatched } = await import('./watchdog.mjs');
const { checkWritten } = await import('./written-files.mjs');

/** How long one input may take in all, in milliseconds, before it is taken for one that never ends: far longer than any does. */
const PATIENCE = 60_000;

/** Every so many inputs, all that is done with an interface is done; of a tenth of these, what is written is checked by its readers. */
const THOROUGH_EACH = 7;

/** How many failures are made smaller, and how long one try may take, in milliseconds. */
const MINIMIZED = 5;
const MINIMIZING = 5000;

const { values } = parseArgs({
  options: {
    inputs: { type: 'string', default: '10000' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string', multiple: true, default: [] },
  },
});
const names = values.only.length === 0 ? Object.keys(TARGETS) : values.only;
const unknown = names.find((name) => !(name in TARGETS));
if (unknown !== undefined)
  fail(`no reader is called '${unknown}'; expected one of ${Object.keys(TARGETS).join(', ')}`);
const inputs = numberOf('inputs');
const seed = numberOf('seed');

const start = performance.now();
const { failures, written } = await runWatched({
  seed,
  names,
  inputs,
  thoroughEach: THOROUGH_EACH,
  patience: PATIENCE,
});
const { failures: refused, checked } = checkWritten(written);
const all = [...failures, ...refused];
for (const [i, { index, failure }] of all.entries()) {
  const name = names[index % names.length];
  process.stdout.write(`input ${index} (${name}): ${failure}\n`);
  if (i >= MINIMIZED) continue;
  const made = TARGETS[name].make(new Random(seed, index));
  const smaller = await minimized(
    made,
    async (one) => (await failureOf(name, one, MINIMIZING)) !== undefined,
  );
  process.stdout.write(`  ${JSON.stringify(smaller).slice(0, 2000)}\n`);
}
const seconds = ((performance.now() - start) / 1000).toFixed(0);
process.stdout.write(
  `${inputs} inputs of seed ${seed} for ${names.join(', ')} in ${seconds} s, ${checked} scripts and pages checked: ${all.length} ${all.length === 1 ? 'failure' : 'failures'}\n`,
);
if (all.length > 0) process.exitCode = 1;

function numberOf(name) {
  const number = Number(values[name]);
  if (!Number.isInteger(number) || number < 0)
    fail(`--${name}: expected a whole number, found '${values[name]}'`);
  return number;
}
