import { VESSELS } from '../catalogue/vessels';
import { resolveMenu } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { rehearsedPlan } from '../planEvening/rehearsed';
import { eveningFor, suited } from '../testing/household';
import { fitPot, LEAST_LIQUID_SHARE } from './fit';
import { brothAtLevel, isCovered, pouredToMm } from './level';
import { usableVolumeMl, volumeBelowMl } from './vesselShape';

const clay = VESSELS.find((one) => one.id === 'clay28')!;
const food = (count: number) => resolveMenu(eveningFor(count)).menu!.food.filter((one) => one.purpose === 'pot');
const covering = (heads: number) => ({ pour: { kind: 'cover', at: 'warm' } as const, heads });

describe('the fit', () => {
  it('never passes the usable volume, from one guest to twenty-four', () => {
    for (let count = 1; count <= 24; count += 1) {
      for (const vessel of VESSELS) {
        const fit = fitPot(vessel, food(count), count * 300, covering(count));
        expect(fit.potBrothMl + fit.solidsMl / fit.rounds).toBeLessThanOrEqual(fit.usableMl + 1e-6);
        expect(fit.potBrothMl + fit.reserveMl).toBeCloseTo(count * 300, 6);
        expect(fit.solidsMl / fit.rounds).toBeLessThanOrEqual(fit.usableMl * (1 - LEAST_LIQUID_SHARE.cover) + 1e-6);
      }
    }
  });

  it('cooks for more guests in more rounds, and in fewer in a larger pot', () => {
    const rounds = (vessel: typeof clay, count: number) =>
      fitPot(vessel, food(count), count * 300, covering(count)).rounds;
    expect(rounds(clay, 7)).toBeGreaterThan(rounds(clay, 2));
    expect(rounds({ ...clay, innerDepthMm: 160, rimVolumeMl: 8000 }, 7)).toBeLessThan(rounds(clay, 7));
  });

  it('knows the broth between the food from the height that it stands at', () => {
    const { brothMl, roomMl } = brothAtLevel(clay, 50, 400);
    expect(brothMl).toBeCloseTo(volumeBelowMl(clay, 50) - 400, 6);
    expect(brothMl + 400 + roomMl).toBeCloseTo(usableVolumeMl(clay), 6);
    expect(brothAtLevel(clay, 5, 4000).brothMl).toBe(0);
    expect(brothAtLevel(clay, clay.innerDepthMm, 0).roomMl).toBe(0);
  });
});

describe('the headroom', () => {
  const buildOf = (styleId: string) => planPot(suited(eveningFor(4), styleId)).build;
  const shareOf = (styleId: string) => buildOf(styleId).headroomMm / suited(eveningFor(4), styleId).vessel.innerDepthMm;

  it('is larger for a liquid that foams: soy milk a fifth of the depth, numbing and coconut broth a quarter', () => {
    expect(shareOf('clearChicken')).toBeCloseTo(1 / 6, 6);
    expect(shareOf('soyMilkMild')).toBeCloseTo(0.2, 6);
    expect(shareOf('numbingPot')).toBeCloseTo(0.25, 6);
    expect(shareOf('coconutChicken')).toBeCloseTo(0.25, 6);
    // Two halves leave what the one that foams more wants.
    expect(shareOf('dividedPot')).toBeCloseTo(0.25, 6);
  });

  it('is kept by what is poured and laid in, and is the line that the drawing shows', () => {
    for (const id of ['soyMilkPork', 'numbingPot', 'coconutChicken', 'dividedPot']) {
      const { vessel } = suited(eveningFor(4), id);
      const build = buildOf(id);
      const markMl = volumeBelowMl(vessel, vessel.innerDepthMm - build.headroomMm);
      expect(build.usableVolumeMl).toBeCloseTo(markMl, 6);
      expect(build.pourMl + build.solidsMl / build.rounds.length).toBeLessThanOrEqual(markMl + 1e-6);
    }
  });
});

describe('how deep a ruler shows what was poured', () => {
  const buildOf = (styleId: string) => rehearsedPlan(suited(eveningFor(4), styleId)).build;

  it('is what it comes to alone, where the pot is filled first', () => {
    const { vessel } = suited(eveningFor(4), 'clearChicken');
    const build = buildOf('clearChicken');
    expect(volumeBelowMl(vessel, pouredToMm(build))).toBeCloseTo(build.pourMl, 3);
  });

  it('is with the food that lies in it by then and not with what goes in later, where it covers that', () => {
    const build = buildOf('fishCakeJeongol');
    expect(build.laidFirst).toBe(true);
    expect(isCovered(build)).toBe(true);
    // Radish alone lies in it: the skewers come after.
    expect(pouredToMm(build)).toBeLessThan(build.fillHeightMm - 5);
    expect(pouredToMm(build)).toBeGreaterThan(build.pourDepthMm);
  });

  it('is between the blocks of a stack, far under their tops', () => {
    const build = buildOf('layeredBeefCabbage');
    expect(isCovered(build)).toBe(false);
    expect(pouredToMm(build)).toBe(build.liquidStandsMm);
    expect(pouredToMm(build)).toBeLessThan(build.fillHeightMm / 2);
  });
});

it('a plate of a divided pot says for which side each thing is', () => {
  const { plates, placements } = planPot(suited(eveningFor(4), 'dividedPot')).build;
  const sides = (all: ReadonlyArray<{ ingredientId: string; side?: string }>) =>
    new Set(all.map((one) => `${one.ingredientId} ${one.side ?? ''}`));
  expect(sides(plates[0]!)).toEqual(sides(placements));
  expect(plates[0]!.some((one) => one.side === 'second')).toBe(true);
});
