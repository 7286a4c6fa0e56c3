import { ingredientById } from '../../catalogue/ingredients';
import { RUNS_OFF } from './runOff';
import { PIECES_GIVE_SALT } from '../../formula/balance';
import { eveningFor, suited } from '../../testing/household';
import { planPot } from '../planPot';

const brothOf = (styleId: string, gramsPerHead: Record<string, number> = {}) => {
  const plan = planPot(suited(eveningFor(4, { overrides: { gramsPerHead } }), styleId));
  return { plan, broth: plan.liquids.find((one) => one.kind === 'broth' && one.place === 'pot')! };
};

describe('food that is salty itself', () => {
  it('seasons the broth: less is put in, and the table tastes the same', () => {
    const usual = brothOf('spicyStew').broth;
    const more = brothOf('spicyStew', { kimchi: 160 }).broth;
    expect(usual.salinityAsMadePct).toBeLessThan(usual.salinityPct - 0.2);
    expect(more.salt.fromPiecesG).toBeGreaterThan(usual.salt.fromPiecesG);
    expect(more.salt.addedG).toBeLessThan(usual.salt.addedG);
    expect(more.salinityPct).toBeCloseTo(usual.salinityPct, 1);
  });

  it.each(['spicyStew', 'fishCakeJeongol', 'souredCabbagePork', 'numbingPot'])(
    'gives what can be added up by hand: %s',
    (styleId) => {
      const { plan, broth } = brothOf(styleId);
      const salty = plan.amounts
        .filter((one) => one.purpose === 'pot' && ingredientById(one.ingredientId).saltPct >= 1)
        .reduce((sum, one) => sum + (one.massG * ingredientById(one.ingredientId).saltPct) / 100, 0);
      expect(salty).toBeGreaterThan(1);
      expect(broth.salt.fromPiecesG).toBeCloseTo(PIECES_GIVE_SALT * salty, 6);
      const { addedG, extractedG, fromPiecesG, inPiecesG, inLiquidG } = broth.salt;
      expect(addedG + extractedG + fromPiecesG).toBeCloseTo(inPiecesG + inLiquidG, 6);
    },
  );

  it('sours it too: soured cabbage brings its acid along', () => {
    const { broth } = brothOf('souredCabbagePork');
    expect(broth.acidityPct).toBeGreaterThan(
      brothOf('souredCabbagePork', { souredCabbage: 30 }).broth.acidityPct * 1.5,
    );
  });

  it('is no matter where nothing is: fresh things take salt and give none', () => {
    const { broth } = brothOf('clearChicken');
    expect(broth.salt.fromPiecesG).toBe(0);
    expect(broth.salt.inPiecesG).toBeGreaterThan(0);
  });
});

describe('food from a marinade', () => {
  it('gives about half of the salt and sugar that it lay in, and takes none', () => {
    const { plan, broth } = brothOf('beefJeongol');
    const marinade = plan.liquids.find((one) => one.kind === 'marinade')!;
    const of = (property: 'saltPct' | 'sweetnessPct') =>
      marinade.ingredients
        .filter((part) => part.role !== 'aroma')
        .reduce((sum, part) => sum + (part.massG * ingredientById(part.ingredientId)[property]) / 100, 0);
    expect(of('saltPct')).toBeGreaterThan(2);
    expect(broth.salt.fromPiecesG).toBeCloseTo(RUNS_OFF * of('saltPct'), 6);
    expect(broth.sweetnessPct * (broth.water.finishedG / 100)).toBeGreaterThan(RUNS_OFF * of('sweetnessPct') * 0.9);
    const { addedG, extractedG, fromPiecesG, inPiecesG, inLiquidG } = broth.salt;
    expect(addedG + extractedG + fromPiecesG).toBeCloseTo(inPiecesG + inLiquidG, 6);
  });

  it('so needs less seasoning than the same pot without', () => {
    const evening = suited(eveningFor(4), 'beefJeongol');
    const plain = { ...evening, choices: { ...evening.choices, liquids: { ahead: [] } } };
    const addedG = (of: typeof evening) =>
      planPot(of).liquids.find((one) => one.kind === 'broth' && one.place === 'pot')!.salt.addedG;
    expect(addedG(evening)).toBeLessThan(addedG(plain) * 0.9);
    expect(planPot(evening).liquids[0]!.salinityPct).toBeCloseTo(planPot(plain).liquids[0]!.salinityPct, 2);
  });
});
