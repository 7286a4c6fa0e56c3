import fc from 'fast-check';
import { INGREDIENTS } from '../catalogue/ingredients';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { timeToBoilS } from '../heat/burner';
import { boilingPointC } from '../heat/boilingPoint';
import { centreOf } from '../heat/conduction';
import { simulate } from './simulate';
import type { ActOf, Contents, FoodIn } from '@elixa/contract';
import { massOf, NOTHING, plus, potAtRest, type PotState, type TimedAct } from './state';
import { runs } from '../testing/runs';

const steel = VESSELS.find((one) => one.id === 'steel26')!;
const clay = VESSELS.find((one) => one.id === 'clay28')!;
const gas = HEAT_SOURCES.find((one) => one.id === 'portableGas')!;

const broth = (waterG: number): Contents => ({
  ...NOTHING,
  waterG,
  saltG: waterG * 0.008,
  sugarG: 4,
  alcoholG: 6,
  glutamateG: 2,
});
const pot = (more: Partial<PotState> = {}): PotState =>
  potAtRest({ vessel: steel, heatSource: gas, roomTempC: 20, altitudeM: 0, tempC: 20, liquid: broth(2000), ...more });
const food = (ingredientId: string, cut: string, massG: number, more: Partial<FoodIn> = {}): FoodIn => ({
  pieceId: `${ingredientId}/${cut}`,
  ingredientId,
  cut,
  massG,
  ...more,
});
const heat = (atS: number, share: number, holds?: ActOf<'heat'>['holds']): TimedAct => ({
  atS,
  act: { is: 'heat', share, ...(holds === undefined ? {} : { holds }) },
});
const lid = (atS: number, how: PotState['lid'], thenAtBoil?: PotState['lid']): TimedAct => ({
  atS,
  act: { is: 'lid', lid: how, ...(thenAtBoil ? { thenAtBoil } : {}) },
});
const pour = (atS: number, contents: Contents, tempC: number): TimedAct => ({
  atS,
  act: { is: 'poured', liquid: 'broth', ml: massOf(contents), tempC, contents },
});
const add = (atS: number, ...things: FoodIn[]): TimedAct[] =>
  things.map((one) => ({ atS, act: { is: 'added', ...one } }));
const FULL: TimedAct[] = [heat(0, 1), lid(0, 'on')];
const pieceOf = (state: PotState, id: string) => state.pieces.find((one) => one.pieceId === id)!;

const SUPPER: TimedAct[] = [
  ...FULL,
  ...add(700, food('chickenThigh', 'chunk', 300, { gives: { saltG: 2, sugarG: 1 } }), food('daikon', 'halfMoon', 150)),
  pour(1100, broth(300), 60),
  lid(1200, 'ajar'),
  ...add(
    1300,
    food('shiitake', 'cap', 80),
    food('udon', 'loose', 200),
    food('fishBall', 'ball', 120, { frozen: true }),
  ),
  { atS: 1500, act: { is: 'ladled', ml: 200, to: 'bowls' } },
  heat(1600, 0.5),
  { atS: 1900, act: { is: 'liftedOut', pieceIds: ['chickenThigh/chunk'] } },
];

describe('the pot on its fire', () => {
  it('boils when the closed form says, in any pot on any flame at any height', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VESSELS.filter((one) => one.lid)),
        fc.constantFrom(...HEAT_SOURCES),
        fc.integer({ min: 400, max: 3000 }),
        fc.integer({ min: 0, max: 3000 }),
        (vessel, heatSource, waterG, altitudeM) => {
          const start = pot({ vessel, heatSource, altitudeM, liquid: { ...NOTHING, waterG } });
          const closedS = timeToBoilS({
            vessel,
            heat: heatSource,
            roomTempC: 20,
            altitudeM,
            brothMl: waterG,
            fromC: 20,
          });
          fc.pre(closedS < 5000);
          const { boils } = simulate(start, FULL, closedS * 1.3 + 60);
          expect(Math.abs(boils[0]!.fromS / closedS - 1)).toBeLessThan(0.03);
        },
      ),
      { numRuns: runs(20) },
    );
  });

  it('closes its balance of heat within half a per cent', () => {
    for (const altitudeM of [0, 3000]) {
      const start = pot({ altitudeM });
      const { state } = simulate(start, SUPPER, 2400);
      const { burnerJ, movedJ, lostJ, steamJ, foodJ } = state.heat;
      const capacity = ({ liquid, vessel, fatG }: PotState) =>
        ((massOf(liquid) + fatG / 2) / 1000) * 4180 + (vessel.emptyMassG / 1000) * 500;
      const storedJ = capacity(state) * state.tempC - capacity(start) * start.tempC;
      expect(Math.abs(burnerJ + movedJ - lostJ - steamJ - foodJ - storedJ)).toBeLessThan(0.005 * burnerJ);
      expect(foodJ).toBeGreaterThan(0);
    }
  });

  it('conserves water, salt, sugar, alcohol and umami to rounding', () => {
    const { state } = simulate(pot(), SUPPER, 2400);
    const chicken = pieceOf(state, 'chickenThigh/chunk');
    const share = Math.min(1, chicken.progress);
    const gaveG = state.pieces.reduce((sum, one) => sum + one.gaveWaterG, 0);
    const brought = plus(plus(broth(2000), broth(300)), { waterG: gaveG, saltG: 2 * share, sugarG: share });
    const steam = { waterG: state.steamG - state.steamAlcoholG, alcoholG: state.steamAlcoholG };
    const there = plus(plus(plus(state.liquid, state.ladled), state.drunk), steam);
    for (const key of Object.keys(NOTHING) as Array<keyof Contents>) expect(there[key]).toBeCloseTo(brought[key], 6);
    expect(gaveG).toBeGreaterThan(10);
    expect(massOf(state.drunk)).toBeCloseTo(
      state.pieces.reduce((sum, one) => sum + one.drankG, 0),
      6,
    );
    expect(massOf(state.drunk)).toBeGreaterThan(10);
    expect(state.steamAlcoholG).toBeGreaterThan(0);
    expect(state.liquid.alcoholG).toBeGreaterThan(0);
  });

  it('has the fat of the meat float on it: none is lost, it goes with the ladle, and it keeps a still pot from steaming', () => {
    const belly = food('porkBelly', 'thin', 400);
    const { state } = simulate(
      pot(),
      [...FULL, ...add(700, belly), { atS: 1500, act: { is: 'ladled', ml: 500, to: 'bowls' } }],
      1600,
    );
    const gaveG = pieceOf(state, belly.pieceId).gaveFatG;
    expect(gaveG).toBeGreaterThan(10);
    expect(state.fatG + state.ladledFatG).toBeCloseTo(gaveG, 6);
    expect(state.ladledFatG).toBeGreaterThan(1);
    const stillG = (fatG: number, tempC: number) =>
      simulate(pot({ tempC, fatG, power: 1, holdC: tempC }), [], 1800).state.steamG;
    expect(stillG(30, 75)).toBeLessThan(0.6 * stillG(0, 75));
    expect(stillG(30, 75)).toBeGreaterThan(0.25 * stillG(0, 75));
    expect(stillG(30, 98)).toBeCloseTo(stillG(0, 98), 6);
    expect(stillG(30, 90)).toBeGreaterThan(stillG(30, 75));
  });

  it('does not depend on its steps', () => {
    const at = (stepS: number) => {
      const { state, boils, samples } = simulate(
        pot(),
        SUPPER.filter((one) => one.atS < 1850),
        1850,
        { stepS },
      );
      return { state, boils, cold: Math.min(...samples.filter((one) => one.atS > 700).map((one) => one.tempC)) };
    };
    const [usual, fine] = [at(4), at(0.5)];
    expect(Math.abs(usual.state.tempC - fine.state.tempC)).toBeLessThan(0.1);
    expect(Math.abs(usual.cold - fine.cold)).toBeLessThan(0.3);
    expect(usual.boils.map((one) => Math.round(one.fromS / 20))).toEqual(
      fine.boils.map((one) => Math.round(one.fromS / 20)),
    );
    for (const one of usual.state.pieces) {
      const same = pieceOf(fine.state, one.pieceId);
      // What thaws is the least even.
      const withinK = one.frozen ? 0.6 : 0.3;
      expect(Math.abs(centreOf(one.mean) - centreOf(same.mean))).toBeLessThan(withinK);
      expect(Math.abs(centreOf(one.largest) - centreOf(same.largest))).toBeLessThan(withinK);
    }
    expect(usual.state.steamG / fine.state.steamG).toBeCloseTo(1, 2);
  });

  it('can be taken up in the middle, from plain data', () => {
    const whole = simulate(pot(), SUPPER, 2400).state;
    const half = JSON.parse(
      JSON.stringify(
        simulate(
          pot(),
          SUPPER.filter((one) => one.atS < 1250),
          1250,
        ).state,
      ),
    ) as PotState;
    const rest = simulate(
      half,
      SUPPER.filter((one) => one.atS >= 1250),
      2400,
    ).state;
    expect(rest.tempC).toBeCloseTo(whole.tempC, 1);
    expect(rest.liquid.saltG).toBeCloseTo(whole.liquid.saltG, 3);
    expect(centreOf(pieceOf(rest, 'daikon/halfMoon').mean)).toBeCloseTo(
      centreOf(pieceOf(whole, 'daikon/halfMoon').mean),
      1,
    );
  });

  it('loses what cooks see an open pot of 26 cm lose in an hour', () => {
    const lostG = (tempC: number, power: number, lid: 'on' | 'off') => {
      const start = pot({ tempC, power, lid, liquid: { ...NOTHING, waterG: 4000 } });
      return simulate(start, [], 3600).state.steamG;
    };
    const fullBoilG = lostG(100, 1, 'off');
    expect(fullBoilG).toBeGreaterThan(500);
    expect(fullBoilG).toBeLessThan(2500);
    const lidG = lostG(100, 0.35, 'on');
    expect(lidG).toBeGreaterThan(30);
    expect(lidG).toBeLessThan(250);
    expect(lostG(100, 0.6, 'off')).toBeLessThan(fullBoilG + 1e-6);
  });
});

describe('a tended fire', () => {
  it('holds a simmer or a heat below it, gives no more than that takes, and comes back up after what is cold', () => {
    const held = (holdC: number) => simulate(pot({ tempC: 20 }), [heat(0, 1, holdC), pour(1800, broth(400), 10)], 3600);
    for (const holdC of [75, 82]) {
      const { samples, state } = held(holdC);
      expect(Math.max(...samples.map((one) => one.tempC))).toBeLessThan(holdC + 0.01);
      expect(samples.find((one) => one.atS >= 1780)!.tempC).toBeCloseTo(holdC, 1);
      expect(samples.find((one) => one.atS >= 1820)!.tempC).toBeLessThan(holdC - 5);
      expect(state.tempC).toBeCloseTo(holdC, 1);
      const { burnerJ, movedJ, lostJ, steamJ } = state.heat;
      const stored =
        ((massOf(state.liquid) / 1000) * 4180 + 950) * holdC - ((massOf(broth(2000)) / 1000) * 4180 + 950) * 20;
      expect((burnerJ + movedJ - lostJ - steamJ) / stored).toBeCloseTo(1, 2);
    }
    const cools = simulate(pot({ tempC: 100 }), [heat(0, 1, 80)], 1200);
    expect(cools.samples[12]!.tempC).toBeLessThan(98);
    expect(cools.samples[12]!.tempC).toBeGreaterThan(80);
    const boils = (more: Partial<ActOf<'heat'>>) => simulate(pot({ tempC: 100 }), [heat(0, 1, more.holds)], 1800).state;
    expect(boils({ holds: 100 }).steamG).toBeLessThan(boils({}).steamG);
    expect(boils({ holds: 100 }).heat.burnerJ).toBeLessThan(boils({}).heat.burnerJ);
    expect(boils({ holds: 100 }).tempC).toBeCloseTo(100, 1);
  });
});

describe('the pot, as cooks know it', () => {
  const reached = (more: Partial<PotState>, what: FoodIn, program = FULL) => {
    const boiling = pot({ tempC: boilingPointC(more.altitudeM ?? 0), power: 1, lid: 'on', ...more });
    const { state } = simulate(boiling, [...program, ...add(0, what)], 3000);
    return pieceOf(state, what.pieceId);
  };
  const chicken = food('chickenThigh', 'chunk', 150);

  it('takes longer for what is thicker, frozen, higher up, more at once, or on a weaker flame', () => {
    const usualS = reached({}, chicken).safeAtS!;
    expect(usualS).toBeGreaterThan(6 * 60);
    expect(usualS).toBeLessThan(13 * 60);
    expect(reached({}, { ...chicken, thicknessMm: 36 }).safeAtS!).toBeGreaterThan(usualS * 1.05);
    expect(reached({}, { ...chicken, thicknessMm: 18 }).safeAtS!).toBeLessThan(usualS * 0.9);
    expect(reached({}, { ...chicken, frozen: true }).safeAtS!).toBeGreaterThan(usualS * 1.3);
    expect(reached({ altitudeM: 3000 }, chicken).safeAtS!).toBeGreaterThan(usualS * 1.05);
    expect(reached({}, { ...chicken, massG: 1500 }).safeAtS!).toBeGreaterThan(usualS * 1.12);
    expect(reached({ heatSource: { ...gas, powerW: 1200 } }, { ...chicken, massG: 600 }).safeAtS!).toBeGreaterThan(
      usualS * 1.1,
    );
  });

  it('boils sooner under a lid, and never on a flame that is too weak', () => {
    const fromS = (program: TimedAct[], more: Partial<PotState> = {}) =>
      simulate(pot(more), program, 4000).boils[0]?.fromS;
    expect(fromS(FULL)!).toBeLessThan(fromS([FULL[0]!])!);
    expect(fromS([FULL[0]!], { heatSource: { ...gas, powerW: 500 } })).toBeUndefined();
    expect(fromS(FULL, { vessel: clay })!).toBeGreaterThan(0);
  });

  it('never calls anything raw done: what is safe has been hot enough in the middle of its largest piece', () => {
    for (const [id, cut] of [
      ['chickenThigh', 'chunk'],
      ['porkMince', 'ball'],
      ['codFillet', 'slice'],
      ['beefSlice', 'thin'],
      ['prawn', 'whole'],
    ] as const) {
      const piece = reached({}, food(id, cut, 200));
      expect(piece.readyAtS!).toBeGreaterThanOrEqual(piece.safeAtS!);
      const program: TimedAct[] = [...FULL, ...add(0, food(id, cut, 200))];
      const boiling = pot({ tempC: 100, power: 1, lid: 'on' });
      const before = pieceOf(simulate(boiling, program, piece.safeAtS! - 8).state, piece.pieceId);
      expect(before.safeAtS).toBeUndefined();
      expect(before.readyAtS).toBeUndefined();
    }
  });

  it('has leaves done in a minute and roots in many, and leaves that stay are past it', () => {
    const leaf = reached({}, food('spinach', 'length', 60));
    const root = reached({}, food('daikon', 'halfMoon', 100));
    expect(leaf.readyAtS!).toBeLessThan(60);
    expect(root.readyAtS!).toBeGreaterThan(6 * 60);
    expect(leaf.overAtS!).toBeLessThan(4 * 60);
    expect(root.overAtS!).toBeGreaterThan(20 * 60);
  });

  it('gives a time within the usual one of the table where the pot is large and the fire strong', () => {
    const big = { liquid: broth(4000), heatSource: { ...gas, powerW: 3500 } };
    const root = reached(big, food('daikon', 'halfMoon', 50));
    expect(root.readyAtS! / 60).toBeGreaterThan(8);
    expect(root.readyAtS! / 60).toBeLessThan(10.5);
  });

  it('goes on with what was thrown in without a known time: its mass and its cold, and nothing done too soon', () => {
    for (const [id, cut] of [
      ['garlic', 'minced'],
      ['daikon', 'inOnePiece'],
    ] as const) {
      const { state } = simulate(pot(), [...FULL, ...add(600, food(id, cut, 300))], 640);
      expect(pieceOf(state, `${id}/${cut}`).massG).toBe(300);
      expect(state.tempC).toBeLessThan(simulate(pot(), FULL, 640).state.tempC - 2);
    }
    const { cuts } = INGREDIENTS.find((one) => one.id === 'daikon')!;
    const slowestMin = Math.max(...Object.values(cuts).map(({ cooks }) => cooks?.simmered?.bestMin ?? 0));
    const whole = simulate(pot({ tempC: 99 }), [...FULL, ...add(0, food('daikon', 'inOnePiece', 100))], 3600).state;
    expect(pieceOf(whole, 'daikon/inOnePiece').readyAtS).toBeGreaterThan(slowestMin * 60 * 0.5);
  });

  it('refuses what nobody knows, and an end before the beginning', () => {
    expect(() => simulate(pot(), add(0, food('moonflower', 'whole', 100)), 10)).toThrow(/moonflower/);
    expect(() => simulate(pot({ atS: 100 }), [], 50)).toThrow(/untilS/);
  });
});

describe('what is frozen, and a lid until it boils again', () => {
  const boiling = () => pot({ tempC: 100, power: 1, holdC: 101 });
  const run = (what: FoodIn, program: TimedAct[] = []) => simulate(boiling(), [...add(0, what), ...program], 2400);

  it('comes out of the freezer where it is kept there, without anybody saying so', () => {
    const kept = INGREDIENTS.filter((one) => one.kept === 'freezer');
    expect(kept.length).toBeGreaterThan(0);
    for (const { id, cuts } of kept) {
      for (const cut of Object.keys(cuts)) {
        const [usual, said, thawed] = [{}, { frozen: true }, { tempC: 4 }].map(
          (more) => pieceOf(run(food(id, cut, 200, more)).state, `${id}/${cut}`).readyAtS!,
        );
        expect(said).toBe(usual);
        expect(usual!).toBeGreaterThan(thawed! * 1.2);
      }
    }
  });

  it('goes on as what was never frozen goes on once its ice has melted', () => {
    const [frozen, fresh] = [true, false].map((isFrozen) => {
      const { state } = run(food('chickenThigh', 'chunk', 200, { frozen: isFrozen }));
      return pieceOf(state, 'chickenThigh/chunk');
    });
    expect(centreOf(frozen!.mean)).toBeGreaterThan(95);
    expect(centreOf(frozen!.mean)).toBeLessThanOrEqual(centreOf(fresh!.mean) + 0.1);
  });

  it('brings it back sooner, and is off or ajar then', () => {
    const cold = food('daikon', 'halfMoon', 900);
    const weak = { ...gas, powerW: 1900 };
    const back = (program: TimedAct[]) => {
      const start = pot({ tempC: 100, power: 1, holdC: 101, heatSource: weak, altitudeM: 0 });
      const { boils, state } = simulate(start, [...add(0, cold), ...program], 2400);
      return { fromS: boils.at(-1)!.fromS, lid: state.lid };
    };
    const open = back([]);
    const covered = back([lid(0, 'on', 'ajar')]);
    expect(covered.fromS).toBeLessThan(open.fromS - 15);
    expect(covered.lid).toBe('ajar');
    expect(back([lid(0, 'on', 'off')]).lid).toBe('off');
  });
});

describe('an act that hangs on the boil', () => {
  it('waits for it, and is done at once in a pot that boils already', () => {
    const turnedDown = (atS: number): TimedAct => ({ ...heat(atS, 1, 'boil'), on: 'boil' });
    const { boils } = simulate(pot(), [...FULL, turnedDown(0)], 1500);
    const boiledS = boils[0]!.fromS;
    for (const dueS of [0, boiledS + 60]) {
      const heldAtS = (untilS: number) => simulate(pot(), [...FULL, turnedDown(dueS)], untilS).state.holdC;
      const turnedS = Math.max(boiledS, dueS);
      expect([heldAtS(turnedS - 20), heldAtS(turnedS + 20)! > 100]).toEqual([undefined, true]);
    }
    expect(simulate(pot({ tempC: 99.9 }), [...FULL, turnedDown(60)], 60).state.holdC).toBeGreaterThan(100);
  });
});
