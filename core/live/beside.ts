import type { Act, Contents, Diner, Fact, FoodIn, Lid, PotPlan, Sighting, SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import type { Pan } from '../diners/table';
import { objectionOf, type Objection } from '../diners/whyNot';
import { minutesAtBoil, safeMinutesAtBoil } from '../doneness/wanted';
import { reckonedOf } from '../pot/food';
import { NOTHING, plus } from '../pot/state';
import type { LiveState } from './foldLive';

/** What somebody does or sees at a pot that no plan asks for. Amounts in g and ml, temperatures in °C. */
export type Unasked =
  | { is: 'added'; ingredientId: string; cut: string; massG: number; frozen?: boolean }
  | { is: 'liftedOut' | 'putBack'; pieceIds: string[] }
  /** `liquid` is water, or a broth of the plan. */
  | { is: 'poured'; liquid: string; ml: number; isHot: boolean }
  | { is: 'ladled'; ml: number; to: 'bowls' | 'jug' }
  | { is: 'salted'; saltG: number }
  | { is: 'lid'; lid: Lid }
  | { is: 'fire'; fire: Fire }
  | { is: 'stirred' | 'skimmed' }
  | { is: 'saw'; saw: Sighting };

/** How high a fire stands, as a cook says it. */
export type Fire = 'off' | 'low' | 'simmer' | 'full';

const FIRES: Record<Fire, Extract<Act, { is: 'heat' }>> = {
  off: { is: 'heat', share: 0 },
  low: { is: 'heat', share: 1, holds: 'justUnder' },
  simmer: { is: 'heat', share: 1, holds: 'boil' },
  full: { is: 'heat', share: 1 },
};

/** Water from the kettle and from the tap, and broth that was kept warm or stood by. Kitchen estimates, 90-98, 10-20, 70-90, 18-25 °C. */
const POURED_C = { water: { hot: 95, cold: 15 }, broth: { hot: 80, cold: 20 } };

/** What a ml of a broth holds, as its plan pours it. */
function perMl({ program }: Pick<PotPlan, 'program'>, liquid: string): Contents | undefined {
  for (const { act } of program.acts) {
    if (act.is === 'poured' && act.liquid === liquid && act.ml > 0) return plus(NOTHING, act.contents, 1 / act.ml);
  }
  return undefined;
}

/** What may be poured that is no water: the broths that the plan pours. */
export const pourable = (plan: Pick<PotPlan, 'program' | 'liquids'>) =>
  plan.liquids.filter(({ id, kind }) => kind === 'broth' && perMl(plan, id) !== undefined);

function pouredAct(plan: Pick<PotPlan, 'program'>, { liquid, ml, isHot }: Extract<Unasked, { is: 'poured' }>): Act {
  const isWater = liquid === 'water';
  const contents = isWater ? { ...NOTHING, waterG: 1 } : perMl(plan, liquid);
  if (!contents) throw new RangeError(`No strength is known of "${liquid}"`);
  const tempC = POURED_C[isWater ? 'water' : 'broth'][isHot ? 'hot' : 'cold'];
  return { is: 'poured', liquid, ml, tempC, contents: plus(NOTHING, contents, ml) };
}

/**
 * What was done or seen beside the plan, as a fact that answers none of it.
 * @param at the pot, the round that is cooked, and an id for what goes in
 * @throws RangeError for a broth that the plan does not pour
 */
export function besideFact(
  plan: Pick<PotPlan, 'program'>,
  { potId, round, id }: { potId: string; round: number; id: string },
  said: Unasked,
): Fact {
  const done = (act: Act): Fact => ({ potId, round, act });
  switch (said.is) {
    case 'saw':
      return { potId, round, saw: said.saw };
    case 'added': {
      const { is, ...food } = said;
      return done({ is, pieceId: `beside-${id}`, ...food });
    }
    case 'poured':
      return done(pouredAct(plan, said));
    case 'salted':
      return done({ is: 'seasoned', with: 'salt', massG: said.saltG, contents: { ...NOTHING, saltG: said.saltG } });
    case 'fire':
      return done(FIRES[said.fire]);
    case 'ladled':
    case 'lid':
    case 'liftedOut':
    case 'putBack':
    case 'stirred':
    case 'skimmed':
      return done(said);
  }
}

/** Food that went in beside the plan. `inAtS` on the pot's clock in s. */
export interface Extra {
  food: FoodIn;
  pan: Pan;
  round: number;
  inAtS: number;
}

type Taps = Pick<LiveState, 'taps' | 'started'>;

/** What was lifted out of the pots and not put back, by any tap: ids of pieces. */
export function outOfPots({ taps }: Pick<LiveState, 'taps'>): ReadonlySet<string> {
  const out = new Set<string>();
  for (const { act } of taps.flatMap(({ facts }) => facts)) {
    if (act?.is === 'liftedOut' || act?.is === 'eaten') for (const id of act.pieceIds) out.add(id);
    if (act?.is === 'putBack') for (const id of act.pieceIds) out.delete(id);
  }
  return out;
}

/** What went in beside the plan that is cooked by, each once, lifted out since or not. */
export function extrasIn({ taps, started }: Taps): Extra[] {
  const planned = new Set(started?.plan.simmer.pieces.map(({ id }) => id));
  const found = new Map<string, Extra>();
  for (const { facts, atS } of taps) {
    for (const { act, potId, round = 1 } of facts) {
      if (act?.is !== 'added' || planned.has(act.pieceId) || found.has(act.pieceId)) continue;
      const { is: _is, ...food } = act;
      found.set(act.pieceId, { food, pan: potId as Pan, round, inAtS: atS });
    }
  }
  return [...found.values()];
}

/** The same as a piece of a plan, by what it wants in a pot that boils; all of it is still to come. */
export function asPiece(catalogue: Catalogue, { food, pan, round, inAtS }: Extra): SimmerPiece {
  const { pieceId, ingredientId, massG, thicknessMm, frozen } = food;
  const { what, cut, wanted } = reckonedOf(catalogue, food);
  const tonight = { ...(thicknessMm ? { thicknessMm } : {}), ...(frozen ? { frozen } : {}) };
  const atBoilS = (hadMin: number) => 60 * minutesAtBoil(what, cut, wanted, hadMin, tonight);
  const safeS = 60 * safeMinutesAtBoil(what, cut, wanted, tonight);
  const leastS = Math.max(safeS, atBoilS(wanted.leastMin));
  const bestS = Math.max(leastS, atBoilS(wanted.bestMin));
  return {
    id: pieceId,
    ingredientId,
    cut: food.cut,
    round,
    pan,
    massG,
    way: 'simmered',
    inAtS,
    countsFromS: inAtS,
    outAtS: inAtS + bestS,
    cookS: bestS,
    leastS,
    bestS,
    mostS: Math.max(bestS, atBoilS(wanted.mostMin)),
    safeS,
    inWindow: true,
    safe: true,
    sign: wanted.sign,
    ...tonight,
  };
}

/** What lies in the pots beside the plan goes with what is lifted out of them. */
export function withExtras(facts: readonly Fact[], state: Taps): Fact[] {
  const out = outOfPots(state);
  const lying = extrasIn(state).filter(({ food }) => !out.has(food.pieceId));
  return facts.map((fact) => {
    const { act, potId } = fact;
    if (act?.is !== 'liftedOut') return fact;
    const mine = lying.filter(({ pan }) => pan === potId).map(({ food }) => food.pieceId);
    return { ...fact, act: { ...act, pieceIds: [...act.pieceIds, ...mine] } };
  });
}

/** A guest who has something against what went into a pot, or would. */
export interface Against extends Objection {
  name: string;
}

/** Who of a table has something against a food in the pot, the gravest first; what is only disliked is not told here. */
export function againstIt(catalogue: Catalogue, diners: readonly Diner[], ingredientId: string): Against[] {
  const all = diners.flatMap((diner): Against[] => {
    const objection = objectionOf(diner, catalogue.byId(ingredientId));
    return objection && objection.weight !== 'taste' && !objection.agreed ? [{ name: diner.name, ...objection }] : [];
  });
  return all.sort((a, b) => Number(b.weight === 'harm') - Number(a.weight === 'harm'));
}

/** What went into the pots beside the plan that harms a guest: the broth holds it, whatever is lifted out again. */
export function harmBeside(catalogue: Catalogue, state: Taps): Array<Against & { foodName: string }> {
  const { started } = state;
  if (!started) return [];
  return extrasIn(state).flatMap(({ food }) =>
    againstIt(catalogue, started.evening.diners, food.ingredientId)
      .filter(({ weight }) => weight === 'harm')
      .map((one) => ({ ...one, foodName: shortName(catalogue.byId(food.ingredientId), food.cut) })),
  );
}
