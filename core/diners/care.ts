import type { Diner } from '@elixa/contract';

/** Those whom a germ, an alcohol or a hard bite hurts most. */
export const isDelicate = (diner: Diner): boolean => diner.child || diner.expecting === true || diner.frail === true;

const isYounger = ({ child, years = 0 }: Diner, than: number): boolean => child && years < than;

/** Whoever chokes easily: children under five, one whose age is not told, and the frail. */
export const chokesEasily = (diner: Diner): boolean => isYounger(diner, 5) || diner.frail === true;

/** A baby that must have no honey, and nothing salted; only where the age is told. */
export const isBaby = (diner: Diner): boolean => diner.years !== undefined && isYounger(diner, 1);
