import fc from 'fast-check';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { buyWhole } from './buyWhole';
import { fractionText } from './fraction';
import { gramsTyped } from './gramsTyped';
import { measurableG, spoonedSaltG } from './measurable';
import { parseAmount } from './parseAmount';
import { measureBoundPct, showMeasure, showPinch, showVolume } from './showMeasure';
import { showThickness, withLengths } from './showSize';
import { runs } from '../testing/runs';

const UNITS = ['metric', 'us', 'eastAsian'] as const;

describe('kitchen rounding', () => {
  it('shows a measure whose error is the stated one and lies within the bound', () => {
    const any = fc.tuple(
      fc.constantFrom(...INGREDIENTS),
      fc.constantFrom(...UNITS),
      fc.double({ min: 1, max: 6000, noNaN: true }),
    );
    fc.assert(
      fc.property(any, ([what, units, massG]) => {
        const shown = showMeasure(massG, what, units);
        const meantG = gramsTyped(shown.text, what, units)!;
        const isWithin = Math.abs(shown.errorPct) <= measureBoundPct(massG, what, units) + 1e-6;
        const isAsStated = Math.abs(meantG - massG * (1 + shown.errorPct / 100)) / massG < 0.006;
        expect({ ...shown, isWithin, isAsStated }).toMatchObject({ isWithin: true, isAsStated: true });
      }),
      { numRuns: runs(2000) },
    );
  });

  it('shows no tenths of a gram of what a kitchen scale weighs in grams', () => {
    for (const [id, massG] of [
      ['sugar', 8.1],
      ['daikon', 98],
      ['bonitoFlakes', 37.6],
      ['longOnion', 59],
      ['kelp', 18.8],
    ] as const) {
      expect(showMeasure(massG, ingredientById(id), 'metric').text).not.toMatch(/\d\.\d+ g|^98 g|^59 g/);
    }
  });

  it('shows tenths of a gram of nothing, and halves only below three grams', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...INGREDIENTS),
        fc.constantFrom(...UNITS),
        fc.double({ min: 0.2, max: 60, noNaN: true }),
        (what, units, massG) => {
          const { text } = showMeasure(massG, what, units);
          expect(text).not.toMatch(massG < 3 ? /^0 |\.[^5] g|\.\d\d/ : /^0 |\. ?\d+ g/);
        },
      ),
      { numRuns: runs(1500) },
    );
  });

  it('weighs nothing in grams for a kitchen of cups, spoons, ounces and inches, but the smallest pinch of what has none', () => {
    const shown = INGREDIENTS.flatMap((what) =>
      [6, 13, 19.4, 47, 98, 260, 1150].map((massG) => `${what.id} ${showMeasure(massG, what, 'us').text}`),
    );
    expect(shown.filter((text) => / k?g$/.test(text))).toEqual([]);
    expect(showMeasure(9.7, ingredientById('kelp'), 'us').text).toBe('1 square, 4 in');
    expect(showMeasure(12, ingredientById('ginger'), 'us').text).toBe('1½ inches');
    expect(showMeasure(26, ingredientById('bonitoFlakes'), 'us').text).toMatch(/cups/);
    expect(showMeasure(1.8, ingredientById('salt'), 'us').text).toBe('generous ¼ tsp');
  });

  it('counts no heads of what is only a part of one', () => {
    const napa = ingredientById('napaCabbage');
    expect(showMeasure(750, napa, 'metric').text).toBe('¾ small head');
    expect(showMeasure(750, napa, 'metric', 'stem').text).toBe('750 g');
  });

  it('speaks in spoons, cups and counts where these come close', () => {
    expect(showMeasure(35.4, ingredientById('darkSoy'), 'metric').text).toBe('2 tbsp');
    expect(showMeasure(240, ingredientById('water'), 'us').text).toBe('1 cup');
    expect(showMeasure(400, ingredientById('water'), 'eastAsian').text).toBe('2 cups');
    // Soft sugar: nine grams in a tablespoon there, nearly thirteen elsewhere.
    expect(showMeasure(18, ingredientById('sugar'), 'eastAsian').text).toBe('2 tbsp');
    expect(showMeasure(25.5, ingredientById('sugar'), 'metric').text).toBe('2 tbsp');
    expect(showMeasure(150, ingredientById('egg'), 'metric').text).toBe('3 eggs');
    expect(showMeasure(50, ingredientById('longOnion'), 'metric').text).toBe('½ long onion');
    expect(showMeasure(908, ingredientById('chickenThigh'), 'us').text).toBe('2 lb');
  });

  it('measures a cut by its own bulk density', () => {
    const garlic = ingredientById('garlic');
    expect(showMeasure(16.5, garlic, 'metric', 'minced').text).toBe('2 tbsp');
    expect(showMeasure(16.5, garlic, 'metric').text).toBe('17 g');
    expect(showMeasure(83, ingredientById('scallion'), 'us', 'fine').text).toBe('1 cup');
  });

  it('pours by the jug, and weighs much of what is no liquid', () => {
    expect(showMeasure(295, ingredientById('darkSoy'), 'metric').text).toBe('250 ml');
    expect(showMeasure(83, ingredientById('scallion'), 'metric', 'fine').text).toBe('85 g');
    expect(showMeasure(160, ingredientById('gochujang'), 'metric').text).toBe('160 g');
    expect(showMeasure(18, ingredientById('gochujang'), 'metric').text).toBe('1 tbsp');
  });

  it('falls back to grams when no spoon is close enough for salt', () => {
    const shown = showMeasure(2.02, ingredientById('salt'), 'metric');
    expect(shown.text).toMatch(/ g$/);
  });

  it('refuses an amount that is none', () => {
    expect(() => showMeasure(-1, ingredientById('salt'), 'metric')).toThrow(RangeError);
    expect(() => showMeasure(Number.NaN, ingredientById('salt'), 'metric')).toThrow(/massG/);
  });

  it('writes fractions as they stand on a spoon', () => {
    expect([0.25, 1 / 3, 1.5, 2.75, 4].map(fractionText)).toEqual(['¼', '⅓', '1½', '2¾', '4']);
    expect(() => fractionText(0.4)).toThrow(RangeError);
  });

  it('rounds volumes in text', () => {
    expect(showVolume(1337, 'metric')).toBe('1.35 l');
    expect(showVolume(473, 'us')).toBe('2 cups');
  });
});

describe('a pinch', () => {
  it('is what a spoon can hold, or a whole leaf; salt is left alone', () => {
    const asShown = (massG: number, id: string) =>
      showMeasure(measurableG(massG, ingredientById(id)), ingredientById(id), 'metric').text;
    expect(asShown(0.34, 'blackPepper')).toBe('⅛ tsp');
    expect(asShown(0.69, 'whitePepper')).toBe('¼ tsp');
    expect(asShown(0.39, 'bayLeaf')).toBe('1 leaf');
    expect(asShown(0.46, 'clove')).toBe('5 cloves');
    expect(measurableG(0.89, ingredientById('salt'))).toBe(0.89);
    expect(spoonedSaltG(0.89, ingredientById('salt'))).toBeCloseTo(0.75, 9);
    expect(showMeasure(spoonedSaltG(5.3, ingredientById('salt')), ingredientById('salt'), 'us').text).toBe('1 tsp');
    expect(spoonedSaltG(31, ingredientById('salt'))).toBe(31);
    const pinch = (massG: number) => showPinch(massG, ingredientById('salt'), 'metric');
    expect([0.39, 0.8, 1.4, 7.4, 40].map(pinch)).toEqual(['a pinch', '⅛ tsp', '¼ tsp', '1¼ tsp', '2 tbsp']);
    expect(showMeasure(270, ingredientById('water'), 'us').text).toBe('1 cup + 2 tbsp');
    expect(measurableG(40, ingredientById('chilliFlakes'))).toBe(40);
  });

  it('is never further off than half, and never nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        fc.constantFrom('blackPepper', 'chilliFlakes', 'sichuanPepper', 'bayLeaf'),
        (massG, id) => {
          const measured = measurableG(massG, ingredientById(id));
          expect(measured).toBeGreaterThan(0);
          expect(Math.abs(measured - massG) / massG).toBeLessThan(0.65);
        },
      ),
    );
  });
});

describe('things sold whole', () => {
  it('says how many to buy and what stays over', () => {
    const cabbage = ingredientById('napaCabbage');
    expect(buyWhole(480, cabbage)).toEqual({ count: 1, unit: 'small head', text: '1 small head', leftG: 520 });
    expect(buyWhole(1400, cabbage)?.count).toBe(2);
    expect(buyWhole(100, ingredientById('daikon'))).toBeUndefined();
  });

  it('never buys too little, but for a hair', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 5000, noNaN: true }), (needG) => {
        const bought = buyWhole(needG, ingredientById('firmTofu'))!;
        expect(bought.count * 350).toBeGreaterThanOrEqual(needG * 0.92 - 1e-6);
      }),
    );
  });

  it('buys as many as it tells that are needed, of everything that is counted', () => {
    for (const what of INGREDIENTS.filter((one) => one.sold?.countable)) {
      for (let share = 0.3; share < 6; share += 0.07) {
        const needG = share * what.sold!.massG;
        const told = parseAmount(showMeasure(needG, what, 'metric').text.replace(/^(scant|generous) /, ''), 'metric');
        if (told?.kind !== 'count') continue;
        expect([what.id, needG, buyWhole(needG, what)!.count]).toEqual([what.id, needG, Math.ceil(told.count - 1e-9)]);
      }
    }
  });

  it('is as thick by its reason as by the name of its cut', () => {
    for (let mm = 1; mm <= 60; mm += 0.5) {
      expect([mm, withLengths(`${mm} mm slices`, 'us')]).toEqual([mm, `${showThickness(mm, 'us')} slices`]);
      expect(withLengths(`${mm} mm slices`, 'metric')).toBe(`${showThickness(mm, 'metric')} slices`);
    }
  });
});
