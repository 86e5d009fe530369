import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';

const WORKER = new URL('./worker.mjs', import.meta.url);
const ONE = new URL('./one-input.mjs', import.meta.url);

/** How often the watchdog looks, in milliseconds. */
const LOOK = 500;

/**
 * Runs inputs in threads, one of which is ended where its input takes more than `patience` milliseconds of the CPU time of all threads; gives
 * what failed and what was written.
 */
export async function runWatched({ seed, names, inputs, thoroughEach, patience }) {
  const jobs = Math.min(availableParallelism(), 8);
  const failures = [];
  const written = [];
  await Promise.all(
    Array.from({ length: jobs }, (_, job) =>
      runJob({ seed, names, to: inputs, step: jobs, thoroughEach, patience }, job, failures, written),
    ),
  );
  return { failures: failures.toSorted((a, b) => a.index - b.index), written };
}

/** CPU time so far, in milliseconds: on a busy machine the clock says nothing. */
function cpuTime() {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
}

async function runJob(settings, first, failures, written) {
  for (let from = first; from < settings.to; ) {
    const shared = new SharedArrayBuffer(4);
    const state = new Int32Array(shared);
    const worker = new Worker(WORKER, { workerData: { ...settings, from, shared } });
    const stuck = await new Promise((done, fail) => {
      let seen = -1;
      let since = cpuTime();
      const timer = setInterval(() => {
        const index = Atomics.load(state, 0);
        if (index !== seen) {
          seen = index;
          since = cpuTime();
        } else if (cpuTime() - since > settings.patience) end(index);
      }, LOOK);
      const end = (index) => {
        clearInterval(timer);
        worker.terminate().then(() => done(index));
      };
      worker.on('message', (message) => {
        if (message === 'done') end(undefined);
        else if (message.failure === undefined) written.push(message);
        else failures.push(message);
      });
      worker.on('error', (error) => {
        const index = Atomics.load(state, 0);
        failures.push({ index, failure: `ended its thread: ${error.message}` });
        clearInterval(timer);
        if (index < from) fail(error);
        else done(index);
      });
    });
    if (stuck === undefined) return;
    if (!failures.some(({ index }) => index === stuck))
      failures.push({ index: stuck, failure: 'does not end' });
    from = stuck + settings.step;
  }
}

/** What one input, given as data, comes to: the failure, or undefined. Runs in a thread of its own, for so long at the most. */
export function failureOf(name, made, milliseconds) {
  return new Promise((done) => {
    const worker = new Worker(ONE, { workerData: { name, made } });
    const timer = setTimeout(() => worker.terminate().then(() => done('does not end')), milliseconds);
    const finish = (failure) => {
      clearTimeout(timer);
      worker.terminate().then(() => done(failure));
    };
    worker.on('message', ({ failure }) => finish(failure));
    worker.on('error', (error) => finish(`ended its thread: ${error.message}`));
  });
}
