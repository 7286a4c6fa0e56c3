import type { Evening } from '@elixa/contract';
import { beanSoakMin, beansSoak } from '../catalogue/beanSoak';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { planQuickly } from '../testing/quickly';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';

const PROJECTS = INGREDIENTS.filter((one) => one.homemade).map((one) => one.id);

/** The pot whose broth is made of it, where it does not go into a pot itself. */
const POT_OF: Record<string, string> = {
  soyMilk: 'soyMilkMild',
  coconutWater: 'coconutChicken',
  coconutMilk: 'coconutChicken',
};

const made = (ingredientId: string): Evening => {
  const evening = suited(eveningFor(4), POT_OF[ingredientId] ?? 'clearChicken');
  if (POT_OF[ingredientId]) return applyEdit(evening, { kind: 'madeAtHome', ingredientId, made: true });
  const there = evening.style.id === 'clearChicken' && ingredientId === 'firmTofu';
  const withIt = there ? evening : applyEdit(evening, { kind: 'putIn', ingredientId });
  return applyEdit(withIt, { kind: 'madeAtHome', ingredientId, made: true });
};

describe('what is made at home', () => {
  it.each(PROJECTS)('is work in the plan and its parts are bought, not itself: %s', (ingredientId) => {
    const evening = made(ingredientId);
    expect(checkEvening(evening)).toEqual([]);
    const plan = planQuickly(evening);
    const shopped = plan.shopping.map((item) => item.ingredientId);
    expect(shopped).not.toContain(ingredientId);
    const { of, steps } = ingredientById(ingredientId).homemade!;
    expect(shopped).toEqual(expect.arrayContaining(of.map((one) => one.ingredientId)));
    const own = plan.prep.tasks.filter((task) => task.subjectId === ingredientId);
    const lastsMin = own.reduce((sum, task) => sum + (Date.parse(task.endsAt) - Date.parse(task.startsAt)) / 60_000, 0);
    expect(lastsMin).toBeGreaterThanOrEqual(steps.reduce((sum, step) => sum + step.lastsMin, 0) * 0.99);
    const said = own.map((task) => task.how).join(' ');
    // Where beans lie is said within the words of the step.
    for (const { says, swells } of steps) expect(said).toContain(swells ? says.split(' soak until ')[1] : says);
  });

  it.each(PROJECTS)('holds no more than what it is made of: %s', (ingredientId) => {
    const { of, alsoGives = [] } = ingredientById(ingredientId).homemade!;
    const all = [{ ingredientId, ratio: 1 }, ...alsoGives];
    for (const nutrient of ['protein', 'fat'] as const) {
      const inG = (parts: typeof of) =>
        parts.reduce((sum, one) => sum + one.ratio * ingredientById(one.ingredientId).composition[nutrient], 0);
      expect(inG(all)).toBeLessThanOrEqual(inG(of) + 0.005);
    }
  });

  it('is said to be boiled fully where it is of soybeans, and not where tofu is bought', () => {
    const cautions = (evening: Evening) => planPot(evening).cautions.map((one) => one.id);
    expect(cautions(made('firmTofu'))).toContain('boilFully');
    expect(cautions(made('soyMilk'))).toContain('boilFully');
    expect(cautions(eveningFor(4))).not.toContain('boilFully');
    expect(cautions(suited(eveningFor(4), 'soyMilkMild'))).not.toContain('boilFully');
  });

  it('takes as long as there are nuts to open, and comes before the broth and before what lies in the nuts', () => {
    const plan = planQuickly(made('coconutWater'));
    const nuts = plan.shopping.find((one) => one.ingredientId === 'youngCoconut')!;
    const tasksOf = (id: string) => plan.prep.tasks.filter((task) => task.subjectId === id);
    const opens = tasksOf('coconutWater').find((task) => task.how.includes('Each nut'))!;
    const minutes = (Date.parse(opens.endsAt) - Date.parse(opens.startsAt)) / 60_000;
    expect(minutes).toBeGreaterThanOrEqual((nuts.buy.count - 1) * 10);
    expect(minutes).toBeLessThanOrEqual((nuts.buy.count + 1) * 10 + 5);
    const endsAt = Math.max(...tasksOf('coconutWater').map((task) => Date.parse(task.endsAt)));
    const broth = plan.liquids.find((liquid) => liquid.formulaId === 'coconutChicken')!;
    // What is cut for the broth waits for no nut.
    const brewed = tasksOf(broth.id).filter((task) => !task.resources.includes('board'));
    expect(brewed.length).toBeGreaterThan(0);
    for (const task of [...brewed, ...tasksOf('coconutFlesh')])
      expect(Date.parse(task.startsAt)).toBeGreaterThanOrEqual(endsAt);
  });

  it('counts a nut once for its water and its flesh', () => {
    const needs = (evening: Evening) => new Map(planPot(evening).shopping.map((one) => [one.ingredientId, one.needG]));
    const carton = needs(suited(eveningFor(4), 'coconutChicken'));
    const nuts = needs(made('coconutWater'));
    expect(carton.get('coconutFlesh')).toBeGreaterThan(0);
    expect(nuts.has('coconutFlesh')).toBe(false);
    expect(nuts.get('youngCoconut')! / carton.get('coconutWater')!).toBeCloseTo(3.1, 1);
    expect(
      needs(applyEdit(made('coconutWater'), { kind: 'boughtReady', ingredientId: 'coconutFlesh', bought: true })).has(
        'coconutFlesh',
      ),
    ).toBe(true);
  });

  it('is refused of what nobody knows how to make', () => {
    const evening = eveningFor(4);
    const wrong = { ...evening, choices: { ...evening.choices, homemade: ['daikon'] } };
    expect(checkEvening(wrong)).toMatchObject([{ field: 'choices.homemade[0]' }]);
  });
});

describe('dry beans', () => {
  it('lie for half a day where it is cool, for most of a day in the fridge, and never where they would sour', () => {
    const hours = (where: string, roomTempC = 20) => beansSoak({ beans: where }, roomTempC).minutes / 60;
    for (const cool of [hours('larder')]) expect(cool >= 10 && cool <= 14).toBe(true);
    for (const cold of [hours('fridge')]) expect(cold >= 18 && cold <= 24).toBe(true);
    expect(hours('room')).toBeLessThan(hours('larder'));
    expect(beansSoak({ beans: 'room' }, 29)).toEqual(beansSoak({ beans: 'fridge' }, 29));
    // Each ten degrees make it faster by less than a half: a law of Arrhenius with so little to overcome.
    expect(beanSoakMin(5) / beanSoakMin(15)).toBeCloseTo(Math.exp((42 / 8.314e-3) * (1 / 278.15 - 1 / 288.15)), 1);
  });

  it('are put in water so long before, where the plan says, and the tofu is set in time all the same', () => {
    const soakOf = (where: string) => {
      const evening = made('firmTofu');
      const asked = applyEdit(evening, { kind: 'schoolFollowed', question: 'beans', option: where });
      const tasks = planQuickly(asked).prep.tasks.filter((one) => one.subjectId === 'firmTofu');
      const soak = tasks.find((one) => one.how.includes('soak '))!;
      expect(Math.max(...tasks.map((one) => Date.parse(one.endsAt)))).toBeLessThanOrEqual(
        Date.parse(evening.sitDownAt),
      );
      return { how: soak.how, minutes: (Date.parse(soak.endsAt) - Date.parse(soak.startsAt)) / 60_000 };
    };
    const [larder, fridge] = [soakOf('larder'), soakOf('fridge')];
    expect(larder.how).toContain('in a cool place, at about 14 °C');
    expect(fridge.how).toContain('in the fridge, at about 5 °C');
    expect(fridge.minutes - larder.minutes).toBeGreaterThan(6 * 60);
  });
});

describe('skewers', () => {
  it('are counted for the table, with what goes on each', () => {
    const plan = planQuickly(suited(eveningFor(4), 'fishCakeJeongol'));
    const fishCakeG = plan.menu.slots.find((slot) => slot.ingredientId === 'fishCake')!.massG;
    const how = plan.prep.tasks.find((task) => task.subjectId === 'fishCake' && task.how.includes('skewers,'))!.how;
    const [, count = '', each = ''] = /(\d+) skewers, about (\d+) g/.exec(how)!;
    expect(Number(count) * Number(each)).toBeGreaterThan(fishCakeG * 0.93);
    expect(Number(count) * Number(each)).toBeLessThan(fishCakeG * 1.07);
  });
});

describe('parcels', () => {
  it('are counted, and take the burner and not the board', () => {
    const plan = planQuickly(suited(eveningFor(4), 'everythingPot'));
    const { massG } = plan.menu.slots.find((slot) => slot.ingredientId === 'eggParcel')!;
    const task = plan.prep.tasks.find((one) => one.subjectId === 'eggParcel' && one.how.includes('of them'))!;
    const count = Number(/: (\d+) of them/.exec(task.how)![1]);
    expect(count * ingredientById('eggParcel').cuts.parcel!.pieceG).toBeCloseTo(massG, -2);
    expect(task.resources).toEqual(expect.arrayContaining(['burner']));
    expect(task.resources).not.toContain('board');
  });
});
