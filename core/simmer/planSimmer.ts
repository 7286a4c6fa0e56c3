import type { PotProgram, Service, Simmer, SimmerPiece } from '@elixa/contract';
import { filledVolumeMl, type PanFit } from '../arrange/fit';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';
import { headsAt } from '../evening/eachPot';
import { isSwished } from '../evening/portions';
import { asCutTonight } from './asCut';
import { heldBy } from './heldBy';
import { searedPieces, swishedPieces } from './slicePieces';
import { boilingPointC } from '../heat/boilingPoint';
import { shiftIso } from '../time/shiftIso';
import { simmerActions } from './actions';
import { coursePieces, planCourse, type Course } from './course';
import { brothLevels, courseFood, drunkAtMl } from './levels';
import type { Filling, PanRounds, PouredQuestion, SimmerQuestion, TimedPan } from './panRounds';
import { FREE_SURFACE, POURED_C } from '../heat/givens';
import { tableSteamG } from '../heat/tableSteam';
import { sum } from '../measures/sum';
import { fillingSoFar, pieceSoFar, type SimmerSoFar } from './soFar';
import { unsatisfied } from './unsatisfied';

/** How long people eat one round before the next is ready. Kitchen estimates, 15-25 min; slice by slice it takes longer. */
const EATING_S: Record<Service, number> = {
  allAtOnce: 20 * 60,
  rounds: 20 * 60,
  swish: 35 * 60,
  searThenSimmer: 20 * 60,
};
/** A pot that is built anew is eaten from for so long at least before it is emptied. Kitchen estimate, 8-15 min. */
const EATEN_FROM_POT_S = 10 * 60;
/** Share of the pot that noodles or rice may fill at the finish; the rest is broth. Kitchen estimate, 0.4-0.6. */
const FINISH_FILLS = 0.5;

const times = <T>(count: number, one: T): T[] => Array.from({ length: count }, () => one);

/** What is cooked in a pan; a finish that is cooked apart is none of it. */
const ofPan = ({ menu }: SimmerQuestion, pan: Pan, purpose: Helping['purpose']) =>
  menu.food.filter(
    (one) => one.pan === pan && one.purpose === purpose && !(purpose === 'finish' && menu.finish?.apart),
  );

const panFit = ({ fit }: SimmerQuestion, pan: Pan): PanFit | undefined => (pan === 'main' ? fit : fit.aside);

/** How many goes the finish takes, so that it never fills a pan over its mark. */
function finishGoes(question: SimmerQuestion): number {
  const { finish: ending, food } = question.menu;
  if (ending?.apart) return food.some((one) => one.purpose === 'finish') ? 1 : 0;
  if (ending && ending.slots.length === 0) return 1;
  const goes = (['main', 'aside'] as const).map((pan) => {
    const fit = panFit(question, pan);
    const finish = ofPan(question, pan, 'finish');
    if (!fit || finish.length === 0) return 0;
    return Math.max(1, Math.ceil(filledVolumeMl(finish) / (fit.usableMl * FINISH_FILLS) - 1e-9));
  });
  return Math.max(...goes);
}

function timePan(question: SimmerQuestion, pan: Pan, goes: number): PanRounds | undefined {
  const { menu, model } = question;
  const { evening, stages, pour, finish: finishing } = menu;
  const { service } = evening;
  const fit = panFit(question, pan);
  const pot = ofPan(question, pan, 'pot');
  const finish = ofPan(question, pan, 'finish');
  if (!fit || (pan === 'aside' && pot.length + finish.length === 0)) return undefined;
  const { rounds } = question.fit;
  const heat = pan === 'main' ? evening.heatSource : ASIDE_HEAT;
  const freeSurface = FREE_SURFACE[pour.kind];
  const boilingC = boilingPointC(evening.place.altitudeM);
  const { catalogue } = menu;
  const context = { vessel: fit.vessel, heat, boilingC, freeSurface, catalogue, ...evening.place };
  const base = { service, pan, context, model };
  const start = { liquidMl: fit.potBrothMl - fit.heldMl, fromC: POURED_C[pour.at] };
  const inPot = pot.filter((one) => !isSwished(one, service));
  const ends = finishing !== undefined;
  const heads = headsAt(menu, pan);
  // Broth that is drunk before anything else goes in.
  const drunkMl = sum(stages.map((stage) => drunkAtMl(stage, heads, fit)));
  const wantsMl =
    ends && !model.asInVersion1 ? finishing.leavesMlPerHead * heads + courseFood(finish, 1, pour).drunkMl : undefined;
  const courses = [
    ...times(rounds, courseFood(inPot, rounds, pour)).map((one, index) =>
      index === 0 && pan === 'main' ? { ...one, ladledMl: one.ladledMl + drunkMl } : one,
    ),
    ...times(ends ? Math.max(1, goes) : 0, { ...courseFood(finish, Math.max(1, goes), pour), wantsMl }),
  ];
  return {
    pan,
    context,
    fit,
    first: planCourse({ ...base, course: 'first', food: pot, stages, share: 1 / rounds, start }),
    later:
      rounds > 1
        ? planCourse({
            ...base,
            course: 'later',
            food: pot,
            stages,
            share: 1 / rounds,
            start: pour.anew ? start : undefined,
            again: true,
          })
        : undefined,
    finish:
      finish.length > 0
        ? planCourse({ ...base, course: 'finish', food: finish, stages: finishing?.stages ?? [], share: 1 / goes })
        : undefined,
    levels: brothLevels(
      pan === 'main' ? { ...fit, usableMl: fit.usableMl * (model.usableShare ?? 1) } : fit,
      courses,
      model.lostG?.(pan) ?? [tableSteamG(evening, fit.vessel, heat, EATING_S[service])],
      pour,
      { isKept: !model.asInVersion1, fillings: pour.anew && !model.asInVersion1 ? rounds : 1 },
    ),
  };
}

/** From the beginning of a course to the moment that it is ready. */
const leadS = ({ pouredS, toBoilS, timed }: Course) => Math.ceil(pouredS + toBoilS + timed.boiledS);

const laterLeadS = (course: Course | undefined) => (course ? leadS(course) : 0);

/** When everything is done at the pots: as it is told, and as it is done. */
export interface PlannedSimmer {
  simmer: Simmer;
  program: PotProgram;
}

/** The moments of an evening at the pot, in s from lighting the burner. */
export interface SimmerTimes {
  pans: TimedPan[];
  goes: number;
  /** The round that is the first filling of the pot. */
  firstRound: number;
  mainStartS: number;
  boilAtS: number;
  filledAtS: number[];
  readyAtS: number[];
  finishReadyAtS: number[];
}

/** When each filling begins, boils and is ready, back from sitting down; what a liquid needs to know of its simmering. */
export function timeSimmer(question: SimmerQuestion): SimmerTimes {
  const { menu, fit } = question;
  const eatingS = EATING_S[menu.evening.service];
  const goes = finishGoes(question);
  const pans = (['main', 'aside'] as const).flatMap((pan) => timePan(question, pan, goes) ?? []);
  const filledS = Math.max(...pans.map((one) => leadS(one.first)));
  const fromPotS = menu.pour.anew ? EATEN_FROM_POT_S : 0;
  const roundS = Math.max(eatingS, ...pans.map((one) => fromPotS + laterLeadS(one.later)));
  const main = pans.find((one) => one.pan === 'main')!;
  const mainStartS = filledS - leadS(main.first);
  const searedS = main.first.searedS === undefined ? [] : [mainStartS + main.first.searedS];
  const firstRound = searedS.length + 1;
  const filledAtS = Array.from({ length: fit.rounds }, (_, index) => filledS + index * roundS);
  const readyAtS = [...searedS, ...filledAtS];
  const filling = (course: Course, readyS: number, index: number): Filling => {
    const startS = readyS - leadS(course);
    return { round: firstRound + index, course, startS, boilS: startS + course.pouredS + course.toBoilS };
  };
  const lastReadyS = readyAtS[readyAtS.length - 1]!;
  const finishS = Math.max(20 * 60, ...pans.map((one) => laterLeadS(one.finish)));
  return {
    pans: pans.map((one): TimedPan => {
      const anew = menu.pour.anew ? filledAtS.slice(1) : [];
      return {
        ...one,
        fillings: [
          filling(one.first, filledS, 0),
          ...anew.map((readyS, index) => filling(one.later!, readyS, index + 1)),
        ],
      };
    }),
    goes,
    firstRound,
    mainStartS,
    boilAtS: main.first.pouredS + mainStartS + main.first.toBoilS,
    filledAtS,
    readyAtS,
    finishReadyAtS: Array.from({ length: goes }, (_, index) => lastReadyS + (index + 1) * finishS),
  };
}

/**
 * The moments of a pot that is on the fire: what is settled of it stays, and what is to come is ready when that is said.
 * @param times of the same question, back from sitting down
 */
export function timesSoFar(times: SimmerTimes, soFar: SimmerSoFar): SimmerTimes {
  const { filledAtS, finishReadyAtS, searedAtS } = soFar;
  const filledS = times.filledAtS[0]!;
  const movesS = filledAtS[0]! - filledS;
  const seared = times.readyAtS.slice(0, times.firstRound - 1).map((atS) => searedAtS ?? atS + movesS);
  const pans = times.pans.map((one): TimedPan => {
    const fillings = one.fillings.map((filling) => {
      const index = filling.round - times.firstRound;
      const laterS = filledAtS[index]! - times.filledAtS[index]!;
      const moved = { ...filling, startS: filling.startS + laterS, boilS: filling.boilS + laterS };
      return fillingSoFar(moved, one.pan, soFar);
    });
    return { ...one, fillings };
  });
  const [first] = pans.find(({ pan }) => pan === 'main')!.fillings;
  return {
    ...times,
    pans,
    mainStartS: first!.startS,
    boilAtS: first!.boilS,
    filledAtS: [...filledAtS],
    readyAtS: [...seared, ...filledAtS],
    finishReadyAtS: [...finishReadyAtS],
  };
}

/**
 * When everything goes in and comes out, back from sitting down: the first food is ready as people sit down, each later
 * round when the one before has been eaten, and the finish after the last. Slices that are seared and eaten first are a
 * round of their own.
 * @param times of the same question, where they are known
 * @param soFar of a pot that is on the fire: what went into it when
 * @returns times in seconds from lighting the burner, and the acts that they are the times of
 */
export function planSimmer(
  question: PouredQuestion,
  times: SimmerTimes = timeSimmer(question),
  soFar?: SimmerSoFar,
): PlannedSimmer {
  const { menu, model, fit, strength } = question;
  const { evening } = menu;
  const { pans, goes, firstRound, mainStartS, boilAtS, filledAtS, readyAtS, finishReadyAtS } = times;
  const main = pans.find((one) => one.pan === 'main')!;
  const tonight = (piece: SimmerPiece) => ({ ...piece, ...asCutTonight(menu, piece.ingredientId, piece.cut) });
  const going = pans
    .flatMap(({ pan, fillings, first, later, finish }) => [
      ...filledAtS.flatMap((readyS, index) => {
        const round = firstRound + index;
        const own = fillings.find((one) => one.round === round);
        const course = index === 0 ? first : later!;
        return coursePieces(course, { startS: own?.startS ?? 0, boilS: own?.boilS ?? 0, readyS, round, pan });
      }),
      ...finishReadyAtS.flatMap((readyS, index) =>
        finish ? coursePieces(finish, { startS: 0, boilS: 0, readyS, round: readyAtS.length + index + 1, pan }) : [],
      ),
    ])
    .map((one) => ({ ...one, piece: tonight(soFar ? pieceSoFar(one.piece, soFar) : one.piece) }));
  const seared = searedPieces(question, main, mainStartS).map(tonight);
  const boilingC = boilingPointC(evening.place.altitudeM);
  const held = swishedPieces(question, main, readyAtS[0]!)
    .map(tonight)
    .map((piece) => ({ ...piece, heldBy: heldBy(menu, piece, boilingC) }));
  const pieces = [...seared, ...going.map(({ piece }) => piece), ...held];
  const lastReadyS = readyAtS[readyAtS.length - 1]!;
  const endsAtS = finishReadyAtS[goes - 1] ?? lastReadyS + (held.length > 0 ? EATING_S[evening.service] : 0);
  const ending = main.levels[fit.rounds];
  const { actions, acts } = simmerActions({
    menu,
    strength,
    boilingC,
    going,
    seared,
    swished: held,
    endsAtS,
    readyAtS,
    finishReadyAtS,
    firstRound,
    pans,
    asInVersion1: model.asInVersion1,
  });
  const program = { pots: pans.map(({ pan, context }) => ({ id: pan, name: context.vessel.name })), acts };
  const simmer: Simmer = {
    boilingPointC: boilingC,
    ...(menu.finish && ending
      ? {
          ending: {
            brothMl: ending.brothMl,
            waterMl: ending.waterMl,
            drinksMl: courseFood(ofPan(question, 'main', 'finish'), 1, menu.pour).drunkMl,
          },
        }
      : {}),
    litAt: shiftIso(evening.sitDownAt, -readyAtS[0]!),
    boilAtS,
    timeToBoilS: main.first.toBoilS,
    readyAtS,
    endsAtS,
    platedRounds: firstRound,
    timing: model.id,
    lowerBound: leastAdditions(question, times),
    actions,
    pieces,
    unsatisfied: unsatisfied(question, pans, pieces, endsAtS - (readyAtS[0] ?? 0)),
  };
  return { simmer, program };
}

/** As many additions as a plan of these windows costs at least. */
export function leastAdditions({ fit }: Pick<SimmerQuestion, 'fit'>, { pans, goes }: SimmerTimes): number {
  return sum(
    pans.flatMap(({ first, later, finish }) => [
      first.timed.leastGroups,
      (fit.rounds - 1) * (later?.timed.leastGroups ?? 0),
      goes * (finish?.timed.leastGroups ?? 0),
    ]),
  );
}
