import type { HeatSource, Vessel } from '@elixa/contract';
import { POT_CP, timeToBoilS, usefulPowerW, WATER_CP } from './burner';
import { boilingPointC } from './boilingPoint';

/** Water brought to the boil on full heat, lid on where there is one. */
export interface WaterTest {
  waterMl: number;
  /** How warm the water was. */
  fromC: number;
  seconds: number;
}

export interface WaterTestKitchen {
  vessel: Vessel;
  heatSource: HeatSource;
  roomTempC: number;
  altitudeM: number;
}

export interface Fitted {
  /** What goes into the pot, in W, and by how much that may be wrong, in %. */
  inPotW: number;
  doubtPct: number;
  /** Of what is written on the burner, in %. */
  sharePct: number;
  /** What the empty pot weighs by its heat, where two tests say so. */
  emptyMassG?: number;
}

/** Said where a test cannot be right, with the field at fault. */
export class WaterTestError extends Error {
  constructor(
    readonly field: 'seconds' | 'fromC' | 'second',
    message: string,
  ) {
    super(message);
  }
}

/** What a cook may misjudge: when it boils, how warm the water was, how much it was, what the pot weighs. Kitchen estimates. */
const DOUBT = { seconds: 12, fromC: 3, water: 0.02, pot: 0.2 } as const;
/** No burner gives more of its power than this to a pot, nor less. */
const SHARE_PCT = { least: 8, most: 98 };
const POT_G = { least: 200, most: 20_000 };
/** Two tests tell the pot from the burner when they differ by so much water, in ml. */
const APART_ML = 400;
const HALVINGS = 60;

/** Where a falling function of a number passes zero. */
function fallsToZero(at: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let halving = 0; halving < HALVINGS; halving += 1) {
    const middle = (a + b) / 2;
    if (at(middle) > 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}

const secondsWith = (kitchen: WaterTestKitchen, test: WaterTest, inPotW: number): number => {
  const { vessel, heatSource, roomTempC, altitudeM } = kitchen;
  const heat = { ...heatSource, measured: { inPotW, doubtPct: 1, on: '' } };
  return timeToBoilS({ vessel, heat, roomTempC, altitudeM, brothMl: test.waterMl, fromC: test.fromC });
};

const powerOf = (kitchen: WaterTestKitchen, test: WaterTest): number =>
  fallsToZero((inPotW) => secondsWith(kitchen, test, inPotW) - test.seconds, 20, 12_000);

const weighing = (kitchen: WaterTestKitchen, emptyMassG: number): WaterTestKitchen => ({
  ...kitchen,
  vessel: { ...kitchen.vessel, emptyMassG },
});

/** By how much the power would be another if each thing were misjudged, all together, in %. */
function doubtOf(kitchen: WaterTestKitchen, test: WaterTest, inPotW: number, isPotKnown: boolean): number {
  const off = [
    powerOf(kitchen, { ...test, seconds: test.seconds + DOUBT.seconds }),
    powerOf(kitchen, { ...test, fromC: test.fromC + DOUBT.fromC }),
    powerOf(kitchen, { ...test, waterMl: test.waterMl * (1 + DOUBT.water) }),
    ...(isPotKnown ? [] : [powerOf(weighing(kitchen, kitchen.vessel.emptyMassG * (1 + DOUBT.pot)), test)]),
  ].map((powerW) => powerW / inPotW - 1);
  return 100 * Math.hypot(...off);
}

/**
 * What a burner gives to its pot, from water that was timed to the boil: the power at which the closed form of the boil
 * takes as long. A second test with other water tells what the pot itself takes up, too.
 * @returns the power, with what it may be wrong by
 * @throws WaterTestError where no burner of this kind could have done that
 * @example fitBurner({ waterMl: 1000, fromC: 15, seconds: 330 }, undefined, kitchen).inPotW // about 1,250
 */
export function fitBurner(test: WaterTest, second: WaterTest | undefined, given: WaterTestKitchen): Fitted {
  const boilingC = boilingPointC(given.altitudeM);
  if (test.fromC >= boilingC - 20)
    throw new WaterTestError('fromC', 'Water so hot tells nothing. Begin with cold water.');
  let kitchen = given;
  if (second) {
    if (Math.abs(second.waterMl - test.waterMl) < APART_ML) {
      throw new WaterTestError('second', 'Use half a litre more or less the second time.');
    }
    const [small, large] = second.waterMl > test.waterMl ? [test, second] : [second, test];
    const tooLong = (emptyMassG: number) => {
      const heavy = weighing(given, emptyMassG);
      return secondsWith(heavy, large, powerOf(heavy, small)) - large.seconds;
    };
    if (tooLong(POT_G.least) < 0 || tooLong(POT_G.most) > 0) {
      throw new WaterTestError('second', 'The two times do not belong to one burner. Time both again, from cold.');
    }
    kitchen = weighing(given, Math.round(fallsToZero(tooLong, POT_G.least, POT_G.most)));
  }
  const inPotW = powerOf(kitchen, test);
  const sharePct = (100 * inPotW) / given.heatSource.powerW;
  if (sharePct > SHARE_PCT.most) {
    throw new WaterTestError('seconds', `That is sooner than ${given.heatSource.powerW} W can boil it. Time it again.`);
  }
  if (sharePct < SHARE_PCT.least) {
    throw new WaterTestError(
      'seconds',
      `Hardly any of its ${given.heatSource.powerW} W would reach the pot. Time it again.`,
    );
  }
  const doubtPct = Math.min(60, Math.max(1, doubtOf(kitchen, test, inPotW, second !== undefined)));
  return {
    inPotW: Math.round(inPotW),
    doubtPct: Math.round(doubtPct),
    sharePct: Math.round(sharePct),
    ...(second ? { emptyMassG: kitchen.vessel.emptyMassG } : {}),
  };
}

/** Share of its power that each kind of burner gives to a pot, in %, from the least to the most that is usual. Kitchen estimates. */
export const USUAL_SHARE_PCT: Record<HeatSource['kind'], readonly [least: number, most: number]> = {
  portableGas: [40, 50],
  gasHob: [35, 50],
  induction: [80, 88],
  electricPlate: [65, 75],
  ownElement: [75, 85],
};

/** By how much what a burner gives may be wrong, in %: as it was measured, or as its kind differs. */
export function doubtPctOf({ kind, measured }: HeatSource): number {
  const [least, most] = USUAL_SHARE_PCT[kind];
  return measured?.doubtPct ?? Math.round((100 * (most - least)) / (most + least));
}

/** How long a litre takes from 15 °C, for comparing with what the cook has seen, in s. */
export const litreS = (kitchen: WaterTestKitchen): number =>
  secondsWith(kitchen, { waterMl: 1000, fromC: 15, seconds: 0 }, usefulPowerW(kitchen.heatSource));

/** Heat that pot and water take up from one temperature to another, in J; the least that a boil costs. */
export const heatToBoilJ = (
  { vessel, roomTempC, altitudeM }: WaterTestKitchen,
  { waterMl, fromC }: WaterTest,
): number => {
  const boilingC = boilingPointC(altitudeM);
  return (
    (waterMl / 1000) * WATER_CP * (boilingC - fromC) +
    (vessel.emptyMassG / 1000) * POT_CP[vessel.material] * (boilingC - roomTempC)
  );
};
