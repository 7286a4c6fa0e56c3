import type { Edit, Evening, Laid } from '@elixa/contract';
import fc from 'fast-check';
import { STYLES } from '../catalogue/styles';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { betweenDeg } from './around';
import { drawFromAbove } from './drawing/fromAbove';
import {
  bunchAt,
  laidOf,
  lockedAs,
  lockedOf,
  moved,
  nextTo,
  onSideOf,
  spotAt,
  stepped,
  swapped,
  turned,
} from './moves';
import { runs } from '../testing/runs';
import { CATALOGUE } from '../catalogue/catalogue';

const evening = suited(eveningFor(4), 'clearChicken');
const buildOf = (given: Evening) => planPot(given).build;
const put = (given: Evening, laid: Laid[]) => applyEdit(given, { kind: 'bunchesLaid', laid } satisfies Edit);
const middle = (given: Evening, id: string) => {
  const { region } = buildOf(given).placements.find((one) => one.id === id)!;
  return region!.startDeg + region!.sweepDeg / 2;
};
const around = (given: Evening) =>
  [
    ...new Map(
      buildOf(given)
        .placements.filter((one) => one.place === 'ring')
        .map((one) => [one.id, one]),
    ).values(),
  ]
    .sort((a, b) => a.region!.startDeg - b.region!.startDeg)
    .map((one) => one.id);

describe('moving things by hand', () => {
  const { placements } = buildOf(evening);
  const now = laidOf(placements);

  it('changes nothing where everything is put where it lies', () => {
    for (const { id, atDeg } of now) expect(betweenDeg(middle(put(evening, now), id), atDeg)).toBeLessThan(0.5);
  });

  it('puts one bunch elsewhere and leaves the others in their order', () => {
    const order = around(evening);
    const one = order[0]!;
    const after = around(put(evening, moved(now, one, { place: 'ring', atDeg: middle(evening, order[3]!) + 1 })));
    const without = (ids: string[]) => ids.filter((id) => id !== one);
    // The same ring, started anywhere.
    const twice = [...without(order), ...without(order)].join(' ');
    expect(twice).toContain(without(after).join(' '));
    expect(after.indexOf(one)).not.toBe(0);
  });

  it('exchanges two, and is as before when it is done twice', () => {
    const both = swapped(now, 'carrot', 'daikon');
    expect(betweenDeg(middle(put(evening, both), 'carrot'), middle(evening, 'daikon'))).toBeLessThan(40);
    swapped(both, 'carrot', 'daikon').forEach((one, index) => expect(one).toMatchObject(now[index]!));
    expect(swapped(now, 'carrot', 'nothing')).toEqual(now);
  });

  it('turns the whole pot, and comes round again', () => {
    const quarter = put(evening, turned(now, 90));
    for (const { id, atDeg } of now) expect(betweenDeg(middle(quarter, id), atDeg + 90)).toBeLessThan(0.5);
    turned(turned(now, 200), 160).forEach((one, index) => expect(one.atDeg).toBeCloseTo(now[index]!.atDeg, 9));
  });

  it('steps round the wall with a key, one neighbour at a time, back with the other key', () => {
    const next = nextTo(now, 'carrot', true, placements)!;
    expect(next.id).not.toBe('carrot');
    stepped(stepped(now, 'carrot', true, placements), 'carrot', false, placements).forEach((one, index) =>
      expect(one).toMatchObject(now[index]!),
    );
    expect(nextTo(now, 'chickenThigh', true, placements)).toBeUndefined();
    expect(stepped(now, 'chickenThigh', true, placements)).toEqual(now);
  });

  it('steps no further than the wall of a divided pot', () => {
    const own = buildOf(suited(eveningFor(4), 'dividedPot')).placements;
    const laid = laidOf(own);
    const sideOf = (id: string) => own.find((one) => one.id === id)?.side;
    const stepping = laid.flatMap(({ id }) => {
      const next = nextTo(laid, id, true, own);
      return next ? [[sideOf(id), sideOf(next.id)]] : [];
    });
    expect(new Set(stepping.map(([from]) => from))).toEqual(new Set(['first', 'second']));
    for (const [from, to] of stepping) expect(to).toBe(from);
    expect(onSideOf(laid, laid[0]!.id, own).length).toBeLessThan(laid.length);
  });

  it('keeps what is locked when the rest is arranged anew, and nothing else', () => {
    const locked = lockedAs(moved(now, 'carrot', { place: 'ring', atDeg: 200 }), 'carrot', true);
    expect(lockedOf(locked).map((one) => one.id)).toEqual(['carrot']);
    expect(betweenDeg(middle(put(evening, lockedOf(locked)), 'carrot'), 200)).toBeLessThan(2);
    expect(lockedOf(lockedAs(locked, 'carrot', false))).toEqual([]);
  });

  it('is said of what was moved, and of nothing that only stayed where it lay', () => {
    const laid = put(evening, moved(now, 'carrot', { place: 'ring', atDeg: 200 }));
    const held = buildOf(laid).placements.filter((one) => one.held);
    expect(held.map((one) => one.id)).toEqual(['carrot']);
    expect(held[0]!.because).toBe('It lies where you put it.');
  });

  it('is part of the evening: it is checked, kept, and in every plan that is made of it', () => {
    const laid = put(evening, moved(now, 'carrot', { place: 'heart', atDeg: 0 }));
    expect(checkEvening(laid)).toEqual([]);
    expect(buildOf(laid).placements.find((one) => one.id === 'carrot')).toMatchObject({ place: 'heart', held: 'laid' });
    expect(buildOf(laid)).toEqual(buildOf(structuredClone(laid)));
  });
});

describe('a finger on the drawing', () => {
  it('finds the bunch that it lies on, in every pot', () => {
    for (const style of STYLES) {
      const given = suited(eveningFor(4), style.id);
      const build = buildOf(given);
      const { bunches } = drawFromAbove(CATALOGUE, given.vessel, build);
      const found = bunches.filter(({ id, x, y }) => bunchAt(given.vessel, build.placements, { x, y }) === id);
      // What lies under other things is not found at its middle.
      const open = bunches.filter((one) => one.place === 'top' || one.place === 'skewer');
      expect([style.id, open.filter((one) => !found.includes(one))]).toEqual([style.id, []]);
      const tops = build.placements.some((one) => one.place === 'top');
      const seen = bunches.filter((one) => one.place === 'ring' || one.place === 'heart');
      if (!tops) expect([style.id, seen.filter((one) => !found.includes(one))]).toEqual([style.id, []]);
    }
  });

  it('lays what it drops near the middle into the middle, and round the wall else; outside it is nowhere', () => {
    const { placements } = buildOf(evening);
    const { vessel } = evening;
    expect(spotAt(vessel, placements, 'carrot', { x: 3, y: 5 })).toMatchObject({ place: 'heart' });
    const right = spotAt(vessel, placements, 'carrot', { x: 100, y: 0 })!;
    expect(right.place).toBe('ring');
    expect(betweenDeg(right.atDeg, 90)).toBeLessThan(1);
    expect(spotAt(vessel, placements, 'carrot', { x: 300, y: 0 })).toBeUndefined();
    expect(spotAt(vessel, placements, 'nothing', { x: 0, y: 0 })).toBeUndefined();
  });

  it('knows on which side of the wall it drops something', () => {
    const given = suited(eveningFor(4), 'dividedPot');
    const { placements } = buildOf(given);
    const id = placements.find((one) => one.side === 'first' && one.place === 'ring')!.id;
    expect(spotAt(given.vessel, placements, id, { x: 70, y: 20 })).toMatchObject({ side: 'second' });
    expect(spotAt(given.vessel, placements, id, { x: -70, y: 20 })).toMatchObject({ side: 'first' });
  });

  it('drops anything anywhere in the pot without losing it', () => {
    const { placements } = buildOf(evening);
    const ids = [...new Set(placements.map((one) => one.id))];
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.integer({ min: -130, max: 130 }),
        fc.integer({ min: -130, max: 130 }),
        (id, x, y) => {
          const spot = spotAt(evening.vessel, placements, id, { x, y });
          if (!spot) return;
          const after = buildOf(put(evening, moved(laidOf(placements), id, spot))).placements;
          expect(new Set(after.map((one) => one.id))).toEqual(new Set(ids));
          expect(after.find((one) => one.id === id)!.place).toBe(spot.place);
        },
      ),
      { numRuns: runs(40) },
    );
  });
});
