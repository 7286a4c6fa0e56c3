import { ingredientById } from '../catalogue/ingredients';
import { perHeadTyped } from './perHeadTyped';

const shiitake = ingredientById('shiitake');
const pieceG = shiitake.cuts.cap!.pieceG;

describe('an amount for a head as it is typed', () => {
  it.each<[string, number]>([
    ['40 g', 40],
    ['40', 40],
    ['0,05 kg', 50],
    ['3 pieces', 3 * pieceG],
    ['2 caps', 2 * pieceG],
    ['half a piece', pieceG / 2],
  ])('understands %s', (text, grams) => {
    expect(perHeadTyped(text, shiitake, 'metric', 'cap', pieceG)).toBeCloseTo(grams, 6);
  });

  it('takes a bare number for ounces where the cook measures by them', () => {
    expect(perHeadTyped('2', shiitake, 'us', 'cap', pieceG)).toBeCloseTo(56.7, 1);
    expect(perHeadTyped('2 oz', shiitake, 'metric', 'cap')).toBeCloseTo(56.7, 1);
  });

  it.each(['', 'some', '-3', '1200 g', '80 pieces'])('does not guess at "%s"', (text) => {
    expect(perHeadTyped(text, shiitake, 'metric', 'cap', pieceG)).toBeUndefined();
  });
});
