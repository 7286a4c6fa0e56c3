import type { Placement, PotPlan } from '@elixa/contract';
import { STYLES } from '../catalogue/styles';
import { sum } from '../measures/sum';
import { rehearsedPlan } from '../planEvening/rehearsed';
import { eveningFor, suited } from '../testing/household';
import { ringMl } from './room';
import { firstFullAt, sunkAt } from './sunk';
import { CATALOGUE } from '../catalogue/catalogue';

const plans = STYLES.map((style) => ({ id: style.id, evening: suited(eveningFor(4), style.id) })).map((one) => ({
  ...one,
  plan: rehearsedPlan(one.evening),
}));
const keyOf = ({ id, cut, place, layer }: Placement) => `${id} ${cut} ${place} ${layer}`;
const firstReadyS = ({ simmer }: PotPlan) => simmer.readyAtS[0]!;
const planOf = (id: string) => plans.find((one) => one.id === id)!.plan;

describe.each(plans)('the pot over time: $id', ({ plan, evening: { vessel } }) => {
  const moments = [-1e9, 0, 120, 300, firstReadyS(plan) / 2, firstReadyS(plan), 1e9].sort((a, b) => a - b);

  it('holds what is in by then, and in the end all that it was built of', () => {
    const laid = plan.build.placements.filter((one) => one.region && one.place !== 'beside');
    const counts = moments.map((atS) => sunkAt(CATALOGUE, plan, atS).length);
    expect(counts).toEqual([...counts].sort((a, b) => a - b));
    expect(sunkAt(CATALOGUE, plan, 1e9).map(keyOf)).toEqual(laid.map(keyOf));
    for (const atS of moments) {
      for (const one of sunkAt(CATALOGUE, plan, atS)) {
        const inAtS = Math.min(
          ...plan.simmer.pieces
            .filter((each) => each.pan === 'main' && each.ingredientId === one.ingredientId && each.cut === one.cut)
            .map((each) => each.inAtS),
        );
        if (Number.isFinite(inAtS)) expect(inAtS).toBeLessThanOrEqual(atS + 1);
      }
    }
  });

  it('only sinks: nothing rises, grows or falls through the bottom', () => {
    const built = new Map(plan.build.placements.map((one) => [keyOf(one), one]));
    const before = new Map<string, Placement>();
    for (const atS of moments) {
      for (const one of sunkAt(CATALOGUE, plan, atS)) {
        const first = built.get(keyOf(one))!;
        expect(one.fromMm).toBeGreaterThanOrEqual(0);
        expect(one.toMm).toBeGreaterThan(one.fromMm);
        expect(one.toMm).toBeLessThanOrEqual(first.toMm + 1e-6);
        expect(one.toMm - one.fromMm).toBeLessThanOrEqual(
          (before.get(keyOf(one)) ?? first).toMm - (before.get(keyOf(one)) ?? first).fromMm + 1e-6,
        );
        before.set(keyOf(one), one);
      }
    }
  });

  it('ends about as high as the model has it: the food alone takes no more room than it and its liquid', () => {
    const done = sunkAt(CATALOGUE, plan, 1e9).filter(
      ({ place }) => place === 'ring' || place === 'bed' || place === 'heart',
    );
    const foodMl = sum(
      done.map(
        ({ region, fromMm, toMm, side }) =>
          (ringMl(vessel, fromMm, toMm, region!.fromShare, region!.toShare) * region!.sweepDeg) / (side ? 720 : 360),
      ),
    );
    expect(foodMl).toBeLessThanOrEqual(plan.build.usableVolumeMl * 1.1);
  });

  it('is looked at first when all of it is in', () => {
    const at = firstFullAt(plan);
    const told = plan.build.levelAfterMin;
    expect(at).toBeLessThan(Math.max(1, told.length));
    const lying = (index: number) => sunkAt(CATALOGUE, plan, plan.simmer.trace!.fromS + told[index]!.min * 60).length;
    if (told[at] && at < told.length - 1) expect(lying(at)).toBe(sunkAt(CATALOGUE, plan, 1e9).length);
    if (told[at] && at > 0) expect(lying(at - 1)).toBeLessThan(sunkAt(CATALOGUE, plan, 1e9).length);
  });
});

it('leaves sink to two thirds and less, roots lie as they lay, and what lies on leaves comes down with them', () => {
  const plan = planOf('clearChicken');
  const leftOf = (ingredientId: string, cut?: string) => {
    const isIt = (one: Placement) => one.ingredientId === ingredientId && (cut === undefined || one.cut === cut);
    const [built, one] = [plan.build.placements.find(isIt)!, sunkAt(CATALOGUE, plan, 1e9).find(isIt)!];
    return { height: (one.toMm - one.fromMm) / (built.toMm - built.fromMm), downMm: built.fromMm - one.fromMm };
  };
  expect(leftOf('napaCabbage', 'leaf').height).toBeLessThan(0.67);
  expect(leftOf('mizuna').height).toBeLessThan(0.67);
  expect(leftOf('carrot').height).toBeCloseTo(1);
  expect(leftOf('firmTofu').height).toBeCloseTo(1);
  const everything = planOf('everythingPot');
  const scallion = (all: readonly Placement[]) => all.find((one) => one.ingredientId === 'scallion')!.fromMm;
  expect(scallion(sunkAt(CATALOGUE, everything, 1e9))).toBeLessThan(scallion(everything.build.placements) - 3);
});
