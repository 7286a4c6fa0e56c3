import type { Pan } from '../diners/table';
import type { RehearsedPot } from '../planEvening/rehearsed';
import { kitchenOf } from '../pot/state';
import { emptyPot } from '../simmer/rehearse';
import { estimate, priorOf, type Belief, type Estimate } from './estimate';
import type { LiveState } from './foldLive';
import { programOfFacts, sightingsOf, type SightingAt } from './programOfFacts';

/** What is known of the kitchens of an evening before anything was seen, by pan; nothing where that is what is usual. */
export type Beliefs = ReadonlyMap<Pan, Belief>;

const PANS: readonly Pan[] = ['main', 'aside'];

/** "Not yet" is said of many things: of the fire it tells where the boil was waited for. */
function tellsOfFire({ saw, actId }: SightingAt, boils: ReadonlySet<string>): boolean {
  return saw.is !== 'notYet' || (actId !== undefined && boils.has(actId));
}

/** What is in the pot goes in once, however many phones say so: a second tap that another phone knew nothing of is none. */
function once(acts: ReturnType<typeof programOfFacts>['acts']): typeof acts {
  const inPot = new Set<string>();
  return acts.filter(({ act }) => {
    if (act.is !== 'added') return true;
    const isNew = !inPot.has(act.pieceId);
    inPot.add(act.pieceId);
    return isNew;
  });
}

/** A sighting at a pot before anything was poured tells nothing. */
const isPoured = (acts: ReturnType<typeof programOfFacts>['acts'], atS: number): boolean =>
  acts.some((one) => one.act.is === 'poured' && one.atS <= atS);

/**
 * The pots of an evening that are on the fire, each as it most probably is by what was done and seen.
 * @param pot the evening as it was planned and gone through before
 * @param nowS the pot's clock in s
 * @returns none of a pot at which nothing was done yet
 */
export function potsNow(
  state: Pick<LiveState, 'taps' | 'notYet' | 'readings' | 'started'>,
  { menu, fit }: Pick<RehearsedPot, 'menu' | 'fit'>,
  nowS: number,
  beliefs: Beliefs = new Map(),
): Map<Pan, Estimate> {
  const { acts } = programOfFacts(state);
  const plans = state.started ? [...state.started.earlier, state.started] : [];
  const boils = new Set(plans.flatMap(({ plan }) => plan.program.acts.flatMap(({ id, on }) => (on ? [id] : []))));
  const sightings = sightingsOf(state).filter((one) => tellsOfFire(one, boils));
  const found = new Map<Pan, Estimate>();
  for (const pan of PANS) {
    const mine = once(acts.filter((one) => one.potId === pan && one.atS <= nowS));
    const [first] = mine;
    const start = first && emptyPot(menu, fit, pan, first.atS);
    if (!start) continue;
    const seen = sightings.filter((one) => one.potId === pan && isPoured(mine, one.atS));
    const belief = beliefs.get(pan) ?? priorOf(start.heatSource);
    found.set(pan, estimate(start, mine, seen, nowS, belief, kitchenOf(menu)));
  }
  return found;
}
