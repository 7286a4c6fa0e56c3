import { parentPort, workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
// Compiled on the way in, the module may come as the default of another.
const core = await import('@elixa/core');
const { prepProblemOf, solvePrep } = core.default ?? core;
const problem = prepProblemOf(workerData);
parentPort.postMessage('ready');
parentPort.once('message', () => {
  solvePrep(problem);
  parentPort.postMessage('done');
});
