import { wrap, type Remote } from 'comlink';
import type { Preparer } from './prep.worker';

let remote: Remote<Preparer> | undefined;

/** The preparation's own worker, so that a long search holds up neither the page nor the plan of the pot. */
export function preparer(): Remote<Preparer> {
  remote ??= wrap<Preparer>(new Worker(new URL('./prep.worker', window.location.href)));
  return remote;
}
