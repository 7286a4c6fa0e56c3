import type { Evening, FieldError, PotPlan } from '@elixa/contract';
import { checkEvening, type PotPreview } from '@elixa/core';
import { wrap, type Remote } from 'comlink';
import type { Planner } from './plan.worker';

let remote: Remote<Planner> | undefined;

function worker(): Remote<Planner> {
  remote ??= wrap<Planner>(new Worker(new URL('./plan.worker', window.location.href)));
  return remote;
}

export type Planned = { plan: PotPlan; faults?: undefined } | { plan?: undefined; faults: FieldError[] };

/** Plans an evening off the page's own thread, or says which fields keep it from being planned. */
export async function planInWorker(evening: Evening): Promise<Planned> {
  const faults = checkEvening(evening);
  if (faults.length > 0) return { faults };
  return { plan: await worker().planPot(evening) };
}

/** What choosing a pot would come to tonight. */
export const previewInWorker = (evening: Evening, styleId: string): Promise<PotPreview> =>
  worker().previewStyle(evening, styleId);
