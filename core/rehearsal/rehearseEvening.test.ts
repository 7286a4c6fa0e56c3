import { STYLES } from '../catalogue/styles';
import { menuOrThrow } from '../evening/resolveMenu';
import { rehearsedPot } from '../planEvening/rehearsed';
import { timesTable } from '../simmer/timesTable';
import { eveningFor, suited } from '../testing/household';
import { drawsOf } from './draws';
import { MISHAPS } from './mishaps';
import { rehearseEvening } from './rehearseEvening';

const isLong = Boolean(process.env.ELIXA_LONG);
/** Each style with a mishap of its own, in turn; where all is tried, every style with every mishap, in two kitchens, and two of them in a third: 506. */
const EVENINGS = isLong
  ? STYLES.flatMap(({ id }, at) =>
      MISHAPS.flatMap((mishap, of) =>
        (of < 2 ? [1, 2, 3] : [1, 2]).map((seed) => [id, mishap, seed * 1000 + at * 10 + of] as const),
      ),
    )
  : STYLES.slice(0, 20).map(({ id }, at) => [id, MISHAPS[(at * 3) % MISHAPS.length]!, 40 + at] as const);

describe('evenings that are rehearsed, with mishaps', () => {
  const scores = EVENINGS.map(([id, mishap, seed]) => {
    const pot = rehearsedPot(menuOrThrow(suited(eveningFor(2), id)), timesTable);
    return { id, mishap, seed, ...rehearseEvening(pot, seed, [mishap], isLong ? undefined : 1).score };
  });

  it('call nothing ready that is raw', () => {
    const unsafe = scores.filter(({ unsafeCalledReady }) => unsafeCalledReady.length > 0);
    expect(unsafe.map(({ id, mishap, seed, unsafeCalledReady }) => ({ id, mishap, seed, unsafeCalledReady }))).toEqual(
      [],
    );
  });

  it('never tell two changes in a minute', () => {
    expect(scores.filter(({ hurried }) => hurried > 0)).toEqual([]);
  });

  it('bring nine things of ten into their windows', () => {
    // Who comes ten minutes late finds it past its best, whatever is planned.
    const own = scores.filter(({ mishap }) => mishap !== 'lateGuests');
    const lifted = own.reduce((sum, one) => sum + one.lifted, 0);
    const out = own.flatMap(({ id, mishap, outOfWindow }) => outOfWindow.map((piece) => `${id} ${mishap} ${piece}`));
    expect(lifted).toBeGreaterThan(20);
    expect(out.length / lifted).toBeLessThan(0.1);
  });
});

describe('chance by name', () => {
  it('draws the same for the same seed and name, and evenly over many', () => {
    const [a, b] = [drawsOf(3), drawsOf(3)];
    expect(a.normal('burner')).toBe(b.normal('burner'));
    expect(drawsOf(4).normal('burner')).not.toBe(a.normal('burner'));
    const draws = Array.from({ length: 2000 }, (_, at) => drawsOf(at).normal('burner'));
    const mean = draws.reduce((sum, one) => sum + one, 0) / draws.length;
    const sd = Math.sqrt(draws.reduce((sum, one) => sum + (one - mean) ** 2, 0) / draws.length);
    expect(Math.abs(mean)).toBeLessThan(0.08);
    expect(sd).toBeGreaterThan(0.93);
    expect(sd).toBeLessThan(1.07);
  });
});
