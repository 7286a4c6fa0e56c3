import type { Evening } from '@elixa/contract';
import { usableVolumeMl } from '../arrange/vesselShape';
import { STYLES } from '../catalogue/styles';
import { FORMULAS } from '../catalogue/formulas';
import { checkEvening } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { planQuickly } from '../testing/quickly';
import { eveningFor, guests, suited } from '../testing/household';

const WITH_MILK = ['soyMilkMild', 'soyMilkPork'] as const;
const HELD = FORMULAS.filter((formula) => formula.heldBack).map((formula) => formula.id);

const actionsOf = (evening: Evening) => planPot(evening).simmer.actions;

describe('what must not boil', () => {
  it.each(WITH_MILK.flatMap((id) => [2, 3, 9].map((count) => [id, count] as const)))(
    'goes into %s for %d when everything is cooked, and nothing is cooked after it',
    (id, count) => {
      const evening = suited(eveningFor(count), id);
      const plan = planPot(evening);
      const enriched = plan.simmer.actions.filter((action) => action.kind === 'enrich');
      expect(enriched).toHaveLength(plan.build.rounds.length);
      for (const { round, atS, volumeMl } of enriched) {
        const own = plan.simmer.pieces.filter((piece) => piece.round === round);
        expect(Math.max(...own.map((piece) => piece.inAtS))).toBeLessThanOrEqual(atS);
        // All of the cooking that is counted lies before it.
        for (const piece of own) {
          expect(piece.safe).toBe(true);
          expect(piece.cookS).toBeLessThanOrEqual(atS - piece.countsFromS + 1);
        }
        expect(volumeMl).toBeGreaterThan(0);
        const later = plan.simmer.actions.filter((action) => action.round === round && action.atS > atS);
        expect(later.map((action) => action.kind)).toEqual(expect.not.arrayContaining(['add', 'boil', 'heatUp']));
      }
    },
  );

  it('has its room in the pot from the beginning: what is poured and what goes in last fit together with the food', () => {
    for (const id of WITH_MILK) {
      const plan = planPot(suited(eveningFor(4), id));
      const evening = suited(eveningFor(4), id);
      const first = plan.simmer.actions.filter((action) => action.round === 1 && action.pan === 'main');
      const ml = first.reduce((sum, action) => sum + (action.volumeMl ?? 0), 0);
      expect(ml).toBeCloseTo(plan.build.pourMl, 6);
      expect(ml + plan.build.solidsMl / plan.build.rounds.length).toBeLessThanOrEqual(
        usableVolumeMl(evening.vessel) + 1e-6,
      );
    }
  });

  it('is held back in any pot that is cooked in such a broth', () => {
    for (const style of STYLES.filter((one) => !one.otherHalfFormulaId)) {
      for (const broth of HELD) {
        const given = suited(eveningFor(3), style.id);
        const evening: Evening = {
          ...given,
          service: style.services.find((one) => one !== 'swish') ?? given.service,
          choices: { ...given.choices, finish: 'none', liquids: { broth } },
        };
        if (checkEvening(evening).length > 0) continue;
        const { build, simmer } = planPot(evening);
        // A splash by the ladle is no pot of broth.
        if (build.pourMl < 150) continue;
        const enriched = simmer.actions.filter((action) => action.kind === 'enrich').length;
        expect([style.id, enriched]).toEqual([style.id, build.rounds.length]);
      }
    }
  });

  it('is not swished in, boils beside no other broth, and cooks no finish; each is said with its field', () => {
    const mild = suited(eveningFor(3), 'soyMilkMild');
    const duck = suited(eveningFor(3), 'clearDuckSwish');
    const inMilk = { ...duck.choices, finish: 'none', liquids: { broth: 'soyMilkMiso' } };
    expect(checkEvening({ ...duck, choices: inMilk }).map((fault) => fault.field)).toEqual(['service']);
    expect(checkEvening({ ...mild, choices: { ...mild.choices, finish: 'wheatApart' } })).toEqual([]);
    const clear = { ...suited(eveningFor(3), 'clearChicken'), service: 'rounds' as const };
    const porridge = { ...clear.choices, finish: 'porridge', liquids: { broth: 'soyMilkMiso' } };
    expect(checkEvening({ ...clear, choices: porridge }).map((fault) => fault.field)).toEqual(['choices.finish']);
    const divided = suited(eveningFor(3), 'dividedPot');
    const halves = { ...divided.choices, finish: 'none', liquids: { otherHalf: 'soyMilkMiso' } };
    expect(checkEvening({ ...divided, service: 'rounds', choices: halves })[0]?.field).toBe(
      'choices.liquids.otherHalf',
    );
  });

  it('is no part of the pot where it is left out', () => {
    const mild = suited(eveningFor(3), 'soyMilkMild');
    const without = { ...mild, choices: { ...mild.choices, leaveOut: ['soyMilk'] } };
    expect(actionsOf(without).some((action) => action.kind === 'enrich')).toBe(false);
  });

  it('is poured for those who eat aside, too', () => {
    const diners = guests(4).map((diner, seat) => (seat === 0 ? { ...diner, diets: ['noPork' as const] } : diner));
    const given = suited(eveningFor(4, { diners }), 'soyMilkMild');
    const evening: Evening = {
      ...given,
      choices: {
        ...given.choices,
        swaps: [{ ingredientId: 'porkLoin', withIngredientId: 'chickenThigh', scope: 'aside' }],
      },
    };
    expect(checkEvening(evening)).toEqual([]);
    const pans = actionsOf(evening).filter((action) => action.kind === 'enrich');
    expect(new Set(pans.map((action) => action.pan))).toEqual(new Set(['main', 'aside']));
  });
});

describe('a finish that is cooked apart', () => {
  const evening = suited(eveningFor(3), 'soyMilkMild');

  it('takes a burner of its own in the preparation, and goes into the bowls', () => {
    const plan = planQuickly({ ...evening, choices: { ...evening.choices, finish: 'wheatApart' } });
    const task = plan.prep.tasks.filter((one) => one.subjectId === 'eggNoodle');
    expect(task.some((one) => one.how.includes('Boil'))).toBe(true);
    expect(plan.simmer.pieces.some((piece) => piece.ingredientId === 'eggNoodle')).toBe(false);
    expect(plan.simmer.actions.at(-1)).toMatchObject({ kind: 'off', says: expect.stringContaining('into bowls') });
    expect(plan.shopping.map((item) => item.ingredientId)).toContain('eggNoodle');
  });

  it('is the usual one where nothing may be cooked in the broth', () => {
    expect(planPot(evening).menu.finishId).toBe('wheatApart');
    const udonPot = suited(eveningFor(3), 'clearChicken');
    const milky = { ...udonPot, choices: { ...udonPot.choices, liquids: { broth: 'soyMilkMiso' } } };
    expect(planPot({ ...milky, service: 'rounds' }).menu.finishId).toBe('none');
  });
});
