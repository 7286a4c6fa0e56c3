import type { Diner, Evening, Liquid } from '@elixa/contract';
import type { Peril } from '../catalogue/ingredient';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { CATALOGUE } from '../catalogue/catalogue';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example, guests, suited } from '../testing/household';
import { cautionsFor } from './cautions';
import type { Situation } from './situation';

const situation = (
  foodIds: readonly string[],
  liquidIds: readonly string[],
  diners: Diner[] = guests(2),
): Situation => ({
  evening: eveningFor(diners.length, { diners }),
  catalogue: CATALOGUE,
  helpings: foodIds.map((ingredientId) => ({
    ingredientId,
    what: ingredientById(ingredientId),
    pan: 'main',
    purpose: 'pot',
    slotId: ingredientId,
    role: 'main',
    place: 'ring',
    layer: 0,
    massG: 100,
    cuts: [],
  })),
  liquids: liquidIds.map(
    (ingredientId) =>
      ({ name: 'dip', kind: 'sauce', heat: 0, steps: [], ingredients: [{ ingredientId }] }) as unknown as Liquid,
  ),
  conflicts: [],
  simmer: { pieces: [], endsAtS: 0 },
  isDryFirst: false,
  jars: [],
});
/** Whom every peril matters to: a baby that chokes, and is allergic. */
const baby: Diner = { ...guests(1)[0]!, name: 'Pim', child: true, years: 0, avoids: ['lupin'] };
const child: Diner = { ...guests(1)[0]!, name: 'Pim', child: true };
const expecting: Diner = { ...guests(1)[0]!, name: 'Ines', expecting: true };

describe('what is known of a thing is said where it matters', () => {
  const perils = [...new Set(INGREDIENTS.flatMap((one) => one.perils))];
  it.each(perils)('every thing with the peril "%s" calls for a caution by name', (peril: Peril) => {
    for (const { id, name } of INGREDIENTS.filter((one) => one.perils.includes(peril))) {
      const inFood = cautionsFor(situation([id], [], [baby]));
      const inBroth = cautionsFor(situation([], [id], [baby]));
      const others = INGREDIENTS.find((one) => one.perils.length === 0 && one.kinds.includes('plant'))!;
      const usual = new Set(cautionsFor(situation([others.id], [], [baby])).map((one) => one.id));
      const called = [...inFood, ...inBroth].filter((one) => !usual.has(one.id));
      expect(called.flatMap((one) => one.because)).toContain(name);
    }
  });

  it('is said once', () => {
    for (const evening of [example('practice-night'), example('first-frost'), example('muffled-peal')]) {
      const ids = planPot(evening).cautions.map((one) => one.id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  it.each(STYLES)(
    'is said once, names each thing once, and speaks of poultry and shells where they are: $name',
    ({ id }) => {
      const guest = (name: string, more: Partial<Diner>): Diner => ({ ...guests(1)[0]!, name, ...more });
      const diners = [
        child,
        expecting,
        guest('Tove', { diets: ['vegetarian'] }),
        guest('Noor', { diets: ['noAlcohol'], avoids: ['peanut', 'sesame'] }),
      ];
      const { cautions, amounts } = planPot({ ...suited(eveningFor(4), id), diners });
      for (const key of ['id', 'text'] as const) {
        expect(new Set(cautions.map((one) => one[key])).size).toBe(cautions.length);
      }
      for (const { because } of cautions) expect(because).toEqual([...new Set(because)]);
      const food = amounts.map((one) => ingredientById(one.ingredientId));
      const said = cautions.map((one) => one.text).join(' ');
      if (!food.some((one) => one.kinds.includes('poultry'))) expect(said).not.toMatch(/chicken|[Pp]oultry is/);
      expect(said).not.toMatch(/\bchicken\b/i);
      if (!food.some((one) => one.perils.includes('shells'))) expect(said).not.toMatch(/scrub/);
      if (!food.some((one) => one.kinds.includes('fish'))) expect(said).not.toMatch(/Fish (is|has)/);
    },
  );

  it('warns of choking only where small children or the frail eat', () => {
    const ids = (diners: Diner[]) => cautionsFor(situation(['riceCake'], [], diners)).map((one) => one.id);
    expect(ids([child])).toContain('choking');
    expect(ids([{ ...child, child: false, frail: true }])).toContain('choking');
    expect(ids([{ ...child, years: 4 }])).toContain('choking');
    // Somebody of eight chews as others do.
    expect(ids([{ ...child, years: 8 }])).not.toContain('choking');
    expect(ids(guests(2))).not.toContain('choking');
  });

  it('is graver about raw egg where a child or somebody expecting eats', () => {
    const severity = (diners: Diner[]) =>
      cautionsFor(situation([], ['egg'], diners)).find((one) => one.id === 'rawEgg')!.severity;
    expect(severity(guests(2))).toBe('warning');
    expect(severity([child])).toBe('danger');
    expect(severity([expecting])).toBe('danger');
  });

  it('tells mince from whole meat, and pork from chicken', () => {
    const ids = (id: string) => cautionsFor(situation([id], [])).map((one) => one.id);
    expect(ids('porkMince')).toContain('minceThrough');
    expect(ids('porkMince')).not.toContain('porkThrough');
    expect(ids('porkLoin')).toContain('porkThrough');
    expect(ids('chickenThigh')).toContain('chickenThrough');
    expect(ids('clam')).toEqual(expect.arrayContaining(['shellfishThrough', 'shells']));
  });

  it('keeps the halves of a divided pot apart, and chilli from a child', () => {
    const halves: Evening = eveningFor(3, {
      diners: [...guests(2), { ...child, agreed: ['alcohol'] }],
      vessel: VESSELS.find((one) => one.divided)!,
      heatSource: example('first-frost').heatSource,
      choices: { swaps: [], leaveOut: [], liquids: { broth: 'numbingBroth', otherHalf: 'mildBoneBroth' } },
    });
    const { cautions } = planPot(halves);
    expect(cautions.map((one) => one.id)).toEqual(expect.arrayContaining(['splitPot', 'chilliForChild']));
    expect(cautions.find((one) => one.id === 'chilliForChild')!.because).toContain('Pim');
    expect(planPot(eveningFor(3)).cautions.map((one) => one.id)).not.toContain('splitPot');
    // Who eats from the mild side alone, for the wine in the other, is not warned of its chilli.
    const unasked = planPot({ ...halves, diners: [...guests(2), child] });
    expect(unasked.sides!.only).toEqual([{ diner: 'Pim', side: 'second' }]);
    expect(unasked.cautions.map((one) => one.id)).not.toContain('chilliForChild');
  });

  it('names every thing as the catalogue does', () => {
    expect(cautionsFor(situation(['soybean'], [])).find((one) => one.id === 'boilFully')!.because).toEqual([
      ingredientById('soybean').name,
    ]);
  });
});

describe('fire, fat and what stands about', () => {
  const cautionsOf = (more: Partial<Evening>) => planPot(eveningFor(4, more)).cautions;
  const ids = (more: Partial<Evening>) => cautionsOf(more).map((one) => one.id);
  const heat = (kind: string) => HEAT_SOURCES.find((one) => one.kind === kind)!;

  it('gas airs the room and names what nobody smells, an element does not; nothing lit is left alone', () => {
    for (const heatSource of HEAT_SOURCES.filter((one) => one.kind !== 'ownElement')) {
      const vessel = VESSELS.find((one) => one.id === 'steel26')!;
      const said = cautionsOf({ vessel, heatSource });
      const isGas = heatSource.kind === 'portableGas' || heatSource.kind === 'gasHob';
      expect([heatSource.kind, said.some((one) => /carbon monoxide/.test(one.text))]).toEqual([heatSource.kind, isGas]);
      expect(said.filter((one) => one.id === 'neverAlone')).toHaveLength(1);
    }
  });

  it('says of every pot on a cartridge burner, by its width, whether it reaches over', () => {
    const vessel = VESSELS.find((one) => one.id === 'steel26')!;
    const at = (innerDiameterMm: number) =>
      cautionsOf({
        vessel: { ...vessel, innerDiameterMm, rimVolumeMl: (innerDiameterMm / 260) ** 2 * vessel.rimVolumeMl },
        heatSource: heat('portableGas'),
      }).filter((one) => /overhang/i.test(one.id));
    expect(at(240)).toEqual([]);
    expect(at(280)[0]).toMatchObject({
      id: 'mayOverhang',
      severity: 'warning',
      because: [expect.stringMatching(/28 cm/)],
    });
    expect(at(400)).toEqual([
      expect.objectContaining({ id: 'overhangs', severity: 'danger', because: [expect.stringMatching(/40 cm/)] }),
    ]);
    expect(ids({ vessel: { ...vessel, innerDiameterMm: 400 }, heatSource: heat('induction') })).not.toContain(
      'overhangs',
    );
  });

  it.each(STYLES)(
    'of leftovers, whether or not a finish ends it; one line for one side; one for clay: $name',
    ({ id }) => {
      const diners = [...guests(3), { ...guests(1)[0]!, name: 'Tove', diets: ['vegetarian' as const] }];
      const evening = { ...suited(eveningFor(4), id), diners };
      for (const finish of [undefined, 'none']) {
        const { cautions } = planPot({ ...evening, choices: { ...evening.choices, ...(finish ? { finish } : {}) } });
        const said = cautions.map((one) => one.id);
        expect(said).toContain('keepBroth');
        expect(said.filter((one) => ['splitPot', 'meatFreeSide', 'cookedApart'].includes(one)).length).toBeLessThan(2);
        expect(cautions.filter((one) => /[Cc]lay/.test(one.text)).length).toBeLessThan(2);
      }
    },
  );

  it.each(STYLES)('raw flesh that waits over an hour after the burner is lit is named: $name', ({ id }) => {
    for (const heads of [2, 9]) {
      const { simmer, cautions } = planPot(suited(eveningFor(heads), id));
      const late = simmer.pieces.filter(({ ingredientId, cut, inAtS, way }) => {
        const { perils, kinds } = ingredientById(ingredientId);
        const isFlesh = perils.includes('cookThrough') && kinds.some((kind) => kind !== 'plant');
        return isFlesh && cut !== 'poachedSlice' && (way === 'swished' ? simmer.endsAtS : inAtS) > 2 * 3600;
      });
      const named = cautions.find((one) => one.id === 'rawPlates')?.because ?? [];
      for (const { ingredientId } of late) expect(named).toContain(ingredientById(ingredientId).name);
    }
  });

  it('wine into hot fat is warned of wherever anything is fried, and only there', () => {
    expect(ids({ choices: { swaps: [], leaveOut: [], liquids: { ahead: ['numbingBase'] } } })).toContain('hotFat');
    expect(ids({})).not.toContain('hotFat');
    expect(planPot(suited(eveningFor(2), 'sukiyakiWest')).cautions.map((one) => one.id)).toContain('hotFat');
  });

  it('keeps pink beef and lamb from the delicate who eat them, and names nobody else', () => {
    const guest = (name: string, more: Partial<Diner>): Diner => ({ ...guests(1)[0]!, name, ...more });
    const diners = [
      guest('Bram', {}),
      guest('Ines', { expecting: true }),
      guest('Pim', { child: true, diets: ['vegetarian'] }),
    ];
    const pink = (id: string) =>
      planPot({ ...suited(eveningFor(3), id), diners }).cautions.find((one) => one.id === 'pinkMeat');
    expect(pink('satayPot')!.because).toEqual([ingredientById('beefSlice').name, 'Ines']);
    expect(pink('clearChicken')).toBeUndefined();
  });

  it('keeps honey and salt from a baby, and says so of no older child', () => {
    const saidTo = (years: number) => cautionsFor(situation([], ['honey'], [{ ...child, years }])).map((one) => one.id);
    expect(saidTo(0)).toEqual(expect.arrayContaining(['honeyForBaby', 'saltForBaby']));
    expect(saidTo(1)).not.toContain('honeyForBaby');
    expect(saidTo(1)).not.toContain('saltForBaby');
  });

  it('sends the allergic to the label of what somebody else has made', () => {
    const allergic = { ...guests(1)[0]!, name: 'Kasper', avoids: ['nuts' as const] };
    const label = (diners: Diner[]) =>
      cautionsFor(situation(['fishCake'], [], diners)).find((one) => one.id === 'makersLabel');
    expect(label([allergic])!.because).toEqual([ingredientById('fishCake').name, 'Kasper']);
    expect(label(guests(1))).toBeUndefined();
  });
});
