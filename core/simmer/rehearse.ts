import type { Simmer, SimmerPiece, Trace } from '@elixa/contract';
import type { Fit, PanFit } from '../arrange/fit';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import type { Pan } from '../diners/table';
import type { Menu } from '../evening/menu';
import { holdsBoil } from '../heat/burner';
import { centreOf } from '../heat/conduction';
import { FREE_SURFACE, POURED_C } from '../heat/givens';
import { DRY_WORDS } from '../evening/vesselFit';
import { leadOf, pastAtS, STANDS_S, type Lead } from './lead';
import { LADLED_ML_PER_G } from './levels';
import { lostBetween } from './lostBetween';
import { isReady, knownOf, wantedBy } from '../pot/food';
import { seared, swished } from './swished';
import { traceOf } from './traceOf';
import { simulate } from '../pot/simulate';
import {
  NOTHING,
  standing,
  type Contents,
  type FoodIn,
  type PieceState,
  type PotAction,
  type PotState,
  type Sample,
} from '../pot/state';

/** Broth of a pan as it is poured, in % by mass. */
export interface BrothStrength {
  saltPct: number;
  sugarPct: number;
}

export interface RehearsalQuestion {
  menu: Menu;
  fit: Fit;
  simmer: Simmer;
  strength: Readonly<Record<Pan, BrothStrength>>;
}

/** How a piece stands when it is lifted out. */
export type Outcome = Pick<
  SimmerPiece,
  | 'centreTempC'
  | 'largestCentreTempC'
  | 'lethalityMin'
  | 'cookValueMin'
  | 'window'
  | 'safeAtS'
  | 'readyAtS'
  | 'overAtS'
  | 'safe'
  | 'inWindow'
>;

export interface Rehearsal {
  outcomes: ReadonlyMap<string, Outcome>;
  trace?: Trace;
  /** Seconds that a piece would have to stay longer, by its id. */
  lateS: ReadonlyMap<string, number>;
  /** How long before it is lifted out each piece would have to begin to cook, to come out ready, best, and just not past it. */
  leads: ReadonlyMap<string, Lead>;
  /** When each pan boils first; none that does not. */
  boilAtS: ReadonlyMap<Pan, number>;
  /** What each pan loses from one course to the next, most of it as steam, in g; none of a pan that has one course. */
  steamG: ReadonlyMap<Pan, number>;
}

/** A reserve is kept so hot beside the pot, water comes from the kettle, in °C. Kitchen estimates. */
const RESERVE_C = 85;
const KETTLE_C = 95;
/** A pan that things were fried in is so hot when the liquid is poured, in °C. Kitchen estimate, 120-180. */
const FRIED_IN_C = 140;
/** Browned food goes on from here, in °C all through. Kitchen estimate, 45-75. */
const BROWNED_C = 60;
/** What stands in a stack is warmed through its neighbours, as something so thick is. Kitchen estimate, 16-25 mm. */
const STACKED_MM = 20;
/** A simmer is the boil held: the fire is tended to no lower heat. However salty or sweet it is, a liquid boils within so much, in K. */
const AT_THE_BOIL_K = 10;
/** Where a few ladles are poured, so much of the surface of the food lies in them or on the pan. Kitchen estimate, 0.3-0.5. */
const IN_LADLES = 0.4;
/** So much longer a piece is looked at that is not ready when it should be lifted out. */
const LOOKED_AT_S = 12 * 60;
/** Steps of the rehearsal, in s: twice as long as these differ by a tenth of a degree. */
const STEP_S = 8;

const brothOf = ({ saltPct, sugarPct }: BrothStrength, volumeMl: number): Contents => {
  const saltG = (volumeMl * saltPct) / 100;
  const sugarG = (volumeMl * sugarPct) / 100;
  return { ...NOTHING, waterG: volumeMl - saltG - sugarG, saltG, sugarG };
};

const waterOf = (volumeMl: number): Contents => ({ ...NOTHING, waterG: volumeMl });

const isInBath = ({ way }: SimmerPiece) => way === 'simmered' || way === 'stacked' || way === 'fried';

const foodOf = ({ id, ingredientId, cut, massG, way, thicknessMm, frozen }: SimmerPiece): FoodIn => ({
  id,
  ingredientId,
  cut,
  massG,
  ...(thicknessMm === undefined ? {} : { thicknessMm }),
  ...(frozen ? { frozen } : {}),
  ...(way === 'stacked' ? { thicknessMm: STACKED_MM } : {}),
  ...(way === 'fried' ? { startC: BROWNED_C } : {}),
});

interface PanRehearsal {
  start: PotState;
  program: PotAction[];
  pieces: SimmerPiece[];
}

/** A pan as the plan has it: what is poured, put in, lifted out and ladled, under a fire that is tended to a simmer. */
function panOf({ menu, fit, simmer, strength }: RehearsalQuestion, pan: Pan): PanRehearsal | undefined {
  const { evening, pour, stages, finish } = menu;
  const filled: PanFit | undefined = pan === 'main' ? fit : fit.aside;
  const actions = simmer.actions.filter((one) => one.pan === pan);
  const firstPour = actions.find((one) => one.kind === 'pour' && (one.volumeMl ?? 0) > 0);
  const pieces = simmer.pieces.filter((one) => one.pan === pan && isInBath(one));
  if (!filled || !firstPour || pieces.length === 0) return undefined;
  const { vessel } = filled;
  const heatSource = pan === 'main' ? evening.heatSource : ASIDE_HEAT;
  const place = { roomTempC: evening.place.roomTempC, altitudeM: evening.place.altitudeM };
  const isFried = pan === 'main' && stages.some((stage) => DRY_WORDS.includes(stage.do));
  const startS = firstPour.atS;
  const start = standing({
    ...place,
    vessel,
    heatSource,
    liquid: NOTHING,
    tempC: isFried ? FRIED_IN_C : place.roomTempC,
    atS: startS,
    freeSurface: FREE_SURFACE[pour.kind],
    ...(pour.kind === 'ladles' ? { wetShare: IN_LADLES } : {}),
    lid: 'on',
    power: 1,
    holdC: simmer.boilingPointC + AT_THE_BOIL_K,
  });
  const lidStays = holdsBoil({ ...place, vessel, heat: heatSource, freeSurface: FREE_SURFACE[pour.kind] }) === 'lidded';
  const stageOf = new Map([...stages, ...(finish?.stages ?? [])].map((stage) => [stage.id, stage]));
  const boiledLid = stages.find((stage) => stage.roles)?.lid;
  const ladledMl = (round: number) =>
    pieces.filter((one) => one.round === round).reduce((sum, one) => sum + one.massG * LADLED_ML_PER_G, 0);
  const program = actions.flatMap((action): PotAction[] => {
    const { atS, kind, volumeMl = 0, round } = action;
    switch (kind) {
      case 'pour': {
        const isReserve = action !== firstPour;
        const tempC = isReserve && !pour.anew ? RESERVE_C : POURED_C[pour.at];
        const { waterMl = 0 } = action;
        const brothMl = volumeMl === waterMl ? 0 : volumeMl;
        const hot = { atS, kind: 'pour' as const, tempC: Math.min(KETTLE_C, simmer.boilingPointC) };
        return [
          {
            atS,
            kind: 'pour',
            liquid: brothOf(strength[pan], brothMl),
            tempC: Math.min(tempC, simmer.boilingPointC),
          },
          ...(waterMl > 0 ? [{ ...hot, liquid: waterOf(waterMl) }] : []),
        ];
      }
      case 'lift':
        // What is built anew is emptied first.
        if (action.empties) return [{ atS, kind: 'ladle', volumeMl: Infinity }];
        return volumeMl < 0 ? [{ atS, kind: 'ladle', volumeMl: -volumeMl }] : [];
      case 'add': {
        const ofStage = action.stageId ? stageOf.get(action.stageId)?.lid : undefined;
        const lid = ofStage ?? (round > simmer.platedRounds ? (boiledLid ?? 'off') : undefined);
        if (action.lidThen) return [{ atS, kind: 'lid', lid: 'on', untilBoil: action.lidThen }];
        return lid && !lidStays ? [{ atS, kind: 'lid', lid }] : [];
      }
      case 'cover':
        return [{ atS, kind: 'lid', lid: 'on' }];
      case 'enrich':
        return [
          { atS, kind: 'heat', power: 1, holdC: menu.chosen.broth?.heldBack?.belowC },
          { atS, kind: 'pour', liquid: waterOf(volumeMl), tempC: place.roomTempC },
        ];
      case 'rest':
        return [
          { atS, kind: 'heat', power: 0 },
          { atS, kind: 'lid', lid: 'on' },
        ];
      case 'serve':
        return [
          { atS: atS + 1, kind: 'ladle', volumeMl: ladledMl(round) },
          { atS: atS + 1, kind: 'heat', power: 1, holdC: simmer.boilingPointC + AT_THE_BOIL_K },
          // While a round is eaten the lid is on half of the time.
          ...(lidStays ? [] : [{ atS: atS + 1, kind: 'lid' as const, lid: 'ajar' as const }]),
        ];
      default:
        return [];
    }
  });
  const additions = pieces.map((one): PotAction => ({
    atS: Math.max(startS, one.inAtS),
    kind: 'add',
    food: [foodOf(one)],
  }));
  const boil = actions.find((one) => one.kind === 'boil');
  const lids: PotAction[] = boil && boiledLid && !lidStays ? [{ atS: boil.atS, kind: 'lid', lid: boiledLid }] : [];
  return {
    start,
    program: [...program, ...additions, ...lids],
    pieces,
  };
}

function outcomeOf(piece: PieceState, outAtS: number): Outcome {
  const { wanted } = knownOf(piece);
  const overAtS = pastAtS(piece, wanted, outAtS);
  const { hadMin, lethalityMin } = piece.cooked;
  return {
    centreTempC: centreOf(piece.mean),
    largestCentreTempC: centreOf(piece.largest),
    lethalityMin,
    cookValueMin: hadMin,
    window: { leastMin: wanted.leastMin, bestMin: wanted.bestMin, mostMin: wanted.mostMin },
    ...(piece.safeAtS === undefined ? {} : { safeAtS: piece.safeAtS }),
    ...(piece.readyAtS === undefined ? {} : { readyAtS: piece.readyAtS }),
    ...(overAtS === undefined ? {} : { overAtS }),
    safe: piece.safeAtS !== undefined,
    inWindow: isReady(piece, wanted) && hadMin <= wanted.mostMin,
  };
}

/** The same of a slice that its guest holds in the broth, or that sears on the pan. */
function outcomeByItself(piece: SimmerPiece, boilingC: number): { outcome: Outcome; lead: Lead; late: number } {
  const isSeared = piece.way === 'seared';
  // One batch of several on the pan.
  const heldS = isSeared ? piece.cookS : piece.outAtS - piece.inAtS;
  const { cooked, centreC, largestC, safeS, readyS, bestS, overS } = (isSeared ? seared : swished)(
    piece,
    boilingC,
    heldS,
  );
  const fromS = isSeared ? piece.outAtS - heldS : piece.inAtS;
  const wanted = wantedBy(piece);
  const { leastMin, bestMin, mostMin } = wanted;
  const leastS = readyS ?? bestS;
  const isReady = readyS !== undefined && readyS <= heldS + 1e-9;
  return {
    outcome: {
      centreTempC: centreC,
      largestCentreTempC: largestC,
      lethalityMin: cooked.lethalityMin,
      cookValueMin: cooked.hadMin,
      window: { leastMin, bestMin, mostMin },
      ...(safeS === undefined ? {} : { safeAtS: fromS + safeS }),
      ...(readyS === undefined ? {} : { readyAtS: fromS + readyS }),
      ...(overS === undefined ? {} : { overAtS: fromS + overS }),
      safe: safeS !== undefined && safeS <= heldS + 1e-9,
      inWindow: isReady && cooked.hadMin <= mostMin,
    },
    lead: { leastS, bestS: Math.max(leastS, bestS), mostS: Math.max(leastS, overS ?? STANDS_S) },
    late: isReady ? 0 : leastS - heldS,
  };
}

/** How much longer each of these would have to stay, if the fire were tended as before. */
function lacking(pot: PotState, ids: readonly string[]): Array<[string, number]> {
  const { state } = simulate(pot, [], pot.atS + LOOKED_AT_S, STEP_S);
  return ids.map((id) => {
    const readyAtS = state.pieces.find((one) => one.id === id)?.readyAtS ?? state.atS;
    return [id, readyAtS - pot.atS];
  });
}

/**
 * The evening at the pot as the plan has it, gone through by the model of heat: how warm the liquid is all the time, and
 * how each piece stands when it is lifted out; slices that are held in the broth or seared on the pan are followed by
 * themselves.
 * @returns what came of every piece that was, by its id
 */
export function rehearse(question: RehearsalQuestion): Rehearsal {
  const outcomes = new Map<string, Outcome>();
  const lateS = new Map<string, number>();
  const boilAtS = new Map<Pan, number>();
  const leads = new Map<string, Lead>();
  const steamG = new Map<Pan, number>();
  let trace: Trace | undefined;
  for (const pan of ['main', 'aside'] as const) {
    const given = panOf(question, pan);
    if (!given) continue;
    const { start, program, pieces } = given;
    const samples: Sample[] = [];
    let pot = start;
    for (const outAtS of [...new Set(pieces.map((one) => one.outAtS))].sort((a, b) => a - b)) {
      const due = program.filter((one) => one.atS >= pot.atS && one.atS < outAtS);
      const course = simulate(pot, due, outAtS, STEP_S);
      const [boiled] = course.boils;
      if (boiled && !boilAtS.has(pan)) boilAtS.set(pan, boiled.fromS);
      samples.push(...course.samples.slice(samples.length > 0 ? 1 : 0));
      const mine = pieces.filter((one) => one.outAtS === outAtS);
      const standing = new Map(course.state.pieces.map((one) => [one.id, one]));
      const cookedOf = mine.flatMap((piece) => {
        const cooked = standing.get(piece.id);
        return cooked ? [{ piece, cooked }] : [];
      });
      const late = cookedOf.filter(({ cooked }) => !isReady(cooked, knownOf(cooked).wanted)).map((one) => one.piece.id);
      const lacksS = new Map(late.length > 0 ? lacking(course.state, late) : []);
      for (const { piece, cooked } of cookedOf) {
        const { id, inAtS } = piece;
        const lacks = lacksS.get(id) ?? 0;
        const readyAtS = lacks > 0 && lacks < LOOKED_AT_S ? { readyAtS: outAtS + lacks } : {};
        outcomes.set(id, { ...outcomeOf(cooked, outAtS), ...readyAtS });
        if (lacksS.has(id)) lateS.set(id, lacks);
        const down = program.filter((one) => one.kind === 'heat' && one.atS > inAtS && one.atS <= outAtS);
        const lead = leadOf(samples, piece, cooked, Math.min(outAtS, ...down.map((one) => one.atS)), lacks);
        if (lead) leads.set(id, lead);
      }
      const ids = mine.map((one) => one.id);
      // What was lifted out is eaten, and no part of the pot any more.
      pot = { ...course.state, pieces: course.state.pieces.filter((one) => !ids.includes(one.id)) };
    }
    const lostG = question.menu.pour.anew ? undefined : lostBetween(question.simmer.actions, pieces, samples, pan);
    if (lostG !== undefined) steamG.set(pan, lostG);
    if (pan === 'main') {
      trace = traceOf(samples, start.atS);
    }
  }
  for (const piece of question.simmer.pieces.filter((one) => ['swished', 'seared'].includes(one.way))) {
    const { outcome, lead, late } = outcomeByItself(piece, question.simmer.boilingPointC);
    outcomes.set(piece.id, outcome);
    // How long the pan is kept for its slices is no matter of the pot.
    if (piece.way === 'swished') leads.set(piece.id, lead);
    if (late > 0) lateS.set(piece.id, late);
  }
  return { outcomes, lateS, leads, boilAtS, steamG, ...(trace ? { trace } : {}) };
}
