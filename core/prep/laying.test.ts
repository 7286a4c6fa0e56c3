import { STYLES } from '../catalogue/styles';
import { planQuickly } from '../testing/quickly';
import { eveningFor, suited } from '../testing/household';
import { overUse } from '../testing/overUse';
import { some } from '../testing/runs';
import { laidFirst } from './tasks/laying';

const planFor = (id: string, count: number) => planQuickly(suited(eveningFor(count), id));
const ms = (iso: string) => Date.parse(iso);

describe('what lies in the pot before the burner is lit', () => {
  it.each(some(STYLES, 9).map(({ id }) => id))('is laid before that, and stands on no plate: %s', (id) => {
    const plan = planFor(id, 4);
    const laid = laidFirst(plan.simmer);
    const lay = plan.prep.tasks.find((task) => task.blockId === 'lay');
    expect(lay !== undefined).toBe(laid.length > 0);
    if (!lay) return;
    const round = plan.prep.tasks.find((task) => task.blockId === 'firstRound')!;
    expect(ms(lay.endsAt)).toBeLessThanOrEqual(ms(round.startsAt));
    expect(overUse(plan.prep)).toEqual([]);
    const plate = plan.prep.tasks.find((task) => task.blockId === 'arrange')?.how.toLowerCase() ?? '';
    const later = plan.simmer.pieces.filter((piece) => piece.round === 1 && !laid.includes(piece));
    expect(plate !== '').toBe(later.length > 0);
    // Nothing that is cut or rubbed in is laid before that is done.
    const own = plan.prep.tasks.filter((task) => laid.some((piece) => piece.ingredientId === task.subjectId));
    for (const task of own) expect(ms(task.endsAt)).toBeLessThanOrEqual(ms(lay.startsAt));
  });

  it.each([2, 4, 9])('is piled, cut and stood where it is of stacks, for every round, for %i', (count) => {
    const plan = planFor('layeredBeefCabbage', count);
    const { stacks, rounds } = plan.build;
    const tasks = plan.prep.tasks.filter((task) => ['stack', 'lay'].includes(task.blockId));
    expect(tasks.map((task) => task.id.split('.').at(-1))).toEqual(['pile', 'cut', 'wash', 'do', 'washHands']);
    const [pile, cut, , lay] = tasks;
    expect(pile!.how).toMatch(new RegExp(`^${stacks!.stacks} piles?.*${stacks!.repeats} times in each`));
    if (rounds.length > 1) expect(pile!.how).toContain(`for each of ${rounds.length} rounds`);
    expect(cut!.how).toContain(`into ${stacks!.blocksEach} block`);
    expect(lay!.how).toMatch(new RegExp(`^Into the cold pot: ${stacks!.blocks} blocks`));
    const marinated = plan.prep.tasks.filter((task) => task.subjectId === 'saltPepperBeef');
    expect(marinated.length).toBeGreaterThan(0);
    for (const task of marinated) expect(ms(task.endsAt)).toBeLessThanOrEqual(ms(pile!.startsAt));
  });
});
