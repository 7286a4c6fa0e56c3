import { HEAT_SOURCES } from '../catalogue/heatSources';
import { ingredientById, INGREDIENTS } from '../catalogue/ingredients';
import { VESSELS } from '../catalogue/vessels';
import { goesInAs } from '../heat/foodBody';
import { specificHeatJPerKgK } from '../heat/composition';
import { prepQuickly } from '../testing/quickly';
import { eveningFor, suited } from '../testing/household';
import { simulate } from './simulate';
import { NOTHING, potAtRest } from './state';

const cutsOf = INGREDIENTS.flatMap((what) =>
  Object.entries(what.cuts).map(([id, cut]) => ({ what, id, cut, isSoaked: /\bsoaked\b/.test(cut.label) })),
);
/** Dry as a biscuit: nothing fresh holds so little water. */
const DRY_BELOW = 0.2;

describe('what is weighed dry and goes in soaked', () => {
  it('says how much heavier it is then, and nothing else does', () => {
    const dry = cutsOf.filter((one) => one.isSoaked && one.what.composition.water < DRY_BELOW);
    expect(dry.filter(({ cut }) => cut.soaks === undefined).map(({ what }) => what.id)).toEqual([]);
    expect(cutsOf.filter(({ cut, what }) => cut.soaks && what.composition.water >= DRY_BELOW)).toEqual([]);
    expect(dry.length).toBeGreaterThan(7);
  });

  it.each(cutsOf.filter(({ cut }) => cut.soaks))('$what.id, $id is as wet as its water makes it', ({ what, cut }) => {
    const wet = goesInAs(what, cut);
    const sum = Object.values(wet).reduce((total, share) => total + share, 0);
    expect(sum).toBeCloseTo(1, 6);
    // A gram dry, and the water that it has drunk: the dry matter is the same.
    expect((1 - wet.water) * cut.soaks!).toBeCloseTo(1 - what.composition.water, 6);
    // In the pot it takes at least the room of its own mass.
    expect(1 / what.settledDensityGPerMl).toBeGreaterThanOrEqual(cut.soaks! * 0.9);
  });

  it('takes the heat of all its water from the pot', () => {
    const pot = potAtRest({
      vessel: VESSELS.find((one) => one.id === 'steel26')!,
      heatSource: HEAT_SOURCES.find((one) => one.id === 'portableGas')!,
      roomTempC: 20,
      altitudeM: 0,
      tempC: 95,
      liquid: { ...NOTHING, waterG: 2000 },
      power: 0,
    });
    const after = (ingredientId: string, cut: string, massG: number) =>
      simulate(pot, massG > 0 ? [{ atS: 0, act: { is: 'added', pieceId: 'it', ingredientId, cut, massG } }] : [], 90)
        .state.tempC;
    const cooledK = after('woodEar', 'torn', 0) - after('woodEar', 'torn', 40);
    // By hand: 240 g of it from the room to the bath, shared by the water and the steel.
    const { soaks } = ingredientById('woodEar').cuts.torn!;
    const cp = specificHeatJPerKgK(goesInAs(ingredientById('woodEar'), { soaks }), 55);
    const takesJ = 0.04 * soaks! * cp * (95 - 20 - cooledK);
    expect(cooledK).toBeGreaterThan((0.75 * takesJ) / (2 * 4200 + 1500));
    expect(cooledK).toBeLessThan((1.1 * takesJ) / (2 * 4200));
  });

  it('is told dry and soaked where it is soaked', () => {
    const { tasks } = prepQuickly(suited(eveningFor(4), 'souredCabbagePork'));
    const texts = tasks.filter((one) => one.subjectId === 'woodEar').map((one) => one.amountText);
    expect(texts).toContain('20 g dry, about 120 g when it has soaked');
  });
});
