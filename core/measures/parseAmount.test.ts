import fc from 'fast-check';
import { ingredientById } from '../catalogue/ingredients';
import { parseAmount } from './parseAmount';
import { showMeasure } from './showMeasure';
import { runs } from '../testing/runs';

describe('an amount as it is typed', () => {
  it.each([
    ['1½ tbsp', { kind: 'volume', volumeMl: 22.5 }],
    ['1 1/2 tablespoons', { kind: 'volume', volumeMl: 22.5 }],
    ['250ml', { kind: 'volume', volumeMl: 250 }],
    ['2 3/4 cup', { kind: 'volume', volumeMl: 687.5 }],
    ['½ tsp', { kind: 'volume', volumeMl: 2.5 }],
    ['1 tbsp + 2 tsp', { kind: 'volume', volumeMl: 25 }],
    ['1,5 l', { kind: 'volume', volumeMl: 1500 }],
    ['2 dl', { kind: 'volume', volumeMl: 200 }],
    ['1.2 kg', { kind: 'mass', massG: 1200 }],
    ['300 grams', { kind: 'mass', massG: 300 }],
    ['a 5 cm piece', { kind: 'length', lengthMm: 50 }],
    ['3 eggs', { kind: 'count', count: 3, of: 'eggs' }],
    ['half a leek', { kind: 'count', count: 0.5, of: 'leek' }],
    ['4', { kind: 'count', count: 4 }],
  ])('%s', (text, meant) => {
    expect(parseAmount(text, 'metric')).toEqual(meant);
  });

  it('reads cups and spoons of the cook’s own measures', () => {
    const cup = (units: 'metric' | 'us' | 'eastAsian') => parseAmount('1 cup', units);
    expect(cup('us')).toEqual({ kind: 'volume', volumeMl: 236.58824 });
    expect(cup('eastAsian')).toEqual({ kind: 'volume', volumeMl: 200 });
    expect(parseAmount('1 lb', 'us')).toMatchObject({ kind: 'mass' });
  });

  it('understands nothing rather than something wrong', () => {
    for (const text of ['', 'some', '0 g', '-3 g', '1/0 cup', 'g 100', '1 tbsp + 20 g', '1 tbsp + some']) {
      expect(parseAmount(text, 'metric')).toBeUndefined();
    }
  });

  it('reads back what it shows, for every measure in spoons, cups, grams and litres', () => {
    const soy = ingredientById('darkSoy');
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 4000, noNaN: true }),
        fc.constantFrom('metric', 'us', 'eastAsian'),
        (massG, units) => {
          const shown = showMeasure(massG, soy, units as 'metric');
          const read = parseAmount(shown.text, units as 'metric');
          const readG =
            read?.kind === 'mass' ? read.massG : read?.kind === 'volume' ? read.volumeMl * soy.densityGPerMl : NaN;
          expect(Math.abs(readG / (massG * (1 + shown.errorPct / 100)) - 1)).toBeLessThan(0.006);
        },
      ),
      { numRuns: runs(300) },
    );
  });
});
