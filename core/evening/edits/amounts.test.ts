import type { Edit, Evening } from '@elixa/contract';
import fc from 'fast-check';
import { ingredientById } from '../../catalogue/ingredients';
import { kinOf } from '../../catalogue/kin';
import { planPot } from '../../planEvening/planPot';
import { eveningFor, suited } from '../../testing/household';
import { checkEvening } from '../resolveMenu';
import { applyEdit } from './applyEdit';

const evening = eveningFor(4);

/** Grams of each thing that goes into the pot. */
const inPot = (given: Evening) =>
  new Map(planPot(given).amounts.flatMap((one) => (one.purpose === 'pot' ? [[one.ingredientId, one.massG]] : [])));
const mushroomsG = (given: Evening) =>
  [...inPot(given)].reduce((sum, [id, massG]) => sum + (kinOf(ingredientById(id)) === 'mushroom' ? massG : 0), 0);
const after = (...edits: Edit[]) => edits.reduce<Evening>((given, edit) => applyEdit(given, edit), evening);

describe('composing a pot', () => {
  it('takes anything whose time is known, buys it, cooks it and gives it its place', () => {
    const plan = planPot(after({ kind: 'putIn', ingredientId: 'clam' }));
    expect(plan.simmer.pieces.some((piece) => piece.ingredientId === 'clam' && piece.safe)).toBe(true);
    expect(plan.shopping.map((item) => item.ingredientId)).toContain('clam');
    expect(plan.build.placements.map((sector) => sector.ingredientId)).toContain('clam');
  });

  it('keeps the sum of the mushrooms where the cook says so, and lets it be where not', () => {
    const before = mushroomsG(evening);
    const grams = { ingredientId: 'shiitake', grams: 45 } as const;
    expect(mushroomsG(after({ kind: 'amountSet', ...grams, keepSum: true })) / before).toBeCloseTo(1, 1);
    expect(mushroomsG(after({ kind: 'amountSet', ...grams }))).toBeCloseTo(before + 4 * 18, 6);
    const without = after({ kind: 'leftOut', ingredientId: 'enoki', keepSum: true });
    expect(inPot(without).get('enoki')).toBeUndefined();
    expect(mushroomsG(without) / before).toBeCloseTo(1, 1);
    const more = after({ kind: 'putIn', ingredientId: 'maitake', keepSum: true });
    expect(inPot(more).get('maitake')).toBeGreaterThan(0);
    expect(mushroomsG(more) / before).toBeCloseTo(1, 1);
  });

  it('keeps any sum to a gram for each thing, and never below nothing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 120 }), (grams) => {
        const changed = after({ kind: 'amountSet', ingredientId: 'shiitake', grams, keepSum: true });
        const { enoki = 25, shiitake = 27 } = changed.overrides.gramsPerHead ?? {};
        expect(enoki).toBeGreaterThanOrEqual(1);
        if (grams < 50) expect(Math.abs(enoki + shiitake - 52)).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('never makes the fat of the pan up for meat, nor meat for the fat', () => {
    const pan = suited(eveningFor(4), 'sukiyakiEast');
    const more = applyEdit(pan, { kind: 'amountSet', ingredientId: 'beefSlice', grams: 200, keepSum: true });
    expect(more.overrides.gramsPerHead).toEqual({ beefSlice: 200 });
    const swap = { ingredientId: 'beefTallow', withIngredientId: 'chickenThigh', scope: 'everyone' } as const;
    expect(checkEvening(applyEdit(pan, { kind: 'swapTaken', swap })).map((fault) => fault.field)).toEqual([
      'choices.swaps[0].withIngredientId',
    ]);
  });

  it('exchanges like for like: the same mass of another mushroom, and as much as is usual of what is dry', () => {
    const swapped = (withIngredientId: string) =>
      inPot(after({ kind: 'swapTaken', swap: { ingredientId: 'shiitake', withIngredientId, scope: 'everyone' } })).get(
        withIngredientId,
      );
    expect(swapped('maitake')).toBeCloseTo(4 * 27, 6);
    expect(swapped('woodEar')).toBeLessThan(4 * 8);
  });

  it('puts back what was left out, instead of adding it a second time', () => {
    const back = after({ kind: 'leftOut', ingredientId: 'enoki' }, { kind: 'putIn', ingredientId: 'enoki' });
    expect([back.choices.leaveOut, back.choices.added]).toEqual([[], undefined]);
  });

  it('gives the usual amount again', () => {
    const typed = after({ kind: 'amountSet', ingredientId: 'enoki', grams: 60 });
    const usual = applyEdit(typed, { kind: 'amountSet', ingredientId: 'enoki' });
    expect(inPot(usual).get('enoki')).toBe(inPot(evening).get('enoki'));
  });

  it('cuts a thing in another way, which takes another time', () => {
    const thin = planPot(after({ kind: 'cutChosen', ingredientId: 'daikon', cut: 'thinQuarter' }));
    const inFor = (plan: ReturnType<typeof planPot>) => {
      const piece = plan.simmer.pieces.find((one) => one.ingredientId === 'daikon')!;
      return piece.outAtS - piece.inAtS;
    };
    expect(inFor(thin)).toBeLessThan(inFor(planPot(evening)));
  });

  it.each<[Partial<Evening['choices']>, string]>([
    [{ added: ['gravel'] }, 'choices.added[0]'],
    [{ added: ['salt'] }, 'choices.added[0]'],
    [{ added: ['clam', 'clam'] }, 'choices.added[1]'],
    [{ added: ['daikon'] }, 'choices.added[0]'],
    [{ cuts: { daikon: 'spiral' } }, 'choices.cuts.daikon'],
    [{ cuts: { clam: 'shell' } }, 'choices.cuts.clam'],
  ])('says what cannot be, with its field: %j', (choices, field) => {
    const faults = checkEvening({ ...evening, choices: { ...evening.choices, ...choices } });
    expect(faults.map((fault) => fault.field)).toEqual([field]);
  });
});
