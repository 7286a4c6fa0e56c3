import { FORMULAS } from '../catalogue/formulas';
import { isRawFlesh } from '../catalogue/kinds';
import { STYLES } from '../catalogue/styles';
import { eveningFor, suited } from '../testing/household';
import { menuOrThrow } from './resolveMenu';

const MARINADES = FORMULAS.filter((one) => one.kind === 'marinade');

describe.each(STYLES.map(({ id }) => id))('in %s, every marinade that somebody may ask for', (styleId) => {
  const base = suited(eveningFor(4), styleId);
  const asked = (ahead: string[]) =>
    menuOrThrow({ ...base, choices: { ...base.choices, liquids: { ...base.choices.liquids, ahead } } });

  it('lies on raw meat or fish of its kind, or on nothing: never on what is cooked and salted already', () => {
    for (const formula of MARINADES) {
      const { marinades } = asked([formula.id]);
      for (const { what, cuts } of [...marinades.values()].flat()) {
        expect([formula.id, what.id, isRawFlesh(what, cuts[0]?.cut)]).toEqual([formula.id, what.id, true]);
        if (formula.needs) expect(what.kinds).toContain(formula.needs);
      }
    }
  });
});

it('salts the salmon, and not the fish cake', () => {
  const menuOf = (styleId: string) => {
    const base = suited(eveningFor(4), styleId);
    return menuOrThrow({ ...base, choices: { ...base.choices, liquids: { ahead: ['saltedFish'] } } });
  };
  const onOf = (styleId: string) => [...menuOf(styleId).marinades.values()].flat().map((one) => one.ingredientId);
  expect(onOf('salmonMiso')).toEqual(['salmonFillet']);
  expect(onOf('fishCakeJeongol')).toEqual([]);
});
