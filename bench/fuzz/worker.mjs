// Runs inputs one after the other in a thread of its own; the thread that started it sees in shared memory which one, and ends this where
// one never ends.
import { parentPort, workerData } from 'node:worker_threads';
import { Random } from './random.mjs';
import { TARGETS } from './targets.mjs';

const { seed, names, from, to, step, shared, thoroughEach, milliseconds } = workerData;
const state = new Int32Array(shared);

for (let index = from; index < to; index += step) {
  const { name, made } = inputOf(seed, index, names);
  Atomics.store(state, 0, index);
  const start = process.cpuUsage();
  const failure = failureOf(name, made, index);
  const { user, system } = process.cpuUsage(start);
  const spent = (user + system) / 1000;
  const size = JSON.stringify(made).length;
  const allowed = milliseconds * Math.max(1, size / 100_000);
  if (failure !== undefined) parentPort.postMessage({ index, failure });
  else if (spent > allowed)
    parentPort.postMessage({ index, failure: `took ${Math.round(spent)} ms of CPU time` });
}
Atomics.store(state, 0, -1);
parentPort.postMessage('done');

function failureOf(name, made, index) {
  try {
    const written = TARGETS[name].run(made, index % thoroughEach === 0);
    if (Object.keys(written).length > 0 && index % (thoroughEach * 10) === 0)
      parentPort.postMessage({ index, written });
    return undefined;
  } catch (error) {
    return error instanceof Error ? `${error.name}: ${error.message}` : String(error);
  }
}

function inputOf(seedOf, index, all) {
  const random = new Random(seedOf, index);
  const name = all[index % all.length];
  return { name, made: TARGETS[name].make(random) };
}
