import { CATALOGUE } from '../catalogue/catalogue';
import { factsOf } from '../live/facts';
import { liveSteps } from '../live/liveSteps';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { practiceReadings, type PracticeQuestion } from './practice';

const evening = suited(eveningFor(4), 'clearChicken');
const plan = planPot(evening);
const taps = liveSteps(CATALOGUE, plan.simmer).map((step) => ({ atS: step.atS, facts: factsOf(step, plan, 'plan') }));
const boilS = plan.simmer.actions.find(({ kind }) => kind === 'boil')!.atS;
const read = (more: Partial<PracticeQuestion>) =>
  practiceReadings({
    evening,
    taps: taps.filter(({ atS }) => atS < boilS),
    turned: [],
    fromS: 0,
    untilS: 60,
    seed: 3,
    ...more,
  });

describe('a pot on the practice stove', () => {
  it('warms as it is told to, to the boil and no further', () => {
    const all = read({ untilS: 2400 }).map(({ tempC }) => tempC!);
    expect(all[0]).toBeLessThan(70);
    expect(Math.max(...all)).toBeGreaterThan(plan.simmer.boilingPointC - 1);
    expect(Math.max(...all)).toBeLessThan(plan.simmer.boilingPointC + 1.5);
    for (const [at, tempC] of all.entries()) expect(tempC).toBeGreaterThan((all[at - 1] ?? 0) - 0.01);
  });

  it('is the same wherever it is looked at, and another in another kitchen', () => {
    const at = (fromS: number, seed: number) => read({ fromS, untilS: fromS, seed })[0]!.tempC!;
    expect(at(300, 3)).toBeCloseTo(read({ untilS: 300 }).at(-1)!.tempC!, 0);
    expect(Math.abs(at(300, 3) - at(300, 4))).toBeGreaterThan(0.2);
  });

  it('cools when a hand turns the fire off, though nobody told', () => {
    const on = read({ fromS: 600, untilS: 600 })[0]!.tempC!;
    const off = read({ fromS: 600, untilS: 600, turned: [{ atS: 200, share: 0 }] })[0]!.tempC!;
    expect(off).toBeLessThan(on - 10);
  });

  it('is followed no longer than an evening lasts', () => {
    expect(read({ fromS: 40 * 3600, untilS: 40 * 3600 + 60 })).toEqual([]);
  });

  it('shows the middle of a thing once it is in, colder than its broth', () => {
    const piece = plan.simmer.pieces.find(({ safeS, round }) => safeS > 0 && round === 1)!;
    const inS = plan.simmer.actions.find(({ pieceId, kind }) => pieceId === piece.id && kind === 'add')!.atS;
    const asked = { taps, pieceId: piece.id };
    expect(read({ ...asked, fromS: inS - 5, untilS: inS - 5 })[0]!.tempC).toBeUndefined();
    const early = read({ ...asked, fromS: inS + 30, untilS: inS + 30 })[0]!.tempC!;
    const late = read({ ...asked, fromS: piece.outAtS - 5, untilS: piece.outAtS - 5 })[0]!.tempC!;
    expect(early).toBeLessThan(60);
    expect(late).toBeGreaterThan(70);
  });
});
