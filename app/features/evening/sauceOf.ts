import type { PotPlan } from '@elixa/contract';

/** Salt from which on a liquid is poured as a sauce and seen in its own colour, in %. */
const SAUCE_PCT = 2;

/** The colour of the sauce that a pot is cooked in; nothing where it is a broth. */
export const sauceOf = ({ liquids }: Pick<PotPlan, 'liquids'>): string | undefined =>
  liquids.find((liquid) => liquid.place === 'pot' && liquid.kind === 'broth' && liquid.salinityAsMadePct > SAUCE_PCT)
    ?.colour;
