import { CATALOGUE } from '../catalogue/catalogue';
import { INGREDIENTS } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { applyEdit } from '../evening/edits/applyEdit';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { brothBody, brothBodyOf } from './brothBody';
import { colourOf, colourWord } from './colourWords';

const bodyOf = (styleId: string) => brothBodyOf(CATALOGUE, planPot(suited(eveningFor(4), styleId)));
const of = (ingredientId: string, massG: number) => brothBody(CATALOGUE, [{ ingredientId, massG }], undefined, 1000);

describe('what food makes of its broth', () => {
  it('is never more fat than the food holds, and grows with it', () => {
    for (const { id, composition, family } of INGREDIENTS) {
      if (!['poultry', 'meat', 'fish'].includes(family)) continue;
      const [some, more] = [of(id, 100).fatGPerL, of(id, 200).fatGPerL];
      expect(some).toBeLessThanOrEqual(composition.fat * 100 + 1e-9);
      expect(more).toBeCloseTo(2 * some, 9);
    }
  });

  it('tells lean fish from fat duck, and bone-clear from cloudy', () => {
    expect(of('codFillet', 400)).toMatchObject({ fat: 'lean', clearness: 'stays clear' });
    expect(of('codFillet', 400).fatOf).toBeUndefined();
    expect(of('duckBreast', 400).fatGPerL).toBeGreaterThan(3 * of('chickenThigh', 400).fatGPerL);
    expect(of('chickenThigh', 400).clearness).toBe('clear once the foam of chicken is skimmed');
    expect(of('porkMince', 400).clearness).toMatch(/^clouded by /);
  });

  it.each([
    ['salmonMiso', /cloudy by nature/],
    ['soyMilkMild', /cloudy by nature/],
    ['fishCakeJeongol', /stays clear/],
    ['clearChicken', /once the foam of chicken is skimmed/],
    ['meatballPot', /clouded by/],
  ])('is said of %s as a cook sees it', (styleId, words) => expect(bodyOf(styleId)!.clearness).toMatch(words));

  it('counts the tallow that floats on a red broth, and is said of no poured sauce', () => {
    expect(bodyOf('numbingPot')).toMatchObject({ fat: 'a layer of fat', fatOf: 'beef tallow' });
    for (const { id } of STYLES) expect([id, bodyOf(id) === undefined]).toEqual([id, id.startsWith('sukiyaki')]);
  });
});

describe('a colour in words', () => {
  it('darkens step by step, and says red of red alone', () => {
    const bowls = ['#f7f4e8', '#ece0b7', '#dec47d', '#d2a45c', '#b98a45', '#a96f33', '#6b4426', '#3a1d0e'];
    expect(bowls.map(colourWord)).toEqual([
      'almost clear',
      'pale straw',
      'golden',
      'amber',
      'light brown',
      'brown',
      'dark brown',
      'nearly black',
    ]);
    expect(colourWord('#c8503a')).toMatch(/red$/);
  });

  it('says that dark soy darkens, and names it', () => {
    const evening = suited(eveningFor(4), 'clearChicken');
    const dark = applyEdit(evening, {
      kind: 'swapTaken',
      swap: { ingredientId: 'lightSoy', withIngredientId: 'darkSoy', scope: 'everyone' },
    });
    const brothOf = (one: typeof evening) => planPot(one).liquids.find(({ kind }) => kind === 'broth')!;
    const [before, after] = [brothOf(evening), brothOf(dark)].map((liquid) => colourOf(CATALOGUE, liquid));
    expect(before!.word).toBe('golden');
    expect(['amber', 'light brown', 'brown']).toContain(after!.word);
    expect(after!.from).toBe('dark soy sauce');
  });
});
