import { FORMULAS } from '../catalogue/formulas';
import type { Formula } from '../catalogue/formula';
import { hasIngredient, ingredientById } from '../catalogue/ingredients';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import { activate } from './activeFormula';
import { PLAIN_WATER } from './thinner';
import { solveFormula } from './solveFormula';
import { isAsNamed, nameTonight, timedSteps, workName } from './stepWords';
import { some } from '../testing/runs';
import { CATALOGUE } from '../catalogue/catalogue';

interface Change {
  swap?: { ingredientId: string; withIngredientId: string };
  without?: string;
}

const pan = { diameterMm: 220, depthMm: 130, heat: ASIDE_HEAT, roomTempC: 20, altitudeM: 0 };

/** A formula as it is made for four, with one thing exchanged or left out. */
function made(formula: Formula, schools: Record<string, string>, { swap, without }: Change) {
  const exchanged = { swaps: swap ? [swap] : [], leftOut: new Set(without ? [without] : []) };
  const size = formula.scaledBy === 'mainMass' ? 0.6 : formula.scaledBy === 'head' ? 4 : 1.2;
  const active = activate(CATALOGUE, formula, schools, exchanged, size);
  const solution = solveFormula({
    active,
    finishedG: (formula.mlPerHead ?? 300) * 4,
    along: formula.scaledBy === 'mainMass' ? { massG: 600, saltPct: 0.1 } : undefined,
    thinner: PLAIN_WATER,
    pan,
  });
  return { active, solution, steps: timedSteps(active, solution) };
}

const changesOf = (formula: Formula): Change[] => [
  {},
  ...formula.parts.flatMap(({ ingredientId }): Change[] => [
    { without: ingredientId },
    ...ingredientById(ingredientId).replacements.map(({ withIngredientId }) => ({
      swap: { ingredientId, withIngredientId },
    })),
  ]),
];

const schoolsOf = (formula: Formula): Array<Record<string, string>> =>
  formula.schools.reduce<Array<Record<string, string>>>(
    (all, { id, options }) => all.flatMap((one) => options.map((option) => ({ ...one, [id]: option.id }))),
    [{}],
  );

/** Words that speak of a thing: those of its name, and what cooks call it besides. */
const ALSO: Record<string, string[]> = {
  bonitoFlakes: ['flakes', 'bonito'],
  chickenCarcass: ['carcass', 'chicken'],
  chickenWing: ['wings', 'chicken'],
  porkBelly: ['pork'],
  porkBones: ['bones', 'pork'],
  driedAnchovy: ['anchovies', 'anchovy'],
  driedShiitake: ['shiitake'],
  longOnion: ['onion'],
  beefTallow: ['tallow'],
  fishSauce: ['fish sauce'],
  soyMilk: ['soy milk'],
  coconutMilk: ['coconut milk'],
  gojiBerry: ['berries'],
};
const SAME: ReadonlyArray<readonly string[]> = [
  ['chickenCarcass', 'chickenWing'],
  ['driedShiitake', 'shiitake'],
];
const wordsOf = (id: string): string[] => [
  ...(hasIngredient(id) ? [workName(ingredientById(id)).toLowerCase()] : []),
  ...(ALSO[id] ?? []),
];

describe.each(FORMULAS.map((formula) => [formula.id, formula] as const))('the steps of %s', (_, formula) => {
  const all = some(
    schoolsOf(formula).flatMap((schools) => changesOf(formula).map((change) => ({ schools, change }))),
    30,
  );
  let known: Array<(typeof all)[number] & ReturnType<typeof made>> | undefined;
  /** Each worked out once for all that is asked of it. */
  const allMade = () => (known ??= all.map((one) => ({ ...one, ...made(formula, one.schools, one.change) })));

  it('have everything in them that is in it, whatever is exchanged or left out', () => {
    for (const { change, solution, steps } of allMade()) {
      const told = new Set(steps.flatMap((step) => step.uses));
      const silent = solution.parts.filter((part) => part.massG > 0.01 && !told.has(part.ingredientId));
      const unsaid = steps.flatMap((step) =>
        step.uses
          .filter((id) => id !== 'water' && change.swap?.withIngredientId !== id)
          .filter((id) => !step.says.toLowerCase().includes(workName(ingredientById(id)).toLowerCase()))
          .map((id) => `${id} in "${step.says}"`),
      );
      const broken = steps.map(({ says }) => says).filter((says) => /[{}]|undefined|; in$| {2}|^\W/.test(says));
      expect({ change, silent: silent.map((part) => part.ingredientId), unsaid, broken }).toEqual({
        change,
        silent: [],
        unsaid: [],
        broken: [],
      });
    }
  });

  it('speak of nothing that is not there', () => {
    for (const { schools, change, active, steps, solution } of allMade()) {
      const there = new Set(solution.parts.filter((part) => part.massG > 0.01).map((part) => part.ingredientId));
      const gone = formula.parts
        .map((part) => part.ingredientId)
        .filter(
          (id) => !there.has(id) && !SAME.some((same) => same.includes(id) && same.some((one) => there.has(one))),
        );
      const present = [...there].flatMap(wordsOf).join(' ');
      const text = [nameTonight(active), ...steps.flatMap((step) => [step.says, step.lookFor ?? ''])]
        .join('. ')
        .toLowerCase();
      const spoken = gone
        .flatMap(wordsOf)
        .filter((word) => !present.includes(word) && new RegExp(`\\b${word}\\b`).test(text));
      expect({ change, schools, text, spoken }).toEqual({ change, schools, text, spoken: [] });
      if (isAsNamed(active)) expect(nameTonight(active)).toBe(formula.name);
    }
  });
});

describe('what is strained and what is cut', () => {
  const clear = FORMULAS.find((one) => one.id === 'clearDashi')!;

  it('is strained only where something was in it', () => {
    const ids = (change: Change) => made(clear, {}, change).steps.map((step) => step.id);
    expect(ids({})).toContain('strain');
    expect(ids({ without: 'bonitoFlakes' })).not.toContain('strain');
  });

  it('loses its name with what it is named for', () => {
    const name = (change: Change) => nameTonight(made(clear, {}, change).active);
    expect(name({})).toBe('Clear kelp and bonito broth');
    expect(name({ without: 'kelp' })).toBe('Clear broth');
  });

  it('is told at the board, before anything else is done', () => {
    for (const formula of FORMULAS) {
      const { steps } = made(formula, {}, {});
      const knife = steps.findIndex((step) => step.knife);
      if (knife > 0)
        expect(steps.slice(0, knife).every((step) => step.knife || !step.attended || step.id !== 'mix')).toBe(true);
      const fresh = formula.parts.filter(({ ingredientId, when, cut }) => {
        const what = ingredientById(ingredientId);
        return !when && cut !== 'grated' && ['allium'].includes(what.family);
      });
      if (fresh.length > 0) expect(knife).toBeGreaterThanOrEqual(0);
    }
  });
});
