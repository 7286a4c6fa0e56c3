import fc from 'fast-check';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { GLYPHS } from '../catalogue/look';
import { FORMS } from '../catalogue/forms';
import { GLAZES } from '../catalogue/glazes';
import { dealt, pieceOf, piecesOf } from './pieces';

const CUTS = INGREDIENTS.flatMap((one) =>
  Object.entries(one.cuts)
    .filter(([, cut]) => cut.cooks)
    .map(([cut]) => ({ id: one.id, cut })),
);

describe('food as it lies in a pot', () => {
  it('is drawn in a shape and a glaze that exist, as large as its mass makes it, within what a pot can hold', () => {
    for (const { id, cut } of CUTS) {
      const piece = pieceOf(ingredientById(id), cut);
      expect([id, cut, GLYPHS.includes(piece.glyph), piece.glaze in GLAZES]).toEqual([id, cut, true, true]);
      expect([id, cut, piece.alongMm > 5 && piece.alongMm < 160 && piece.acrossMm < 130]).toEqual([id, cut, true]);
    }
  });

  it('covers as much as it is flat, where it lies flat: a block of tofu by a ruler', () => {
    // 38 g of 1.02 g/ml, 30 mm high: 1,242 mm², a square of 35 mm.
    const { alongMm, acrossMm, form } = pieceOf(ingredientById('firmTofu'), 'block');
    expect(alongMm * acrossMm * form.fills).toBeCloseTo((38 / 1.02 / 30) * 1000 * form.shows, 6);
    expect(alongMm).toBeCloseTo(36.6, 0);
  });

  it('comes in fewer pieces where it is cut thicker, and takes no more room for it', () => {
    const thin = piecesOf(ingredientById('daikon'), 'halfMoon', 400);
    const thick = piecesOf(ingredientById('daikon'), 'halfMoon', 400, 16);
    expect(thick.count).toBeLessThan(thin.count);
    expect(thick.bulkMl).toBeCloseTo(thin.bulkMl, 6);
    expect(thick.piece.alongMm).toBeCloseTo(thin.piece.alongMm, 6);
  });

  it('takes more room dry than in the liquid; leaves most of all', () => {
    for (const { id, cut } of CUTS) {
      const { bulkMl, settledMl } = piecesOf(ingredientById(id), cut, 100);
      expect([id, cut, bulkMl >= settledMl - 1e-9]).toEqual([id, cut, true]);
    }
    const more = (id: string, cut: string) =>
      piecesOf(ingredientById(id), cut, 100).bulkMl / piecesOf(ingredientById(id), cut, 100).settledMl;
    expect(more('lettuce', 'torn')).toBeGreaterThan(1.8);
    expect(more('firmTofu', 'block')).toBeLessThan(1.35);
  });

  it('has more air between leaves than between blocks, in every shape some', () => {
    for (const glyph of GLYPHS) expect(FORMS[glyph].gaps).toBeGreaterThan(0);
    expect(FORMS.leaf.gaps).toBeGreaterThan(FORMS.chunk.gaps);
    expect(FORMS.chunk.gaps).toBeGreaterThan(FORMS.block.gaps);
  });

  it('is dealt into rounds in whole pieces, none lost, each round within a piece of its share', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 400 }), fc.integer({ min: 1, max: 20 }), (count, rounds) => {
        const each = Array.from({ length: rounds }, (_, index) => dealt(count, rounds, index + 1));
        expect(each.reduce((sum, one) => sum + one, 0)).toBe(count);
        for (const one of each) expect(Math.abs(one - count / rounds)).toBeLessThan(1);
      }),
    );
  });
});
