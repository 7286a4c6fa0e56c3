import type { Style } from '../../catalogue/style';
import { STYLES } from '../../catalogue/styles';
import { applyEdit } from '../../evening/edits/applyEdit';
import { eveningFor, suited } from '../../testing/household';
import { planEvening } from '../planEvening';
import { planPot } from '../planPot';

/** The pot with the liquid that it comes out of. */
const cookedIn = (count: number, { id, returns }: Style) =>
  applyEdit(suited(eveningFor(count), id), {
    kind: 'liquidsChosen',
    liquids: { broth: returns[0]!.fromFormulaId },
  });
const WITH_RETURNS = STYLES.filter((style) => style.returns.length > 0);

describe('what was cooked in a liquid and is eaten from the pot', () => {
  it('is there to be looked at', () => {
    expect(WITH_RETURNS.map((style) => style.id)).toEqual(
      expect.arrayContaining(['souredCabbagePork', 'fishCakeJeongol', 'mushroomPot']),
    );
  });

  it.each(WITH_RETURNS.map((style) => [style.id, style] as const))(
    'is in the liquid as much as in the pot, and is bought once: %s',
    (_id, style) => {
      for (const count of [1, 3, 8, 14]) {
        const plan = planPot(cookedIn(count, style));
        for (const { fromFormulaId, ingredientId } of style.returns) {
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
      }
    },
  );

  it.each(WITH_RETURNS.map((style) => [style.id, style] as const))(
    'is cut when it has been lifted out: %s',
    (_id, style) => {
      const { prep, liquids } = planEvening(cookedIn(3, style));
      for (const { fromFormulaId, ingredientId } of style.returns) {
        const liquid = liquids.find((one) => one.formulaId === fromFormulaId)!;
        const startsOf = (subject: string) =>
          prep.tasks.filter((task) => task.subjectId === subject).map((task) => Date.parse(task.startsAt));
        expect(Math.min(...startsOf(ingredientId))).toBeGreaterThanOrEqual(Math.max(...startsOf(liquid.id)));
      }
    },
  );

  it('is of the liquid alone where the pot goes without it', () => {
    const evening = suited(eveningFor(3), 'fishCakeJeongol');
    const plan = planPot({ ...evening, overrides: { gramsPerHead: { daikon: 0 } } });
    const bought = plan.amounts.filter((one) => one.ingredientId === 'daikon');
    expect(bought.map((one) => one.purpose)).toEqual(['broth']);
  });
});
