import { planEvening } from '@elixa/core';
import { expose } from 'comlink';

const planner = { planEvening };
export type Planner = typeof planner;

expose(planner);
