import type { Evening, PrepTask } from '@elixa/contract';
import { CATALOGUE } from '../catalogue/catalogue';
import { STYLES } from '../catalogue/styles';
import { eveningFor, suited } from '../testing/household';
import { prepQuickly } from '../testing/quickly';

const evenings = STYLES.flatMap((style) =>
  [1, 2].map((cooks) => ({ id: style.id, cooks, evening: { ...suited(eveningFor(4), style.id), cooks } as Evening })),
);
const ms = Date.parse;
const familyOf = ({ kind, subjectId = '' }: PrepTask) =>
  kind === 'food' && CATALOGUE.has(subjectId) ? CATALOGUE.byId(subjectId).family : undefined;
const PLANTS = ['leaf', 'root', 'allium', 'mushroom'];
const RAW = ['poultry', 'meat', 'fish', 'shellfish'];
/** A leaf that was cut droops by then, kitchen estimate; what is soured or salted does not. */
const DROOPS_MIN = 100;
const SOURED = ['souredCabbage', 'kimchi'];

describe.each(evenings)('the board of $id with $cooks at it', ({ evening }) => {
  const { tasks } = prepQuickly(evening);
  const atTheBoard = tasks.filter((one) => one.attended && one.resources.includes('board'));
  const plants = atTheBoard.filter((one) => PLANTS.includes(familyOf(one) ?? ''));

  it('has raw meat and fish after the vegetables, or says why not', () => {
    const early = atTheBoard.filter(
      (one) => RAW.includes(familyOf(one) ?? '') && plants.some((plant) => ms(plant.startsAt) >= ms(one.endsAt)),
    );
    for (const one of early) expect(one.why).toMatch(/lies in its marinade/);
    expect(early.some((one) => one.why.startsWith('Raw meat last'))).toBe(false);
  });

  it('has no leaf cut so early that it droops', () => {
    const early = plants.filter(
      (one) =>
        familyOf(one) === 'leaf' &&
        !SOURED.includes(one.subjectId!) &&
        ms(evening.sitDownAt) - ms(one.endsAt) > DROOPS_MIN * 60_000,
    );
    expect(early.map((one) => one.label)).toEqual([]);
  });
});

describe('what firms up or thaws in its wrapping', () => {
  const evening = suited(eveningFor(4), 'clearDuckSwish');
  const { tasks } = prepQuickly(evening);
  const of = (id: string) => tasks.find((one) => one.id === id)!;

  it('lies in the freezer while the vegetables are cut', () => {
    const freezes = tasks.find((one) => one.resources.includes('freezer'))!;
    const meanwhile = tasks.filter(
      (one) =>
        PLANTS.includes(familyOf(one) ?? '') &&
        ms(one.startsAt) >= ms(freezes.startsAt) &&
        ms(one.endsAt) <= ms(freezes.endsAt),
    );
    expect(meanwhile.length).toBeGreaterThan(1);
  });

  it('still has the board after them when it was ticked into the freezer', () => {
    const intoFreezer = of('duckBreast.before1');
    const at = ms(intoFreezer.endsAt);
    const rest = prepQuickly(evening, { now: intoFreezer.endsAt, ticks: new Map([[intoFreezer.id, at]]) });
    const slice = rest.tasks.find((one) => one.id === 'duckBreast.cut')!;
    const cut = rest.tasks.filter((one) => PLANTS.includes(familyOf(one) ?? '') && one.resources.includes('board'));
    expect(cut.length).toBeGreaterThan(3);
    for (const one of cut) expect(ms(one.endsAt)).toBeLessThanOrEqual(ms(slice.startsAt));
  });
});
