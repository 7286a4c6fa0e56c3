import { mouthAreaMm2, type Vessel } from '@elixa/contract';
import type { Stage } from '../catalogue/style';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';
import { portionsOf, stagesIn, type Portion } from '../evening/portions';
import { DRY_WORDS } from '../evening/vesselFit';
import { sum } from '../measures/sum';
import type { AdditionModel, CourseOf, PanContext } from './additionModel';
import { planRound, simmerPiece } from './planRound';
import type { Going, GroupPiece, RoundGroup, TimedRound } from './round';

/** Time to skim and turn down after the boil. */
export const AFTER_BOIL_S = 60;
/** A pan warms before anything is put on it dry. Kitchen estimate, 1-2 min for iron. */
const PREHEAT_S = 60;
/** What is left of the round before is ladled out of a pot that is built anew. Kitchen estimate, 30-90 s. */
const EMPTYING_S = 60;
/** To lay things into a pan, each in its place. Kitchen estimate. */
const LAYING_S = 60;
/** Between two batches on the hot pan: turned, lifted, the next laid in. Kitchen estimate. */
const BATCH_S = 20;
/** Share of the bottom that slices cover when they are laid flat. Kitchen estimate. */
const LAID_SHARE = 0.7;
/** Guests eat the first slices while the rest goes on. Kitchen estimate, 2-4 min. */
const FIRST_SLICES_S = 150;

/** A stage before the boil, so many seconds after the course begins. */
export interface EarlyStep {
  stage: Stage;
  atS: number;
  lastsS: number;
  portions: Portion[];
}

/** One round of one pan: what is done before it boils, and what goes in after that. */
export interface Course {
  early: EarlyStep[];
  /** Everything for the pot is in it and the liquid is poured; seconds after the beginning. */
  pouredS: number;
  /** When the first slices are eaten, where some are seared first. */
  searedS?: number;
  toBoilS: number;
  timed: TimedRound;
  stages: readonly Stage[];
  restS: number;
  /** Seconds at the end in which what goes in last keeps the pot from cooking anything. */
  stillS: number;
}

const isDry = (stage: Stage) => DRY_WORDS.includes(stage.do);

/** How many times slices are laid into the pan. */
function batches(portions: readonly Portion[], vessel: Vessel): number {
  const areaMm2 = sum(
    portions.map(
      ({ what, cut, massG }) => (massG / what.settledDensityGPerMl / (what.cuts[cut ?? '']?.thicknessMm ?? 5)) * 1000,
    ),
  );
  const bottomMm2 = mouthAreaMm2(vessel) * LAID_SHARE;
  return Math.max(1, Math.ceil(areaMm2 / bottomMm2 - 1e-9));
}

function searS(portions: readonly Portion[], model: AdditionModel, pan: PanContext): number {
  const each = Math.max(
    0,
    ...portions.map(({ ingredientId, cut }) => model.cookWindow(ingredientId, cut ?? '', pan, 'seared').bestS),
  );
  return Math.ceil(batches(portions, pan.vessel) * (each + BATCH_S));
}

/** What is done between two additions, with what is in the pot and before what follows. */
const PARTS: readonly Stage['do'][] = ['lift', 'stir', 'loosen', 'season'];

function goingOf(portions: readonly Portion[], stages: readonly Stage[], coldUntil: number): Going[] {
  const going: Going[] = [];
  for (const portion of portions) {
    const { cut, stageId } = portion;
    if (cut === undefined || portion.way === 'seared') continue;
    const order = stages.findIndex((stage) => stage.id === stageId);
    const part = stages.slice(0, Math.max(0, order)).filter((stage) => PARTS.includes(stage.do)).length;
    const apart = stages[order]?.apart === true;
    going.push({ ...portion, cut, order, apart, part, fromCold: order < coldUntil });
  }
  return going;
}

/**
 * One round of one pan from its first stage to the moment that it is lifted out, by the stages of the style.
 * @param start the liquid that is poured and how warm it is; none where the pot boils already
 */
export function planCourse(given: {
  food: readonly Helping[];
  stages: readonly Stage[];
  service: Parameters<typeof portionsOf>[2];
  share: number;
  pan: Pan;
  context: PanContext;
  course: CourseOf;
  model: AdditionModel;
  start?: { liquidMl: number; fromC: number };
  /** The pot has been eaten from before. */
  again?: boolean;
}): Course {
  const { food, service, share, pan, model, start } = given;
  const context: PanContext = { ...given.context, pan, course: given.course };
  const stages = stagesIn(given.stages, pan, start && !given.again ? 'first' : 'later');
  const all = portionsOf(food, stages, service, share);
  const pourAt = stages.findIndex((stage) => stage.do === 'pour');
  const coldUntil = start ? pourAt : -1;
  const rest = stages.find((stage) => stage.do === 'rest');
  const restS = (rest?.atLeastMin ?? 0) * 60;
  const stillS = (stages.find((stage) => stage.do === 'enrich')?.atLeastMin ?? 0) * 60;
  const going = goingOf(all, stages, coldUntil);
  const timed = planRound(going, model, context, { restS, stillS, afterBoilS: AFTER_BOIL_S });

  const early: EarlyStep[] = [];
  const isDryFirst = stages.slice(0, Math.max(0, coldUntil)).some(isDry);
  let atS = (start && given.again ? EMPTYING_S : 0) + (isDryFirst ? PREHEAT_S : 0);
  let searedS: number | undefined;
  for (const stage of stages.slice(0, Math.max(0, coldUntil))) {
    const portions = all.filter((one) => one.stageId === stage.id);
    if (portions.length === 0) continue;
    const isSear = stage.do === 'sear';
    // Into a pot that is not lit yet things are laid beforehand.
    const layingS = given.again || early.some((one) => isDry(one.stage)) ? LAYING_S : 0;
    const lastsS = isSear ? searS(portions, model, context) : isDry(stage) ? (stage.atLeastMin ?? 1) * 60 : layingS;
    early.push({ stage, atS, lastsS, portions });
    atS += lastsS;
    if (isSear) {
      searedS = atS;
      atS += FIRST_SLICES_S;
    }
  }
  const inPot = all.filter((one) => early.some((step) => step.stage.id === one.stageId) && one.way !== 'seared');
  const panIsHot = early.some((step) => isDry(step.stage));
  const toBoilS = start
    ? Math.ceil(model.toBoilS(start.liquidMl, context, { fromC: start.fromC, loads: inPot, panIsHot }))
    : 0;
  return { early, pouredS: atS, searedS, toBoilS, timed, stages, restS, stillS };
}

/** Pieces of the pot and the groups they go in with, when the course is ready at that moment. */
export function coursePieces(
  course: Course,
  at: { startS: number; boilS: number; readyS: number; round: number; pan: Pan },
) {
  const { cold, groups } = course.timed;
  const seen = new Map<string, number>();
  const idOf = (piece: GroupPiece) => {
    const base = `r${at.round}-${at.pan}-${piece.ingredientId}-${piece.cut}`;
    const nth = seen.get(base) ?? 0;
    seen.set(base, nth + 1);
    return nth === 0 ? base : `${base}-${nth + 1}`;
  };
  const place = { outAtS: at.readyS, round: at.round, pan: at.pan };
  const ofGroup = (group: RoundGroup) => {
    const inAtS = at.readyS - Math.round(group.beforeReadyS);
    return group.pieces.map((piece) => ({
      piece: simmerPiece(piece, { ...place, id: idOf(piece), inAtS, countsFromS: inAtS }),
      stageId: piece.stageId,
      recoveryS: group.recoveryS,
    }));
  };
  const fromCold = (cold?.pieces ?? []).map((piece) => {
    const early = course.early.find((step) => step.stage.id === piece.stageId);
    const inAtS = at.startS + (early?.atS ?? 0);
    return {
      piece: simmerPiece(piece, { ...place, id: idOf(piece), inAtS, countsFromS: at.boilS }),
      stageId: piece.stageId,
      recoveryS: 0,
    };
  });
  return [...fromCold, ...groups.flatMap(ofGroup)];
}
