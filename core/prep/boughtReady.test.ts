import type { Evening } from '@elixa/contract';
import { formulaById } from '../catalogue/formulas';
import { INGREDIENTS } from '../catalogue/ingredients';
import { isBoughtReady, prepWorkOf } from '../catalogue/prepWork';
import { fits } from '../catalogue/school';
import { STYLES } from '../catalogue/styles';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { schoolsOf } from '../formula/schools';
import { eveningFor, suited } from '../testing/household';
import { prepQuickly } from '../testing/quickly';

const ofStyle = (id: string) => suited(eveningFor(4), id);
const taskOf = (evening: Evening, ingredientId: string) =>
  prepQuickly(evening).tasks.filter((one) => one.kind === 'food' && one.subjectId === ingredientId);
const tonight = STYLES.flatMap((style) =>
  style.slots.flatMap(({ ingredientId, cuts: [first] }) =>
    first ? [{ styleId: style.id, ingredientId, cut: first.cut }] : [],
  ),
);
const sold = tonight.filter(({ styleId, ingredientId, cut }) =>
  isBoughtReady(
    ofStyle(styleId),
    INGREDIENTS.find((one) => one.id === ingredientId)!,
    cut,
  ),
);

describe('what shops sell ready to cook', () => {
  it('is meat in slices as thin as no knife at home has them at once, whatever the pot', () => {
    const thin = tonight.filter(({ ingredientId, cut }) => {
      const what = INGREDIENTS.find((one) => one.id === ingredientId)!;
      return what.family === 'meat' && cut === 'thin';
    });
    expect(thin.length).toBeGreaterThan(5);
    for (const one of thin) expect(sold).toContainEqual(one);
    for (const { ingredientId, cut } of sold)
      expect(
        prepWorkOf(
          INGREDIENTS.find((one) => one.id === ingredientId)!,
          cut,
        ).bought,
      ).toBeTruthy();
  });

  it.each(sold)('$ingredientId of $styleId is no work unless the cook wants to do it, and back', (one) => {
    const evening = ofStyle(one.styleId);
    expect(taskOf(evening, one.ingredientId)).toEqual([]);
    const byHand = applyEdit(evening, { kind: 'boughtReady', ingredientId: one.ingredientId, bought: false });
    expect(checkEvening(byHand)).toEqual([]);
    expect(taskOf(byHand, one.ingredientId).length).toBeGreaterThan(0);
    const again = applyEdit(byHand, { kind: 'boughtReady', ingredientId: one.ingredientId, bought: true });
    expect(taskOf(again, one.ingredientId)).toEqual([]);
  });

  it('makes a pot for a busy night quick', () => {
    const { spanS, attendedS } = prepQuickly(ofStyle('stagedOnePot'));
    expect(spanS).toBeLessThanOrEqual(60 * 60);
    expect(attendedS).toBeLessThanOrEqual(55 * 60);
  });
});

describe('a red oil broth', () => {
  const formula = formulaById('numbingBroth')!;
  const { steps, parts } = formula;
  const stepsBy = (base: string) => steps.filter(({ when }) => fits(when, schoolsOf(formula, { base })));
  const idsBy = (base: string) => stepsBy(base).map((one) => one.id);

  it('boils no bones where it is made in a hurry', () => {
    expect(idsBy('quick')).not.toContain('stock');
    expect(stepsBy('quick').reduce((sum, one) => sum + one.minutes, 0)).toBeLessThanOrEqual(20);
    expect(idsBy('fresh')).toContain('stock');
  });

  it.each(['fresh', 'quick'])('is fried in order, each thing by its own sign: %s', (base) => {
    const order = idsBy(base);
    const at = (ingredientId: string) => {
      const goesIn = parts
        .filter((one) => one.ingredientId === ingredientId && fits(one.when, schoolsOf(formula, { base })))
        .flatMap((one) => one.in ?? []);
      return order.findIndex((id) => goesIn.includes(id));
    };
    const chilli = base === 'quick' ? 'chilliFlakes' : 'driedChilli';
    const inOrder = ['beefTallow', 'garlic', chilli, 'sichuanPepper', 'rockSugar'].map(at);
    expect(inOrder.every((place) => place >= 0)).toBe(true);
    expect(inOrder).toEqual([...inOrder].sort((a, b) => a - b));
    expect(new Set(inOrder).size).toBe(inOrder.length);
    expect(at('riceWine')).toBe(at('sichuanPepper'));
    for (const place of inOrder) expect(stepsBy(base)[place]!.lookFor).toBeTruthy();
  });
});
