import type { Edit, Evening, PotPlan } from '@elixa/contract';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { withPotRemedies } from '../planEvening/potRemedies';
import { rehearsedPot } from '../planEvening/rehearsed';
import { atOnce } from '../steps/steps';
import { makePlanning, type Found } from '../planEvening/planning';
import { eveningFor, suited } from '../testing/household';
import { becauseOf, spanText } from './because';
import { differences } from './compare';
import { pieceAt } from './pieceAt';
import { overMark, problemsOf } from './problems';
import { timesTable } from './timesTable';
import { whatIfs, whatIfsOf } from './whatIfs';
import { CATALOGUE } from '../catalogue/catalogue';
import { isCutByThickness } from '../catalogue/cutThickness';
import { INGREDIENTS } from '../catalogue/ingredients';

const planned = (evening: Evening): PotPlan => rehearsedPot(menuOrThrow(evening), timesTable).plan;
const evening = suited(eveningFor(4), 'clearChicken');
const plan = planned(evening);
const after = (...edits: Edit[]) => edits.reduce((so, edit) => applyEdit(so, edit), evening);
const pieceOf = (of: PotPlan, ingredientId: string, round = 1) =>
  of.simmer.pieces.find((one) => one.ingredientId === ingredientId && one.round === round)!;
const inPotS = (of: PotPlan, ingredientId: string) => {
  const { inAtS, outAtS } = pieceOf(of, ingredientId);
  return outAtS - inAtS;
};
const cutOf = (ingredientId: string) => pieceOf(plan, ingredientId).cut;
const timed = (ingredientId: string, minutes: number) =>
  planned(after({ kind: 'timeInPotSet', ingredientId, cut: cutOf(ingredientId), minutes }));

describe('a thing that is not as its cut has it', () => {
  it('takes longer when it is thicker or frozen, and less when it is thinner; the window follows', () => {
    const daikon = (thicknessMm: number) =>
      planned(after({ kind: 'thicknessSet', ingredientId: 'daikon', cut: cutOf('daikon'), thicknessMm }));
    const [thin, thick] = [daikon(4), daikon(24)];
    const readyS = (of: PotPlan) => pieceOf(of, 'daikon').readyAtS! - pieceOf(of, 'daikon').inAtS;
    // What is soft by its minutes at the boil wins little by being thin, and less the more goes in with it.
    expect(readyS(thin)).toBeLessThan(readyS(plan) - 20);
    expect(readyS(thick)).toBeGreaterThan(readyS(plan) + 240);
    expect(pieceOf(thick, 'daikon')).toMatchObject({ thicknessMm: 24, inWindow: true, safe: true });
    const frozen = planned(after({ kind: 'frozenSet', ingredientId: 'chickenThigh', frozen: true }));
    expect(inPotS(frozen, 'chickenThigh')).toBeGreaterThan(inPotS(plan, 'chickenThigh') + 120);
    expect(pieceOf(frozen, 'chickenThigh')).toMatchObject({ frozen: true, safe: true });
  });
});

describe('a time of the cook’s own', () => {
  it('is kept by the clock, and the others keep to their windows', () => {
    const later = timed('daikon', 10);
    expect(inPotS(later, 'daikon')).toBeCloseTo(600, 0);
    const others = later.simmer.pieces.filter((one) => one.ingredientId !== 'daikon' && one.cookValueMin !== undefined);
    expect(others.filter((one) => !one.inWindow || !one.safe).map((one) => one.id)).toEqual([]);
    expect(pieceOf(later, 'daikon').because).toMatch(/In when you said\.$/);
  });

  it('never leaves anything raw: what has to be cooked through goes in as late as that allows', () => {
    for (const minutes of [1, 4, 8]) {
      const late = timed('chickenThigh', minutes);
      expect(late.simmer.pieces.filter((one) => !one.safe)).toEqual([]);
      // What was not followed is not said to be as the cook said.
      expect(pieceOf(late, 'chickenThigh').because).not.toMatch(/In when you said/);
      expect(inPotS(late, 'chickenThigh')).toBeGreaterThan(8 * 60);
    }
  });

  it('is forgotten when it is said to be as the plan has it', () => {
    const set = after({ kind: 'timeInPotSet', ingredientId: 'daikon', cut: 'halfMoon', minutes: 10 });
    expect(set.overrides.minutesInPot).toEqual({ daikon: { halfMoon: 10 } });
    const back = applyEdit(set, { kind: 'timeInPotSet', ingredientId: 'daikon', cut: 'halfMoon' });
    expect(back.overrides.minutesInPot).toEqual({});
  });

  it('of what nobody knows is a fault with its field', () => {
    const odd: Evening = {
      ...evening,
      choices: { ...evening.choices, frozen: ['moonstone'] },
      overrides: { thicknessMm: { daikon: { moonstone: 10 } }, minutesInPot: { moonstone: { halfMoon: 10 } } },
    };
    expect(checkEvening(odd).map((one) => one.field)).toEqual([
      'overrides.thicknessMm.daikon.moonstone',
      'overrides.minutesInPot.moonstone',
      'choices.frozen[0]',
    ]);
  });

  it('is refused of what a knife makes no thicker, and of nothing else', () => {
    const cuts = INGREDIENTS.flatMap((what) => Object.entries(what.cuts).map(([id, cut]) => ({ what, id, cut })));
    const refused = cuts.filter(({ what, id }) => {
      const odd: Evening = { ...evening, overrides: { thicknessMm: { [what.id]: { [id]: 12 } } } };
      return checkEvening(odd).some(
        ({ field, fix }) => field === `overrides.thicknessMm.${what.id}.${id}` && fix !== '',
      );
    });
    expect(refused).toEqual(cuts.filter(({ cut }) => !isCutByThickness(cut)));
    expect(refused.map(({ cut }) => cut.label)).toEqual(expect.arrayContaining(['balls, whole', 'whole']));
  });
});

describe('what a change does', () => {
  const texts = (of: PotPlan) => differences(CATALOGUE, plan, of).map((one) => one.text);

  it('is nothing where nothing changes', () => {
    expect(differences(CATALOGUE, plan, plan)).toEqual([]);
  });

  it('is told as a cook would say it: longer to the boil without a lid, longer in the pot higher up', () => {
    const boilS = (of: PotPlan) => of.simmer.timeToBoilS!;
    const open = planned(after({ kind: 'lidSet', lid: false }));
    expect(boilS(open)).toBeGreaterThan(boilS(plan));
    expect(texts(open).some((text) => /^It boils after .+, was /.test(text))).toBe(true);
    const higher = planned(after({ kind: 'heightSet', altitudeM: 3000 }));
    expect(inPotS(higher, 'daikon')).toBeGreaterThan(inPotS(plan, 'daikon'));
    expect(texts(higher).some((text) => /in .+ before it comes out, was /.test(text))).toBe(true);
  });

  it('tells what would be raw before everything else, and what is past its best', () => {
    const pieces = plan.simmer.pieces.map((one) =>
      one.ingredientId === 'chickenThigh'
        ? { ...one, safe: false }
        : one.ingredientId === 'mizuna'
          ? { ...one, inWindow: false, overAtS: one.outAtS - 120 }
          : one,
    );
    const [first, ...rest] = differences(CATALOGUE, plan, { ...plan, simmer: { ...plan.simmer, pieces } });
    expect(first).toMatchObject({ kind: 'raw', text: 'Chicken would not be cooked through' });
    expect(rest.filter((one) => one.kind === 'past').map((one) => one.text)).toEqual([
      'Mizuna past its best by 2 min when it is lifted out',
    ]);
  });

  it('can be asked of the planner, which tells the faults of what cannot be', () => {
    const ask = (whatIf: Edit[]): Found[] => [...makePlanning()({ evening, whatIf })].flatMap((found) => found ?? []);
    const found = ask([{ kind: 'lidSet', lid: false }]);
    expect(found.map((one) => one.kind)).toContain('whatIf');
    const feeble = { ...evening.heatSource, powerW: 300 };
    const [faults] = ask([{ kind: 'heatSourceChosen', heatSource: feeble }]);
    expect(faults).toMatchObject({ kind: 'faults', faults: [{ field: 'heatSource.powerW' }] });
  });
});

describe('what would not come out as it should', () => {
  const broken = (ingredientId: string, more: object): PotPlan['simmer'] => ({
    ...plan.simmer,
    pieces: plan.simmer.pieces.map((one) =>
      one.ingredientId === ingredientId && one.round === 1 ? { ...one, ...more } : one,
    ),
  });
  const { outAtS } = pieceOf(plan, 'carrot');

  it('is raw, not done or past its best, each told with its cause; what nobody would taste is not', () => {
    const problems = (simmer: PotPlan['simmer']) => problemsOf(menuOrThrow(evening), simmer).map((one) => one.id);
    expect(problems(plan.simmer)).toEqual([]);
    expect(problems(broken('chickenThigh', { safe: false }))).toEqual(['raw']);
    const isIn = { inWindow: false };
    expect(problems(broken('carrot', { ...isIn, readyAtS: outAtS + 200 }))).toEqual(['late']);
    expect(problems(broken('carrot', { ...isIn, overAtS: outAtS - 200 }))).toEqual(['past']);
    expect(problems(broken('carrot', { ...isIn, overAtS: outAtS - 20 }))).toEqual([]);
  });

  it('is a pot over its mark, by how much, and none within what the levels are good to', () => {
    const told = (levelMl: number[]) =>
      overMark(menuOrThrow(evening), { usableMl: 2000 }, { ...plan.simmer.trace!, levelMl }).map((one) => one.text);
    expect(told([900, 2030, 1200])).toEqual([]);
    expect(told([900, 2250, 1200])).toEqual(['The pot stands 250 ml over its mark']);
    expect(overMark(menuOrThrow(evening), { usableMl: 2000 }, undefined)).toEqual([]);
    expect(overMark(menuOrThrow(evening), { usableMl: plan.build.usableVolumeMl }, plan.simmer.trace)).toEqual([]);
  });

  it('is mended by changes that were planned, and by none that does not help', () => {
    const early = after({ kind: 'timeInPotSet', ingredientId: 'carrot', cut: cutOf('carrot'), minutes: 2 });
    const planned = rehearsedPot(menuOrThrow(early), timesTable);
    const [late] = planned.plan.simmer.unsatisfied;
    expect(late).toMatchObject({ id: 'late', because: 'You said when it goes in.', remedies: [] });
    const [mended] = atOnce(withPotRemedies(planned, timesTable)).simmer.unsatisfied;
    expect(mended!.remedies.length).toBeGreaterThan(0);
    for (const { text, edit } of mended!.remedies) {
      expect(text).toMatch(/: (all|\d+ of \d+) in (its|their) time then/);
      const now = rehearsedPot(menuOrThrow(applyEdit(early, edit!)), timesTable).plan;
      const left = now.simmer.pieces.filter((one) => one.ingredientId === 'carrot' && !one.inWindow);
      expect(left.length).toBeLessThan(3);
    }
    expect(mended!.remedies[0]!.text).toMatch(/^Put the carrot in when the plan has it/);
    const good = rehearsedPot(menuOrThrow(evening), timesTable);
    expect(atOnce(withPotRemedies(good, timesTable))).toBe(good.plan);
  });
});

describe('what can be asked', () => {
  it('changes the evening, each into one that can be planned or says why not', () => {
    const offers = [...whatIfs(evening), ...plan.simmer.pieces.flatMap((piece) => whatIfsOf(evening, piece))];
    expect(new Set(whatIfs(evening).map((one) => one.id)).size).toBe(whatIfs(evening).length);
    for (const { label, edits } of offers) {
      expect(label).toMatch(/^[A-Z0-9]/);
      const changed = after(...edits);
      expect(changed).not.toEqual(evening);
      for (const fault of checkEvening(changed)) expect(fault.fix.length).toBeGreaterThan(5);
    }
  });
});

describe('why', () => {
  it('is told of everything that was gone through: how thick, how long, and what is too long', () => {
    for (const piece of plan.simmer.pieces.filter((one) => one.cookValueMin !== undefined)) {
      expect(piece.because).toMatch(/^(\d+ mm thick|Thin)(, frozen)?: (done|cooked through) .+\.$/);
      expect(piece.because).not.toMatch(/NaN|undefined|Infinity/);
    }
    const adds = plan.simmer.actions.filter((one) => one.kind === 'add' && one.pieceId !== undefined);
    expect(adds.every((one) => one.because !== undefined)).toBe(true);
  });

  it('says nothing of what was not gone through', () => {
    const given = {
      catalogue: CATALOGUE,
      boilingPointC: 96,
      altitudeM: 1180,
      units: 'metric',
      isOwnTime: false,
    } as const;
    expect(becauseOf({ ...pieceOf(plan, 'daikon'), readyAtS: undefined }, given)).toBeUndefined();
  });

  it('says times as a cook does', () => {
    expect([12, 44, 95, 750, 1230].map(spanText)).toEqual(['10 s', '45 s', '1½ min', '12½ min', '21 min']);
  });
});

describe('a piece at a moment', () => {
  it('waits, cooks, is ready, is past its best and is out, and never safe before it is', () => {
    const chicken = { ...pieceOf(plan, 'chickenThigh') };
    const { inAtS, readyAtS, outAtS, safeAtS } = chicken;
    const at = (atS: number) => pieceAt(chicken, plan.simmer.trace, atS);
    expect([at(inAtS - 5), at(inAtS + 5), at(readyAtS! + 1), at(outAtS + 5)].map((one) => one.state)).toEqual([
      'waits',
      'cooking',
      'ready',
      'out',
    ]);
    expect(at(safeAtS! - 1).isSafe).toBe(false);
    expect(at(safeAtS! + 1)).toMatchObject({ isSafe: true });
    expect(at(safeAtS! + 1).centreTempC!).toBeGreaterThan(70);
    expect(at(inAtS + 30).centreTempC!).toBeLessThan(40);
    expect(pieceAt({ ...chicken, overAtS: outAtS - 10 }, plan.simmer.trace, outAtS).state).toBe('ready');
    expect(pieceAt({ ...chicken, overAtS: outAtS - 70 }, plan.simmer.trace, outAtS).state).toBe('past');
  });
});
