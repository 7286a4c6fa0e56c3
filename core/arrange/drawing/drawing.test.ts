import { STYLES } from '../../catalogue/styles';
import { VESSELS } from '../../catalogue/vessels';
import { planPot } from '../../planEvening/planPot';
import { eveningFor, suited } from '../../testing/household';
import { radiusAtMm } from '../vesselShape';
import { drawFromAbove } from './fromAbove';
import { drawFromSide } from './fromSide';

const nights = STYLES.flatMap((style) =>
  [2, 6].map((count) => {
    const evening = suited(eveningFor(count), style.id);
    return { name: `${style.name} for ${count}`, evening, build: planPot(evening).build };
  }),
);

describe.each(nights)('the drawing of $name', ({ evening: { vessel }, build }) => {
  const above = drawFromAbove(vessel, build.sectors);
  const side = drawFromSide(vessel, build);

  it('keeps every piece and block inside the wall, the same way every time', () => {
    for (const { x, y } of [...above.pieces, ...above.blocks]) {
      expect(Math.hypot(x, y)).toBeLessThan(vessel.innerDiameterMm / 2);
    }
    expect(drawFromAbove(vessel, build.sectors)).toEqual(above);
  });

  it('shows everything that lies open, and names everything', () => {
    const open = build.sectors.filter((one) => one.zone !== 'bed' && one.zone !== 'stack');
    expect(new Set(above.pieces.map((one) => one.ingredientId))).toEqual(new Set(open.map((one) => one.ingredientId)));
    expect(above.names.map((one) => one.ingredientId).sort()).toEqual(
      [...new Set(build.sectors.map((one) => one.ingredientId))].sort(),
    );
  });

  it('lies within the pot from the side too, none under the floor or over the food', () => {
    for (const { x, y } of side.pieces) {
      expect(-y).toBeGreaterThan(0);
      expect(-y).toBeLessThan(build.fillHeightMm + 0.01);
      expect(Math.abs(x)).toBeLessThan(radiusAtMm(vessel, -y));
    }
  });

  it('has blocks standing where food is stacked, on both sides, and nowhere else', () => {
    const isStacked = build.sectors.some((one) => one.zone === 'stack');
    expect(above.blocks.length > 0).toBe(isStacked);
    expect(new Set(side.blocks.map((one) => one.side)).size).toBe(isStacked ? 2 : 0);
    for (const { fromMm, widthMm } of side.blocks)
      expect(fromMm + widthMm).toBeLessThanOrEqual(vessel.innerDiameterMm / 2);
  });
});

it('draws more of what there is more of, and more in a wider pot', () => {
  const evening = eveningFor(4);
  const { sectors } = planPot(evening).build;
  const pieces = (of: typeof evening.vessel) => drawFromAbove(of, sectors).pieces;
  const count = (id: string) => pieces(evening.vessel).filter((one) => one.ingredientId === id).length;
  expect(count('napaCabbage')).toBeGreaterThan(count('carrot'));
  const byWidth = [...VESSELS].sort((a, b) => a.innerDiameterMm - b.innerDiameterMm);
  expect(pieces(byWidth.at(-1)!).length).toBeGreaterThan(pieces(byWidth[0]!).length);
});
