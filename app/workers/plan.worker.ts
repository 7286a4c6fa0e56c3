import { planPot, prepFromNow } from '@elixa/core';
import { expose } from 'comlink';

const planner = { planPot, prepFromNow };
export type Planner = typeof planner;

expose(planner);
