import { unitsSchema, type Liquid, type Units } from '@elixa/contract';
import { STYLES } from '../../catalogue/styles';
import { parseAmount } from '../../measures/parseAmount';
import { SPOONS } from '../../measures/units';
import { eveningFor, suited } from '../../testing/household';
import { planPot } from '../planPot';

/** Millilitres that a text tells, as a cook would measure them: `¼ cup + 2 tbsp`, `scant 1 tsp`. */
function toldMl(text: string, units: Units): number {
  const word = /^(scant|generous) /.exec(text)?.[1];
  const parts = text.replace(/^(scant|generous) /, '').split(' + ');
  const ml = parts.reduce((sum, part) => {
    const read = parseAmount(part, units);
    // A gram of water is a millilitre of it.
    return sum + (read?.kind === 'volume' ? read.volumeMl : read?.kind === 'mass' ? read.massG : NaN);
  }, 0);
  return ml * (word === 'scant' ? 0.9 : word === 'generous' ? 1.1 : 1);
}

const liquidsOf = (styleId: string, heads: number, units: Units): readonly Liquid[] =>
  planPot({ ...suited(eveningFor(heads), styleId), units }).liquids;

describe.each(unitsSchema.options)('measured as it is told, in the measures of %s', (units) => {
  it.each(STYLES)('water to start with or to let down is what the sum has: $name', ({ id }) => {
    for (const heads of [1, 4, 9]) {
      for (const liquid of liquidsOf(id, heads, units)) {
        const { startWaterMl, startWaterText } = liquid;
        if (startWaterText === '') expect([liquid.id, startWaterMl < 1.5]).toEqual([liquid.id, true]);
        else {
          const offMl = Math.abs(toldMl(startWaterText, units) - startWaterMl);
          // An eighth of a teaspoon is the least that anybody measures.
          const mostMl = Math.max(0.05 * startWaterMl, SPOONS[units].tspMl / 8);
          expect([liquid.id, startWaterMl, startWaterText, offMl <= mostMl + 1e-6]).toEqual([
            liquid.id,
            startWaterMl,
            startWaterText,
            true,
          ]);
        }
      }
    }
  });

  it.each(STYLES)('what is measured so is as salty as it should be: $name', ({ id }) => {
    for (const heads of [1, 4, 9]) {
      for (const liquid of liquidsOf(id, heads, units)) {
        const [least, most] = liquid.targetSalinityPct;
        // A pinch of a gram or two is as near as a spoon comes.
        const isTiny = liquid.finishedMl < 20;
        const told = [id, liquid.id, heads, liquid.measuredSalinityPct];
        const slackPct = isTiny ? 0.25 * most : 0.02;
        expect([
          ...told,
          liquid.measuredSalinityPct >= least - slackPct && liquid.measuredSalinityPct <= most + slackPct,
        ]).toEqual([...told, true]);
      }
    }
  });
});
