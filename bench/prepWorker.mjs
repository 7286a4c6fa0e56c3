import { parentPort, workerData } from 'node:worker_threads';
import '@oxc-node/core/register';

const { prepProblemOf, solvePrep } = await import('@elixa/core');
const problem = prepProblemOf(workerData);
parentPort.postMessage('ready');
parentPort.once('message', () => {
  solvePrep(problem);
  parentPort.postMessage('done');
});
