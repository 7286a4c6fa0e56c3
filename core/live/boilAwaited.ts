import type { HeatSource } from '@elixa/contract';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import type { LiveState } from './foldLive';
import type { Look } from './lookAgain';

/** A boil that is waited for, as it is foreseen. Seconds from now. */
export interface BoilAwaited {
  /** Eight times in ten it comes between these. */
  earliestInS: number;
  latestInS: number;
  /** By how much later than it was planned when the burner was lit; zero where that tells nothing. */
  lateS: number;
  /** It should boil by now, and nobody has said so. */
  isOverdue: boolean;
  /** What it may be and what to try, the likeliest first; nothing where it is not late. */
  tries: string[];
}

/** Eight in ten are within so many standard deviations. */
const EIGHT_IN_TEN = 1.2816;
/** A boil is told of so much later than it begins, in s. Kitchen estimate, 2-25 s. */
const SEEN_LATE_S = 25;
/** Less than this nobody needs to do anything about, in s. */
const LATE_S = 60;

/** A fire that brings less than it should, by its kind. */
const WEAK: Record<HeatSource['kind'], string> = {
  portableGas:
    'Flame at its fullest, out of the draught. A cartridge that has run for long is cold and burns low: change it. Nothing may cover it or stand round it.',
  gasHob: 'Flame at its fullest, on the widest ring, out of the draught.',
  induction: 'At its highest step, the pot in the middle, nothing between.',
  electricPlate: 'At its highest step: the plate itself takes minutes to get hot.',
  ownElement: 'At its highest step, the plug all the way in.',
};

function triesFor(heat: HeatSource, lid: string | undefined, poursLater: boolean): string[] {
  const aboutLid =
    lid === 'on'
      ? 'Is the lid on, all the way? Without it the boil takes a good deal longer.'
      : 'Lid on until it boils.';
  const reserve = poursLater
    ? ['Warm the broth that is kept back meanwhile: what is poured later then cools nothing.']
    : [];
  return [aboutLid, WEAK[heat.kind], ...reserve];
}

/**
 * The boil that a line of the plan waits for, as the pot was last looked at; where it is going to be late, why that may be
 * and what to try.
 * @param nowS the pot's clock
 * @returns none where nothing is foreseen of that line
 */
export function boilAwaited(
  { started, taps }: Pick<LiveState, 'started' | 'taps'>,
  look: Look | undefined,
  lineId: string,
  nowS: number,
): BoilAwaited | undefined {
  const found = look?.boils.find((one) => one.lineId === lineId);
  if (!found || !started) return undefined;
  const spreadS = EIGHT_IN_TEN * found.sdS;
  const [first = started] = started.earlier;
  const line = first.plan.simmer.actions.find(({ id }) => id === lineId);
  const isOverdue = nowS > found.atS + spreadS + SEEN_LATE_S;
  const lateS = line ? (isOverdue ? nowS : found.atS) - line.atS : 0;
  const isLate = isOverdue || (lateS >= LATE_S && lateS > spreadS / 2);
  const lids = taps.flatMap(({ facts }) =>
    facts.flatMap(({ act, potId }) => (act?.is === 'lid' && potId === line?.pan ? [act.lid] : [])),
  );
  const pours = started.plan.simmer.actions.some(
    ({ kind, pan, atS }) => kind === 'pour' && pan === line?.pan && atS > nowS,
  );
  const heat = line?.pan === 'aside' ? ASIDE_HEAT : started.evening.heatSource;
  return {
    earliestInS: Math.max(0, found.atS - spreadS - nowS),
    latestInS: Math.max(0, found.atS + spreadS - nowS),
    lateS: isLate ? lateS : 0,
    isOverdue,
    tries: isLate ? triesFor(heat, lids.at(-1), pours) : [],
  };
}

const SOON_S = 45;
const minutes = (seconds: number) => Math.round(seconds / 60);

/** When it boils, in words: `boils in 3 to 5 min`. */
export function boilWords({ earliestInS, latestInS, isOverdue }: Omit<BoilAwaited, 'lateS' | 'tries'>): string {
  if (isOverdue) return 'should boil by now';
  if (latestInS < SOON_S) return 'boils any moment now';
  const [from, to] = [minutes(earliestInS), Math.max(1, minutes(latestInS))];
  if (from === to) return `boils in about ${to} min`;
  return from === 0 ? `boils within ${to} min` : `boils in ${from} to ${to} min`;
}
