import { INGREDIENTS } from '../catalogue/ingredients';
import { planPot } from '../planEvening/planPot';
import { eveningFor } from '../testing/household';
import { fractionText } from './fraction';
import { packWords, showLength, showWeight, withLengths } from './showSize';

describe('sizes where nothing has to be exact', () => {
  it.each([
    [83, '85 g', '3 oz'],
    [12, '12 g', '½ oz'],
    [610, '610 g', '1 lb 5½ oz'],
    [1234, '1.23 kg', '2 lb 11½ oz'],
    [1, '1 g', '¼ oz'],
  ])('%d g', (massG, metric, us) => {
    expect(showWeight(massG, 'metric')).toBe(metric);
    expect(showWeight(massG, 'us')).toBe(us);
  });

  it.each([
    [4, '4 mm', '⅛ in'],
    [30, '30 mm', '1⅛ in'],
    [72, '72 mm', '2⅞ in'],
    [280, '28 cm', '11 in'],
  ])('%d mm', (mm, metric, us) => {
    expect(showLength(mm, 'eastAsian')).toBe(metric);
    expect(showLength(mm, 'us')).toBe(us);
  });

  it('changes the lengths in words, and nothing else in them', () => {
    expect(withLengths('stems, 3 cm on the slant', 'us')).toBe('stems, 1 in on the slant');
    expect(withLengths('4 mm rounds', 'metric')).toBe('4 mm rounds');
    expect(withLengths('cut in 4 commas', 'us')).toBe('cut in 4 commas');
    for (const { label } of INGREDIENTS.flatMap((one) => Object.values(one.cuts)))
      expect(withLengths(label, 'us')).not.toMatch(/\d ?(mm|cm)\b/);
  });

  it('has thin slices in sixteenths', () => {
    expect(withLengths('2 mm slices', 'us')).toBe('1/16 in slices');
  });

  it('never has a piece cut thicker than its time is for', () => {
    for (const [mm, inches] of [
      [30, 1],
      [50, 1.75],
      [15, 0.5],
      [8, 0.25],
      [28, 1],
    ] as const) {
      expect(inches * 25.4).toBeLessThanOrEqual(mm);
      expect(withLengths(`${mm} mm slices`, 'us')).toBe(`${fractionText(inches)} in slices`);
    }
  });
});

it.each([
  ['500 ml bottle', '17 fl oz bottle'],
  ['1 kg bag', '2 lb 3½ oz bag'],
  ['jar', 'jar'],
])('a %s is sold as a %s', (metric, us) => {
  expect(packWords(metric, 'us')).toBe(us);
  expect(packWords(metric, 'metric')).toBe(metric);
});

describe('an evening in a kitchen of cups, ounces and inches', () => {
  it('is told no grams, millilitres or millimetres in anything a cook reads', () => {
    const plan = planPot(eveningFor(6, { units: 'us' }));
    const words = [
      ...plan.amounts.flatMap((one) => [one.shown.text, one.cut ?? '']),
      ...plan.liquids.flatMap((one) => [
        one.startWaterText,
        ...one.ingredients.map((part) => part.shownText),
        ...one.steps.map((step) => step.says),
      ]),
      ...plan.simmer.actions.flatMap((one) => [one.says, one.shownText ?? '']),
      ...plan.shopping.flatMap((one) => [one.needText, one.buy.text, one.use?.text ?? '']),
      ...plan.simmer.unsatisfied.flatMap((one) => [one.text, one.because]),
    ];
    expect(words.filter((one) => /\d ?(k?g|m?l|mm|cm)\b/.test(one))).toEqual([]);
  });
});
