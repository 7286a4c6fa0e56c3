import type { Diner, Evening, PotPlan } from '@elixa/contract';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { portionOf, portionsOf } from '../diners/portion';
import { planPot } from '../planEvening/planPot';
import { eveningFor, guests, suited } from '../testing/household';
import { applyEdits } from './edits/applyEdit';
import { checkEvening } from './resolveMenu';

const [plain, second] = guests(2) as [Diner, Diner];
const named = (name: string, more: Partial<Diner>): Diner => ({ ...plain, name, ...more });
const ines = named('Ines', { expecting: true });
const pim = named('Pim', { child: true, years: 8 });
const tableOf = (styleId: string, diners: Diner[]): Evening => ({
  ...suited(eveningFor(diners.length), styleId),
  diners,
});

const aboutAlcohol = ({ conflicts }: PotPlan, diner: string) =>
  conflicts.filter((one) => one.diner === diner && one.care === 'alcohol');

describe.each(STYLES.map((style) => [style.name, style.id] as const))('alcohol that is left: %s', (_name, styleId) => {
  const evening = tableOf(styleId, [plain, second, ines, pim]);
  const plan = planPot(evening);

  it('is asked about by name, with as much of it as the liquids hold', () => {
    // Without sides, pans apart or jars everybody meets every liquid once, each by the share of an appetite.
    const heads = portionsOf(evening.diners);
    const met = plan.liquids.filter((one) => one.kind !== 'base');
    const leftG = met.reduce((sum, one) => sum + one.ethanol.leftG, 0);
    // What soy sauce and miso have of it by nature is no matter here, even if all of it stayed.
    const bySoyG = met
      .flatMap((one) => one.ingredients)
      .map(({ ingredientId, massG }) => ({ what: ingredientById(ingredientId), massG }))
      .filter(({ what }) => !what.kinds.includes('alcohol'))
      .reduce((sum, { what, massG }) => sum + (massG * what.ethanolPct) / 100, 0);
    for (const diner of [ines, pim]) {
      const rows = aboutAlcohol(plan, diner.name);
      const toldG = rows.reduce((sum, one) => sum + (one.alcoholG ?? 0), 0);
      if (plan.sides?.only.some((one) => one.diner === diner.name)) continue;
      const share = portionOf(diner) / heads;
      if (leftG * share < 0.1) expect([diner.name, rows]).toEqual([diner.name, []]);
      expect(toldG).toBeLessThanOrEqual(leftG * share * 1.001);
      if ((leftG - bySoyG) * share > 0.1) {
        expect(toldG).toBeGreaterThanOrEqual((leftG - bySoyG) * share * 0.999);
        expect(rows.some((one) => !one.resolvedBy)).toBe(true);
        expect(plan.cautions.find((one) => one.id === 'unaskedAlcohol')!.because.join()).toContain(diner.name);
      }
    }
    expect(aboutAlcohol(plan, plain.name)).toEqual([]);
  });

  it('is settled for the one who was asked, and for nobody else', () => {
    const asked = planPot(applyEdits(evening, [{ kind: 'guestAsked', seat: 2, about: 'alcohol', agrees: true }]));
    for (const one of aboutAlcohol(asked, 'Ines')) expect(one.resolvedBy).toMatch(/asked/);
    expect(aboutAlcohol(asked, 'Pim').map((one) => one.resolvedBy)).toEqual(
      aboutAlcohol(plan, 'Pim').map((one) => one.resolvedBy),
    );
    // It moves nothing in the pot.
    expect(asked.amounts).toEqual(plan.amounts);
  });
});

describe('who is asked', () => {
  it('has no row left once it is exchanged for everybody', () => {
    const evening = tableOf('sukiyakiEast', [plain, ines]);
    const before = aboutAlcohol(planPot(evening), 'Ines').filter((one) => !one.resolvedBy);
    expect(before.length).toBeGreaterThan(0);
    const everyone = before.map(
      ({ offers }) => ({ kind: 'swapTaken', swap: offers.find((one) => one.scope === 'everyone')! }) as const,
    );
    const edits = everyone.map(({ kind, swap: { ingredientId, withIngredientId, scope } }) => ({
      kind,
      swap: { ingredientId, withIngredientId, scope },
    }));
    const after = planPot(applyEdits(evening, edits));
    expect(aboutAlcohol(after, 'Ines').filter((one) => !one.resolvedBy)).toEqual([]);
    expect(after.cautions.map((one) => one.id)).not.toContain('unaskedAlcohol');
  });

  it('asking and taking it back leaves the evening as it was', () => {
    const evening = tableOf('sukiyakiEast', [plain, ines]);
    const back = applyEdits(evening, [
      { kind: 'guestAsked', seat: 1, about: 'alcohol', agrees: true },
      { kind: 'guestAsked', seat: 1, about: 'alcohol', agrees: false },
    ]);
    expect(back).toEqual(evening);
  });

  it('an age without a child is refused by its field', () => {
    const evening = eveningFor(1, { diners: [{ ...plain, years: 8 }] });
    expect(checkEvening(evening)[0]).toMatchObject({ field: 'diners[0].years' });
    expect(checkEvening({ ...evening, diners: [pim] })).toEqual([]);
  });
});

describe('what is only disliked', () => {
  const dislikes = (...ids: string[]) => named('Bram', { dislikes: ids as Diner['dislikes'] });

  it('stays off the plate: the others have as much of it as before, and nobody sits apart', () => {
    const rest = [plain, second];
    const evening = tableOf('clearChicken', [...rest, dislikes('shiitake')]);
    const { conflicts, amounts } = planPot(evening);
    const [row] = conflicts;
    expect(row).toMatchObject({ diner: 'Bram', weight: 'taste', ingredientId: 'shiitake' });
    expect(row!.resolvedBy).toMatch(/Bram goes without/);
    const massOf = (all: PotPlan['amounts']) =>
      all.filter((one) => one.ingredientId === 'shiitake').reduce((sum, one) => sum + one.massG, 0);
    expect(massOf(amounts)).toBeCloseTo(massOf(planPot(tableOf('clearChicken', rest)).amounts), 6);
    expect(amounts.map((one) => one.purpose)).not.toContain('aside');
  });

  it('is told where it is in a broth, as the lightest of all, with nothing offered in a pan of its own', () => {
    const { conflicts, cautions } = planPot(tableOf('clearChicken', [plain, dislikes('kelp')]));
    const row = conflicts.find((one) => one.ingredientId === 'kelp')!;
    expect(row.resolvedBy).toBeUndefined();
    expect(row.offers.filter((one) => one.scope === 'aside')).toEqual([]);
    expect(cautions.map((one) => one.id)).not.toContain('unsettledAllergen');
    expect(cautions.map((one) => one.id)).not.toContain('unsettledDiet');
  });

  it('is not an allergy: the same thing that harms comes first and stands as a danger', () => {
    const harmed: Diner = { ...dislikes('shiitake'), avoids: ['shiitake'] };
    const { conflicts, cautions } = planPot(tableOf('clearChicken', [plain, harmed]));
    expect(conflicts[0]).toMatchObject({ weight: 'harm', why: `avoids ${ingredientById('shiitake').name}` });
    expect(cautions[0]!.id).toBe('unsettledAllergen');
  });

  it('sends nobody to one side of a divided pot, nor to a small pan that others need', () => {
    const divided = tableOf('dividedPot', [plain, second]);
    const things = planPot(divided).sides!.first.ingredientIds;
    const guest = dislikes(things[0]!);
    expect(planPot({ ...divided, diners: [plain, guest] }).sides!.only).toEqual([]);
    const tove = named('Tove', { diets: ['pescatarian'] });
    const swap = { ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' } as const;
    const apart = tableOf('clearChicken', [plain, tove, dislikes('chickenThigh')]);
    const asked = planPot({ ...apart, choices: { ...apart.choices, swaps: [swap] } });
    const codG = asked.amounts.filter((one) => one.ingredientId === 'codFillet');
    expect(codG.map((one) => one.purpose)).toEqual(['aside']);
    expect(asked.liquids.filter((one) => one.place === 'aside').flatMap((one) => one.forGuests ?? [])).not.toContain(
      'Bram',
    );
  });
});

describe('a guest who eats nothing hot', () => {
  it('has a way out of every pot that is hot, and meets no chilli in it', () => {
    const mild = named('Pim', { child: true, years: 8, diets: ['mild', 'noAlcohol'] });
    let hot = 0;
    for (const { id } of STYLES) {
      const evening = tableOf(id, [plain, mild]);
      const rows = planPot(evening).conflicts.filter((one) => one.why === 'eats nothing hot' && !one.resolvedBy);
      hot += rows.length > 0 ? 1 : 0;
      const edits = rows.map(({ ingredientId, offers }) => {
        const offer = offers.find((one) => one.scope === 'aside') ?? offers[0];
        return offer
          ? ({
              kind: 'swapTaken',
              swap: { ingredientId, withIngredientId: offer.withIngredientId, scope: offer.scope },
            } as const)
          : ({ kind: 'leftOut', ingredientId } as const);
      });
      const after = applyEdits(evening, edits);
      expect([id, checkEvening(after)]).toEqual([id, []]);
      const open = planPot(after).conflicts.filter((one) => one.why === 'eats nothing hot' && !one.resolvedBy);
      expect([id, open.map((one) => one.ingredientId)]).toEqual([id, []]);
    }
    expect(hot).toBeGreaterThan(3);
  });

  it('is kept from all that bites by its chilli, and from nothing else', () => {
    // Pepper, mustard, ginger and their like bite otherwise, and little of them is in a bowl.
    const otherwise = ['mustard', 'garlic', 'ginger', 'galangal', 'blackPepper', 'whitePepper', 'shachaPaste'];
    for (const what of INGREDIENTS) {
      expect([what.id, what.kinds.includes('chilli')]).toEqual([
        what.id,
        what.heatShu > 0 && !otherwise.includes(what.id),
      ]);
    }
  });
});
