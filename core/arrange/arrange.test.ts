import { buildSchema, type Evening, type Placement, type Vessel } from '@elixa/contract';
import fc from 'fast-check';
import { STYLES } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { sum } from '../measures/sum';
import { planPot } from '../planEvening/planPot';
import { eveningFor, guests, suited } from '../testing/household';
import { ringMl } from './room';
import { widthShareAt } from './vesselShape';
import { runs } from '../testing/runs';

/** Pots of the catalogue, and two that a cook has measured in. */
const POTS: readonly Vessel[] = [
  ...VESSELS,
  {
    ...VESSELS.find((one) => one.id === 'enamel26')!,
    id: 'oval',
    outline: 'oval',
    innerDiameterMm: 330,
    innerBreadthMm: 230,
    innerDepthMm: 90,
    rimVolumeMl: 4800,
  },
  {
    ...VESSELS.find((one) => one.id === 'wide30')!,
    id: 'skillet',
    outline: 'rectangular',
    innerDiameterMm: 300,
    innerBreadthMm: 250,
    innerDepthMm: 60,
    rimVolumeMl: 3900,
  },
];

const nights = fc
  .record({
    style: fc.constantFrom(...STYLES),
    vessel: fc.constantFrom(...POTS),
    count: fc.integer({ min: 1, max: 14 }),
  })
  .map(({ style, vessel, count }): Evening => {
    const chosen = suited(eveningFor(count), style.id);
    const inIt = { ...chosen, vessel };
    return checkEvening(inIt).length === 0 ? inIt : chosen;
  });

const laidIn = ({ placements }: { placements: readonly Placement[] }) =>
  placements.flatMap((one) => (one.region ? [{ ...one, region: one.region }] : []));
type Lying = ReturnType<typeof laidIn>[number];

const meet = (a: readonly [number, number], b: readonly [number, number]) =>
  Math.min(a[1], b[1]) - Math.max(a[0], b[0]) > 1e-6;

/** Whether two stretches of a turn have more than an edge in common. */
function turnsMeet(a: Lying['region'], b: Lying['region']): boolean {
  if (a.sweepDeg >= 360 - 1e-6 || b.sweepDeg >= 360 - 1e-6) return true;
  const from = (((b.startDeg - a.startDeg) % 360) + 360) % 360;
  return from < a.sweepDeg - 1e-6 || from + b.sweepDeg > 360 + 1e-6;
}

/** What is laid on top goes in when the rest has fallen in; a stack is one thing. */
const isLate = ({ place }: Lying) => place === 'top';
const overlap = (a: Lying, b: Lying) =>
  a.side === b.side &&
  isLate(a) === isLate(b) &&
  !(a.place === 'stack' && b.place === 'stack') &&
  meet([a.fromMm, a.toMm], [b.fromMm, b.toMm]) &&
  meet([a.region.fromShare, a.region.toShare], [b.region.fromShare, b.region.toShare]) &&
  turnsMeet(a.region, b.region);

describe('any pot as it is built', () => {
  it('has nothing over another thing, nothing outside the pot, and everything of the evening once', () => {
    fc.assert(
      fc.property(nights, (evening) => {
        const { build, menu } = planPot(evening);
        expect(buildSchema.safeParse(build).error).toBeUndefined();
        const laid = laidIn(build);
        const at = `${evening.style.id} ${evening.vessel.id} for ${evening.diners.length}`;
        laid.forEach((a, index) => {
          const over = laid.slice(index + 1).find((b) => overlap(a, b));
          expect([at, a.id, over?.id]).toEqual([at, a.id, undefined]);
          const wall = widthShareAt(evening.vessel, a.toMm);
          expect([at, a.id, a.region.toShare <= wall + 1e-6]).toEqual([at, a.id, true]);
          expect([at, a.id, a.fromMm >= 0 && a.toMm > a.fromMm]).toEqual([at, a.id, true]);
        });
        // Nothing is lost between the rounds, in grams or in pieces.
        const slots = menu.slots.filter((one) => one.pan === 'main' && one.cuts.length > 0 && one.role !== 'finish');
        const onPlates = build.plates.flat();
        for (const slot of slots) {
          const mine = onPlates.filter((one) => one.ingredientId === slot.ingredientId);
          const wanted = sum(slots.filter((one) => one.ingredientId === slot.ingredientId).map((one) => one.massG));
          if (mine.length > 0) expect(sum(mine.map((one) => one.massG))).toBeCloseTo(wanted, 4);
        }
        expect(build.plates).toHaveLength(build.rounds.length);
        const first = build.plates[0]!;
        expect(sum(first.map((one) => one.massG))).toBeCloseTo(sum(build.placements.map((one) => one.massG)), 6);
      }),
      { numRuns: runs(45) },
    );
  });

  it('gives each bunch round the wall the room that it fills before any liquid', () => {
    fc.assert(
      fc.property(nights, (evening) => {
        const { build } = planPot(evening);
        const rings = laidIn(build).filter((one) => one.place === 'ring' && build.laidFirst);
        for (const id of new Set(rings.map((one) => one.id))) {
          const cuts = rings.filter((one) => one.id === id);
          const [low, high] = [Math.min(...cuts.map((one) => one.fromMm)), Math.max(...cuts.map((one) => one.toMm))];
          const { region, side } = cuts[0]!;
          const roundMl = ringMl(evening.vessel, low, high, region.fromShare, 1) * (side ? 0.5 : 1);
          const roomMl = (roundMl * region.sweepDeg) / 360;
          const massG = sum(cuts.map((one) => one.massG));
          // No food is lighter in the hand than dry leaves, or denser than itself without a gap.
          expect(roomMl).toBeGreaterThan(massG / 1.1);
        }
      }),
      { numRuns: runs(16) },
    );
  });

  it('has every round a plate of everything, to within a piece', () => {
    const evening = suited(eveningFor(9), 'clearChicken');
    const { build } = planPot(evening);
    expect(build.rounds.length).toBeGreaterThan(2);
    expect(build.fits).toBe(false);
    for (const round of build.rounds) expect(new Set(round)).toEqual(new Set(build.rounds[0]));
    const pieces = (id: string) =>
      build.plates.map((plate) => sum(plate.filter((one) => one.ingredientId === id).map((one) => one.pieces)));
    for (const id of build.rounds[0]!) expect(Math.max(...pieces(id)) - Math.min(...pieces(id))).toBeLessThanOrEqual(2);
  });
});

describe('where things lie', () => {
  const buildFor = (styleId: string, count = 4) => planPot(suited(eveningFor(count), styleId)).build;
  const placeOf = (styleId: string, id: string) => buildFor(styleId).placements.find((one) => one.ingredientId === id)!;

  it('is low for what is slow and high for what is tender: stems under, leaves over', () => {
    const { placements } = buildFor('clearChicken');
    const [stem, leaf] = ['stem', 'leaf'].map((cut) =>
      placements.find((one) => one.ingredientId === 'napaCabbage' && one.cut === cut),
    );
    expect(stem!.toMm).toBeLessThanOrEqual(leaf!.fromMm + 1e-6);
    expect(placeOf('whiteMisoChickenPrawn', 'daikon').fromMm).toBe(0);
    const kimchi = placeOf('spicyStew', 'kimchi');
    const tofu = placeOf('spicyStew', 'firmTofu');
    expect(kimchi.toMm).toBeLessThanOrEqual(tofu.fromMm + 1e-6);
  });

  it('says why for every piece, each in a sentence', () => {
    for (const style of STYLES) {
      for (const { id, because } of buildFor(style.id).placements) {
        expect([style.id, id, because]).toEqual([style.id, id, expect.stringMatching(/^[A-Z].+\.$/)]);
      }
    }
  });

  it('keeps the konnyaku across from the beef, and says so', () => {
    const build = buildFor('sukiyakiEast');
    const middle = (id: string) => {
      const { startDeg, sweepDeg } = build.placements.find((one) => one.ingredientId === id)!.region!;
      return startDeg + sweepDeg / 2;
    };
    const apart = Math.abs(middle('shirataki') - middle('beefSlice')) % 360;
    expect(Math.min(apart, 360 - apart)).toBeGreaterThan(90);
    expect(placeOf('sukiyakiEast', 'shirataki').because).toMatch(/^Away from the beef/);
    expect(build.warnings).toEqual([]);
  });

  it('is beside the pot for what each guest holds in it, and in the pot where it is cooked at once', () => {
    const evening = { ...suited(eveningFor(4), 'numbingPot'), service: 'swish' as const };
    const beef = (given: Evening) => planPot(given).build.placements.find((one) => one.ingredientId === 'beefSlice')!;
    expect(beef(evening)).toMatchObject({ place: 'beside' });
    expect(beef(evening).region).toBeUndefined();
    expect(beef({ ...evening, service: 'rounds' }).place).toBe('ring');
  });

  it('is where the cook has put it, with a word where that cooks badly', () => {
    const evening = suited(eveningFor(4), 'clearChicken');
    const laid = planPot(evening)
      .build.placements.filter((one) => one.region && one.place !== 'bed')
      .map((one) => ({ id: one.id, place: 'ring' as const, atDeg: one.region!.startDeg % 360 }));
    const put = (id: string, to: { place: 'bed' | 'ring' | 'heart' | 'top'; atDeg: number; locked?: boolean }) =>
      planPot(
        applyEdit(evening, {
          kind: 'bunchesLaid',
          laid: [...laid.filter((one) => one.id !== id), { id, byHand: true, ...to }],
        }),
      ).build;
    const daikon = put('daikon', { place: 'top', atDeg: 10 });
    expect(daikon.placements.find((one) => one.id === 'daikon')).toMatchObject({ place: 'top', held: 'laid' });
    expect(daikon.warnings.map((one) => one.id)).toContain('over-daikon');
    const greens = put('mizuna', { place: 'bed', atDeg: 10 });
    expect(greens.warnings.map((one) => one.id)).toContain('under-mizuna');
    const locked = put('carrot', { place: 'ring', atDeg: 123, locked: true });
    const { region, held, because } = locked.placements.find((one) => one.id === 'carrot')!;
    expect(held).toBe('locked');
    expect(because).toMatch(/locked/);
    expect(Math.abs(region!.startDeg + region!.sweepDeg / 2 - 123)).toBeLessThan(2);
    expect(put('carrot', { place: 'heart', atDeg: 0 }).warnings).toEqual([]);
    // Left to the solver again, it is as before.
    const again = applyEdit(applyEdit(evening, { kind: 'bunchesLaid', laid }), { kind: 'bunchesLaid', laid: [] });
    expect(planPot(again).build.placements).toEqual(planPot(evening).build.placements);
  });

  it('has nothing over another thing wherever the cook puts things, in stacks and halves too', () => {
    const spot = fc.record({
      pick: fc.nat(30),
      place: fc.constantFrom('bed' as const, 'ring' as const, 'heart' as const, 'top' as const),
      atDeg: fc.integer({ min: 0, max: 359 }),
    });
    fc.assert(
      fc.property(
        fc.constantFrom('clearChicken', 'layeredBeefCabbage', 'dividedPot', 'fishCakeJeongol'),
        fc.array(spot, { minLength: 1, maxLength: 4 }),
        (styleId, spots) => {
          const evening = suited(eveningFor(4), styleId);
          const ids = [...new Set(laidIn(planPot(evening).build).map((one) => one.id))];
          const laid = spots.map(({ pick, place, atDeg }) => ({
            id: ids[pick % ids.length]!,
            place,
            atDeg,
            byHand: true,
          }));
          const once = [...new Map(laid.map((one) => [one.id, one])).values()];
          const { build } = planPot(applyEdit(evening, { kind: 'bunchesLaid', laid: once }));
          const lying = laidIn(build);
          expect(new Set(lying.map((one) => one.id))).toEqual(new Set(ids));
          lying.forEach((a, index) => {
            const over = lying.slice(index + 1).find((b) => overlap(a, b));
            expect([styleId, a.id, over?.id]).toEqual([styleId, a.id, undefined]);
          });
        },
      ),
      { numRuns: runs(16) },
    );
  });

  it('tells of what is heaped over the rim, and of nothing that goes in when the rest has fallen in', () => {
    const evening = suited(eveningFor(5), 'layeredBeefCabbage');
    expect(planPot(evening).build.warnings.map((one) => one.id)).not.toContain('overRim');
    const leaves = applyEdit(suited(eveningFor(3), 'dividedPot'), {
      kind: 'amountSet',
      ingredientId: 'napaCabbage',
      grams: 300,
    });
    const told = planPot(leaves).build.warnings.find((one) => one.id === 'overRim');
    expect(told?.text).toMatch(/over the rim/);
  });
});

describe('stacks', () => {
  const stacksFor = (count: number) => planPot(suited({ ...eveningFor(count) }, 'layeredBeefCabbage')).build.stacks!;

  it('use up the leaves and slices of a round, in piles as thick as a hand holds, cut to the depth of the pot', () => {
    for (const count of [1, 2, 4, 8, 14]) {
      const evening = suited(eveningFor(count), 'layeredBeefCabbage');
      const { stacks, headroomMm } = planPot(evening).build;
      const { repeats, inEach, thicknessMm, cutWidthMm, blocks, blocksEach, rows } = stacks!;
      expect(repeats).toBeGreaterThanOrEqual(2);
      expect(repeats).toBeLessThanOrEqual(5);
      expect(thicknessMm).toBeGreaterThan(25);
      expect(thicknessMm).toBeLessThan(80);
      expect(cutWidthMm).toBeCloseTo(evening.vessel.innerDepthMm - headroomMm, 6);
      expect(blocks).toBe(stacks!.stacks * blocksEach);
      expect(sum(rows.map((row) => row.blocks))).toBe(blocks);
      expect(inEach.map((one) => one.ingredientId)).toEqual(['napaCabbage', 'perilla', 'beefSlice']);
    }
  });

  it('stand in circles that their blocks fit in, one inside the other, round a hole', () => {
    for (const count of [2, 4, 8, 14]) {
      const { vessel } = suited(eveningFor(count), 'layeredBeefCabbage');
      const { rows, holeMm } = stacksFor(count);
      const half = vessel.innerDiameterMm / 2;
      rows.forEach((row, index) => {
        const middleMm = ((row.fromShare + row.toShare) / 2) * half;
        expect(row.blocks * row.widthMm).toBeLessThanOrEqual(2 * Math.PI * middleMm + 1e-6);
        if (index > 0) expect(row.toShare).toBeCloseTo(rows[index - 1]!.fromShare, 6);
      });
      expect(holeMm).toBeGreaterThan(vessel.innerDiameterMm / 4);
    }
  });
});

describe('skewers', () => {
  it('are as many as the fish cake makes, and lean with their food in the pot', () => {
    const { skewers, placements } = planPot(suited(eveningFor(4), 'fishCakeJeongol')).build;
    const cake = placements.find((one) => one.place === 'skewer')!;
    expect(skewers).toMatchObject({ count: cake.pieces, order: ['fishCake'] });
    expect(skewers!.count * skewers!.gramsEach).toBeCloseTo(cake.massG, 6);
  });
});

it('lies the same in a pot of two halves for the meat-free guest: nothing of an animal on that side', () => {
  const evening = suited({ ...eveningFor(4), diners: guests(4) }, 'dividedPot');
  const menu = menuOrThrow(evening);
  const { build } = planPot(evening);
  expect(menu.sides?.meatFree).toBe('second');
  const second = build.placements.filter((one) => one.side === 'second').map((one) => one.ingredientId);
  expect(second.length).toBeGreaterThan(3);
  expect(second).not.toContain('fishBall');
});

describe('leaves that are laid on last', () => {
  const pots = STYLES.flatMap((style) =>
    [1, 4, 9].map((guests) => ({ id: style.id, guests, evening: suited(eveningFor(guests), style.id) })),
  );

  it.each(pots)('$id for $guests: stand within the rim, or are told to go in by handfuls', ({ evening }) => {
    const { placements, warnings } = planPot(evening).build;
    const highest = Math.max(0, ...placements.filter((one) => one.place === 'top').map((one) => one.toMm));
    const isOver = highest >= evening.vessel.innerDepthMm + 8;
    expect(warnings.some((one) => one.id === 'handfuls')).toBe(isOver);
  });

  it('go in by as many handfuls as there is room for where they are many', () => {
    const much = suited(eveningFor(4, { overrides: { gramsPerHead: { lettuce: 600 } } }), 'satayPot');
    const { warnings } = planPot(much).build;
    expect(warnings.find((one) => one.id === 'handfuls')?.text).toMatch(/^Choy sum and lettuce in \d handfuls$/);
  });
});
