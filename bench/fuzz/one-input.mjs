// Runs one input in a thread of its own.
import { parentPort, workerData } from 'node:worker_threads';
import { TARGETS } from './targets.mjs';

let failure;
try {
  TARGETS[workerData.name].run(workerData.made, true);
} catch (error) {
  failure = error instanceof Error ? `${error.name}: ${error.message}` : String(error);
}
parentPort.postMessage({ failure });
