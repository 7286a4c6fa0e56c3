import { planPot } from '@elixa/core';
import { expose } from 'comlink';

const planner = { planPot };
export type Planner = typeof planner;

expose(planner);
