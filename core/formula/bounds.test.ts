import type { Evening, Taste } from '@elixa/contract';
import fc from 'fast-check';
import { FORMULAS } from '../catalogue/formulas';
import { ingredientById } from '../catalogue/ingredients';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import { showMeasure } from '../measures/showMeasure';
import { activate } from './activeFormula';
import { solveFormula } from './solveFormula';
import { tasteFactors } from './taste';
import { PLAIN_WATER } from './thinner';
import { runs } from '../testing/runs';
import { CATALOGUE } from '../catalogue/catalogue';

const pan = { diameterMm: 220, depthMm: 130, heat: ASIDE_HEAT, roomTempC: 20, altitudeM: 0 };
const step = fc.integer({ min: -3, max: 3 });
const tastes: fc.Arbitrary<Taste> = fc.record({ salt: step, sweet: step, sour: step, heat: step, savour: step });
const units: Array<Evening['units']> = ['metric', 'us', 'eastAsian'];

describe('whatever the table likes', () => {
  it.each(FORMULAS.map((formula) => [formula.id, formula] as const))(
    '%s has no negative mass, however it is seasoned, exchanged or left out',
    (_, formula) => {
      const swaps = formula.parts.flatMap(({ ingredientId }) =>
        ingredientById(ingredientId).replacements.map(({ withIngredientId }) => ({
          ingredientId,
          withIngredientId,
        })),
      );
      const someSwaps = fc.subarray(swaps, { maxLength: Math.min(3, swaps.length) });
      const without = fc.subarray(
        formula.parts.map((part) => part.ingredientId),
        { maxLength: Math.min(3, formula.parts.length) },
      );
      fc.assert(
        fc.property(tastes, someSwaps, without, fc.integer({ min: 1, max: 14 }), (taste, swapped, leaveOut, heads) => {
          const factors = tasteFactors(taste);
          const isAlong = formula.scaledBy === 'mainMass';
          const finishedG = (formula.mlPerHead ?? 300) * heads;
          const size = isAlong ? 0.15 * heads : formula.scaledBy === 'head' ? heads : finishedG / 1000;
          const solution = solveFormula({
            active: activate(CATALOGUE, formula, {}, { swaps: swapped, leftOut: new Set(leaveOut) }, size, factors),
            finishedG,
            along: isAlong ? { massG: 150 * heads, saltPct: 0.1 } : undefined,
            taste: factors,
            thinner: PLAIN_WATER,
            pan,
          });
          const { parts, thinnerG, salinityPct, acidPct, heat } = solution;
          const figures = { thinnerG, finishedG: solution.finishedG, salinityPct, acidPct, heat };
          const wrong = [
            ...parts.filter((part) => !(part.massG >= 0)).map((part) => `${part.massG} g ${part.ingredientId}`),
            ...parts
              .flatMap(({ massG, ingredientId, cut }) =>
                units.map((system) => showMeasure(massG, ingredientById(ingredientId), system, cut).text),
              )
              .filter((text) => /-|NaN/.test(text)),
            ...Object.entries(figures)
              .filter(([, figure]) => !(figure >= 0 && Number.isFinite(figure)))
              .map(([name, figure]) => `${name} ${figure}`),
          ];
          expect(wrong).toEqual([]);
        }),
        { numRuns: runs(14) },
      );
    },
  );
});
