import type { Evening, PotPlan } from '@elixa/contract';
import fc from 'fast-check';
import { usableVolumeMl } from '../arrange/vesselShape';
import { ASIDE_PANS, VESSELS } from '../catalogue/vessels';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { checkEvening } from '../evening/resolveMenu';
import { vesselSuits } from '../evening/vesselFit';
import { applyEdit } from '../evening/edits/applyEdit';
import { planPot } from '../planEvening/planPot';
import { eveningFor, guests, suited } from '../testing/household';
import { brothLevels, WORTH_POURING_ML } from './levels';
import { runs } from '../testing/runs';

const ids = (plan: PotPlan) => plan.simmer.unsatisfied.map((one) => one.id);
const evenings: fc.Arbitrary<Evening> = fc
  .record({
    guests: fc.integer({ min: 1, max: 14 }),
    apart: fc.nat(13),
    vessel: fc.constantFrom(...VESSELS),
    heatSource: fc.constantFrom(...HEAT_SOURCES),
    brothMlPerHead: fc.integer({ min: 100, max: 800 }),
    tofuG: fc.integer({ min: 0, max: 400 }),
    riceG: fc.integer({ min: 0, max: 300 }),
  })
  .map(({ guests: count, apart, vessel, heatSource, brothMlPerHead, tofuG, riceG }) =>
    eveningFor(count, {
      diners: guests(count).map((diner, index) => (index < apart ? { ...diner, diets: ['pescatarian'] } : diner)),
      choices: {
        swaps: [{ ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' }],
        leaveOut: [],
      },
      vessel,
      heatSource,
      overrides: { brothMlPerHead, gramsPerHead: { firmTofu: tofuG, cookedRice: riceG } },
    }),
  );

describe('the level of the broth', () => {
  it('of a pot that is poured anew for every round is carried to the finish by what was ladled out, before any water', () => {
    const fit = {
      vessel: VESSELS[0]!,
      usableMl: 1300,
      solidsMl: 0,
      potBrothMl: 500,
      reserveMl: 1000,
      heldMl: 0,
      coveringMl: 0,
    };
    const course = { solidsMl: 300, releasedMl: 60, ladledMl: 150, drunkMl: 0 };
    const finish = { solidsMl: 0, releasedMl: 0, ladledMl: 0, drunkMl: 0, wantsMl: 1200 };
    const levels = brothLevels(
      fit,
      [course, course, course, finish],
      [50],
      { kind: 'cover', at: 'warm' },
      { fillings: 3 },
    );
    // 500 + 60 - 150 - 50 are left of each filling: two of them in the jug, the last in the pot.
    expect(levels.map((one) => one.pourMl)).toEqual([0, 500, 500, 0]);
    expect(levels[3]).toMatchObject({ jugMl: 720, waterMl: 120, brothMl: 1200 });
    const filledUp = brothLevels(fit, [course, course, course, finish], [50], { kind: 'cover', at: 'warm' });
    expect(filledUp.map((one) => one.jugMl)).toEqual([0, 0, 0, 0]);
  });

  it('never passes the mark, whatever the food gives and however little boils off', () => {
    const ml = (max: number) => fc.double({ min: 0, max, noNaN: true });
    const course = fc
      .record({ solidsMl: ml(1200), givesShare: ml(1), ladledMl: ml(600), drunkMl: ml(300), wantsMl: ml(2000) })
      .map(({ givesShare, ...one }) => ({ ...one, releasedMl: one.solidsMl * givesShare }));
    fc.assert(
      fc.property(fc.array(course, { minLength: 1, maxLength: 9 }), ml(4000), ml(800), (courses, brothMl, steamMl) => {
        const usableMl = 1300;
        const potBrothMl = Math.min(brothMl, usableMl - courses[0]!.solidsMl);
        const reserveMl = brothMl - potBrothMl;
        const fit = { vessel: VESSELS[0]!, usableMl, solidsMl: 0, potBrothMl, reserveMl, heldMl: 0, coveringMl: 0 };
        const levels = brothLevels(fit, courses, [steamMl], { kind: 'cover', at: 'warm' });
        let leftMl = reserveMl;
        levels.forEach((level, index) => {
          // Less than a ladle over it is not ladled out.
          expect(level.brothMl + courses[index]!.solidsMl).toBeLessThanOrEqual(usableMl + WORTH_POURING_ML);
          leftMl += level.ladleOutMl - level.pourMl;
          expect(leftMl).toBeGreaterThanOrEqual(-1e-6);
        });
      }),
    );
  });

  it('starts every course with room for its food, in the pot and in the small pan', () => {
    fc.assert(
      fc.property(evenings, (evening) => {
        fc.pre(checkEvening(evening).length === 0);
        const { build, simmer } = planPot(evening);
        for (const [pan, usableMl] of [
          ['main', build.usableVolumeMl] as const,
          ['aside', build.aside?.usableVolumeMl ?? 0] as const,
        ]) {
          const foodMl = (round: number) =>
            simmer.pieces
              .filter((one) => one.pan === pan && one.round === round)
              .reduce((sum, one) => sum + one.massG / ingredientById(one.ingredientId).settledDensityGPerMl, 0);
          for (const { kind, round, volumeMl = 0 } of simmer.actions.filter((one) => one.pan === pan)) {
            if (kind === 'pour') expect(volumeMl + foodMl(round)).toBeLessThanOrEqual(usableMl + 1e-6);
          }
        }
      }),
      { numRuns: runs(25) },
    );
  });

  it('is topped up by what was lost, not by a share of the reserve', () => {
    const { build, simmer } = planPot(eveningFor(6));
    const topUps = simmer.actions.filter(
      (one) => one.kind === 'pour' && one.round > 1 && one.round <= build.rounds.length,
    );
    expect(topUps.length).toBe(build.rounds.length - 1);
    const poured = topUps.reduce((sum, one) => sum + (one.volumeMl ?? 0), 0);
    expect(poured).toBeGreaterThan(0);
    expect(poured).toBeLessThan(build.reserveMl);
    for (const one of topUps) expect(one.volumeMl).toBeLessThan(build.pourMl);
  });

  it('cooks the finish in goes where rice for all would fill the pot over its mark', () => {
    const goes = (count: number) => {
      const { simmer } = planPot(eveningFor(count));
      return new Set(simmer.pieces.filter((one) => one.ingredientId === 'cookedRice').map((one) => one.round)).size;
    };
    expect(goes(4)).toBe(1);
    expect(goes(14)).toBeGreaterThan(1);
  });
});

describe('the small pan', () => {
  const crowd = (count: number, apart: number) =>
    eveningFor(count, {
      diners: guests(count).map((diner, index) => (index < apart ? { ...diner, diets: ['pescatarian'] } : diner)),
      choices: {
        swaps: [{ ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' }],
        leaveOut: [],
      },
    });

  it('is the smallest that does, and is filled like the pot', () => {
    expect(planPot(crowd(6, 1)).build.aside?.name).toBe('small pan');
    const many = planPot(crowd(13, 12));
    expect(many.build.aside?.name).toBe('second pan');
    expect(many.build.aside!.usableVolumeMl).toBeCloseTo(usableVolumeMl(ASIDE_PANS[1]!), 6);
    expect(many.build.aside!.pourMl + many.build.aside!.solidsMl / many.build.rounds.length).toBeLessThanOrEqual(
      many.build.aside!.usableVolumeMl + 1e-6,
    );
  });

  it('is told where it needs more rounds than the pot', () => {
    const plan = planPot({ ...crowd(14, 13), service: 'rounds' });
    expect(ids(plan)).toContain('asideRounds');
    const asideG = (round: number) =>
      plan.simmer.pieces
        .filter((one) => one.pan === 'aside' && one.round === round)
        .reduce((sum, one) => sum + one.massG, 0);
    expect(asideG(1)).toBeCloseTo(asideG(2), 6);
    const edit = plan.simmer.unsatisfied.find((one) => one.id === 'asideRounds')!.remedies[0]!.edit!;
    const together = planPot(applyEdit({ ...crowd(14, 13), service: 'rounds' }, edit));
    expect(ids(together)).not.toContain('asideRounds');
    expect(together.simmer.pieces.every((one) => one.pan === 'main')).toBe(true);
  });
});

describe('what a pot cannot give is told, with what mends it', () => {
  it('too little broth to cover the food, and the amount that does', () => {
    const dry = eveningFor(4, { overrides: { brothMlPerHead: 100 } });
    const told = planPot(dry).simmer.unsatisfied.find((one) => one.id === 'uncovered-main')!;
    expect(told.because).toMatch(/cook through/);
    const edit = told.remedies[0]!.edit!;
    expect(ids(planPot(applyEdit(dry, edit)))).not.toContain('uncovered-main');
    for (let heads = 1; heads <= 14; heads += 1)
      expect(ids(planPot(eveningFor(heads))).filter((id) => id.startsWith('uncovered'))).toEqual([]);
  });

  it('makes more broth for it where some eat from a small pan, and never less', () => {
    const evening = eveningFor(3, {
      overrides: { brothMlPerHead: 200 },
      choices: {
        swaps: [{ ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' }],
        leaveOut: [],
      },
    });
    const apart = {
      ...evening,
      diners: evening.diners.map((one, at) => (at ? one : { ...one, diets: ['pescatarian' as const] })),
    };
    const told = planPot(apart).simmer.unsatisfied.find((one) => one.id === 'uncovered-main')!;
    const edit = told.remedies[0]!.edit!;
    expect(edit).toMatchObject({ kind: 'brothSet' });
    expect(edit.kind === 'brothSet' && edit.ml).toBeGreaterThan(200);
    expect(ids(planPot(applyEdit(apart, edit)))).not.toContain('uncovered-main');
  });

  it('a plate that can only boil under a lid, and one that never boils', () => {
    const plate = (powerW: number, vessel = VESSELS[0]!) =>
      eveningFor(2, { heatSource: { id: 'plate', name: 'plate', kind: 'electricPlate', powerW }, vessel });
    expect(ids(planPot(plate(600)))).toContain('lidStays-main');
    expect(planPot(plate(600)).simmer.actions.find((one) => one.kind === 'boil')!.says).toMatch(/leave the lid on/);
    const stronger = planPot(plate(600)).simmer.unsatisfied.find((one) => one.id === 'lidStays-main')!.remedies[0]!;
    expect(ids(planPot(applyEdit(plate(600), stronger.edit!)))).not.toContain('lidStays-main');
    // Clay does not work on induction, which would be the strongest.
    expect(stronger.text).toBe('Use the electric plate');
    const faults = checkEvening(plate(300, VESSELS[1]));
    expect(faults).toEqual([expect.objectContaining({ field: 'heatSource.powerW' })]);
    expect(faults[0]!.fix).toMatch(/\d+ W or more/);
  });

  it('what does not fit at once can be had in fewer rounds by a tap', () => {
    const crowded = eveningFor(6, { service: 'allAtOnce' });
    const { remedies } = planPot(crowded).simmer.unsatisfied.find((one) => one.id === 'allAtOnce')!;
    const before = planPot(crowded).build.rounds.length;
    const edits = remedies.flatMap((one) => (one.edit ? [one.edit] : []));
    expect(edits.map((edit) => edit.kind)).toEqual(expect.arrayContaining(['vesselChosen', 'serviceChosen']));
    for (const edit of edits.filter((one) => one.kind !== 'serviceChosen')) {
      expect(planPot(applyEdit(crowded, edit)).build.rounds.length).toBeLessThan(before);
    }
    const ten = eveningFor(10);
    const less = planPot(ten).simmer.unsatisfied.find((one) => one.refused)!.remedies;
    const edit = less.find((one) => one.edit?.kind === 'foodCutDown')!.edit!;
    expect(planPot(applyEdit(ten, edit)).build.rounds.length).toBe(3);
  });
});

describe('a pot that helps where it takes too many rounds', () => {
  it('suits what is cooked, and has no wall that nobody asked for, while there is such a pot', () => {
    for (const style of STYLES) {
      const evening = suited(eveningFor(11), style.id);
      const plan = planPot(evening);
      const edits = plan.simmer.unsatisfied.flatMap((one) => one.remedies.map((remedy) => remedy.edit));
      const offered = edits.flatMap((edit) =>
        edit?.kind === 'vesselChosen' ? VESSELS.filter((one) => one.id === edit.vessel.id) : [],
      );
      for (const vessel of offered) {
        const better = VESSELS.filter(
          (one) =>
            vesselSuits(evening, style, one).verdict === 'suits' &&
            !one.divided &&
            usableVolumeMl(one) > usableVolumeMl(vessel),
        );
        const isGood = vesselSuits(evening, style, vessel).verdict === 'suits' && !vessel.divided;
        expect([style.id, vessel.id, isGood || evening.vessel.divided || better.length === 0]).toEqual([
          style.id,
          vessel.id,
          true,
        ]);
      }
    }
  });
});
