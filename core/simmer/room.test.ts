import type { Evening, PotPlan } from '@elixa/contract';
import { STYLES } from '../catalogue/styles';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { usableVolumeMl } from '../arrange/vesselShape';
import { planPot } from '../planEvening/planPot';
import { eveningFor, inVessels, suited } from '../testing/household';
import { planQuickly } from '../testing/quickly';

const refusal = ({ simmer }: PotPlan) => simmer.unsatisfied.find((one) => one.refused);
const tableS = ({ simmer }: PotPlan) => simmer.endsAtS - simmer.readyAtS[0]!;

/** Whether a tap or two on the ways out come to a pot that is not refused; each of them is an evening that can be. */
function isMended(evening: Evening, said: NonNullable<ReturnType<typeof refusal>>, taps: number): boolean {
  return said.remedies.some(({ edit }) => {
    const next = applyEdit(evening, edit!);
    expect(checkEvening(next)).toEqual([]);
    const still = refusal(planPot(next));
    return !still || (taps > 1 && isMended(next, still, taps - 1));
  });
}

describe('nothing is too absurd to be refused', () => {
  it.each(STYLES)('refuses more than four fillings or two and a half hours, and plans what works: $name', ({ id }) => {
    for (const heads of [4, 14, 24]) {
      const evening = suited(eveningFor(heads), id);
      const plan = planPot(evening);
      const fillings = plan.build.rounds.length;
      const isLong = fillings > 1 && plan.service !== 'swish' && tableS(plan) > 2.5 * 3600;
      const said = refusal(plan);
      expect([heads, said !== undefined]).toEqual([heads, fillings > 4 || isLong]);
      if (said) expect([heads, isMended(evening, said, 2)]).toEqual([heads, true]);
    }
  });

  it.each(STYLES)('says what mends it wherever there is no room for all at once: $name', ({ id }) => {
    const evenings = inVessels(eveningFor(9, { service: 'allAtOnce' }), id, 2);
    for (const evening of evenings.map((one): Evening => ({ ...one, service: 'allAtOnce' }))) {
      if (checkEvening(evening).length > 0) continue;
      const { simmer } = planPot(evening);
      for (const one of simmer.unsatisfied.filter((what) => what.id === 'allAtOnce' || what.id === 'manyRounds')) {
        expect([evening.vessel.id, one.remedies.length]).not.toEqual([evening.vessel.id, 0]);
      }
    }
  });
});

describe.each(STYLES.map((style) => [style.name, style.id] as const))('two pots at once: %s', (_name, id) => {
  const one = suited(eveningFor(8), id);
  const two: Evening = applyEdit(one, { kind: 'potsSet', pots: 2 });
  const [alone, plan] = [planPot(one), planPot(two)];

  it('buys and serves the same, and holds half of it in each', () => {
    const food = ({ amounts }: PotPlan) =>
      amounts
        .filter((amount) => ['pot', 'beside', 'finish'].includes(amount.purpose))
        .map(({ ingredientId, cut, massG }) => [ingredientId, cut, Math.round(massG)]);
    expect(food(plan)).toEqual(food(alone));
    const inPots = (of: PotPlan, pots: number) =>
      of.simmer.pieces.reduce((sum, piece) => sum + piece.massG * (piece.pan === 'main' ? pots : 1), 0);
    expect(inPots(plan, 2)).toBeCloseTo(inPots(alone, 1), 3);
    expect(plan.pots).toBe(2);
    expect(alone.pots).toBeUndefined();
  });

  it('makes one stock for both, and pours no more into them than there is', () => {
    const broths = plan.liquids.filter((liquid) => liquid.kind === 'broth' && liquid.place !== 'letDown');
    const madeMl = broths.reduce((sum, liquid) => sum + liquid.madeMl, 0);
    expect(2 * (plan.build.pourMl + plan.build.reserveMl)).toBeLessThanOrEqual(madeMl * 1.02 + 5);
    const onceMl = plan.build.pourMl;
    expect(onceMl).toBeLessThanOrEqual(usableVolumeMl(two.vessel) + 1);
    expect(plan.build.rounds.length).toBeLessThanOrEqual(alone.build.rounds.length);
  });

  it('tells every amount of one pot as that of one pot', () => {
    const told = plan.simmer.actions.filter((action) => action.pan === 'main' && action.shownText);
    for (const { shownText } of told) expect(shownText).toMatch(/ in each pot$/);
    for (const { shownText } of alone.simmer.actions) expect(shownText ?? '').not.toMatch(/each pot/);
  });
});

describe('a pot beside its like', () => {
  it('goes through the same as one that is cooked for half the table', () => {
    for (const id of ['clearChicken', 'fishCakeJeongol', 'layeredBeefCabbage']) {
      const half = planQuickly(suited(eveningFor(3), id));
      const both = planQuickly(applyEdit(suited(eveningFor(6), id), { kind: 'potsSet', pots: 2 }));
      expect([id, both.build.rounds.length]).toEqual([id, half.build.rounds.length]);
      // One stock for six loses a little less on the stove than one for three.
      expect(Math.abs(both.simmer.boilAtS - half.simmer.boilAtS)).toBeLessThan(0.03 * half.simmer.boilAtS + 20);
      expect(both.build.pourMl / half.build.pourMl).toBeCloseTo(1, 1);
    }
  });
});
