import type { Evening, PotPlan } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { coldSpellS, traceAt, traceBeforeS, traceEndS } from '../simmer/traceAt';
import { timesTable } from '../simmer/timesTable';
import { eveningFor, suited } from '../testing/household';
import { rehearsedPot } from './rehearsed';

const rehearsed = (evening: Evening): PotPlan => rehearsedPot(menuOrThrow(evening), timesTable).plan;
const gone = ({ simmer }: PotPlan) => simmer.pieces.filter((one) => one.centreTempC !== undefined);
const chicken = (plan: PotPlan) => gone(plan).find((one) => one.ingredientId === 'chickenThigh' && one.round === 1)!;
const minutesIn = (plan: PotPlan) => (chicken(plan).outAtS - chicken(plan).inAtS) / 60;

/** A value of the trace may be from so much later. */
const TRACE_LAGS_S = 15;

describe('an evening gone through by the model of heat', () => {
  it.each(STYLES)('lifts nothing out raw, and nearly all at its time: $name', ({ id }) => {
    const evening = suited(eveningFor(4), id);
    const plan = rehearsed(evening);
    const pieces = gone(plan);
    expect(pieces.filter((one) => !one.safe).map((one) => one.id)).toEqual([]);
    for (const one of pieces) {
      if (one.safeAtS !== undefined) expect(one.safeAtS).toBeLessThanOrEqual(one.outAtS + 1e-6);
      expect(one.centreTempC).toBeLessThan(plan.simmer.boilingPointC + 1);
      // What is called safe has been hot enough, or hot for long enough, in the middle of its largest piece.
      if (one.safeS > 0 && one.safe && ingredientById(one.ingredientId).kinds.every((kind) => kind !== 'plant')) {
        expect(one.lethalityMin! >= 2 || one.largestCentreTempC! >= 60).toBe(true);
      }
    }
    // Nearly all is in its window: what is laid into one pot with the rest, or held in soy milk, may be a little past it.
    const out = pieces.filter((one) => !one.inWindow);
    expect(out.length).toBeLessThanOrEqual(pieces.length / 3);
    for (const one of out) expect(one.outAtS - (one.overAtS ?? one.outAtS)).toBeLessThan(3 * 60);
    expect(plan.simmer.objective ?? 0).toBeGreaterThanOrEqual(pieces.length > 0 ? plan.simmer.lowerBound! : 0);
    // The band that is shown is the one that it was judged by.
    for (const one of pieces) {
      const isIn = one.readyAtS! <= one.outAtS + 1e-6 && (one.overAtS ?? Infinity) >= one.outAtS - 1e-6;
      // Within a step of its edge it may be the one or the other.
      if (Math.abs((one.overAtS ?? 0) - one.outAtS) > 8) expect([one.id, one.inWindow]).toEqual([one.id, isIn]);
    }
    // Never over the mark, top-ups and the finish included.
    if (plan.simmer.trace)
      expect(Math.max(...plan.simmer.trace.levelMl)).toBeLessThanOrEqual(plan.build.usableVolumeMl * 1.05);
    // The order of the style stands.
    const placeOf = (stageId?: string) => plan.style.stages.findIndex((stage) => stage.id === stageId);
    const adds = plan.simmer.actions.filter((one) => one.kind === 'add' && one.round === 1 && one.pan === 'main');
    for (const [a, b] of adds.flatMap((one) => adds.map((other) => [one, other] as const))) {
      if (placeOf(a.stageId) < placeOf(b.stageId)) expect(a.atS).toBeLessThanOrEqual(b.atS);
    }
  });

  it('takes longer higher up, from the same plan at sea level', () => {
    const at = (altitudeM: number) => rehearsed(eveningFor(4, { place: { altitudeM, roomTempC: 20 } }));
    expect(minutesIn(at(3000))).toBeGreaterThan(minutesIn(at(0)));
    expect(at(3000).simmer.trace!.liquidTempC.every((tempC) => tempC < 91)).toBe(true);
  });

  it('never passes the mark of the pot, and has its liquid between the room and the boil', () => {
    for (const count of [2, 5, 11]) {
      const plan = rehearsed(suited(eveningFor(count), 'clearChicken'));
      const trace = plan.simmer.trace!;
      // Before a round is lifted out all of it stands in the pot, and the liquid with it.
      const readyS = plan.simmer.readyAtS[0]!;
      const foodG = gone(plan)
        .filter((one) => one.round === 1)
        .reduce((sum, one) => sum + one.massG, 0);
      const before = traceAt(trace, traceBeforeS(trace, readyS));
      expect(before.levelMl).toBeGreaterThan(plan.build.pourMl + foodG * 0.6);
      expect(Math.max(...trace.levelMl)).toBeLessThanOrEqual(plan.build.usableVolumeMl * 1.02);
      expect(Math.max(...trace.liquidTempC)).toBeLessThanOrEqual(plan.simmer.boilingPointC + 0.5);
      expect(Math.min(...trace.liquidTempC)).toBeGreaterThan(10);
      expect(traceEndS(trace)).toBeGreaterThan(plan.simmer.readyAtS.at(-1)! - 60);
    }
  });

  it.each([
    ['clearChicken', 4],
    ['whiteMisoChickenPrawn', 4],
    ['salmonMiso', 4],
    ['meatballPot', 4],
    ['whiteMisoChickenPrawn', 13],
    ['salmonMiso', 9],
  ] as const)(
    'comes to the broth for the finish that the plan counts on, and never over the mark: %s, %i guests',
    (styleId, count) => {
      const { simmer, ending, build } = rehearsed(suited(eveningFor(count), styleId));
      const trace = simmer.trace!;
      const first = simmer.actions.find((one) => one.kind === 'add' && one.round === simmer.readyAtS.length + 1)!;
      const before = traceAt(trace, traceBeforeS(trace, first.atS - TRACE_LAGS_S)).levelMl;
      expect(Math.abs(before / ending!.brothMl - 1)).toBeLessThan(0.1);
      expect(Math.max(...trace.levelMl)).toBeLessThanOrEqual(build.usableVolumeMl * 1.02);
    },
  );

  it.each(['barleyMisoMixed', 'layeredBeefCabbage'])(
    'pours less where a pot would stand over its mark: %s, seven guests',
    (styleId) => {
      const { simmer, build } = rehearsed(suited(eveningFor(7), styleId));
      expect(Math.max(...simmer.trace!.levelMl)).toBeLessThanOrEqual(build.usableVolumeMl * 1.02);
      expect(simmer.unsatisfied.map((one) => one.id)).not.toContain('overMark');
    },
  );

  it('has the boil about where the plan has it', () => {
    for (const { id } of STYLES) {
      const { simmer } = rehearsed(suited(eveningFor(4), id));
      const { fromS, stepS, liquidTempC } = simmer.trace!;
      // What is salty and sweet boils hotter than water.
      const boilsC = Math.max(...liquidTempC.slice(0, Math.floor((simmer.readyAtS[0]! - fromS) / stepS)));
      const first = liquidTempC.findIndex((tempC, index) => index > 0 && tempC > boilsC - 0.5);
      // Half a minute, and what a step of the trace leaves open.
      expect([id, Math.abs(fromS + (first - 0.5) * stepS - simmer.boilAtS) < 50]).toEqual([id, true]);
    }
  });

  it('says what would be lifted out raw, and never that it is safe', () => {
    const feeble = eveningFor(9, {
      heatSource: { id: 'plate', name: 'small plate', kind: 'electricPlate', powerW: 700 },
      overrides: { gramsPerHead: { chickenThigh: 500 } },
    });
    expect(checkEvening(feeble)).toEqual([]);
    const plan = rehearsed(feeble);
    const raw = gone(plan).filter((one) => !one.safe);
    expect(plan.simmer.unsatisfied.some((one) => one.id === 'raw')).toBe(raw.length > 0);
  });
});

describe('a cold spell', () => {
  const trace = (liquidTempC: number[]) => ({
    fromS: 0,
    stepS: 30,
    liquidTempC,
    levelMl: liquidTempC,
    depthMm: liquidTempC,
    salinityPct: liquidTempC,
  });

  it('lasts from what goes in until it simmers again, and is none where it goes on simmering', () => {
    expect(coldSpellS(trace([100, 100, 90, 95, 100, 100]), 100, 30, 150)).toBeCloseTo(90, -1);
    expect(coldSpellS(trace([100, 100, 99.5, 100, 100]), 100, 30, 120)).toBe(0);
    // It never comes back, or something else cools it later.
    expect(coldSpellS(trace([100, 80, 80, 80, 80]), 100, 0, 120)).toBe(120);
    expect(coldSpellS(trace([100, 100, 100, 100, 100, 100, 80, 80]), 100, 0, 210)).toBe(0);
  });

  it('is told of each addition as the model has it', () => {
    const { simmer } = rehearsed(eveningFor(4));
    const told = simmer.actions.filter((one) => one.recoveryS !== undefined && one.pan === 'main');
    expect(told.some((one) => one.recoveryS! > 20)).toBe(true);
    expect(told.every((one) => one.recoveryS! < 8 * 60)).toBe(true);
  });
});

describe('the pot at a moment of its trace', () => {
  const trace = {
    fromS: 60,
    stepS: 30,
    liquidTempC: [20, 26, 40],
    levelMl: [1000, 1000, 1100],
    depthMm: [40, 40, 44],
    salinityPct: [0.8, 0.8, 0.7],
  };

  it('lies between its values, and stays at its ends', () => {
    expect(traceAt(trace, 75).liquidTempC).toBeCloseTo(23, 9);
    expect(traceAt(trace, 105)).toMatchObject({ levelMl: 1050, depthMm: 42 });
    expect(traceAt(trace, 0).liquidTempC).toBe(20);
    expect(traceAt(trace, 9999).salinityPct).toBe(0.7);
    expect(traceEndS(trace)).toBe(120);
    expect([60, 89, 90, 119].map((atS) => traceBeforeS(trace, atS))).toEqual([60, 60, 90, 90]);
  });
});
