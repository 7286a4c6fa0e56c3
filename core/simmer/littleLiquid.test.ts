import type { Evening } from '@elixa/contract';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { applyEdit } from '../evening/edits/applyEdit';
import { menuOrThrow } from '../evening/resolveMenu';
import { atOnce } from '../steps/steps';
import { rehearsedPot } from '../planEvening/rehearsed';
import { withPotRemedies } from '../planEvening/potRemedies';
import { planEvening } from '../planEvening/planEvening';
import { example, suited } from '../testing/household';
import { liveSteps } from '../live/liveSteps';
import { LONG_COLD_S, longestColdS } from './coldSpells';
import { seared } from './swished';
import { timesTable } from './timesTable';
import { traceAt } from './traceAt';
import { whatIfs } from './whatIfs';
import { CATALOGUE } from '../catalogue/catalogue';

const of = (styleId: string, more: Partial<Evening> = {}): Evening => ({
  ...suited(example('practice-night'), styleId),
  ...more,
});
const gone = (evening: Evening) => rehearsedPot(menuOrThrow(evening), timesTable).plan;

describe('a pan with little liquid', () => {
  it.each(['sukiyakiEast', 'sukiyakiWest'])('is gone through like any pot: %s', (styleId) => {
    const { simmer } = gone(of(styleId));
    const told = simmer.pieces.filter((one) => one.cookValueMin !== undefined);
    expect(told.length).toBe(simmer.pieces.length);
    expect(told.every((one) => one.safe)).toBe(true);
    expect(told.filter((one) => !one.inWindow).map((one) => one.ingredientId)).toEqual([]);
    expect(simmer.objective!).toBeLessThanOrEqual(simmer.lowerBound! * 1.5);
    // Salty and sweet as it is, it boils over the boil of water, and its plan has its boil where the model has it.
    const boilAt = simmer.actions.find((one) => one.kind === 'boil' && one.pan === 'main')!.atS;
    expect(traceAt(simmer.trace!, boilAt + 30).liquidTempC).toBeGreaterThan(simmer.boilingPointC - 0.7);
    expect(traceAt(simmer.trace!, boilAt - 75).liquidTempC).toBeLessThan(simmer.boilingPointC - 0.3);
    // A cook has such a pan on the table for ten minutes, give or take.
    const first = simmer.readyAtS[simmer.platedRounds - 1]! - boilAt;
    expect(first / 60).toBeGreaterThan(4);
    expect(first / 60).toBeLessThan(14);
  });
});

describe('a slice on a hot pan', () => {
  const beef = { ingredientId: 'beefSlice', cut: 'thin' };
  const row = { least: 24, most: 60 };

  it('is safe within the time of the table, later where it is thicker or frozen, and never hotter inside than the boil', () => {
    const usual = seared(CATALOGUE, beef, 96, row.least);
    expect(usual.safeS!).toBeLessThanOrEqual(row.least);
    expect(usual.safeS!).toBeGreaterThan(4);
    expect(seared(CATALOGUE, { ...beef, thicknessMm: 6 }, 96, row.least).safeS!).toBeGreaterThan(usual.safeS! * 2);
    expect(seared(CATALOGUE, { ...beef, frozen: true }, 96, row.least).safeS!).toBeGreaterThan(usual.safeS! * 1.3);
    expect(seared(CATALOGUE, beef, 96, 300).centreC).toBeLessThanOrEqual(96);
  });

  it('lies on the pan for longer where it is cut thicker, and is told raw where it would be', () => {
    const evening = of('sukiyakiWest');
    const thicker = applyEdit(evening, { kind: 'thicknessSet', ...beef, thicknessMm: 6 });
    const slice = (one: Evening) => gone(one).simmer.pieces.find((piece) => piece.way === 'seared')!;
    const [usual, thick] = [slice(evening), slice(thicker)];
    expect(thick.cookS).toBeGreaterThan(usual.cookS + 10);
    expect(thick.thicknessMm).toBe(6);
    for (const one of [usual, thick]) {
      expect(one.safe).toBe(true);
      expect(one.safeAtS!).toBeLessThanOrEqual(one.outAtS);
    }
  });
});

describe('cold food in a pot', () => {
  const POTS = ['clearChicken', 'meatballPot', 'soyMilkMild', 'soyMilkPork', 'sukiyakiEast', 'layeredBeefCabbage'];

  it.each(POTS)('is never waited for after the fire was turned down: %s', (styleId) => {
    const { actions, endsAtS } = gone(of(styleId)).simmer;
    for (const action of actions.filter((one) => one.recoveryS !== undefined && one.pan === 'main')) {
      const down = actions.find(
        (one) => one.pan === 'main' && one.atS > action.atS && ['enrich', 'rest', 'serve', 'off'].includes(one.kind),
      );
      expect(action.atS + action.recoveryS!).toBeLessThan(down?.atS ?? endsAtS);
    }
  });

  it('has the lid put on until it boils again where that takes a while, and never where nothing may boil', () => {
    const lids = (styleId: string) => gone(of(styleId)).simmer.actions.filter((one) => one.lidThen !== undefined);
    expect(lids('clearChicken').length).toBeGreaterThan(0);
    expect(lids('soyMilkMild')).toEqual([]);
    const bare = of('clearChicken');
    const noLid = gone({ ...bare, vessel: { ...bare.vessel, lid: false } });
    expect(noLid.simmer.actions.some((one) => one.lidThen)).toBe(false);
    expect(longestColdS(noLid.simmer)).toBeGreaterThan(longestColdS(gone(bare).simmer));
  });

  it('is told of where it stops the boil for long, with what shortens that: each as it comes out when it is taken', () => {
    const weak = of('clearChicken', { heatSource: { ...HEAT_SOURCES[0]!, powerW: 800 } });
    const planned = rehearsedPot(menuOrThrow(weak), timesTable);
    const coldS = longestColdS(planned.plan.simmer);
    expect(coldS).toBeGreaterThan(LONG_COLD_S);
    const told = atOnce(withPotRemedies(planned, timesTable)).simmer.unsatisfied.find((one) => one.id === 'load-main')!;
    expect(told.text).toContain(`${Math.round(coldS / 60)} minutes`);
    expect(told.remedies.length).toBeGreaterThan(0);
    for (const { edit, text } of told.remedies) {
      expect(text).toMatch(/: .+ then$/);
      expect(longestColdS(gone(applyEdit(weak, edit!)).simmer)).toBeLessThan(coldS * 0.76);
    }
  });
});

describe('broth that is poured boiling', () => {
  const evening = of('beefJeongol', { vessel: VESSELS.find((one) => one.id === 'steel26')! });
  const hot = applyEdit(evening, { kind: 'brothHotSet', hot: true });

  it('boils sooner in the pot, is said so, and is heated beforehand on the stove', () => {
    expect(gone(hot).simmer.timeToBoilS!).toBeLessThan(gone(evening).simmer.timeToBoilS! * 0.9);
    expect(liveSteps(CATALOGUE, gone(hot).simmer)[0]!.title).toContain('boiling hot');
    const heats = (one: Evening) => planEvening(one).prep.tasks.filter((task) => task.id.includes('heated'));
    expect(heats(evening)).toEqual([]);
    const tasks = heats(hot);
    expect(tasks.length).toBeGreaterThan(0);
    const lit = Date.parse(gone(hot).simmer.litAt);
    for (const { endsAt } of tasks) expect(Date.parse(endsAt)).toBeLessThanOrEqual(lit + 60_000);
  });

  it('can be asked, put back, and is asked of no pot that begins cold or with a sauce', () => {
    expect(whatIfs(evening).map((one) => one.id)).toContain('brothHot');
    expect(whatIfs(hot).map((one) => one.id)).toContain('brothAsMade');
    expect(applyEdit(hot, { kind: 'brothHotSet', hot: false }).choices.brothHot).toBeUndefined();
    for (const id of ['plainWaterChicken', 'sukiyakiEast', 'souredCabbagePork']) {
      expect(whatIfs(of(id)).map((one) => one.id)).not.toContain('brothHot');
      const same = applyEdit(of(id), { kind: 'brothHotSet', hot: true });
      expect(gone(same).simmer.timeToBoilS).toBe(gone(of(id)).simmer.timeToBoilS);
    }
  });
});
