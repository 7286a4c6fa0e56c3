import type { Evening, PlannedAct } from '@elixa/contract';
import { usableVolumeMl } from '../arrange/vesselShape';
import { STYLES } from '../catalogue/styles';
import { FORMULAS } from '../catalogue/formulas';
import { checkEvening } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { planQuickly } from '../testing/quickly';
import { eveningFor, guests, inVessels, suited } from '../testing/household';
import { some } from '../testing/runs';

const WITH_MILK = ['soyMilkMild', 'soyMilkPork'] as const;
const SPOILT = FORMULAS.filter((formula) => formula.heldBack?.spoils).map((formula) => formula.id);

const actionsOf = (evening: Evening) => planPot(evening).simmer.actions;

describe('what must not boil', () => {
  it.each(WITH_MILK.flatMap((id) => [2, 3, 9].map((count) => [id, count] as const)))(
    'goes into %s for %d when everything is cooked, and nothing is cooked after it',
    (id, count) => {
      const evening = suited(eveningFor(count), id);
      const plan = planPot(evening);
      const { rounds } = plan.build;
      const enriched = plan.simmer.actions.filter(
        ({ kind, round, atS }) => kind === 'enrich' && atS < (plan.simmer.readyAtS[round - 1] ?? 0),
      );
      expect(enriched).toHaveLength(rounds.length);
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
      const poured = first.find((action) => action.kind === 'pour');
      expect(poured?.volumeMl).toBeCloseTo(plan.build.pourMl, 6);
      expect(ml + plan.build.solidsMl / plan.build.rounds.length).toBeLessThanOrEqual(
        usableVolumeMl(evening.vessel) + 1e-6,
      );
    }
  });

  it('is held back in any pot that is cooked in such a broth', () => {
    for (const style of STYLES.filter((one) => !one.otherHalfFormulaId)) {
      for (const broth of SPOILT) {
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
        const enriched = simmer.actions.filter(
          ({ kind, round, atS }) => kind === 'enrich' && atS < (simmer.readyAtS[round - 1] ?? 0),
        ).length;
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

  it('goes in when the foam has been skimmed, and nothing after it is told to boil', () => {
    const held = STYLES.filter(({ id }) => actionsOf(suited(eveningFor(2), id)).some(({ kind }) => kind === 'enrich'));
    expect(held.length).toBeGreaterThan(1);
    let skims = 0;
    for (const { id } of held)
      for (const heads of some([2, 1, 4, 7, 12], 3))
        for (const evening of inVessels(eveningFor(heads), id, 2)) {
          let isIn = false;
          for (const { kind, empties, says, lookFor = '' } of actionsOf(evening)) {
            if (empties || kind === 'boil') isIn = false;
            const told = `${id}, ${heads} in the ${evening.vessel.name}: ${says} (${lookFor})`;
            if (isIn) expect(told).not.toMatch(/[Ss]kim|boils again|hard boil|down to a simmer|high heat/);
            if (kind === 'enrich') isIn = true;
            if (kind === 'skim') skims += 1;
          }
        }
    expect(skims).toBeGreaterThan(5);
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

/** Words that promise that something goes in later. */
const PROMISES = /hold .*back|held back|Keep \{in\}|goes in (when|as|last)/;

describe('what is held back', () => {
  it('is known to the pot wherever the broth is told to keep it', () => {
    const promised = FORMULAS.filter(
      ({ kind, steps }) => kind === 'broth' && steps.some(({ says }) => PROMISES.test(says)),
    );
    expect(promised.length).toBeGreaterThan(3);
    for (const { id, heldBack } of promised) expect([id, heldBack?.of.length ?? 0]).not.toEqual([id, 0]);
  });

  const POTS = [
    ['salmonMiso', ['misoLight', 'misoRed'], 1],
    ['beefJeongol', ['lightSoy', 'salt'], 1],
    ['spicyStew', ['garlic', 'chilliFlakes', 'doenjang'], 0.5],
    ['soyMilkMild', ['soyMilk'], 1],
    ['soyMilkPork', ['soyMilk'], 1],
  ] as const;

  it.each(POTS.flatMap(([id, of, share]) => [1, 4, 9].map((count) => [id, count, of, share] as const)))(
    'goes into %s for %d once with every pour of its broth, in its amount',
    (id, count, of, share) => {
      const { program, liquids, simmer } = planPot(suited(eveningFor(count), id));
      const broth = liquids.find((liquid) => liquid.place === 'pot')!;
      const acts = program!.acts.filter(({ potId }) => potId === 'main');
      const pours = acts.filter(({ act }) => act.is === 'poured' && act.liquid === broth.formulaId);
      expect(pours.length).toBeGreaterThan(0);
      const amountOf = (act: PlannedAct['act'], id: string) =>
        (act.is === 'seasoned' && act.with === id) || (act.is === 'poured' && act.liquid === id) ? laterG(act) : 0;
      const later = acts.filter(({ act }) => of.some((id) => amountOf(act, id) > 0));
      const told = [...new Set(later.map((one) => one.actionId))].map((id) =>
        later.find((one) => one.actionId === id)!,
      );
      // Nothing is poured that is not seasoned in its round, or in the next where it is poured for that.
      for (const { round, atS } of pours) {
        const mine = told.filter((one) => one.atS >= atS && (one.round === round || one.round === round + 1));
        expect([round, mine.length > 0]).toEqual([round, true]);
      }
      expect(told.length).toBeLessThanOrEqual(pours.length);
      // As much of each in all as there is in so much of the broth.
      const wholeMl =
        pours.reduce((sum, { act }) => sum + (act.is === 'poured' ? act.ml : 0), 0) +
        acts.reduce((sum, { act }) => sum + laterG(act), 0);
      for (const id of of) {
        const made = broth.ingredients.filter((part) => part.ingredientId === id);
        const g = later.reduce((sum, { act }) => sum + amountOf(act, id), 0);
        const wantedG = (made.reduce((sum, part) => sum + part.massG, 0) * share * wholeMl) / broth.madeMl;
        expect(g / wantedG).toBeCloseTo(1, 1);
      }
      for (const { actionId } of told) {
        const action = simmer.actions.find((one) => one.id === actionId)!;
        expect(action.lookFor).toBeTruthy();
        expect(action.shownText).toMatch(/\d|pinch|[⅛¼½¾]/);
      }
    },
  );

  /** Grams of everything that is stirred or poured in later. */
  function laterG(act: PlannedAct['act']): number {
    if (act.is === 'seasoned') return act.massG ?? 0;
    return act.is === 'poured' && act.liquid === 'soyMilk' ? act.ml : 0;
  }

  it.each(POTS.map(([id]) => id))('%s holds as much salt with it as the broth was made with', (id) => {
    const { program, liquids } = planPot(suited(eveningFor(4), id));
    const broth = liquids.find((liquid) => liquid.place === 'pot')!;
    const acts = program!.acts.map(({ act }) => act);
    const ofBroth = acts.flatMap((act) =>
      (act.is === 'poured' && act.liquid !== 'water') || act.is === 'seasoned' ? [act] : [],
    );
    const massG = ofBroth.reduce(
      (sum, { contents }) => sum + Object.values(contents ?? {}).reduce((a, b) => a + b, 0),
      0,
    );
    const saltG = ofBroth.reduce((sum, { contents }) => sum + (contents?.saltG ?? 0), 0);
    expect((100 * saltG) / massG).toBeCloseTo(broth.salinityAsMadePct, 1);
  });

  it('is poured with the rest where everything simmers in it from the start', () => {
    const evening = suited(eveningFor(4), 'salmonMiso');
    const early = {
      ...evening,
      style: { ...evening.style, schools: { ...evening.style.schools, miso: 'atTheStart' } },
    };
    expect(planPot(early).program!.acts.filter(({ act }) => act.is === 'seasoned')).toEqual([]);
    expect(planPot(early).build.pourMl).toBeGreaterThan(planPot(evening).build.pourMl);
  });

  it.each(STYLES.map((style) => style.id))('no more broth is poured into %s than was made, or ladled back', (id) => {
    for (const count of [1, 4, 9]) {
      const { program, liquids } = planPot(suited(eveningFor(count), id));
      const ids = new Set(liquids.map((liquid) => liquid.formulaId));
      const ofPot = liquids.filter(({ place, kind }) => kind === 'broth' && place !== 'letDown');
      let leftMl = ofPot.reduce((sum, liquid) => sum + liquid.madeMl, 0);
      for (const { act } of program!.acts) {
        if (act.is === 'poured' && ids.has(act.liquid)) leftMl -= act.ml;
        if (act.is === 'seasoned') leftMl -= act.massG ?? 0;
        if (act.is === 'ladled' && act.to === 'jug') leftMl += act.ml === 'all' ? 25 : act.ml;
      }
      expect([count, leftMl > -5]).toEqual([count, true]);
    }
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
