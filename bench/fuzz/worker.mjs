// Runs inputs one after the other in a thread of its own; the thread that started it sees in shared memory which one, and ends this where
// one never ends.
import { parentPort, workerData } from 'node:worker_threads';
import { Random } from '../random.mjs';
import { setThreads } from './invariants.mjs';
import { TARGETS } from './targets.mjs';

const { seed, names, from, to, step, shared, thoroughEach } = workerData;
const state = new Int32Array(shared);
setThreads(step);

for (let index = from; index < to; index += step) {
  const { name, made } = inputOf(seed, index, names);
  Atomics.store(state, 0, index);
  const failure = failureOf(name, made, index);
  if (failure !== undefined) parentPort.postMessage({ index, failure });
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
