import { ingredientById } from '../catalogue/ingredients';
import type { StyleSlot } from '../catalogue/style';
import { STYLES } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { styleChosen } from '../evening/edits/styleChosen';
import { roundName } from '../simmer/roundName';
import { planQuickly, prepQuickly } from '../testing/quickly';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example, suited } from '../testing/household';
import { counterList, onCounterByPrep } from './counter';
import { lanesOf } from './lanes';
import { CATALOGUE } from '../catalogue/catalogue';

describe('what stands on the counter', () => {
  const plan = planPot(example('practice-night'));
  const items = counterList(CATALOGUE, plan);

  it('is all that the first round takes, from first in to last, each once', () => {
    const food = items.filter((item) => item.kind === 'food' && item.ingredientId);
    const first = plan.simmer.pieces.filter((piece) => piece.round === 1);
    expect(food).toHaveLength(first.length);
    const inAt = food.map(
      (item) => first.find((piece) => piece.ingredientId === item.ingredientId && piece.cut === item.cut)!.inAtS,
    );
    expect(inAt).toEqual([...inAt].sort((a, b) => a - b));
    expect(new Set(items.map((item) => item.id)).size).toBe(items.length);
  });

  it('has the broth, its reserve, the dip, the finish and the tools', () => {
    const ids = items.map((item) => item.id);
    expect(ids).toEqual(
      expect.arrayContaining([
        'liquid-clearDashi',
        'reserve',
        'liquid-soyScallion',
        'finish-cookedRice',
        'ladle',
        'rawChopsticks',
      ]),
    );
    expect(ids).toContain('laterRounds');
    expect(counterList(CATALOGUE, planPot(eveningFor(1))).map((item) => item.id)).not.toContain('laterRounds');
  });

  it('names the aromatics of broth and dip, which nobody sees in them', () => {
    const items = counterList(CATALOGUE, planPot(suited(eveningFor(4), 'numbingPot')));
    const told = (id: string) => items.find((one) => one.subjectId === id)!.holds;
    expect(told('numbingBroth')).toMatch(/^with .*ginger.*garlic.* in it$/);
    expect(told('numbingBroth')).not.toMatch(/tallow|oil/);
    expect(told('garlicOil')).toMatch(/coriander/);
    expect(told('garlicOil')).not.toMatch(/garlic/);
  });

  it('names what belongs to the small pan', () => {
    const swaps = [{ ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' as const }];
    const evening = example('muffled-peal');
    const aside = counterList(CATALOGUE, planPot({ ...evening, choices: { swaps, leaveOut: [] } }));
    expect(aside.some((item) => item.name.endsWith(' (small pan)'))).toBe(true);
  });
});

describe('lanes against the clock', () => {
  it.each([1, 2])('never let two things overlap on a line, and lose none: %i cooks', (cooks) => {
    const { prep } = planQuickly({ ...example('practice-night'), cooks });
    const lanes = lanesOf(prep);
    for (const { tasks } of lanes) {
      tasks
        .slice(1)
        .forEach((task, index) =>
          expect(Date.parse(task.startsAt)).toBeGreaterThanOrEqual(Date.parse(tasks[index]!.endsAt)),
        );
    }
    expect(new Set(lanes.flatMap((lane) => lane.tasks.map((task) => task.id))).size).toBe(prep.tasks.length);
    expect(lanes.filter((lane) => lane.id.startsWith('hands'))).toHaveLength(cooks);
  });
});

describe('ticks of the preparation', () => {
  const evening = example('practice-night');
  const items = counterList(CATALOGUE, planPot(evening));
  const now = evening.sitDownAt.replace('T19', 'T12');
  const all = prepQuickly(evening, { now, ticks: new Map() }).tasks;
  const ticked = (ids: readonly string[], at = now) => {
    const ticks = new Map(ids.map((id) => [id, Date.parse(now)]));
    return onCounterByPrep(items, prepQuickly(evening, { now: at, ticks }));
  };
  const of = (subjectId: string) => all.filter((task) => task.subjectId === subjectId).map((task) => task.id);

  it('fill the counter once all work on a thing is done', () => {
    expect(ticked([]).size).toBe(0);
    expect([...ticked(of('carrot'))]).toEqual(['main-carrot-round']);
  });

  it('do not fill it while a part is left, or still stands and soaks', () => {
    const broth = of('clearDashi');
    expect(broth.length).toBeGreaterThan(2);
    expect(ticked(broth.slice(0, -1)).has('liquid-clearDashi')).toBe(false);
    expect(ticked(broth).has('liquid-clearDashi')).toBe(true);
    const soak = all.find((task) => task.subjectId === 'clearDashi' && !task.attended)!;
    expect(ticked([broth[0]!]).has('liquid-clearDashi')).toBe(false);
    expect(soak).toBeDefined();
  });

  it('take nothing for prepared that nobody has worked on', () => {
    const worked = new Set(all.flatMap((task) => task.subjectId ?? []));
    const untouched = items.filter((item) => !item.subjectId || !worked.has(item.subjectId));
    expect(untouched.length).toBeGreaterThan(0);
    const ready = ticked(all.map((task) => task.id));
    for (const item of untouched) expect(ready).not.toContain(item.id);
  });
});

describe('a pot that begins with slices', () => {
  const iron = VESSELS.find((one) => one.id === 'iron30')!;
  const plan = planPot(styleChosen({ ...example('practice-night'), vessel: iron }, 'sukiyakiEast'));
  const items = counterList(CATALOGUE, plan);

  it('has the fat and what fills the pot after them on the counter, each once', () => {
    const ids = items.map((item) => item.ingredientId);
    expect(ids).toEqual(expect.arrayContaining(['beefTallow', 'beefSlice', 'longOnion', 'napaCabbage', 'shirataki']));
    expect(new Set(items.map((item) => item.id)).size).toBe(items.length);
    expect(items.find((item) => item.ingredientId === 'beefSlice')!.amountText).toMatch(/ \+ /);
  });

  it('counts the fillings of the pot apart from the slices', () => {
    expect(roundName(plan, 1).name).toBe('The first slices');
    expect(roundName(plan, 2)).toMatchObject({ name: 'Round 1', of: plan.build.rounds.length });
    const said = plan.simmer.actions.map((action) => action.says);
    expect(said.some((one) => one.startsWith(`Round ${plan.build.rounds.length} is ready`))).toBe(true);
    expect(said.some((one) => one.startsWith(`Round ${plan.build.rounds.length + 1} is ready`))).toBe(false);
  });
});

describe('the tools', () => {
  const toolsOf = (styleId: string) =>
    counterList(CATALOGUE, planPot(suited(example('practice-night'), styleId))).filter((item) => item.kind === 'tool');

  it.each(STYLES.map((style) => [style.name, style] as const))('are those of the pot: %s', (_name, style) => {
    const ids = toolsOf(style.id).map((item) => item.id);
    expect(ids).toEqual(expect.arrayContaining(style.kitchenTools.map((tool) => tool.id)));
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('ask for a skimmer only where something foams in a broth', () => {
    expect(toolsOf('clearChicken').some((item) => /foam/.test(item.name))).toBe(true);
    expect(toolsOf('sukiyakiEast').some((item) => /foam/.test(item.name))).toBe(false);
  });

  it('have chopsticks for raw food where something raw goes in', () => {
    const isRaw = ({ ingredientId }: StyleSlot) => ingredientById(ingredientId).perils.includes('cookThrough');
    for (const { id, slots } of STYLES) {
      const said = [id, toolsOf(id).some((item) => item.id === 'rawChopsticks')];
      expect(said).toEqual([id, slots.some(isRaw)]);
    }
  });
});
