import type { Act, Contents, FoodIn, HeatSource, OwnThing, Vessel } from '@elixa/contract';
import { POT_CP, WATER_CP, type LidState } from '../heat/burner';
import type { Profile } from '../heat/conduction';
import type { Cooked } from '../doneness/wanted';

export const NOTHING: Contents = {
  waterG: 0,
  saltG: 0,
  sugarG: 0,
  acidG: 0,
  alcoholG: 0,
  glutamateG: 0,
  nucleotideG: 0,
};

/** a + times·b, one by one. */
export const plus = (a: Contents, b: Partial<Contents>, times = 1): Contents => ({
  waterG: a.waterG + times * (b.waterG ?? 0),
  saltG: a.saltG + times * (b.saltG ?? 0),
  sugarG: a.sugarG + times * (b.sugarG ?? 0),
  acidG: a.acidG + times * (b.acidG ?? 0),
  alcoholG: a.alcoholG + times * (b.alcoholG ?? 0),
  glutamateG: a.glutamateG + times * (b.glutamateG ?? 0),
  nucleotideG: a.nucleotideG + times * (b.nucleotideG ?? 0),
});

/** a becomes a + times·b. */
export function addTo(a: Contents, b: Partial<Contents>, times = 1): void {
  a.waterG += times * (b.waterG ?? 0);
  a.saltG += times * (b.saltG ?? 0);
  a.sugarG += times * (b.sugarG ?? 0);
  a.acidG += times * (b.acidG ?? 0);
  a.alcoholG += times * (b.alcoholG ?? 0);
  a.glutamateG += times * (b.glutamateG ?? 0);
  a.nucleotideG += times * (b.nucleotideG ?? 0);
}

export const massOf = (one: Contents): number =>
  one.waterG + one.saltG + one.sugarG + one.acidG + one.alcoholG + one.glutamateG + one.nucleotideG;

/** Salt of a liquid in % by mass; nothing of nothing. */
export const salinityPctOf = (contents: Contents): number => {
  const massG = massOf(contents);
  return massG > 0 ? (100 * contents.saltG) / massG : 0;
};

/** Food that lies in the pot, or was lifted out of it. */
export interface PieceState extends FoodIn {
  inAtS: number;
  outAtS?: number;
  /** Of the mean piece, and of the largest one. */
  mean: Profile;
  largest: Profile;
  cooked: Cooked;
  /** How far it has come towards its best time, from 0 on: what it gives and drinks follows that. */
  progress: number;
  gaveWaterG: number;
  drankG: number;
  /** Fat that melted out of it, in g. */
  gaveFatG: number;
  /** When the largest piece became safe, and when it came into its window and left it. */
  safeAtS?: number;
  readyAtS?: number;
  overAtS?: number;
}

/** Heat that went through the pot, in J: from the burner, lost, gone with steam, into food, and carried by what came and went. */
export interface HeatLedger {
  burnerJ: number;
  lostJ: number;
  steamJ: number;
  foodJ: number;
  movedJ: number;
}

/**
 * A pot at a moment. It is plain data and complete: it can be taken up here, by a rehearsal or by a pot on the fire.
 */
export interface PotState {
  atS: number;
  vessel: Vessel;
  heatSource: HeatSource;
  roomTempC: number;
  altitudeM: number;
  /** Share of the mouth where liquid stands free. */
  freeSurface: number;
  /** Share of the surface of the food that lies in the liquid; the rest stands in its steam. All of it where nothing is said. */
  wetShare?: number;
  /** Share of the burner's full power. */
  power: number;
  /** The fire is turned down when the liquid is as hot as this, in °C, and up again when it is not. A simmer is the boil held so. */
  holdC?: number;
  lid: LidState;
  /** What becomes of the lid when it boils again. */
  lidThen?: LidState;
  /** Of liquid and vessel together. */
  tempC: number;
  liquid: Contents;
  /** Fat that floats on it. What is ladled out takes its share of it along. */
  fatG: number;
  ladledFatG: number;
  pieces: readonly PieceState[];
  /** What left as steam and by the ladle, and what was lifted out. */
  steamG: number;
  steamAlcoholG: number;
  ladled: Contents;
  /** What food drank of it. */
  drunk: Contents;
  heat: HeatLedger;
  /** Boiling for so long, in s; nothing while it does not. */
  boilingS: number;
}

/** J/K of liquid and vessel together; fat holds about half as much as water. */
export const heatCapacity = ({ vessel, liquid, fatG }: Pick<PotState, 'vessel' | 'liquid' | 'fatG'>): number =>
  ((massOf(liquid) + fatG / 2) / 1000) * WATER_CP + (vessel.emptyMassG / 1000) * POT_CP[vessel.material];

export const NO_HEAT: HeatLedger = { burnerJ: 0, lostJ: 0, steamJ: 0, foodJ: 0, movedJ: 0 };

/** A pot of liquid that stands by, nothing in it yet. */
export const potAtRest = (
  given: Pick<PotState, 'vessel' | 'heatSource' | 'roomTempC' | 'altitudeM' | 'liquid' | 'tempC'> & Partial<PotState>,
): PotState => ({
  atS: 0,
  freeSurface: 1,
  power: 0,
  lid: 'off',
  fatG: 0,
  ladledFatG: 0,
  pieces: [],
  steamG: 0,
  steamAlcoholG: 0,
  ladled: NOTHING,
  drunk: NOTHING,
  heat: NO_HEAT,
  boilingS: 0,
  ...given,
});

/** What is done to a pot, at a moment or when it boils next. */
export interface TimedAct {
  atS: number;
  on?: 'boil';
  act: Act;
}

/** How a kitchen differs from the usual one: what its fire brings in and its pot loses, each as a share of what is usual. */
export interface Kitchen {
  /** What the cook names besides what the catalogue has, where it goes into the pot. */
  own?: readonly OwnThing[] | undefined;
  usefulShare: number;
  lossShare: number;
  steamShare: number;
}

export const USUAL_KITCHEN: Kitchen = { usefulShare: 1, lossShare: 1, steamShare: 1 };

/** The usual kitchen, with what the cook of an evening names. */
export const kitchenOf = ({ evening }: { evening: { own?: readonly OwnThing[] | undefined } }): Kitchen => ({
  ...USUAL_KITCHEN,
  own: evening.own,
});

/** A piece that lies in the pot at a moment: the middles of the mean and the largest one in °C, and what it has had. */
export interface PieceSample {
  id: string;
  centreC: number;
  largestC: number;
  hadMin: number;
  isSafe: boolean;
}

/** The pot at a moment of its course. */
export interface Sample {
  atS: number;
  tempC: number;
  boilingC: number;
  boils: boolean;
  levelMl: number;
  liquidMl: number;
  depthMm: number;
  salinityPct: number;
  fatG: number;
  pieces: readonly PieceSample[];
}

export interface PotCourse {
  state: PotState;
  samples: readonly Sample[];
  /** Moments at which it began to boil, and at which it stopped. */
  boils: ReadonlyArray<{ fromS: number; toS?: number }>;
  /** The pot before each act, from which another course can go on. */
  checkpoints: readonly Checkpoint[];
}

/** A pot on its way through a program, before the next of its acts. */
export interface Checkpoint {
  state: PotState;
  /** Of the acts in their order, how many were begun, and which of them still wait for the boil. */
  next: number;
  waiting: readonly number[];
  actedAtS: number;
  sampleAtS: number;
  samples: number;
  boils: ReadonlyArray<{ fromS: number; toS?: number }>;
}
