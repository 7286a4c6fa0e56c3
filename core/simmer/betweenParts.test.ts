import { STYLES } from '../catalogue/styles';
import { applyEdit } from '../evening/edits/applyEdit';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';

const BETWEEN = ['lift', 'stir', 'loosen', 'season'];
const WITH = STYLES.filter((style) => style.stages.some((stage) => BETWEEN.includes(stage.do) && !stage.when));

describe('what is done with what is in the pot, before what follows', () => {
  it('is there to be looked at', () => {
    expect(WITH.map((style) => style.id)).toEqual(
      expect.arrayContaining(['coconutChicken', 'spicyStew', 'beefJeongol']),
    );
  });

  it.each(WITH)('comes after all that goes in before it, and before all that goes in after it: $name', ({ id }) => {
    let seen = 0;
    for (const count of [2, 5, 11]) {
      const { simmer, style } = planPot(suited(eveningFor(count), id));
      const placeOf = (stageId: string | undefined) => style.stages.findIndex((stage) => stage.id === stageId);
      const adds = simmer.actions.filter((one) => one.kind === 'add' && one.pan === 'main');
      for (const between of simmer.actions.filter((one) => BETWEEN.includes(one.kind) && one.stageId)) {
        const place = placeOf(between.stageId);
        for (const add of adds.filter((one) => one.round === between.round && placeOf(one.stageId) >= 0)) {
          const early = placeOf(add.stageId) < place;
          expect(`${add.says} ${early ? add.atS <= between.atS : add.atS >= between.atS}`).toMatch(/true$/);
          seen += 1;
        }
      }
    }
    expect(seen).toBeGreaterThan(0);
  });

  it('comes before the boil where it must', () => {
    const plain = applyEdit(suited(eveningFor(4), 'plainWaterChicken'), {
      kind: 'schoolFollowed',
      question: 'liquid',
      option: 'inThePot',
    });
    const { simmer } = planPot(plain);
    const boil = simmer.actions.find((one) => one.kind === 'boil')!;
    const lifts = simmer.actions.filter((one) => one.kind === 'lift');
    expect(lifts).toHaveLength(1);
    expect(lifts[0]!.atS).toBeLessThan(boil.atS);
    expect(boil.atS - lifts[0]!.atS).toBeLessThan(2 * 60);
  });
});
