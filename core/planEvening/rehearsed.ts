import type { Simmer, SimmerPiece, Unsatisfied } from '@elixa/contract';
import { minutesAtBoil } from '../doneness/wanted';
import type { Menu } from '../evening/menu';
import type { AdditionModel } from '../simmer/additionModel';
import { knownOf } from '../simmer/pot/food';
import { rehearse, type BrothStrength, type Rehearsal } from '../simmer/rehearse';
import { shifted, shiftKey, type Shifts } from '../simmer/shifted';
import { shortName } from '../simmer/shortName';
import { finish, type Steps } from '../steps';
import { planMenu, type PlannedPot } from './planPot';

/** Plans that are gone through before the best of them is taken. */
const TRIES = 5;
/** What was past its best goes in later by so much of what it had too much: it changes what the others have. */
const LATER_BY = 0.7;
/** A piece that was not ready gets so much more than it lacked, in s. */
const SPARE_S = 20;

function strengthOf({ broths }: PlannedPot): Record<'main' | 'aside', BrothStrength> {
  const of = (place: 'pot' | 'aside'): BrothStrength => {
    const broth = broths.find((one) => one.place === place) ?? broths.find((one) => one.place === 'pot');
    return { saltPct: broth?.salinityAsMadePct ?? 0, sugarPct: broth?.solution.sweetnessPct ?? 0 };
  };
  return { main: of('pot'), aside: of('aside') };
}

/**
 * How much more each thing had than the planner thought: what it has had as seconds at the boil, less those that it was
 * planned for. Of several rounds the one that had least counts.
 */
function excess({ plan: { simmer } }: PlannedPot, { outcomes, lateS }: Rehearsal, before: Shifts): Map<string, number> {
  const shifts = new Map(before);
  const found = new Map<string, number>();
  for (const piece of simmer.pieces) {
    const outcome = outcomes.get(piece.id);
    if (outcome?.cookValueMin === undefined) continue;
    const { what, cut, wanted } = knownOf({ ...piece, way: 'simmered' });
    const hadS = minutesAtBoil(what, cut, wanted, outcome.cookValueMin) * 60;
    const lacksS = lateS.get(piece.id);
    const bestS = minutesAtBoil(what, cut, wanted, wanted.bestMin) * 60;
    // What is ready and not past its best stays as it is.
    const isGood = lacksS === undefined && outcome.inWindow === true;
    const moreS = lacksS !== undefined ? -lacksS - SPARE_S : isGood ? 0 : LATER_BY * (hadS - bestS);
    const key = shiftKey(piece);
    found.set(key, Math.min(found.get(key) ?? Infinity, moreS));
  }
  for (const [key, moreS] of found) if (moreS !== 0) shifts.set(key, (before.get(key) ?? 0) + moreS);
  return shifts;
}

interface Tried {
  planned: PlannedPot;
  rehearsal: Rehearsal;
  /** What is raw, what is not ready, what is past its best; the least is the best, in this order. */
  faults: readonly [number, number, number];
}

function tried(menu: Menu, planned: PlannedPot): Tried {
  const rehearsal = rehearse({ menu, fit: planned.fit, simmer: planned.plan.simmer, strength: strengthOf(planned) });
  const outcomes = [...rehearsal.outcomes.values()];
  const raw = outcomes.filter((one) => !one.safe).length;
  const out = outcomes.filter((one) => !one.inWindow).length;
  return { planned, rehearsal, faults: [raw, rehearsal.lateS.size, out] };
}

const isBetter = (a: Tried, b: Tried): boolean => {
  const at = a.faults.findIndex((faults, index) => faults !== b.faults[index]);
  return at >= 0 && a.faults[at]! < b.faults[at]!;
};

/** What would be lifted out raw, said as what cannot be satisfied. */
function rawOf({ pieces }: Simmer, { outcomes }: Rehearsal): Unsatisfied[] {
  const raw = pieces.filter((one) => outcomes.get(one.id)?.safe === false);
  const names = [...new Set(raw.map((one) => shortName(one.ingredientId, one.cut)))];
  if (names.length === 0) return [];
  const hottestC = Math.min(...raw.map((one) => outcomes.get(one.id)?.largestCentreTempC ?? 0));
  return [
    {
      id: 'raw',
      text: `Not cooked through in this pot: ${names.join(', ')}`,
      because: `The middle of the largest piece is at ${Math.round(hottestC)} °C when it is lifted out. Give it longer until a thermometer says so, cut it thinner, or take a stronger burner.`,
      remedies: [],
    },
  ];
}

const told = (piece: SimmerPiece, { outcomes }: Rehearsal): SimmerPiece => ({ ...piece, ...outcomes.get(piece.id) });

/** What came of going through a pot: by how much its windows are moved, and what was found then. */
interface Gone {
  shifts: Shifts;
  rehearsal: Rehearsal;
}

/** Pots that were gone through lately, by all that the course of one follows from: a cook more changes nothing of it. */
const lately = new Map<string, Gone>();
const MOST_LATELY = 12;

function keyOf(planned: PlannedPot): string {
  const { menu, fit, model, plan } = planned;
  const { style, service, vessel, heatSource, place } = menu.evening;
  const { actions, pieces, readyAtS, ending } = plan.simmer;
  return JSON.stringify([
    style,
    service,
    vessel,
    heatSource,
    place,
    fit.aside?.vessel,
    menu.finish?.id,
    model.id,
    strengthOf(planned),
    actions.map(({ atS, kind, pieceId, pan, volumeMl }) => [atS, kind, pieceId, pan, volumeMl]),
    pieces,
    readyAtS,
    ending,
  ]);
}

function* goneThrough(menu: Menu, model: AdditionModel, quick: PlannedPot): Steps<Gone> {
  let shifts: Shifts = new Map();
  let best: (Tried & Gone) | undefined;
  for (let go = 0; go < TRIES; go += 1) {
    const now = { ...tried(menu, go === 0 ? quick : planMenu(menu, shifted(model, shifts))), shifts };
    const [raw, late] = now.faults;
    const helped = !best || isBetter(now, best);
    if (helped) best = now;
    // Nothing raw, nothing unready, and no less past its best than before: as good as moving times makes it.
    if (now.faults.every((faults) => faults === 0) || (!helped && raw === 0 && late === 0)) break;
    shifts = excess(now.planned, now.rehearsal, shifts);
    yield;
  }
  return { shifts: best!.shifts, rehearsal: best!.rehearsal };
}

/**
 * The pot, planned and gone through by the model of heat: what was not ready in that goes in earlier, what was past its best
 * later, and the best of a few plans is taken. Raw counts before everything, not ready before past its best.
 * @returns the plan with what the model has of every piece, and the course of the liquid
 */
export function* rehearsedInSteps(menu: Menu, model: AdditionModel): Steps<PlannedPot> {
  const quick = planMenu(menu, model);
  const key = keyOf(quick);
  const gone = lately.get(key) ?? (yield* goneThrough(menu, model, quick));
  lately.delete(key);
  lately.set(key, gone);
  if (lately.size > MOST_LATELY) lately.delete(lately.keys().next().value!);
  const planned = gone.shifts.size === 0 ? quick : planMenu(menu, shifted(model, gone.shifts));
  const { rehearsal } = gone;
  const { simmer } = planned.plan;
  return {
    ...planned,
    plan: {
      ...planned.plan,
      simmer: {
        ...simmer,
        pieces: simmer.pieces.map((piece) => told(piece, rehearsal)),
        unsatisfied: [...rawOf(simmer, rehearsal), ...simmer.unsatisfied],
        ...(rehearsal.trace ? { trace: rehearsal.trace } : {}),
      },
    },
  };
}

/** `rehearsedInSteps` without a pause. */
export const rehearsedPot = (menu: Menu, model: AdditionModel): PlannedPot => finish(rehearsedInSteps(menu, model));
