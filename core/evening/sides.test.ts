import type { Edit, Evening } from '@elixa/contract';
import fc from 'fast-check';
import { drawFromAbove } from '../arrange/drawing/fromAbove';
import { usableVolumeMl } from '../arrange/vesselShape';
import { ingredientById } from '../catalogue/ingredients';
import { planQuickly } from '../testing/quickly';
import { planPot } from '../planEvening/planPot';
import { eveningFor, guests, suited } from '../testing/household';
import { applyEdit } from './edits/applyEdit';
import { checkEvening, resolveMenu } from './resolveMenu';
import { isMeatOrFish } from '../catalogue/kinds';
import { runs } from '../testing/runs';
import { CATALOGUE } from '../catalogue/catalogue';

const divided = (diners = guests(4)) => suited(eveningFor(diners.length, { diners }), 'dividedPot');
const after = (evening: Evening, ...edits: Edit[]) =>
  edits.reduce<Evening>((given, edit) => applyEdit(given, edit), evening);
const withVegetarian = () =>
  divided(guests(4).map((diner, seat) => (seat === 0 ? { ...diner, diets: ['vegetarian' as const] } : diner)));

describe('a pot of two sides', () => {
  it('cooks nothing of an animal on the side that is free of it, and everything else where the cook says', () => {
    const plan = planPot(divided());
    const animals = plan.menu.slots.filter((one) => isMeatOrFish(ingredientById(one.ingredientId)));
    expect(animals.length).toBeGreaterThan(1);
    expect(new Set(animals.map((one) => one.where))).toEqual(new Set(['first']));
    const moved = planPot(after(divided(), { kind: 'sideChosen', ingredientId: 'lotusRoot', where: 'second' }));
    expect(moved.menu.slots.find((slot) => slot.ingredientId === 'lotusRoot')?.where).toBe('second');
    const action = moved.simmer.actions.find((one) => one.ingredientId === 'lotusRoot' && one.kind === 'add');
    expect(action?.says).toContain('mild');
  });

  it('lets a vegetarian eat from it, without a small pan, and warns of what comes over the wall', () => {
    const plan = planPot(withVegetarian());
    const mine = plan.conflicts.filter((one) => one.diner === 'Ringer 1');
    const inPot = mine.filter((one) => plan.menu.slots.some((slot) => slot.ingredientId === one.ingredientId));
    expect(inPot.length).toBeGreaterThan(0);
    expect(inPot.every((one) => one.side === 'second' && one.resolvedBy)).toBe(true);
    expect(plan.build.aside).toBeUndefined();
    const caution = plan.cautions.find((one) => one.id === 'meatFreeSide');
    expect(caution).toMatchObject({ severity: 'danger', because: ['Ringer 1'] });
    expect(planPot(divided()).cautions.some((one) => one.id === 'meatFreeSide')).toBe(false);
  });

  it('counts for a thing on one side only those who eat from there', () => {
    const lotus = (where: 'first' | 'second' | 'both') => {
      const given = after(withVegetarian(), { kind: 'sideChosen', ingredientId: 'lotusRoot', where });
      return planPot(given).amounts.find((one) => one.ingredientId === 'lotusRoot')!.massG;
    };
    expect(lotus('first') / lotus('both')).toBeCloseTo(3 / 4, 6);
    expect(lotus('second')).toBeCloseTo(lotus('both'), 6);
  });

  it('is no help where its broth is not free of it: the guest is told so, and a side that is named so is refused', () => {
    const bones = after(withVegetarian(), { kind: 'liquidsChosen', liquids: { otherHalf: 'mildBoneBroth' } });
    expect(resolveMenu(bones).menu?.sides?.meatFree).toBeUndefined();
    expect(planPot(bones).conflicts.some((one) => one.diner === 'Ringer 1' && !one.resolvedBy)).toBe(true);
    const named = after(bones, { kind: 'meatFreeSideChosen', side: 'second' });
    expect(checkEvening(named)).toMatchObject([{ field: 'choices.sides.meatFree' }]);
    const meat = after(
      divided(),
      { kind: 'meatFreeSideChosen', side: 'second' },
      { kind: 'sideChosen', ingredientId: 'fishBall', where: 'both' },
    );
    expect(checkEvening(meat)).toMatchObject([{ field: 'choices.sides.of.fishBall' }]);
  });

  it('fills neither side over its half, whatever goes where', () => {
    const ids = divided().choices.added ?? ['lotusRoot', 'napaCabbage', 'firmTofu', 'shiitake', 'glassNoodle'];
    const places = fc.array(fc.constantFrom('first' as const, 'second' as const, 'both' as const), {
      minLength: ids.length,
      maxLength: ids.length,
    });
    fc.assert(
      fc.property(places, fc.integer({ min: 1, max: 12 }), (where, count) => {
        const given = after(
          divided(guests(count)),
          ...ids.map((ingredientId, index): Edit => ({ kind: 'sideChosen', ingredientId, where: where[index]! })),
        );
        const { build, menu } = planPot(given);
        for (const side of ['first', 'second'] as const) {
          const ml = menu.slots
            .filter((slot) => slot.pan === 'main' && slot.where && slot.place !== 'beside' && slot.role !== 'finish')
            .reduce((sum, slot) => {
              const share = slot.where === 'both' ? 0.5 : slot.where === side ? 1 : 0;
              return sum + (share * slot.massG) / ingredientById(slot.ingredientId).settledDensityGPerMl;
            }, 0);
          const halfMl = ml / build.rounds.length + build.pourMl / 2;
          expect(halfMl).toBeLessThanOrEqual(usableVolumeMl(given.vessel) / 2 + 1e-6);
        }
      }),
      { numRuns: runs(10) },
    );
  });

  it('is drawn with each thing on its side of the wall', () => {
    const given = divided();
    const { build } = planPot(given);
    const inIt = build.placements.filter((one) => one.region);
    expect(new Set(inIt.map((one) => one.side))).toEqual(new Set(['first', 'second']));
    for (const { side, x } of drawFromAbove(CATALOGUE, given.vessel, build).pieces.filter(
      (one) => one.place !== 'beside',
    )) {
      // The wall is bent by less than a third of the radius.
      const most = given.vessel.innerDiameterMm / 6;
      expect(side === 'first' ? x : -x).toBeLessThan(most);
    }
    const meat = inIt.filter((one) => isMeatOrFish(ingredientById(one.ingredientId)));
    expect(meat.length).toBeGreaterThan(0);
    expect(meat.every((one) => one.side === 'first')).toBe(true);
  });

  it('is one pot where both sides hold the same broth, and prepared and bought for like any other', () => {
    const same = after(divided(), { kind: 'liquidsChosen', liquids: { otherHalf: 'numbingBroth' } });
    expect(resolveMenu(same).menu?.sides).toBeUndefined();
    const plan = planQuickly(withVegetarian());
    expect(plan.prep.tasks.length).toBeGreaterThan(5);
    expect(plan.simmer.actions[0]?.says).toMatch(/^Each broth into its side/);
  });
});
