import { ingredientById } from '../catalogue/ingredients';
import { isRawFlesh } from '../catalogue/kinds';
import { STYLES } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { prepQuickly } from '../testing/quickly';

const minutes = (iso: string) => Date.parse(iso) / 60_000;

/** A pot in clay and in steel, as it comes and with its broth brought to the boil beforehand. */
const POTS = STYLES.flatMap(({ id }) => {
  const base = suited(eveningFor(4), id);
  return ['clay28', 'steel26']
    .map((vesselId) => ({ ...base, vessel: VESSELS.find((one) => one.id === vesselId)! }))
    .filter((one) => checkEvening(one).length === 0)
    .flatMap((one) => [one, applyEdit(one, { kind: 'brothHotSet', hot: true })])
    .map((evening) => [id, evening.vessel.id, evening.choices.brothHot ? 'heated' : 'as it comes', evening] as const);
});

const boiling = POTS.filter(([, , , evening]) => menuOrThrow(evening).pour.at === 'boiling');

describe.each(boiling)('%s in %s, %s', (_style, vesselId, _how, evening) => {
  const { tasks } = prepQuickly(evening);
  const { simmer } = planPot(evening);
  const readyS = simmer.readyAtS[0]!;
  const pourS = simmer.actions.find((one) => one.kind === 'pour' && one.pan === 'main')!.atS;
  const pouredAt = minutes(evening.sitDownAt) - (readyS - pourS) / 60;

  it('is poured boiling: its broth is back at the boil just before, and kept so for a quarter of an hour at most', () => {
    const heated = tasks.filter(({ how }) => /onto the stove, high heat|It comes to the boil; then/.test(how));
    expect(heated.length).toBeGreaterThan(0);
    const ends = Math.max(...heated.map((one) => minutes(one.endsAt)));
    expect(pouredAt - ends).toBeGreaterThanOrEqual(-2);
    expect(pouredAt - ends).toBeLessThanOrEqual(15);
  });

  it('says so where it is poured', () => {
    const said = simmer.actions.filter(({ atS, pan, kind }) => pan === 'main' && atS === pourS && kind !== 'add');
    expect(said.map(({ says }) => says).join('\n')).toMatch(/boiling/i);
  });

  it('goes into a pot that was warmed where it is of clay, and into no cold one', () => {
    const warmed = tasks.filter(({ why }) => /cracks cold clay/.test(why));
    expect(warmed.length > 0).toBe(vesselId === 'clay28');
    expect(tasks.some(({ how }) => how.startsWith('Into the cold pot'))).toBe(
      vesselId !== 'clay28' && tasks.some(({ how }) => /^Into the (cold|warm) pot/.test(how)),
    );
    if (warmed.length === 0) return;
    const ends = Math.max(...warmed.map((one) => minutes(one.endsAt)));
    expect(pouredAt - ends).toBeGreaterThanOrEqual(0);
    expect(pouredAt - ends).toBeLessThanOrEqual(30);
    const laid = tasks.find(({ how }) => how.startsWith('Into the warm pot'));
    if (laid) expect(minutes(laid.startsAt)).toBeGreaterThanOrEqual(ends);
  });
});

it('is tried in both', () => {
  expect(new Set(boiling.map(([, vesselId]) => vesselId))).toEqual(new Set(['clay28', 'steel26']));
});

describe.each(STYLES.map(({ id }) => id))('%s', (styleId) => {
  const evening = suited(eveningFor(4), styleId);

  it('calls nothing raw that is not, and says of what is kneaded why it is', () => {
    for (const { why, subjectId, kind } of prepQuickly(evening).tasks.filter((one) => one.kind === 'food')) {
      const what = ingredientById(subjectId!);
      const raw = Object.keys(what.cuts).some((cut) => isRawFlesh(what, cut));
      if (/^Raw /.test(why)) expect([kind, subjectId, raw]).toEqual([kind, subjectId, true]);
      if (/Mince/.test(subjectId!) && /rests|marinade/.test(why)) expect(why).toMatch(/kneaded/);
    }
  });

  it('comes as it should be: nothing of its liquids is too salty, sweet, sharp or thin', () => {
    for (const heads of [1, 4, 9]) {
      const misses = planPot(suited(eveningFor(heads), styleId)).liquids.flatMap((one) => one.misses);
      expect([heads, misses]).toEqual([heads, []]);
    }
  });
});
