import type { Drawing } from '../catalogue/ingredient';
import { evaporationG } from '../heat/burner';
import { KEPT_C } from '../heat/givens';
import type { SteamingPan } from '../heat/evaporation';
import { goesInAt, liftedAt, type ActiveFormula, type ActivePart } from './activeFormula';
import { drawCourse, drawnShare, latestLiftOut, spoiledShare, type Stage } from './extraction';
import { sum } from '../measures/sum';

/** What steeps without a drawing of its own: a vegetable. Kitchen estimate. */
const PLAIN_DRAWING: Drawing = { mostShare: 0.5, ratePerMin: 0.05, activationKJPerMol: 55, holdsWater: 0.1 };
/** Temperature of a step that names none. */
const ROOM_C = KEPT_C.room;

function stagesBetween(active: ActiveFormula, from: number, to: number): Stage[] {
  return active.steps.slice(from, to).map(({ minutes, tempC }) => ({ minutes, tempC: tempC ?? ROOM_C }));
}

/** How long a chart goes on after the lifting out, and how hot: what would happen if it were forgotten at the boil. */
const FORGOTTEN = { leastMin: 12, tempC: 96 };
const CHART_POINTS = 40;

/** How long a stand-in that bears no boil steeps off the heat where its formula has no gentler time for it, and how far below its limit. */
const SHORT_STEEP = { minutes: 3, belowLimitC: 3 };

interface Steeping {
  inMin: number;
  stages: Stage[];
  /** What a stand-in wants that the formula's own steps do not say, as it goes in or as it is lifted out. */
  ownStep?: { says: string; at: 'in' | 'out' };
}

/**
 * When a thing steeps, and how warm. What stands in for something hardier is lifted out before it would spoil the
 * liquid (kelp for chicken bones), or steeps for a moment off the heat at the end.
 */
function steeping(active: ActiveFormula, { part, what }: ActivePart): Steeping {
  const startsMin = active.steps.map((_, index) => sum(active.steps.slice(0, index).map(({ minutes }) => minutes)));
  const from = goesInAt(active.steps, part);
  const lifted = liftedAt(active.steps, part);
  const to = lifted === -1 ? active.steps.length : lifted;
  const asWritten = { inMin: startsMin[from] ?? 0, stages: stagesBetween(active, from, to) };
  const spoils = what.draws?.spoils;
  if (what.id === part.ingredientId || !spoils) return asWritten;
  const tooHot = active.steps.findIndex(({ tempC = ROOM_C }, index) => index >= from && tempC >= spoils.fromC);
  if (tooHot === -1 || tooHot >= to) return asWritten;
  if (tooHot > from) {
    return {
      inMin: asWritten.inMin,
      stages: stagesBetween(active, from, tooHot),
      ownStep: { says: `Lift the ${what.name} out now, before it boils`, at: 'out' },
    };
  }
  return {
    inMin: sum(active.steps.map(({ minutes }) => minutes)),
    stages: [{ minutes: SHORT_STEEP.minutes, tempC: spoils.fromC - SHORT_STEEP.belowLimitC }],
    ownStep: { says: `Off the heat, ${what.name} in; lift it out after ${SHORT_STEEP.minutes} minutes`, at: 'in' },
  };
}

/** What steeps, for how long and how warm, and so what it gives and how near it comes to spoiling the liquid. */
export function drawings(active: ActiveFormula) {
  return active.parts
    .filter(({ part }) => part.role === 'infusion')
    .map((one) => {
      const { what, massG = 0 } = one;
      const { inMin, stages, ownStep } = steeping(active, one);
      const drawing = what.draws ?? PLAIN_DRAWING;
      const steepsMin = sum(stages.map(({ minutes }) => minutes));
      const forgotten = { minutes: Math.max(FORGOTTEN.leastMin, steepsMin * 0.3), tempC: FORGOTTEN.tempC };
      const wholeMin = steepsMin + forgotten.minutes;
      const latestMin = latestLiftOut(drawing, [...stages, forgotten]);
      return {
        what,
        massG,
        holdsWater: drawing.holdsWater,
        share: drawnShare(drawing, stages),
        spoiled: spoiledShare(drawing, stages),
        inAtS: inMin * 60,
        outAtS: (inMin + steepsMin) * 60,
        latestOutAtS: latestMin === undefined ? undefined : (inMin + latestMin) * 60,
        ownStep,
        course: drawCourse(drawing, [...stages, forgotten], wholeMin / CHART_POINTS).map((point) => ({
          atS: (inMin + point.minute) * 60,
          drawn: point.drawn,
          spoiled: point.spoiled,
        })),
      };
    });
}

/** Water lost as steam while it is made, in g: below the boil by the temperature, at the simmer and the boil by the state. */
export function steamOfSteps(active: ActiveFormula, pan: SteamingPan): number {
  return sum(
    active.steps.map(({ minutes, steam = 'none', tempC = ROOM_C, lid }) =>
      steam === 'none'
        ? 0
        : evaporationG({
            pan,
            durationS: minutes * 60,
            state: steam === 'hot' ? { belowBoilC: tempC } : steam,
            liddedShare: lid ? 0.7 : 0,
          }),
    ),
  );
}

/** Minutes at the simmer after a part has gone in; undefined when it is never heated. */
export function simmeredMinutes(
  active: ActiveFormula,
  one: ActivePart,
  potMinutes: number | undefined,
): number | undefined {
  const from = goesInAt(active.steps, one.part);
  const after = active.steps.slice(from);
  const isHot = after.some(({ tempC = ROOM_C }) => tempC >= 70);
  if (!isHot && potMinutes === undefined) return undefined;
  const simmering = after.filter(({ steam }) => steam === 'simmer' || steam === 'boil');
  return sum(simmering.map(({ minutes }) => minutes)) + (potMinutes ?? 0);
}
