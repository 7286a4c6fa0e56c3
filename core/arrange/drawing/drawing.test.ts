import { readFileSync } from 'node:fs';
import path from 'node:path';
import { migratePlan, type Vessel } from '@elixa/contract';
import { GLAZES } from '../../catalogue/glazes';
import { STYLES } from '../../catalogue/styles';
import { VESSELS } from '../../catalogue/vessels';
import { sum } from '../../measures/sum';
import { planPot } from '../../planEvening/planPot';
import { eveningFor, suited } from '../../testing/household';
import { outlineFor, placeOf } from '../outline';
import { pieceOf } from '../pieces';
import { radiusAtMm } from '../vesselShape';
import { drawFromAbove, type Buildable } from './fromAbove';
import { bestCutDeg, drawFromSide } from './fromSide';
import { CATALOGUE } from '../../catalogue/catalogue';
import { ingredientById } from '../../catalogue/ingredients';

const nights = STYLES.flatMap((style) =>
  [2, 6].map((count) => {
    const evening = suited(eveningFor(count), style.id);
    return { name: `${style.name} for ${count}`, evening, build: planPot(evening).build };
  }),
);

describe.each(nights)('the drawing of $name', ({ evening: { vessel }, build }) => {
  const above = drawFromAbove(CATALOGUE, vessel, build);
  const side = drawFromSide(CATALOGUE, vessel, build);

  it('keeps every piece inside the wall of its side, the same way every time', () => {
    const outside = above.pieces.filter(({ x, y, side: half, place }) => {
      const most = place === 'skewer' ? 1.1 : 1;
      return place !== 'beside' && !(placeOf(outlineFor(vessel, half), { x, y }).share < most);
    });
    expect(outside).toEqual([]);
    expect(drawFromAbove(CATALOGUE, vessel, build)).toEqual(above);
  });

  it('draws no more pieces than there are, and something of everything', () => {
    for (const one of build.placements) {
      const mine = above.pieces.filter((piece) => piece.id.startsWith(`${one.id}-${one.cut}-`));
      expect([one.id, one.cut, mine.length <= one.pieces]).toEqual([one.id, one.cut, true]);
      if (one.place === 'stack' || one.place === 'beside' || one.pieces === 0) continue;
      expect([one.id, one.cut, mine.length > 0]).toEqual([one.id, one.cut, true]);
    }
    expect(above.names.map((one) => one.ingredientId).sort()).toEqual(
      [...new Set(build.placements.map((one) => one.ingredientId))].sort(),
    );
    expect(above.pieces.filter(({ glaze }) => !Object.hasOwn(GLAZES, glaze))).toEqual([]);
  });

  it('is cut through the middle so that several things are seen, none of them in the wall', () => {
    expect(side.runs.length + side.blocks.length).toBeGreaterThan(1);
    const top = vessel.innerDiameterMm / 2;
    for (const { fromX, toX, fromMm } of side.runs) {
      expect(toX).toBeGreaterThan(fromX);
      expect(Math.max(-fromX, toX)).toBeLessThanOrEqual(top + 1);
      expect(fromMm).toBeGreaterThanOrEqual(0);
    }
    expect(side.pieces.filter(({ y }) => !(y < 0))).toEqual([]);
  });

  it('has blocks standing where food is stacked, on both sides, as many as the stacks make', () => {
    expect(above.blocks).toHaveLength(build.stacks?.blocks ?? 0);
    expect(side.blocks).toHaveLength(2 * (build.stacks?.rows.length ?? 0));
    for (const block of side.blocks) {
      expect(Math.abs(block.topToX)).toBeLessThanOrEqual(radiusAtMm(vessel, build.stacks!.cutWidthMm) + 1);
    }
  });

  it('has a plate beside it for what each guest holds in the pot', () => {
    const waits = build.placements.some((one) => one.place === 'beside');
    expect(above.plate !== undefined).toBe(waits);
    expect(above.pieces.some((one) => one.place === 'beside')).toBe(waits);
  });
});

describe('a drawing to scale', () => {
  const { build } = planPot(eveningFor(4));

  it('has every piece as large as it is, whatever the pot', () => {
    for (const vessel of VESSELS) {
      const tofu = drawFromAbove(CATALOGUE, vessel, build).pieces.find((one) => one.ingredientId === 'firmTofu')!;
      const { form, alongMm } = pieceOf(ingredientById('firmTofu'), 'block');
      expect(Math.abs(tofu.radius * 2 * form.along - alongMm)).toBeLessThan(0.1);
    }
  });

  it('is of the pot that there is: an oval is longer than broad, and its food lies in it', () => {
    const oval: Vessel = {
      ...VESSELS[0]!,
      outline: 'oval',
      innerDiameterMm: 330,
      innerBreadthMm: 220,
      rimVolumeMl: 2900,
    };
    const { vessel, pieces } = drawFromAbove(CATALOGUE, oval, build);
    expect(vessel).toMatchObject({ halfLengthMm: 165, halfBreadthMm: 110 });
    for (const { x, y } of pieces) expect(Math.hypot(x / 165, y / 110)).toBeLessThan(1);
    expect(bestCutDeg(oval, build.placements)).toBe(90);
  });

  it('shows in a cut what lies on it: bunches as wide as a ruler along the cut measures them', () => {
    const vessel = VESSELS[0]!;
    const half = { startDeg: 0, sweepDeg: 180, fromShare: 0, toShare: 1 };
    const one = build.placements.find((each) => each.place === 'ring')!;
    const right = { ...one, region: half, fromMm: 0, toMm: 40 };
    const { runs } = drawFromSide(CATALOGUE, vessel, { placements: [right] }, 90);
    // It lies in the right half: from the middle to the rim.
    expect(runs).toHaveLength(1);
    expect(Math.abs(runs[0]!.fromX)).toBeLessThan(4);
    expect(vessel.innerDiameterMm / 2 - runs[0]!.toX).toBeLessThan(4);
  });
});

it('draws what a plan of an older shape was cooked by', () => {
  const file = path.join(
    import.meta.dirname,
    '..',
    '..',
    '..',
    'contract',
    'migrations',
    'documents',
    'plan2-practice-night.json',
  );
  const { build } = migratePlan(JSON.parse(readFileSync(file, 'utf8'))) as { build: Buildable };
  const { pieces, bunches } = drawFromAbove(CATALOGUE, VESSELS[0]!, build);
  expect(bunches.length).toBeGreaterThan(8);
  expect(sum(bunches.map((one) => pieces.filter((piece) => piece.bunchId === one.id).length))).toBeGreaterThan(30);
});
