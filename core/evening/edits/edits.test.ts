import type { Edit, Evening } from '@elixa/contract';
import { STYLES } from '../../catalogue/styles';
import { HEAT_SOURCES } from '../../catalogue/heatSources';
import { VESSELS } from '../../catalogue/vessels';
import { eveningFor, guests } from '../../testing/household';
import { checkEvening } from '../resolveMenu';
import { applyEdit } from './applyEdit';
import { droppedByStyle, styleChosen } from './styleChosen';

const evening = eveningFor(4);
const pot = (id: string) => VESSELS.find((one) => one.id === id)!;
const burner = (id: string) => HEAT_SOURCES.find((one) => one.id === id)!;
const frozen = <Value>(value: Value): Value => {
  if (typeof value === 'object' && value !== null) Object.values(value).forEach(frozen);
  return Object.freeze(value);
};

describe('a named change', () => {
  const edits: Edit[] = [
    { kind: 'styleChosen', styleId: 'sukiyakiEast' },
    { kind: 'potKept', id: 'pot-1', name: 'Belfry pot' },
    { kind: 'ownMade', thing: { name: 'rope-end noodles', likeId: 'udon' } },
    { kind: 'titled', title: 'Quarter peal' },
    { kind: 'sitDownMoved', sitDownAt: '2026-12-01T19:00:00+00:00' },
    { kind: 'guestJoined', diner: { ...guests(1)[0]!, name: 'Ines' } },
    { kind: 'guestChanged', seat: 1, diner: { ...guests(1)[0]!, name: 'Ines' } },
    { kind: 'guestLeft', seat: 0 },
    { kind: 'vesselChosen', vessel: pot('iron30') },
    { kind: 'heatSourceChosen', heatSource: burner('gasHob') },
    { kind: 'heightSet', altitudeM: 800 },
    { kind: 'unitsChosen', units: 'us' },
    { kind: 'handsSet', cooks: 2 },
    { kind: 'kitchenSet', kitchen: { pace: 'quick' } },
    { kind: 'swapTaken', swap: { ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'everyone' } },
    { kind: 'swapTaken', swap: { ingredientId: 'shiitake', withIngredientId: 'maitake', scope: 'everyone' } },
    { kind: 'leftOut', ingredientId: 'enoki' },
    { kind: 'leftOut', ingredientId: 'enoki', keepSum: true },
    { kind: 'putIn', ingredientId: 'clam' },
    { kind: 'putIn', ingredientId: 'maitake', grams: 30, keepSum: true },
    { kind: 'cutChosen', ingredientId: 'daikon', cut: 'thinQuarter' },
    { kind: 'liquidsChosen', liquids: { broth: 'misoDashi' } },
    { kind: 'schoolFollowed', question: 'kelp', option: 'coldSoak' },
    { kind: 'serviceChosen', service: 'allAtOnce' },
    { kind: 'finishChosen', finishId: 'udon' },
    { kind: 'riceBesideSet', on: true },
    { kind: 'tasteTurned', formulaId: 'soyScallion', taste: { salt: 1 } },
    { kind: 'batchSet', formulaId: 'soyScallion', times: 2 },
    { kind: 'madeFresh', formulaId: 'soyScallion', fresh: true },
    { kind: 'boughtReady', ingredientId: 'cookedRice', bought: true },
    { kind: 'madeAtHome', ingredientId: 'firmTofu', made: true },
    { kind: 'amountSet', ingredientId: 'enoki', grams: 30.4 },
    { kind: 'foodCutDown', share: 0.8 },
    { kind: 'brothSet', ml: 350 },
  ];

  it.each(edits)('gives another evening that can be planned, and leaves the old one as it was: $kind', (edit) => {
    const before = frozen(structuredClone(evening));
    const after = applyEdit(before, edit);
    expect(after).not.toEqual(before);
    expect(before).toEqual(evening);
    expect(checkEvening(after)).toEqual([]);
  });

  it('to a pot that bears the usual way brings it back, where the pot before did not bear it', () => {
    const inVessel = (given: Evening, vesselId: string) =>
      applyEdit(given, { kind: 'vesselChosen', vessel: pot(vesselId) });
    const clay = styleChosen(inVessel(evening, 'clay28'), 'sukiyakiEast');
    expect(clay.style.schools.begin).toBe('sauceFirst');
    const iron = inVessel(clay, 'iron30');
    expect(iron.style.schools.begin).toBe('fatFirst');
    expect(iron.service).toBe('searThenSimmer');
    expect(checkEvening(iron)).toEqual([]);
    // In iron it was a choice, and stays one.
    const chosen = applyEdit(iron, { kind: 'schoolFollowed', question: 'begin', option: 'sauceFirst' });
    expect(inVessel(chosen, 'steel26').style.schools.begin).toBe('sauceFirst');
  });

  it('can be taken back by its opposite', () => {
    const pairs: Array<[Edit, Edit]> = [
      [
        { kind: 'leftOut', ingredientId: 'enoki' },
        { kind: 'putBack', ingredientIds: ['enoki'] },
      ],
      [
        { kind: 'putIn', ingredientId: 'clam' },
        { kind: 'leftOut', ingredientId: 'clam' },
      ],
      [
        { kind: 'cutChosen', ingredientId: 'daikon', cut: 'thinQuarter' },
        { kind: 'cutChosen', ingredientId: 'daikon' },
      ],
      [
        { kind: 'madeFresh', formulaId: 'soyScallion', fresh: true },
        { kind: 'madeFresh', formulaId: 'soyScallion', fresh: false },
      ],
      [
        { kind: 'madeAtHome', ingredientId: 'firmTofu', made: true },
        { kind: 'madeAtHome', ingredientId: 'firmTofu', made: false },
      ],
      [
        { kind: 'tasteTurned', formulaId: 'soyScallion', taste: { salt: 1 } },
        { kind: 'tasteTurned', formulaId: 'soyScallion', taste: { salt: 0 } },
      ],
      [
        { kind: 'batchSet', formulaId: 'soyScallion', times: 3 },
        { kind: 'batchSet', formulaId: 'soyScallion', times: 1 },
      ],
    ];
    const plain = { ...evening.choices, homemade: [], fresh: [], taste: {}, batches: {}, added: [], cuts: {} };
    for (const [there, back] of pairs) {
      const again = applyEdit(applyEdit(evening, there), back);
      expect({ ...plain, ...again.choices }).toEqual(plain);
    }
  });

  it('never empties the table', () => {
    expect(applyEdit(eveningFor(1), { kind: 'guestLeft', seat: 0 }).diners).toHaveLength(1);
  });

  it('takes the other half of a divided pot out with it', () => {
    const divided = applyEdit(applyEdit(evening, { kind: 'vesselChosen', vessel: pot('divided24') }), {
      kind: 'liquidsChosen',
      liquids: { otherHalf: 'misoDashi' },
    });
    expect(checkEvening(divided)).toEqual([]);
    const whole = applyEdit(divided, { kind: 'vesselChosen', vessel: pot('clay28') });
    expect(whole.choices.liquids).toEqual({});
    expect(checkEvening(whole)).toEqual([]);
  });

  it('keeps nothing at zero when everything is made less', () => {
    const none = applyEdit(evening, { kind: 'amountSet', ingredientId: 'daikon', grams: 80 });
    const zero: Evening = { ...none, overrides: { gramsPerHead: { daikon: 80, enoki: 0 } } };
    const { gramsPerHead } = applyEdit(zero, { kind: 'foodCutDown', share: 0.5 }).overrides;
    expect(gramsPerHead).toMatchObject({ daikon: 40, enoki: 0, chickenThigh: 75 });
  });

  it('moves the burner with a pan that heats itself, and leaves it alone between others', () => {
    const to = (given: Evening, vesselId: string) => applyEdit(given, { kind: 'vesselChosen', vessel: pot(vesselId) });
    const onRing = applyEdit(evening, { kind: 'heatSourceChosen', heatSource: burner('inductionRing') });
    expect(to(onRing, 'steel26').heatSource).toEqual(onRing.heatSource);
    const skillet = to(onRing, 'skillet30');
    expect(skillet.heatSource.kind).toBe('ownElement');
    for (const { id } of VESSELS.filter((one) => !one.ownElement)) {
      expect(to(skillet, id).heatSource.kind).not.toBe('ownElement');
    }
  });

  it('says so when it names what does not exist', () => {
    expect(() => applyEdit(evening, { kind: 'styleChosen', styleId: 'fondue' })).toThrow(RangeError);
  });
});

describe('choosing another pot', () => {
  const cooked: Evening = {
    ...evening,
    units: 'us',
    cooks: 2,
    pantry: [{ itemId: 'salt', massG: 400, changedAt: '2026-11-01T10:00:00+00:00' }],
    style: { id: 'clearChicken', schools: { seasoning: 'drunkAsSoup', tofu: 'plain', kelp: 'coldSoak' } },
    choices: {
      swaps: [
        { ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'everyone' },
        { ingredientId: 'bonitoFlakes', withIngredientId: 'driedShiitake', scope: 'everyone' },
      ],
      leaveOut: ['enoki', 'mizuna'],
      liquids: { broth: 'misoDashi', sauces: ['citrusSoy'] },
      bought: ['cookedRice', 'shiitake'],
      laid: [{ id: 'shiitake', place: 'heart', atDeg: 0, byHand: true }],
    },
    overrides: { gramsPerHead: { shiitake: 40, daikon: 70 }, brothMlPerHead: 350 },
  };

  it('keeps people, kitchen, pantry and what still makes sense', () => {
    const changed = styleChosen(cooked, 'sukiyakiEast');
    const { diners, pantry, units, cooks, vessel, heatSource } = cooked;
    expect(changed).toMatchObject({ diners, pantry, units, cooks, vessel, heatSource });
    expect(changed.choices.swaps.map((one) => one.ingredientId)).toEqual(['bonitoFlakes']);
    expect(changed.choices).toMatchObject({ leaveOut: ['enoki'], bought: ['shiitake'] });
    expect(changed.choices.laid).toBeUndefined();
    expect(changed.choices.liquids).toEqual({ sauces: ['citrusSoy'] });
    expect(changed.style.schools).toMatchObject({ kelp: 'coldSoak' });
    expect(changed.overrides).toEqual({ gramsPerHead: { shiitake: 40 } });
  });

  it('says what it dropped, each thing once, and nothing of what it kept', () => {
    const dropped = droppedByStyle(cooked, styleChosen(cooked, 'sukiyakiEast'));
    expect(dropped).toEqual([
      'cod fillet, skin on instead of chicken thigh, boned',
      'leaving out mizuna greens',
      'Miso broth',
      'your own amount of daikon radish',
      'your own amount of broth',
      'where you had laid things',
      'buying cooked rice, cold and rinsed ready',
      'where the salt is',
    ]);
  });

  it('drops nothing where nothing was chosen, and is the same evening where the pot is the same', () => {
    const plain = eveningFor(4, { style: { id: 'clearChicken', schools: {} } });
    for (const style of STYLES) expect(droppedByStyle(plain, styleChosen(plain, style.id))).toEqual([]);
    expect(styleChosen(cooked, 'clearChicken')).toBe(cooked);
  });

  it('begins a sukiyaki in clay with the sauce, since clay is never heated dry', () => {
    const inClay = styleChosen(eveningFor(4, { vessel: pot('clay28') }), 'sukiyakiEast');
    expect(inClay.style.schools.begin).toBe('sauceFirst');
    expect(inClay.service).toBe('rounds');
    expect(checkEvening(inClay)).toEqual([]);
    const inIron = styleChosen(eveningFor(4, { vessel: pot('iron30') }), 'sukiyakiEast');
    expect([inIron.style.schools.begin, inIron.service]).toEqual(['fatFirst', 'searThenSimmer']);
  });

  it('takes the way of eating that the food bears', () => {
    const noDuck = eveningFor(2, {
      choices: { swaps: [], leaveOut: [] },
      diners: guests(2).map((diner) => ({ ...diner, avoids: ['duckBreast'] })),
    });
    expect(styleChosen(noDuck, 'clearDuckSwish').service).toBe('rounds');
    expect(styleChosen(eveningFor(2), 'clearDuckSwish').service).toBe('swish');
  });

  it('refuses what a pot cannot carry with the pots that can', () => {
    const deep = styleChosen(eveningFor(4, { vessel: pot('steel26') }), 'layeredBeefCabbage');
    expect(checkEvening(deep)).toMatchObject([{ field: 'vessel', fix: expect.stringContaining('28 cm clay pot') }]);
    const halves = styleChosen(eveningFor(4, { vessel: pot('divided24') }), 'sukiyakiEast');
    expect(checkEvening(halves)).toMatchObject([{ field: 'vessel', message: expect.stringContaining('wall') }]);
  });
});
