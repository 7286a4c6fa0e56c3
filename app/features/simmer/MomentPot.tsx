import type { SimmerPiece, Vessel } from '@elixa/contract';
import {
  type Catalogue,
  cutKey,
  isDryAt,
  pieceAt,
  type PieceMoment,
  saucesOf,
  traceAt,
  traceBeforeS,
} from '@elixa/core';
import { useMemo } from 'react';
import { useCatalogue } from '@/ui/catalogue';
import { lessDone, type DoneMark } from '@/ui/pot/DoneMarks';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { isOfAnimal } from './isOfAnimal';
import type { MomentShown } from './MomentContext';

export interface StandingPiece {
  piece: SimmerPiece;
  now: PieceMoment;
}

/** What lies in the pot at a moment; as a round is lifted out it is looked at as it comes out. */
export const inPotAt = ({ plan, round, atS }: MomentShown): StandingPiece[] =>
  plan.simmer.pieces
    .filter((one) => one.round === round && one.pan === 'main')
    .map((piece) => ({ piece, now: pieceAt(piece, plan.simmer.trace, atS) }))
    .filter(({ piece, now }) => now.state !== 'waits' && piece.outAtS >= atS - 1);

/** The liquid at a moment; as a round is lifted out, as it stood just before. */
export function liquidAt({ plan: { simmer }, round, atS }: MomentShown) {
  const { trace } = simmer;
  const readyS = Math.max(...simmer.pieces.filter((one) => one.round === round).map((one) => one.outAtS));
  return trace && !isDryAt(trace, atS) ? traceAt(trace, Math.min(atS, traceBeforeS(trace, readyS))) : undefined;
}

/** Marks by ingredient, of two cuts the one that has come less far; and what waits. Plain text, so that a like moment is the same. */
function drawnAt(catalogue: Catalogue, moment: MomentShown): string {
  const marks = new Map<string, DoneMark>();
  const inPot = new Set<string>();
  for (const { piece, now } of inPotAt(moment)) {
    const state = now.state === 'out' || now.state === 'waits' ? 'cooking' : now.state;
    const share = Math.round(now.share * 50) / 50;
    const mark: DoneMark = { share, state, ...(isOfAnimal(catalogue, piece) && now.isSafe ? { isSafe: true } : {}) };
    const other = marks.get(piece.ingredientId);
    marks.set(piece.ingredientId, other ? lessDone(other, mark) : mark);
    inPot.add(cutKey(piece.ingredientId, piece.cut));
  }
  const waits = moment.plan.simmer.pieces
    .filter((one) => one.round === moment.round)
    .map((one) => cutKey(one.ingredientId, one.cut))
    .filter((key) => !inPot.has(key));
  return JSON.stringify([[...marks], [...inPot], waits]);
}

/** The pot in its own drawing at a moment: what is in, what waits, and how far each thing has come. */
export function MomentPot({ vessel, moment }: { vessel: Vessel; moment: MomentShown }) {
  const catalogue = useCatalogue();
  const { plan } = moment;
  const drawn = drawnAt(catalogue, moment);
  const { marks, inPot, waits } = useMemo(() => {
    const [entries, lying, waiting] = JSON.parse(drawn) as [Array<[string, DoneMark]>, string[], string[]];
    return { marks: new Map(entries), inPot: new Set(lying), waits: new Set(waiting) };
  }, [drawn]);
  const liquid = liquidAt(moment);
  return (
    <PotFromAbove
      vessel={vessel}
      build={plan.build}
      {...saucesOf(plan)}
      inPot={inPot}
      comingNext={waits}
      marks={marks}
      dry={liquid === undefined}
      simmering={liquid !== undefined && liquid.liquidTempC > plan.simmer.boilingPointC - 1.5}
    />
  );
}
