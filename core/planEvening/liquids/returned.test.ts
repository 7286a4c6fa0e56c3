import { STYLES } from '../../catalogue/styles';
import { applyEdit } from '../../evening/edits/applyEdit';
import { eveningFor, suited } from '../../testing/household';
import { planQuickly } from '../../testing/quickly';
import { planPot } from '../planPot';

/** Every thing that comes back out of a liquid, with its pot. */
const RETURNS = STYLES.flatMap((style) => style.returns.map((back) => ({ style, ...back, styleId: style.id })));

/** The pot with the liquid that it comes out of, and with the thing itself where a cook has to ask for it. */
function cookedIn(count: number, { style, fromFormulaId, ingredientId, cut }: (typeof RETURNS)[number]) {
  const evening = applyEdit(suited(eveningFor(count), style.id), {
    kind: 'liquidsChosen',
    liquids: { broth: fromFormulaId },
  });
  const slot = style.slots.find((one) => one.ingredientId === ingredientId && one.cuts.some((own) => own.cut === cut));
  return slot?.optional ? applyEdit(evening, { kind: 'putIn', ingredientId }) : evening;
}

describe('what was cooked in a liquid and is eaten from the pot', () => {
  it('is there to be looked at', () => {
    expect(RETURNS.map((one) => one.styleId)).toEqual(
      expect.arrayContaining(['souredCabbagePork', 'fishCakeJeongol', 'mushroomPot', 'plainWaterChicken']),
    );
  });

  it.each(RETURNS)('is in the liquid as much as in the pot, and is bought once: $styleId, $ingredientId', (back) => {
    const { ingredientId, fromFormulaId } = back;
    for (const count of [1, 3, 8, 14]) {
      const plan = planPot(cookedIn(count, back));
      const inPot = plan.amounts.filter((one) => one.ingredientId === ingredientId && one.purpose === 'pot');
      const inLiquid = plan.liquids
        .find((one) => one.formulaId === fromFormulaId)!
        .ingredients.find((one) => one.ingredientId === ingredientId)!;
      const massG = inPot.reduce((sum, one) => sum + one.massG, 0);
      expect(massG).toBeGreaterThan(0);
      expect(inLiquid.massG).toBeCloseTo(massG, 6);
      expect(plan.shopping.find((one) => one.ingredientId === ingredientId)!.needG).toBeCloseTo(massG, 0);
      expect(plan.amounts.filter((one) => one.ingredientId === ingredientId)).toEqual(inPot);
    }
  });

  it.each(RETURNS)('is cut when it has been lifted out: $styleId, $ingredientId', (back) => {
    const { prep, liquids } = planQuickly(cookedIn(3, back));
    const liquid = liquids.find((one) => one.formulaId === back.fromFormulaId)!;
    // That it comes back to the boil before it is poured is no part of making it.
    const startsOf = (subject: string) =>
      prep.tasks
        .filter((task) => task.subjectId === subject && task.blockId !== `${liquid.id}-heated`)
        .map((task) => Date.parse(task.startsAt));
    expect(Math.min(...startsOf(back.ingredientId))).toBeGreaterThanOrEqual(Math.max(...startsOf(liquid.id)));
  });

  it('is of the liquid alone where the pot goes without it', () => {
    const evening = suited(eveningFor(3), 'fishCakeJeongol');
    const plan = planPot({ ...evening, overrides: { gramsPerHead: { daikon: 0 } } });
    const bought = plan.amounts.filter((one) => one.ingredientId === 'daikon');
    expect(bought.map((one) => one.purpose)).toEqual(['broth']);
  });
});
