import { alsoCalled, OTHERWISE_CALLED } from './alsoCalled';
import { CATALOGUE } from './catalogue';
import { reckonedOf } from '../pot/food';
import { findAtPot, findFood, findThing, thingNamed } from './findFood';
import { findStyles } from './findStyles';
import { kinOf, likesOf, POT_FOOD, THROWN_IN, usualSlotOf } from './kin';
import { ingredientById, INGREDIENTS } from './ingredients';
import { plain } from './spoken';
import { ROLES } from './style';
import { STYLES } from './styles';

const ids = (text: string, first?: ReadonlySet<string>) => findFood(text, first).map((one) => one.id);

describe('finding something to put in', () => {
  it('finds by English and romanised names, by family and by what it is', () => {
    expect(ids('radish')).toContain('daikon');
    expect(ids('hakusai')).toEqual(['napaCabbage']);
    expect(ids('mushrooms')).toEqual(expect.arrayContaining(['shimeji', 'enoki', 'maitake']));
    expect(ids('pork')).toEqual(expect.arrayContaining(['porkBelly', 'frankfurter']));
    expect(ids('PORK belly')[0]).toBe('porkBelly');
    expect(ids('anchor')).toEqual([]);
    expect(ids('')).toHaveLength(POT_FOOD.length);
  });

  it('puts what is in the house first, and names that begin so before those that only hold it', () => {
    expect(ids('', new Set(['turnip']))[0]).toBe('turnip');
    const prawns = ids('pr');
    expect(prawns[0]).toBe('prawn');
  });
});

describe('what other kitchens call a thing', () => {
  it.each([
    ['leeks', 'longOnion'],
    ['Chinese cabbage', 'napaCabbage'],
    ['spring onions', 'scallion'],
    ['green onion', 'scallion'],
    ['shrimp', 'prawn'],
    ['zucchini', 'courgette'],
    ['mooli', 'daikon'],
    ['salmon', 'salmonFillet'],
    ['pak choi', 'bokChoy'],
    ['konjac', 'konnyaku'],
    ['cilantro', 'coriander'],
    ['dashima', 'kelp'],
  ])('%s finds its thing, first, everywhere', (text, id) => {
    expect(findThing(text).map((one) => one.id)).toContain(id);
    if (POT_FOOD.some((one) => one.id === id)) expect(ids(text)).toContain(id);
    expect(thingNamed(text, INGREDIENTS)?.id).toBe(id);
    const ofPots = findStyles(text).flatMap((style) => style.slots.map((slot) => slot.ingredientId));
    if (STYLES.some((style) => style.slots.some((slot) => slot.ingredientId === id))) expect(ofPots).toContain(id);
  });

  it('is known of the catalogue’s things alone, and is no other thing’s name', () => {
    for (const id of OTHERWISE_CALLED) {
      const { name } = ingredientById(id);
      for (const word of alsoCalled(id)) {
        expect(plain(word)).not.toBe(plain(name));
        expect(INGREDIENTS.filter((one) => plain(one.name) === plain(word)).map((one) => one.id)).toEqual([]);
      }
    }
  });

  it('is nobody’s where it is several things’', () => {
    expect(thingNamed('bean curd', INGREDIENTS)).toBeUndefined();
    expect(thingNamed('miso', INGREDIENTS)).toBeUndefined();
    expect(thingNamed('  ', INGREDIENTS)).toBeUndefined();
    expect(thingNamed('anchor', INGREDIENTS)).toBeUndefined();
  });
});

describe('like for like', () => {
  it('gives every food of the catalogue a role, a place and an amount', () => {
    const without = POT_FOOD.filter((what) => {
      const { role, rangeG, cuts } = usualSlotOf(what);
      const isInOrder = rangeG[0] <= rangeG[1] && rangeG[1] <= rangeG[2];
      return !ROLES.includes(role) || !isInOrder || what.cuts[cuts[0]!.cut]?.cooks?.simmered === undefined;
    });
    expect(without.map((what) => what.id)).toEqual([]);
  });

  it('goes both ways, never to itself, and never from plants to meat', () => {
    const unlike = POT_FOOD.flatMap((what) =>
      likesOf(what)
        .filter(
          (like) =>
            like.id === what.id ||
            !likesOf(like).some((one) => one.id === what.id) ||
            (kinOf(like) === 'animal') !== (kinOf(what) === 'animal'),
        )
        .map((like) => `${like.id} for ${what.id}`),
    );
    expect(unlike).toEqual([]);
  });

  it('names any mushroom for any mushroom', () => {
    const mushrooms = POT_FOOD.filter((one) => one.family === 'mushroom').map((one) => one.id);
    const likes = likesOf(ingredientById('shiitake')).map((one) => one.id);
    expect(new Set([...likes, 'shiitake'])).toEqual(new Set(mushrooms));
    expect(ingredientById('shiitake').family).toBe('mushroom');
  });
});

describe('what is thrown in at the stove', () => {
  it('is found though nobody has a time for it, and each of it goes through a pot', () => {
    expect(findAtPot('garlic').map(({ id }) => id)).toEqual(expect.arrayContaining(['garlic', 'chive']));
    expect(findFood('garlic').map(({ id }) => id)).not.toContain('garlic');
    for (const what of THROWN_IN) {
      expect(reckonedOf(CATALOGUE, { ingredientId: what.id, cut: Object.keys(what.cuts)[0]! }).what.id).toBe(what.id);
    }
  });
});
