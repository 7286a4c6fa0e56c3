import { planPot, previewStyle } from '@elixa/core';
import { expose } from 'comlink';

const planner = { planPot, previewStyle };
export type Planner = typeof planner;

expose(planner);
