import fc from 'fast-check';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example, suited } from '../testing/household';
import { groupAdditions } from './groupAdditions';
import { slowerBy } from '../heat/slowerBy';
import { timesTable } from './timesTable';
import { runs } from '../testing/runs';
import { usualPan } from '../testing/usualPan';

const pan = usualPan();

/** Fewest groups by trying every way to part the things, for small cases. */
function fewestGroups(things: ReadonlyArray<{ leastS: number; mostS: number }>): number {
  const points = things.flatMap((one) => [one.leastS, one.mostS]);
  for (let count = 1; count <= things.length; count += 1) {
    const pick = (chosen: number[], from: number): boolean => {
      if (chosen.length === count) {
        return things.every((one) => chosen.some((at) => at >= one.leastS && at <= one.mostS));
      }
      return points.slice(from).some((at, index) => pick([...chosen, at], from + index + 1));
    };
    if (pick([], 0)) return count;
  }
  return things.length;
}

const window = fc
  .tuple(
    fc.integer({ min: 10, max: 900 }),
    fc.integer({ min: 5, max: 600 }),
    fc.double({ min: 0, max: 1, noNaN: true }),
  )
  .map(([leastS, width, at]) => ({ leastS, mostS: leastS + width, bestS: leastS + width * at }));

describe('grouping additions', () => {
  it('needs as few groups as trying everything finds, and keeps every window', () => {
    fc.assert(
      fc.property(fc.array(window, { minLength: 1, maxLength: 6 }), (things) => {
        const groups = groupAdditions(things);
        expect(groups.length).toBe(fewestGroups(things));
        const outside = groups.flatMap(({ cookS, members }) =>
          members.filter((one) => cookS < one.leastS - 1e-6 || cookS > one.mostS + 1e-6),
        );
        expect(outside).toEqual([]);
        expect(groups.reduce((sum, group) => sum + group.members.length, 0)).toBe(things.length);
      }),
      { numRuns: runs(300) },
    );
  });

  it('gives a thing alone its best time', () => {
    expect(groupAdditions([{ leastS: 60, bestS: 100, mostS: 300 }])[0]!.cookS).toBeCloseTo(100, 6);
  });

  it('puts the longest first', () => {
    const groups = groupAdditions([
      { leastS: 30, bestS: 45, mostS: 60 },
      { leastS: 500, bestS: 600, mostS: 700 },
    ]);
    expect(groups.map((group) => Math.round(group.cookS))).toEqual([600, 45]);
  });
});

const windowOf = (id: string, cut: string) => ingredientById(id).cuts[cut]!.cooks!.simmered!;
const windows = INGREDIENTS.flatMap(({ cuts }) =>
  Object.values(cuts).flatMap(({ cooks }) => Object.values(cooks ?? {})),
);

describe('the table of times', () => {
  it('is what it says at 100 °C', () => {
    const daikon = timesTable.cookWindow('daikon', 'halfMoon', pan);
    expect(daikon.bestS).toBeCloseTo(12 * 60, 6);
  });

  it('takes longer where water boils cooler, plants more than chicken', () => {
    for (const entry of windows) {
      expect(slowerBy(entry, 100)).toBeCloseTo(1, 9);
      expect(slowerBy(entry, 96.1)).toBeGreaterThan(1);
      expect(slowerBy(entry, 90)).toBeGreaterThan(slowerBy(entry, 96.1));
    }
    expect(slowerBy(windowOf('carrot', 'round'), 96.1)).toBeGreaterThan(
      slowerBy(windowOf('chickenThigh', 'chunk'), 96.1),
    );
  });

  it('says so when the broth can never cook a piece through', () => {
    expect(() => slowerBy(windowOf('chickenThigh', 'chunk'), 74)).toThrow(RangeError);
  });

  it('says so when it knows no time for a cut', () => {
    expect(() => timesTable.cookWindow('daikon', 'whole', pan)).toThrow(/No time is known/);
  });

  it('recovers the boil more slowly from more food and on a weaker burner', () => {
    const load = (massG: number) => [{ ingredientId: 'chickenThigh', massG }];
    const base = timesTable.recoveryS(load(300), pan);
    expect(timesTable.recoveryS(load(600), pan)).toBeGreaterThan(base);
    expect(timesTable.recoveryS(load(300), { ...pan, heat: { ...pan.heat, powerW: 1500 } })).toBeGreaterThan(base);
  });
});

describe('the simmer plan', () => {
  it('is ready as people sit down', () => {
    const evening = example('practice-night');
    const { simmer } = planPot(evening);
    const readyMs = Date.parse(simmer.litAt) + simmer.readyAtS[0]! * 1000;
    expect(readyMs).toBe(Date.parse(evening.sitDownAt));
    expect(simmer.litAt).toMatch(/\+00:00$/);
  });

  it('keeps every piece in its window and safe, for 1 to 14 guests, at the sea and at Orrin Fell', () => {
    for (let count = 1; count <= 14; count += 1) {
      for (const altitudeM of [0, 1180, 3000]) {
        const { simmer } = planPot(eveningFor(count, { place: { altitudeM, roomTempC: 19 } }));
        expect(simmer.pieces.filter((piece) => !piece.inWindow || !piece.safe)).toEqual([]);
        // Cold spells only ever add to the time in the pot.
        const tooShort = simmer.pieces.filter(
          ({ inAtS, outAtS, cookS }) => inAtS < 0 || outAtS <= inAtS || outAtS - inAtS < cookS - 1,
        );
        expect(tooShort).toEqual([]);
      }
    }
  });

  it('adds nothing before the pot boils and does everything in order', () => {
    const { simmer } = planPot(example('practice-night'));
    const times = simmer.actions.map((action) => action.atS);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    for (const action of simmer.actions.filter((one) => one.kind === 'add')) {
      expect(action.atS).toBeGreaterThan(simmer.boilAtS);
    }
    expect(simmer.actions[0]!.kind).toBe('light');
    expect(simmer.actions.at(-1)!.kind).toBe('off');
  });

  it('lights the burner earlier for a weaker one and for a higher village', () => {
    const base = Date.parse(planPot(example('practice-night')).simmer.litAt);
    const evening = example('practice-night');
    const weak = { ...evening, heatSource: { ...evening.heatSource, powerW: 1500 } };
    const high = { ...evening, place: { ...evening.place, altitudeM: 2800 } };
    expect(Date.parse(planPot(weak).simmer.litAt)).toBeLessThan(base);
    expect(Date.parse(planPot(high).simmer.litAt)).toBeLessThan(base);
  });

  it('says why all at once cannot be had, and never overfills for it', () => {
    const plan = planPot(eveningFor(6, { service: 'allAtOnce' }));
    expect(plan.simmer.unsatisfied.map((one) => one.id)).toContain('allAtOnce');
    expect(plan.build.rounds.length).toBeGreaterThan(1);
    expect(plan.simmer.unsatisfied[0]!.remedies.length).toBeGreaterThan(0);
  });

  it('skims when the pot boils again after the chicken went in, and before the leaves', () => {
    const { actions, pieces } = planPot(example('practice-night')).simmer;
    const skim = actions.find((action) => action.kind === 'skim')!;
    const inAtS = (id: string) => pieces.find((piece) => piece.ingredientId === id && piece.round === 1)!.inAtS;
    expect(skim.atS).toBeGreaterThan(inAtS('chickenThigh') + 60);
    expect(skim.atS).toBeLessThan(inAtS('mizuna'));
    const meatless = eveningFor(4, { choices: { swaps: [], leaveOut: ['chickenThigh'] } });
    expect(planPot(meatless).simmer.actions.map((action) => action.kind)).not.toContain('skim');
  });

  it('puts what goes in together into one step', () => {
    const { simmer } = planPot(example('practice-night'));
    const first = simmer.actions.filter((action) => action.kind === 'add' && action.round === 1);
    const steps = new Set(first.map((action) => action.step));
    const times = new Set(first.map((action) => action.atS));
    expect(steps.size).toBe(times.size);
    expect(steps.size).toBeLessThan(first.length);
  });

  it('speaks of more sauce only where a sauce is let down, and pours what the pot is poured with elsewhere', () => {
    const topUps = (styleId: string) =>
      planPot(suited(eveningFor(4), styleId)).simmer.actions.filter(
        (action) => action.kind === 'pour' && action.id.startsWith('topup'),
      );
    expect(topUps('sukiyakiEast').length).toBeGreaterThan(0);
    for (const { says } of topUps('sukiyakiEast')) expect(says).toMatch(/^More sauce, and dashi/);
    expect(topUps('sukiyakiWest').length).toBeGreaterThan(0);
    for (const { says } of topUps('sukiyakiWest')) expect(says).toMatch(/^A splash of dashi/);
  });
});

describe('a cup of broth before the second course', () => {
  it('is ladled when the chicken has simmered, before anything else goes in', () => {
    const { simmer } = planPot(suited(eveningFor(4), 'coconutChicken'));
    const first = simmer.actions.filter((action) => action.round === 1);
    const cup = first.find((action) => action.kind === 'lift')!;
    const inAtS = (id: string) => first.find((action) => action.ingredientId === id)!.atS;
    expect(cup.atS - inAtS('chickenThigh')).toBeGreaterThan(8 * 60);
    for (const id of ['sweetcorn', 'shimeji', 'silkenTofu', 'bokChoy']) expect(inAtS(id)).toBeGreaterThan(cup.atS);
  });
});
