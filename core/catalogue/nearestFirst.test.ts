import { BROTHS, SAUCES } from './formulas';
import { nearestFirst } from './nearestFirst';
import { STYLES } from './styles';

describe('broths and sauces at a pot', () => {
  it.each(STYLES)('begin with its own: $id', (style) => {
    const broths = nearestFirst(style, BROTHS).map((one) => one.id);
    const sauces = nearestFirst(style, SAUCES).map((one) => one.id);
    if (style.brothFormulaId) expect(broths.slice(0, 3)).toContain(style.brothFormulaId);
    const dips = style.dipFormulaIds.filter((id) => sauces.includes(id));
    expect(new Set(sauces.slice(0, dips.length))).toEqual(new Set(dips));
  });

  it('lose none, and name those of its family before the rest', () => {
    for (const style of STYLES) {
      const found = nearestFirst(style, SAUCES);
      expect(new Set(found)).toEqual(new Set(SAUCES));
    }
    const pot = STYLES.find((one) => one.id === 'clearChicken')!;
    const [own, ...others] = nearestFirst(pot, BROTHS);
    const isOf = others.map((one) => one.families.some((family) => own!.families.includes(family)));
    expect(isOf).toEqual([...isOf].sort((a, b) => Number(b) - Number(a)));
    expect(isOf).toContain(true);
  });
});
