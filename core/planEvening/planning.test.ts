import type { Evening } from '@elixa/contract';
import { STYLES } from '../catalogue/styles';
import { eveningFor, example } from '../testing/household';
import { planEvening, prepFromNow, remediesFromNow } from './planEvening';
import { makePlanning, type Found, type PlanningQuestion } from './planning';
import { menuOrThrow } from '../evening/resolveMenu';
import { timesTable } from '../simmer/timesTable';
import { planPot } from './planPot';
import { rehearsedPot } from './rehearsed';

const everything = (question: PlanningQuestion, planning = makePlanning()): (Found | undefined)[] => [
  ...planning(question),
];
const said = (question: PlanningQuestion) =>
  everything(question).flatMap((one) => (one && one.kind !== 'trying' ? one : []));
const evening = example('practice-night');
const clockOf = (of: Evening, minutesBefore: number) => ({
  now: new Date(Date.parse(of.sitDownAt) - minutesBefore * 60_000).toISOString(),
  ticks: new Map<string, number>(),
});

describe('planning in steps', () => {
  it('comes to what planning at once comes to', () => {
    const clock = clockOf(evening, 20);
    const [quick, pot, prep, remedies] = said({ evening, clock });
    const atOnce = prepFromNow(evening, clock);
    expect(quick).toEqual({ kind: 'pot', plan: planPot(evening), quick: true });
    expect(pot).toEqual({ kind: 'pot', plan: rehearsedPot(menuOrThrow(evening), timesTable).plan });
    expect(prep).toEqual({ kind: 'prep', prep: atOnce });
    expect(remedies).toEqual({ kind: 'remedies', remedies: remediesFromNow(evening, atOnce.late, clock) });
  });

  it('has nothing to mend where there is time', () => {
    const found = said({ evening, clock: clockOf(evening, 36 * 60) });
    expect(found.map((one) => one.kind)).toEqual(['pot', 'pot', 'prep', 'remedies']);
    expect(found[3]).toEqual({ kind: 'remedies', remedies: [] });
  });

  it('stops for others often, also in the middle of a long search', () => {
    const found = everything({ evening: eveningFor(9), clock: clockOf(evening, 24 * 60) });
    expect(found.filter((one) => one === undefined).length).toBeGreaterThan(20);
  });

  it('says how many changes are tried, and what helps so far: never more than all, never without a way out', () => {
    const tries = everything({ evening, clock: clockOf(evening, 15) }).flatMap((one) =>
      one?.kind === 'trying' ? one : [],
    );
    expect(tries.length).toBeGreaterThan(2);
    expect(tries.map((one) => one.tried)).toEqual(tries.map((_, index) => index + 1));
    expect(tries.at(-1)!.tried).toBe(tries.at(-1)!.of);
    for (const { found } of tries) expect(found.some((one) => one.lateS === 0)).toBe(true);
  });

  it('says how many plans of a what-if it has gone through, and how many changes to a pot it has tried', () => {
    const lidOff = everything({ evening, whatIf: [{ kind: 'lidSet', lid: false }] });
    const gone = lidOff.flatMap((one) => (one?.kind === 'wondering' ? one.gone : []));
    expect(gone.length).toBeGreaterThan(0);
    expect(gone).toEqual(gone.map((_, index) => index + 1));
    expect(lidOff.at(-1)!.kind).toBe('whatIf');
    const late = {
      ...evening,
      overrides: {
        minutesInPot: {
          carrot: {
            [rehearsedPot(menuOrThrow(evening), timesTable).plan.simmer.pieces.find(
              (one) => one.ingredientId === 'carrot',
            )!.cut]: 2,
          },
        },
      },
    };
    const mending = everything({ evening: late }).flatMap((one) => (one?.kind === 'mending' ? one : []));
    expect(mending.length).toBeGreaterThan(1);
    expect(mending.map((one) => one.tried)).toEqual(mending.map((_, index) => index));
    expect(new Set(mending.map((one) => one.of)).size).toBe(1);
    expect(mending.at(-1)!.tried).toBe(mending[0]!.of - 1);
  });

  it('says the faults of a document that cannot be planned, and nothing else', () => {
    const broken = { ...evening, style: { ...evening.style, id: 'noSuchPot' } };
    const found = said({ evening: broken, clock: clockOf(evening, 60) });
    expect(found.map((one) => one.kind)).toEqual(['faults']);
  });

  it('plans the pot anew for another evening, and not for another tick', () => {
    const planning = makePlanning();
    const potOf = (of: Evening) =>
      everything({ evening: of }, planning)
        .filter((one) => one?.kind === 'pot')
        .at(-1)!;
    const first = potOf(evening) as Extract<Found, { kind: 'pot' }>;
    const ticked = potOf(structuredClone(evening)) as typeof first;
    const more = potOf(eveningFor(6)) as typeof first;
    expect(ticked.plan).toBe(first.plan);
    expect(more.plan).toEqual(rehearsedPot(menuOrThrow(eveningFor(6)), timesTable).plan);
  });

  it('previews every pot that is asked for, and plans nothing else', () => {
    const styles = STYLES.map(({ id }) => id);
    const found = said({ evening, previews: styles });
    expect(found.map((one) => one.kind === 'preview' && one.preview.styleId)).toEqual(styles);
  });

  it('plans for ever the same: leaving a search half way changes nothing of the next', () => {
    const planning = makePlanning();
    const left = planning({ evening: eveningFor(9), clock: clockOf(evening, 30) });
    for (let step = 0; step < 15; step += 1) left.next();
    const prep = everything({ evening, clock: clockOf(evening, 600) }, planning).find((one) => one?.kind === 'prep');
    expect(prep).toEqual({ kind: 'prep', prep: prepFromNow(evening, clockOf(evening, 600)) });
    expect(planEvening(evening).prep.remedies).toEqual([]);
  });
});
