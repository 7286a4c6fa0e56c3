import { CATALOGUE } from '../catalogue/catalogue';
import type { Formula } from '../catalogue/formula';
import { FORMULAS } from '../catalogue/formulas';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import { fits } from '../catalogue/school';
import { activate } from './activeFormula';
import { schoolsOf } from './schools';
import { solveFormula } from './solveFormula';
import { timedSteps } from './stepWords';
import { PLAIN_WATER } from './thinner';

const pan = { diameterMm: 220, depthMm: 130, heat: ASIDE_HEAT, roomTempC: 20, altitudeM: 0 };

/** A formula for four, by the schools that are followed. */
function made(formula: Formula, schools: Record<string, string>) {
  const size = formula.scaledBy === 'head' ? 4 : 1.2;
  const active = activate(CATALOGUE, formula, schools, { swaps: [], leftOut: new Set() }, size);
  const solution = solveFormula({ active, finishedG: 1200, thinner: PLAIN_WATER, pan });
  const steps = timedSteps(active, solution);
  const minutes = steps.reduce((total, one) => total + one.durationS / 60, 0);
  return { active, solution, steps, minutes };
}

/** Every formula that asks a question, with each answer to the other questions that changes whether it is asked. */
const asking = (id: string) =>
  FORMULAS.filter((one) => one.schools.some((choice) => choice.id === id)).map((one) => [one.name, one] as const);

const says = (formula: Formula, schools: Record<string, string>) =>
  made(formula, schools)
    .steps.map((one) => one.says)
    .join('\n');

describe('a question that a formula asks', () => {
  it('changes what goes in or what is done, with each of its answers, where it is asked', () => {
    const same = FORMULAS.flatMap((formula) =>
      formula.schools.flatMap((choice) => {
        const given = { ...Object.fromEntries(Object.entries(choice.when ?? {}).map(([q, a]) => [q, [a].flat()[0]!])) };
        const told = choice.options.map((option) => {
          const { active, steps } = made(formula, { ...given, [choice.id]: option.id });
          const parts = active.parts.map(({ what, massG, note }) => [what.id, massG?.toFixed(1), note]);
          return JSON.stringify([parts, steps.map(({ says: words, durationS }) => [words, durationS]), active.target]);
        });
        return new Set(told).size === told.length ? [] : [`${formula.id} ${choice.id}`];
      }),
    );
    // When miso goes into the pot is a matter of the pot, and not of how its broth is made.
    expect(same.filter((one) => !one.endsWith(' miso'))).toEqual([]);
  });

  it('is not asked where what it asks about is not there: nothing changes with its answer', () => {
    for (const formula of FORMULAS) {
      for (const choice of formula.schools.filter((one) => one.when)) {
        const followed = schoolsOf(formula, {});
        const hidden = formula.schools
          .flatMap((other) => other.options.map((option) => ({ ...followed, [other.id]: option.id })))
          .filter((schools) => !fits(choice.when, schools));
        for (const schools of hidden) {
          const told = choice.options.map((option) => says(formula, { ...schools, [choice.id]: option.id }));
          expect([formula.id, choice.id, new Set(told).size]).toEqual([formula.id, choice.id, 1]);
        }
      }
    }
  });
});

it('puts nothing in at a step that is done beside the liquid', () => {
  const steps = FORMULAS.flatMap((formula) => {
    const beside = new Set(formula.steps.filter((one) => one.beside).map((one) => one.id));
    return made(formula, {}).steps.filter((one) => beside.has(one.id));
  });
  expect(steps.length).toBeGreaterThan(2);
  for (const { id, uses } of steps) expect([id, uses]).toEqual([id, []]);
});

describe.each(asking('seeds'))('%s', (_name, formula) => {
  const shu = (schools: Record<string, string>) =>
    made(formula, schools).active.parts.reduce((sum, { what, massG = 0 }) => sum + what.heatShu * massG, 0);

  it.each(['hot', 'mixed'])(
    'is hotter by a third with the seeds of its %s chillies, and within its band',
    (chillies) => {
      const more = shu({ chillies, seeds: 'in' }) / shu({ chillies, seeds: 'out' });
      expect(more).toBeGreaterThan(1.25);
      expect(more).toBeLessThan(1.4);
      const [least, most] = formula.target.heat!;
      for (const seeds of ['out', 'in']) {
        const { heat } = made(formula, { chillies, seeds }).solution;
        expect(heat >= least && heat <= most).toBe(true);
      }
    },
  );

  it('is milder with long chillies among them', () => {
    expect(shu({ chillies: 'mixed' })).toBeLessThan(0.75 * shu({ chillies: 'hot' }));
  });
});

describe.each(asking('wine'))('%s', (_name, formula) => {
  it('keeps more of the alcohol of its wine when that goes in after the stock, and pours it in once either way', () => {
    const [early, late] = ['inPaste', 'afterStock'].map((wine) => made(formula, { wine }));
    const wineG = ({ active }: typeof early & object) =>
      active.parts.filter(({ what }) => what.id === 'riceWine').reduce((sum, one) => sum + one.massG!, 0);
    expect(wineG(late!)).toBeCloseTo(wineG(early!), 9);
    expect(late!.solution.ethanolG).toBeGreaterThan(early!.solution.ethanolG);
    for (const { steps } of [early!, late!]) {
      expect(steps.filter((one) => one.uses.includes('riceWine')).length).toBe(1);
    }
  });
});

describe.each(asking('halves'))('%s', (_name, formula) => {
  it('is ready three quarters of an hour sooner with water, and has twice the bones with stock alone', () => {
    const [half, stock, water] = ['half', 'stock', 'water'].map((halves) => made(formula, { halves }));
    const bonesG = ({ active }: NonNullable<typeof half>) =>
      active.parts.reduce((sum, { part, massG = 0 }) => sum + (part.role === 'infusion' ? massG : 0), 0);
    expect(bonesG(stock!)).toBeCloseTo(2 * bonesG(half!), 6);
    expect(bonesG(water!)).toBe(0);
    expect(half!.minutes - water!.minutes).toBeGreaterThan(44);
    expect(says(formula, { halves: 'water' })).not.toMatch(/stock|bones/i);
  });
});

describe.each(asking('spices'))('%s', (_name, formula) => {
  const lifting = /whole spices out/;
  it('has its whole spices lifted out once they are in it, and not where they stay or come from a jar', () => {
    const told = says(formula, { spices: 'lifted' });
    expect(told).toMatch(lifting);
    expect(told.search(lifting)).toBeGreaterThan(told.search(/cassia/));
    expect(says(formula, { spices: 'stay' })).not.toMatch(lifting);
    expect(says(formula, { base: 'ahead' })).not.toMatch(lifting);
  });
});
