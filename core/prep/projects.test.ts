import type { Evening } from '@elixa/contract';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { planEvening } from '../planEvening/planEvening';
import { eveningFor, suited } from '../testing/household';

const PROJECTS = INGREDIENTS.filter((one) => one.homemade).map((one) => one.id);

const made = (ingredientId: string): Evening => {
  const evening = eveningFor(4);
  const there = evening.style.id === 'clearChicken' && ingredientId === 'firmTofu';
  const withIt = there ? evening : applyEdit(evening, { kind: 'putIn', ingredientId });
  return applyEdit(withIt, { kind: 'madeAtHome', ingredientId, made: true });
};

describe('what is made at home', () => {
  it.each(PROJECTS)('is work in the plan and its parts are bought, not itself: %s', (ingredientId) => {
    const evening = made(ingredientId);
    expect(checkEvening(evening)).toEqual([]);
    const plan = planEvening(evening);
    const shopped = plan.shopping.map((item) => item.ingredientId);
    expect(shopped).not.toContain(ingredientId);
    const { of, steps } = ingredientById(ingredientId).homemade!;
    expect(shopped).toEqual(expect.arrayContaining(of.map((one) => one.ingredientId)));
    const own = plan.prep.tasks.filter((task) => task.subjectId === ingredientId);
    const lastsMin = own.reduce((sum, task) => sum + (Date.parse(task.endsAt) - Date.parse(task.startsAt)) / 60_000, 0);
    expect(lastsMin).toBeGreaterThanOrEqual(steps.reduce((sum, step) => sum + step.lastsMin, 0) * 0.99);
    const said = own.map((task) => task.how).join(' ');
    for (const step of steps) expect(said).toContain(step.says);
  });

  it.each(PROJECTS)('weighs about what its parts do, less what stays behind: %s', (ingredientId) => {
    const ratio = ingredientById(ingredientId).homemade!.of.reduce((sum, one) => sum + one.ratio, 0);
    expect(ratio).toBeGreaterThan(0.3);
    expect(ratio).toBeLessThan(1.1);
  });

  it('is said to be boiled fully where it is of soybeans, and not where tofu is bought', () => {
    const cautions = (evening: Evening) => planEvening(evening).cautions.map((one) => one.id);
    expect(cautions(made('firmTofu'))).toContain('boilFully');
    expect(cautions(eveningFor(4))).not.toContain('boilFully');
  });

  it('is refused of what nobody knows how to make', () => {
    const evening = eveningFor(4);
    const wrong = { ...evening, choices: { ...evening.choices, homemade: ['daikon'] } };
    expect(checkEvening(wrong)).toMatchObject([{ field: 'choices.homemade[0]' }]);
  });
});

describe('skewers', () => {
  it('are counted for the table, with what goes on each', () => {
    const plan = planEvening(suited(eveningFor(4), 'fishCakeJeongol'));
    const fishCakeG = plan.menu.slots.find((slot) => slot.ingredientId === 'fishCake')!.massG;
    const how = plan.prep.tasks.find((task) => task.subjectId === 'fishCake' && task.how.includes('skewers,'))!.how;
    const [, count = '', each = ''] = /(\d+) skewers, about (\d+) g/.exec(how)!;
    expect(Number(count) * Number(each)).toBeGreaterThan(fishCakeG * 0.93);
    expect(Number(count) * Number(each)).toBeLessThan(fishCakeG * 1.07);
  });
});

describe('parcels', () => {
  it('are counted, and take the burner and not the board', () => {
    const plan = planEvening(suited(eveningFor(4), 'everythingPot'));
    const { massG } = plan.menu.slots.find((slot) => slot.ingredientId === 'eggParcel')!;
    const task = plan.prep.tasks.find((one) => one.subjectId === 'eggParcel' && one.how.includes('of them'))!;
    const count = Number(/: (\d+) of them/.exec(task.how)![1]);
    expect(count * ingredientById('eggParcel').cuts.parcel!.pieceG).toBeCloseTo(massG, -2);
    expect(task.resources).toEqual(expect.arrayContaining(['burner']));
    expect(task.resources).not.toContain('board');
  });
});
