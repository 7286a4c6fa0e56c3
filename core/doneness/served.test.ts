import { INGREDIENTS } from '../catalogue/ingredients';
import { sidesMm } from '../catalogue/cutThickness';
import { KEPT_C } from '../heat/givens';
import { Brick } from '../testing/brickApart';
import { wantedOf } from './wanted';

/** Most plants and curds: water with a little in it. */
const WATERY = { k: 0.55, rho: 1040, cp: 3850 };
/** What the two models may differ by. */
const AGREES_K = 4;

const plants = INGREDIENTS.flatMap((what) =>
  Object.entries(what.cuts).flatMap(([id, cut]) => {
    const row = cut.cooks?.simmered;
    return row && 'zC' in row.slowsBy && row.leastMin > 0 && !cut.fromLiquid && what.kept !== 'freezer'
      ? [{ name: `${what.name}, ${cut.label}`, id, what, cut, row }]
      : [];
  }),
);

describe('hot enough to eat', () => {
  it.each(plants)('at its least time the middle of $name is as hot as it is served, by a brick apart', (one) => {
    const { what, cut, row } = one;
    const { servedC = -273 } = wantedOf(what, cut, row);
    const { wideMm } = sidesMm(cut, 1.02);
    // A ball is a cube of as much.
    const times = cut.ball ? 0.806 : 1;
    const sides = [cut.solidMm ?? cut.thicknessMm, wideMm, wideMm].map((mm) => (Math.max(1.5, mm) * times) / 1000);
    const brick = new Brick(sides as [number, number, number], WATERY, KEPT_C[what.kept]);
    const dtS = Math.min(0.5, brick.stableS);
    for (let s = 0; s < row.leastMin * 60; s += dtS) brick.step(100, 900, dtS);
    expect([one.name, brick.centreC > servedC - AGREES_K]).toEqual([one.name, true]);
  });

  it('is about sixty degrees for nearly everything that simmers', () => {
    const cool = plants.filter(({ what, cut, row }) => wantedOf(what, cut, row).servedC !== 60);
    expect([...new Set(cool.map(({ what }) => what.id))]).toEqual(['tomato', 'coriander']);
  });
});
