import type { Simmer, SimmerPiece, Units } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { showThickness } from '../measures/showSize';
import { wantedBy } from '../pot/food';

/** From so high up on it is said that it boils cooler, in m. */
const UP_HERE_M = 400;
/** Thinner than this nobody measures it, in mm. */
const THIN_MM = 1.5;
/** What stands for longer than this is not said to be past its best. */
const STANDS_S = 45 * 60;

/**
 * A time as a cook says it: seconds below a minute and a half, then half minutes, then minutes.
 * @example spanText(750) // '12½ min'
 */
export function spanText(seconds: number): string {
  if (seconds < 90) return `${Math.max(5, Math.round(seconds / 5) * 5)} s`;
  const halves = Math.round(seconds / 30);
  if (seconds >= 20 * 60) return `${Math.round(seconds / 60)} min`;
  return `${Math.floor(halves / 2)}${halves % 2 === 1 ? '½' : ''} min`;
}

export interface BecauseGiven {
  catalogue: Catalogue;
  boilingPointC: number;
  altitudeM: number;
  units: Units;
  /** The cook said for how long it is in, in s. */
  ownTimeS?: number;
}

/** Nobody minds less than this, in s. */
const AS_SAID_S = 45;

/** Whether it goes in when the cook said, or why it does not. */
function ownTimeWords({ inAtS, outAtS }: SimmerPiece, ownTimeS: number | undefined): string {
  if (ownTimeS === undefined) return '';
  const offS = outAtS - inAtS - ownTimeS;
  if (Math.abs(offS) < AS_SAID_S) return ' In when you said.';
  return offS > 0
    ? ` You said ${spanText(ownTimeS)}; it goes in sooner, to be done with the rest.`
    : ` You said ${spanText(ownTimeS)}; there is no more time for it than this.`;
}

/** Why a piece goes in when it does: how thick it is, how long this pot takes to have it done, and what is too long. */
export function becauseOf(piece: SimmerPiece, given: BecauseGiven): string | undefined {
  const { readyAtS, overAtS, countsFromS, inAtS, frozen, way } = piece;
  if (readyAtS === undefined || way === 'seared') return undefined;
  const wanted = wantedBy(given.catalogue, piece);
  const cut = given.catalogue.byId(piece.ingredientId).cuts[piece.cut]!;
  const mm = piece.thicknessMm ?? cut.thicknessMm;
  const thick = way === 'stacked' ? 'In a stack' : mm < THIN_MM ? 'Thin' : `${showThickness(mm, given.units)} thick`;
  const ofBoil = countsFromS > inAtS;
  const readyS = readyAtS - countsFromS;
  const at = ` at ${Math.round(given.boilingPointC)} °C${given.altitudeM >= UP_HERE_M ? ' up here' : ''}`;
  const isAnimal = wanted.measure.is === 'doneFor';
  const after = (seconds: number) => (ofBoil ? `${spanText(seconds)} after the boil` : `after ${spanText(seconds)}`);
  const when = readyS <= 0 ? 'by the time that it boils' : `${after(readyS)}${at}`;
  const overS = overAtS === undefined ? Infinity : overAtS - countsFromS;
  const isAtOnce = readyS > 0 && after(overS) === after(readyS);
  const over =
    overS < STANDS_S && overS > 0
      ? isAtOnce
        ? ', and past its best soon after'
        : `, past its best ${after(overS)}`
      : '';
  const done = isAnimal ? `cooked through ${when}, the largest piece too` : `done ${when}`;
  const own = ownTimeWords(piece, given.ownTimeS);
  return `${thick}${frozen ? ', frozen' : ''}: ${done}${over}.${own}`;
}

/** The same for every piece of a plan, and for the actions that put it in. */
export function withReasons(
  simmer: Simmer,
  given: Omit<BecauseGiven, 'boilingPointC' | 'ownTimeS'>,
  ownTimeS: (piece: SimmerPiece) => number | undefined,
): Simmer {
  const pieces = simmer.pieces.map((piece) => {
    const because = becauseOf(piece, { ...given, boilingPointC: simmer.boilingPointC, ownTimeS: ownTimeS(piece) });
    return because === undefined ? piece : { ...piece, because };
  });
  const reasons = new Map(pieces.map((one) => [one.id, one.because]));
  const actions = simmer.actions.map((action) => {
    const because = action.pieceId === undefined ? undefined : reasons.get(action.pieceId);
    return because === undefined ? action : { ...action, because };
  });
  return { ...simmer, pieces, actions };
}
