import fc from 'fast-check';
import { ingredientById } from '../catalogue/ingredients';
import { planPot } from '../planEvening/planPot';
import { eveningFor } from '../testing/household';
import { restAfter } from './weigh';
import { CATALOGUE } from '../catalogue/catalogue';

const brothOf = (id: string) => {
  const evening = eveningFor(4);
  return planPot({ ...evening, choices: { ...evening.choices, liquids: { broth: id } } }).liquids[0]!;
};
const miso = brothOf('misoDashi');
const planned = (id: string) => miso.ingredients.find((part) => part.ingredientId === id)!.massG;

describe('weighing', () => {
  it('changes nothing while everything is poured as planned', () => {
    const rest = restAfter(CATALOGUE, miso, new Map([['misoLight', planned('misoLight')]]));
    expect(rest.massG.get('misoRed')).toBeCloseTo(planned('misoRed'), 6);
    expect(rest.moreWaterMl).toBeCloseTo(0, 6);
    expect(rest.salinityPct).toBeCloseTo(miso.salinityPct, 6);
  });

  it('takes a little too much from the salt that is still to come', () => {
    const rest = restAfter(CATALOGUE, miso, new Map([['misoLight', planned('misoLight') + 12]]));
    expect(rest.moreWaterMl).toBeCloseTo(0, 6);
    const saved = planned('misoRed') - rest.massG.get('misoRed')!;
    expect(saved).toBeCloseTo((12 * 12.4) / 13, 6);
  });

  it('adds water when nothing salty is left to spare: 12 g too much miso takes about 130 ml', () => {
    const weighed = new Map([
      ['misoRed', planned('misoRed')],
      ['misoLight', planned('misoLight') + 12],
    ]);
    const rest = restAfter(CATALOGUE, miso, weighed);
    expect(rest.moreWaterMl).toBeGreaterThan(110);
    expect(rest.moreWaterMl).toBeLessThan(150);
    expect(rest.salinityPct).toBeCloseTo(miso.salinityPct, 6);
    expect(rest.massG.get('mirin')!).toBeGreaterThan(planned('mirin'));
  });

  it('makes up what was poured too little', () => {
    const rest = restAfter(CATALOGUE, miso, new Map([['misoLight', planned('misoLight') - 10]]));
    expect(rest.massG.get('misoRed')!).toBeGreaterThan(planned('misoRed'));
    expect(rest.moreWaterMl).toBe(0);
  });

  it('keeps the strength whatever is poured too much', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.constantFrom('misoLight', 'misoRed', 'sake', 'kelp'),
        (over, id) => {
          const rest = restAfter(CATALOGUE, miso, new Map([[id, planned(id) + over]]));
          expect(rest.salinityPct).toBeCloseTo(miso.salinityPct, 6);
          for (const massG of rest.massG.values()) expect(massG).toBeGreaterThanOrEqual(0);
          if (ingredientById(id).saltPct === 0) expect(rest.moreWaterMl).toBeCloseTo(0, 6);
        },
      ),
    );
  });
});
