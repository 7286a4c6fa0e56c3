import type { Evening } from '@elixa/contract';
import { BROTHS } from '../catalogue/formulas';
import { ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { partsOf } from '../formula/schools';
import { eveningFor, guests } from '../testing/household';
import { applyEdit } from './edits/applyEdit';
import { styleChosen } from './edits/styleChosen';
import { resolveMenu } from './resolveMenu';

const RETURNING = STYLES.filter((style) => style.returns.length > 0);
const of = (styleId: string, more: Partial<Evening> = {}) => styleChosen(eveningFor(4, more), styleId);
const isFromLiquid = (id: string, cut: string) => ingredientById(id).cuts[cut]?.fromLiquid === true;
const mainOf = (evening: Evening) => resolveMenu(evening).menu!.food.filter((one) => one.role === 'main');

describe('what comes out of the liquid that it was cooked in', () => {
  it.each(RETURNING)('is raw wherever that is not made: $name', ({ id }) => {
    let cooked = 0;
    for (const broth of [undefined, ...BROTHS]) {
      const evening = applyEdit(of(id), { kind: 'liquidsChosen', liquids: { broth: broth?.id } });
      const { menu } = resolveMenu(evening);
      if (!menu) continue;
      const inBroth = new Set(partsOf(menu.chosen.broth!, menu.evening.style.schools).map((one) => one.ingredientId));
      for (const { ingredientId, cuts } of menu.food) {
        for (const { cut } of cuts.filter((one) => isFromLiquid(ingredientId, one.cut))) {
          expect(`${menu.chosen.broth!.id}: ${ingredientId}/${cut} ${inBroth.has(ingredientId)}`).toMatch(/true$/);
          cooked += 1;
        }
      }
    }
    // With the broth of the pot itself it is cooked, or else this says nothing; one school of plain water has none.
    if (id !== 'plainWaterChicken') expect(cooked).toBeGreaterThan(0);
  });

  it.each(RETURNING)('never goes to a guest who may have nothing of that liquid: $name', ({ id }) => {
    const { menu } = resolveMenu(
      of(id, { diners: [...guests(3), { ...guests(1)[0]!, name: 'Sexton', diets: ['vegan'] }] }),
    );
    const apart = menu!.food.filter((one) => one.pan === 'aside');
    for (const { ingredientId, cuts } of apart) {
      expect(
        cuts.filter(({ cut }) => isFromLiquid(ingredientId, cut)).map(({ cut }) => `${ingredientId}/${cut}`),
      ).toEqual([]);
    }
  });

  it('is no cut that a cook can ask for in another pot', () => {
    const evening = applyEdit(of('clearChicken'), { kind: 'cutChosen', ingredientId: 'daikon', cut: 'fromStock' });
    expect(resolveMenu(evening).faults.map((one) => one.field)).toEqual(['choices.cuts.daikon']);
  });
});

describe('schools of what simmers in a pot', () => {
  const chicken = (evening: Evening) => mainOf(evening).map((one) => `${one.ingredientId}/${one.cuts[0]!.cut}`);

  it('bring their own formula, and what belongs to it', () => {
    const plain = of('plainWaterChicken');
    expect(resolveMenu(plain).menu!.chosen.broth!.id).toBe('kelpWater');
    expect(chicken(plain)).toEqual(['chickenThigh/chunk']);
    const own = applyEdit(plain, { kind: 'schoolFollowed', question: 'liquid', option: 'ownBroth' });
    expect(resolveMenu(own).menu!.chosen.broth!.id).toBe('plainChickenBroth');
    expect(chicken(own)).toEqual(['chickenBoneIn/fromStock']);
  });

  it('are followed when their formula is chosen, and take the place of one that was chosen before', () => {
    const chosen = applyEdit(of('mushroomPot'), { kind: 'liquidsChosen', liquids: { broth: 'mushroomKelp' } });
    expect(chosen.style.schools.liquid).toBe('kelp');
    expect(mainOf(chosen)).toEqual([]);
    const other = applyEdit(chosen, { kind: 'liquidsChosen', liquids: { broth: 'tomatoBroth' } });
    expect(resolveMenu(other).menu!.chosen.broth!.id).toBe('tomatoBroth');
    const back = applyEdit(other, { kind: 'schoolFollowed', question: 'liquid', option: 'chicken' });
    expect(back.choices.liquids?.broth).toBeUndefined();
    expect(resolveMenu(back).menu!.chosen.broth!.id).toBe('chickenDaikonBroth');
  });

  it('name a formula for each of their answers', () => {
    for (const { schools, brothBySchool } of STYLES) {
      if (!brothBySchool) continue;
      const choice = schools.find((one) => one.id === brothBySchool.question)!;
      expect(Object.keys(brothBySchool.formulaIds).sort()).toEqual(choice.options.map((one) => one.id).sort());
      for (const id of Object.values(brothBySchool.formulaIds)) expect(BROTHS.map((one) => one.id)).toContain(id);
    }
  });
});
