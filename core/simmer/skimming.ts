import type { ActionQuestion } from './drafts';

/** From one small thing at the pot to the next. */
export const NEXT_S = 45;
/** Foam is there so long after what foams went in, whether it boils again by then or not. Kitchen estimate, 30-60 s. */
const RISES_S = 40;
/** Where what must not boil goes in: it waits for the boil and the skimming for so long at most. Kitchen estimate, 60-120 s. */
const WAITS_S = 90;
/** From skimming to that. Kitchen estimate, 10-30 s. */
const AFTER_SKIM_S = 15;

interface Foam {
  /** There is foam to be skimmed. */
  risesS: number;
  /** It is skimmed best, when the pot boils again; or at the first boil where what foams lay in it. */
  bestS: number;
}

function foamOf({ menu, going }: ActionQuestion, boilS: number | undefined, inRound: number): Foam | undefined {
  const round = going.filter(({ piece }) => piece.pan === 'main' && piece.round === inRound);
  const first = round.find(({ piece }) => menu.catalogue.byId(piece.ingredientId).foams);
  if (!first) return undefined;
  const { piece, recoveryS } = first;
  if (piece.countsFromS > piece.inAtS) {
    return boilS === undefined ? undefined : { risesS: boilS + NEXT_S, bestS: boilS + NEXT_S };
  }
  const later = round.filter((one) => one.piece.inAtS > piece.inAtS);
  const next = Math.min(piece.outAtS, ...later.map((one) => one.piece.inAtS));
  const bestS = Math.round(Math.min(piece.inAtS + recoveryS, next - 30));
  return bestS > piece.inAtS + 30 ? { risesS: Math.min(bestS, piece.inAtS + RISES_S), bestS } : undefined;
}

/**
 * When what must not boil goes in: at its time, or after the foam was skimmed where that is soon.
 * @param usualS its time where nothing foams
 * @param boilS when the filling boils
 */
export function afterSkimmingS(
  question: ActionQuestion,
  usualS: number,
  boilS: number | undefined,
  round: number,
): number {
  const isSkimmed = question.menu.stages.some((stage) => stage.do === 'skim');
  const foam = isSkimmed ? foamOf(question, boilS, round) : undefined;
  if (!foam) return usualS;
  const { risesS, bestS } = foam;
  return Math.max(usualS, Math.min(bestS, Math.max(risesS, usualS + WAITS_S)) + AFTER_SKIM_S);
}

/** What is looked for where the pot does not boil again before it is skimmed. */
export const FOAM_RISES = 'foam rises';

/**
 * When foam is skimmed, and whether it boils then.
 * @param boilS when the filling boils
 * @param stillS from when on nothing may boil in it
 * @returns undefined where nothing foams, or no time is left for it
 */
export function skimmed(
  question: ActionQuestion,
  boilS: number | undefined,
  stillS: number | undefined,
  round: number,
): { atS: number; boils: boolean } | undefined {
  const foam = foamOf(question, boilS, round);
  if (!foam) return undefined;
  const latestS = stillS === undefined ? Infinity : stillS - AFTER_SKIM_S;
  return { atS: Math.min(foam.bestS, latestS), boils: foam.bestS <= latestS };
}
