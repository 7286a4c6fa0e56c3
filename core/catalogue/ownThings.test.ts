import fc from 'fast-check';
import type { Evening, OwnThing } from '@elixa/contract';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { planQuickly } from '../testing/quickly';
import { planPot } from '../planEvening/planPot';
import { eveningFor } from '../testing/household';
import { ingredientById } from './ingredients';
import { POT_FOOD } from './kin';
import { drawFromSide } from '../arrange/drawing/fromSide';
import { sunkAt } from '../arrange/sunk';
import { housePotOf, housePotSays } from '../evening/housePot';
import { shoppingCsv } from '../formats/csv';
import { programText } from '../formats/programText';
import { shoppingText } from '../formats/shoppingText';
import { liveSteps } from '../live/liveSteps';
import { potCard } from '../planEvening/potCard';
import { counterList } from '../prep/counter';
import { catalogueOf } from './catalogue';
import { nameOf } from './nameOf';
import { ownIdOf, ownIngredient } from './ownThings';

import { runs } from '../testing/runs';

const evening = eveningFor(3);
const made = (thing: Omit<OwnThing, 'id'>, instead?: string) =>
  applyEdit(evening, { kind: 'ownMade', thing, ...(instead ? { instead } : {}) });
const inFor = (given: Evening, name: string) => {
  const piece = planPot(given).simmer.pieces.find((one) => nameOf(catalogueOf(given), one.ingredientId) === name)!;
  return piece.outAtS - piece.inAtS;
};

describe('a thing of the cook’s own', () => {
  it('is planned, cut, bought and cooked like what it is like, under its own name', () => {
    const thing = { name: 'rope-end noodles', likeId: 'udon' };
    const plan = planQuickly(made(thing));
    const id = ownIdOf(thing);
    expect(plan.menu.slots.map((slot) => slot.ingredientId)).toContain(id);
    expect(plan.shopping.map((item) => item.ingredientId)).toContain(id);
    expect(plan.simmer.pieces.map((piece) => piece.ingredientId)).toContain(id);
    expect(plan.prep.tasks.map((task) => task.subjectId)).toContain(id);
  });

  it.each(['potato', 'napaCabbage', 'shiitake', 'firmTofu'])('like %s is bought by its own weight', (likeId) => {
    const thing = { name: 'kohlrabi', likeId };
    const { shopping } = planQuickly(made(thing));
    const { buy, needText } = shopping.find((one) => one.ingredientId === ownIdOf(thing))!;
    expect(needText).toMatch(/^[\d.]+ k?g$/);
    expect(buy.text).toMatch(/^(\d+ × )?[\d.]+ k?g( (tray|pack|bag)s?)?$/);
  });

  it('is known to its own evening and to no other', () => {
    const { id, ...thing } = made({ name: 'only here', likeId: 'udon' }).own![0]!;
    planPot(made(thing));
    expect(catalogueOf(made(thing)).byId(id)).toMatchObject({ name: 'only here', likeId: 'udon' });
    expect(catalogueOf(evening).has(id)).toBe(false);
    const elsewhere = { ...evening, choices: { ...evening.choices, added: [id] } };
    expect(checkEvening(elsewhere).map((fault) => fault.field)).toEqual(['choices.added[0]']);
  });

  it('has its name and its look wherever an evening is told: drawn, listed, cooked, bought', async () => {
    const foods = new Set(planPot(evening).build.placements.map((one) => one.ingredientId));
    expect(foods.size).toBeGreaterThan(5);
    for (const ingredientId of foods) {
      const thing = { name: 'ours', likeId: ingredientId };
      const given = made(thing, ingredientId);
      const catalogue = catalogueOf(given);
      const plan = planQuickly(given);
      const { build, simmer } = plan;
      expect(simmer.pieces.map((one) => one.ingredientId)).toContain(ownIdOf(thing));
      const steps = liveSteps(catalogue, simmer).filter((step) => step.actions.length < 4);
      const mine = steps.filter(({ actions }) => actions.some((one) => one.ingredientId === ownIdOf(thing)));
      const drawn = potCard(given).drawing.names.find((one) => one.ingredientId === ownIdOf(thing));
      const kept = housePotOf(given, { id: 'kept', name: 'Kept', changedAt: given.sitDownAt });
      const lists = [
        counterList(catalogue, plan).find((one) => one.ingredientId === ownIdOf(thing))?.name,
        programText(catalogue, plan),
        shoppingText(catalogue, 'List', plan.shopping),
        await shoppingCsv(catalogue, plan.shopping),
        drawn?.name,
        housePotSays(kept).join(),
        ...mine.map((step) => step.title),
      ];
      for (const said of lists) expect(said).toMatch(/ours/i);
      drawFromSide(catalogue, given.vessel, { ...build, placements: sunkAt(catalogue, plan, 600) });
    }
  });

  it('is told apart from what it is like where both are in the pot, by its part too', () => {
    const greens = made({ name: 'tower leaf', likeId: 'napaCabbage' });
    const { actions } = planPot(greens).simmer;
    const said = actions.filter(({ kind, round }) => kind === 'add' && round === 1).map(({ says }) => says);
    for (const name of ['cabbage stems', 'cabbage leaves', 'tower leaf stems'])
      expect(said).toContain(`${name} into the pot`);
    expect(said).toEqual([...new Set(said)]);
  });

  it('of every food of the catalogue can be planned, as thick as it comes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...POT_FOOD.map((one) => one.id)),
        fc.option(fc.integer({ min: 1, max: 80 }), { nil: undefined }),
        fc.option(fc.integer({ min: 0, max: 20 }), { nil: undefined }),
        (likeId, thicknessMm, saltPct) => {
          const given = made({ name: 'ours', likeId, thicknessMm, saltPct });
          expect(checkEvening(given)).toEqual([]);
          expect(planPot(given).simmer.pieces.every((piece) => piece.safe)).toBe(true);
        },
      ),
      { numRuns: runs(25) },
    );
  });

  it('takes longer where it is thicker, and no less than its share where it is thinner', () => {
    const { thicknessMm: asUsual } = ingredientById('chickenThigh').cuts.chunk!;
    const cooked = (thicknessMm: number) => inFor(made({ name: 'ours', likeId: 'chickenThigh', thicknessMm }), 'ours');
    expect(cooked(asUsual * 1.4)).toBeGreaterThan(cooked(asUsual) * 1.4);
    expect(cooked(asUsual / 2)).toBeGreaterThanOrEqual(cooked(asUsual) * 0.45);
    const thick = ownIngredient({ id: 'own-1', name: 'ours', likeId: 'daikon', thicknessMm: 14 });
    expect(thick.cuts.halfMoon).toMatchObject({ label: '14 mm half-moons', thicknessMm: 14 });
  });

  it('is cooked for as long as was found out, wherever the evening names it, and never less than it must', () => {
    const timed = (likeId: string, timesLonger: number) => {
      const before = made({ name: 'ours', likeId }, likeId === 'oysterMushroom' ? 'enoki' : undefined);
      const { id } = before.own![0]!;
      return { id, after: applyEdit(before, { kind: 'ownTimed', ingredientId: id, timesLonger }) };
    };
    const { id, after } = timed('oysterMushroom', 1.5);
    expect(JSON.stringify(after)).not.toContain(id);
    expect(checkEvening(after)).toEqual([]);
    const best = (of: Evening) => Object.values(catalogueOf(of).byId(of.own![0]!.id).cuts)[0]!.cooks!.simmered!;
    const like = (likeId: string) => Object.values(ingredientById(likeId).cuts)[0]!.cooks!.simmered!;
    expect(best(after).bestMin).toBeCloseTo(like('oysterMushroom').bestMin * 1.5, 9);
    const meat = best(timed('chickenThigh', 0.5).after);
    expect(meat.safeMin).toBe(like('chickenThigh').safeMin);
    expect(meat.bestMin).toBeGreaterThanOrEqual(like('chickenThigh').safeMin);
    const plain = applyEdit(after, { kind: 'ownTimed', ingredientId: after.own![0]!.id, timesLonger: 1 });
    expect(plain.own![0]!.id).toBe(id);
  });

  it('brings the salt and the allergens of its label', () => {
    const thing: Omit<OwnThing, 'id'> = {
      name: 'dock sausage',
      likeId: 'frankfurter',
      saltPct: 4,
      allergens: ['mustard'],
    };
    const given = made(thing);
    const guest = { ...evening.diners[0]!, avoids: ['mustard' as const] };
    const plan = planPot({ ...given, diners: [guest, ...given.diners.slice(1)] });
    const conflict = plan.conflicts.find((one) => one.ingredientId === ownIdOf(thing));
    expect(conflict).toMatchObject({ why: 'avoids mustard', weight: 'harm' });
    const broth = (of: Evening) => planPot(of).liquids.find((one) => one.kind === 'broth')!;
    const saltOf = (of: Evening) => broth(of).ingredients.find((one) => one.ingredientId === 'salt')?.massG ?? 0;
    expect(saltOf(given)).toBeLessThan(saltOf(evening));
  });

  it('stands in for a part of a liquid by the salt of its label', () => {
    const soyG = (saltPct: number) => {
      const thing = { name: 'soy of the house', likeId: 'lightSoy', saltPct };
      const given = made(thing, 'lightSoy');
      expect(checkEvening(given)).toEqual([]);
      const parts = planPot(given).liquids.flatMap((liquid) => liquid.ingredients);
      return parts.find((part) => part.ingredientId === ownIdOf(thing))!.massG;
    };
    expect(soyG(8) / soyG(16)).toBeGreaterThan(1.7);
  });

  it('from a bottle is let down so far that the broth comes to its strength, whatever the label says', () => {
    for (const saltPct of [5, 10, 16]) {
      const thing = { name: 'belfry dashi', likeId: 'bottledDashi', saltPct };
      const given = applyEdit(evening, {
        kind: 'ownMade',
        thing,
        instead: 'bottledDashi',
        liquids: { broth: 'concentrateBroth' },
      });
      expect(checkEvening(given)).toEqual([]);
      const broth = planPot(given).liquids.find((one) => one.formulaId === 'concentrateBroth')!;
      const bottleG = broth.ingredients.find((part) => part.ingredientId === ownIdOf(thing))!.massG;
      // By hand: all the salt that is in the broth and in the food is from the bottle.
      expect((bottleG * saltPct) / 100).toBeCloseTo(broth.salt.inLiquidG + broth.salt.inPiecesG, 3);
      expect(broth.salinityPct).toBeCloseTo(0.82, 2);
    }
  });

  it('has an id that follows from what is said of it, and from nothing else', () => {
    const one = { name: 'ours', likeId: 'udon', thicknessMm: 4, saltPct: 1 };
    expect(ownIdOf({ ...one, allergens: ['egg', 'soy'] })).toBe(ownIdOf({ ...one, allergens: ['soy', 'egg'] }));
    const others = [{ ...one, name: 'theirs' }, { ...one, thicknessMm: 5 }, { ...one, saltPct: undefined }, one];
    expect(new Set(others.map(ownIdOf)).size).toBe(others.length);
  });

  it('is refused where it is like nothing, like another such thing, or under an id that is not its own', () => {
    const thing = { name: 'ours', likeId: 'udon' };
    const id = ownIdOf(thing);
    const faultsOf = (own: OwnThing[]) => checkEvening({ ...evening, own }).map((fault) => fault.field);
    expect(faultsOf([{ ...thing, id }])).toEqual([]);
    expect(faultsOf([{ ...thing, id: 'ownOther' }])).toEqual(['own[0].id']);
    expect(faultsOf([{ name: 'ours', likeId: 'gravel', id: ownIdOf({ name: 'ours', likeId: 'gravel' }) }])).toEqual([
      'own[0].likeId',
    ]);
    const nested = { name: 'more', likeId: id };
    expect(faultsOf([{ ...nested, id: ownIdOf(nested) }])).toEqual(['own[0].likeId']);
    expect(() => made({ name: 'ours', likeId: 'gravel' })).toThrow(RangeError);
  });
});
