import { eveningSchema, type EveningList, type LiveEvent } from '@elixa/contract';
import { checkEvening, factsOf, liveSteps, planPot, CATALOGUE } from '@elixa/core';
import { practice } from '@/testing/household';
import { eveningRows, groupRows, knownPeople } from './eveningRows';
import { cookAgain, makeEvening, nextSupper } from './makeEvening';
import { readEveningFile } from './readEveningFile';

const NOON = new Date(2026, 10, 24, 12, 0);
const summary = (id: string, sitDownAt: string, status: 'planned' | 'live' | 'finished' = 'planned') => ({
  id,
  title: id,
  sitDownAt,
  status,
  version: 1,
  diners: practice().diners,
  styleId: 'clearChicken',
});
const at = (daysAhead: number) => new Date(NOON.getTime() + daysAhead * 86_400_000).toISOString();
const list = (...evenings: EveningList['evenings']) => evenings;
const row = (...given: Parameters<typeof summary>) => ({ ...summary(...given), onlyHere: false });

describe('the list', () => {
  it('holds what only this device knows', () => {
    const drafts = { new1: { evening: practice({ id: 'new1', title: 'Sunday soup' }), baseVersion: 0, unsaved: true } };
    const [one] = eveningRows(list(), drafts, {});
    expect(one).toMatchObject({ title: 'Sunday soup', onlyHere: true, status: 'planned' });
  });

  it('does not bring back an evening that was deleted elsewhere', () => {
    const drafts = { gone: { evening: practice({ id: 'gone' }), baseVersion: 3, unsaved: true } };
    expect(eveningRows(list(), drafts, {})).toEqual([]);
  });

  it('shows a pot as on the stove before the server has heard of it', () => {
    const said = { v: 3 as const, at: at(0), device: 'this-phone' };
    const plan = planPot(practice());
    const events: LiveEvent[] = [
      { ...said, id: 'x', clock: 1, type: 'planAdopted', evening: practice(), planHash: 'tonight' },
      {
        ...said,
        id: 'y',
        clock: 2,
        type: 'happened',
        facts: factsOf(liveSteps(CATALOGUE, plan.simmer)[0]!, plan, 'x'),
      },
    ];
    const rows = eveningRows(
      list(summary('a', at(0))),
      {},
      { a: { plans: { tonight: plan }, events, unsent: ['x', 'y'] } },
    );
    expect(rows[0]?.status).toBe('live');
  });

  it('does not let the pot of another evening, never finished, take the place of the next one', () => {
    const rows = [row('forgotten', at(-2), 'live'), row('tonight', at(0.3))];
    const groups = groupRows(rows, NOON.getTime());
    expect(groups.now.map((one) => one.id)).toEqual(['tonight']);
    expect(groups.past.map((one) => one.id)).toContain('forgotten');
  });

  it('puts what cooks before what comes, and what is over last', () => {
    const rows = [row('past', at(-8), 'finished'), row('later', at(4)), row('tonight', at(0.3)), row('missed', at(-3))];
    const groups = groupRows(rows, NOON.getTime());
    expect(groups.now.map((one) => one.id)).toEqual(['tonight']);
    expect(groups.coming.map((one) => one.id)).toEqual(['later']);
    expect(groups.past.map((one) => one.id)).toEqual(['missed', 'past']);
    const cooking = groupRows([...rows, row('cooking', at(1), 'live')], NOON.getTime());
    expect(cooking.now.map((one) => one.id)).toEqual(['cooking']);
  });

  it('remembers people as they last were', () => {
    const [bram] = practice().diners.filter((one) => one.name === 'Bram');
    const draft = (sitDownAt: string, appetite: 'small' | 'large', unsaved: boolean) => ({
      evening: practice({ sitDownAt, diners: [{ ...bram!, appetite }] }),
      baseVersion: 1,
      unsaved,
    });
    const known = { ...bram!, name: 'bram' };
    expect(knownPeople([known], {})).toEqual([known]);
    // An old evening that was only opened here says nothing new.
    expect(knownPeople([known], { old: draft(at(-9), 'large', false) })).toEqual([known]);
    const changedHere = { old: draft(at(-9), 'large', true), next: draft(at(1), 'small', true) };
    expect(knownPeople([known], changedHere)).toEqual([{ ...bram, appetite: 'small' }]);
  });
});

describe('a new evening', () => {
  it('is at half past seven, or tomorrow when that is too near', () => {
    expect(nextSupper(NOON).getHours()).toBe(19);
    expect(nextSupper(NOON).getDate()).toBe(24);
    expect(nextSupper(new Date(2026, 10, 24, 19, 0)).getDate()).toBe(25);
  });

  it('can be planned as it stands, from nothing and in a known kitchen', () => {
    const first = makeEvening('first', NOON);
    expect(checkEvening(first)).toEqual([]);
    expect(planPot(first).amounts.length).toBeGreaterThan(5);
    const next = makeEvening('next', NOON, practice());
    expect(next).toMatchObject({ vessel: practice().vessel, place: practice().place, title: 'Tuesday supper' });
  });

  it('repeats an old one under a new id and a new day', () => {
    const again = cookAgain(practice({ title: 'x'.repeat(80) }), 'again', NOON);
    expect(again.id).toBe('again');
    expect(again.title.length).toBeLessThanOrEqual(80);
    expect(checkEvening(again)).toEqual([]);
    expect(again.lastTime).toBeUndefined();
  });

  it('takes along what was noted then, and not what was noted before that', () => {
    const given = practice();
    const again = cookAgain(given, 'again', NOON, ['More radish', 'Less salt']);
    expect(again.lastTime).toEqual({ on: given.sitDownAt, notes: ['More radish', 'Less salt'] });
    expect(eveningSchema.safeParse(again).success).toBe(true);
    expect(cookAgain(again, 'once-more', NOON, ['Good']).lastTime).toEqual({ on: again.sitDownAt, notes: ['Good'] });
    expect(cookAgain(again, 'once-more', NOON).lastTime).toBeUndefined();
  });
});

describe('a file', () => {
  it('opens when it is an evening', () => {
    expect(readEveningFile(JSON.stringify(practice())).evening?.title).toBe('Practice night');
  });

  it('names the field and the fix when it is not', () => {
    expect(readEveningFile('tomato').errors?.[0]?.message).toMatch(/not JSON/);
    const wrong = readEveningFile(JSON.stringify({ ...practice(), units: 'cubits' })).errors?.[0];
    expect(wrong).toMatchObject({ field: 'units', fix: 'Use one of: metric, us, eastAsian.' });
    const unknown = readEveningFile(JSON.stringify(practice({ style: { id: 'moonSoup', schools: {} } }))).errors?.[0];
    expect(unknown?.field).toBe('style.id');
  });
});
