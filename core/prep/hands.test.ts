import type { Evening, PrepTask } from '@elixa/contract';
import { MARINADES } from '../catalogue/formulas';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { isRawFlesh } from '../catalogue/kinds';
import { styleById, STYLES } from '../catalogue/styles';
import { eveningFor, suited } from '../testing/household';
import { planQuickly } from '../testing/quickly';
import { some } from '../testing/runs';

/** Flesh that is raw as it is bought, by name, apart from what the catalogue says of it. */
const RAW =
  /^(chicken(Thigh|Wing|Carcass|Mince|BoneIn)|duckBreast|beef(Slice|Bones)|pork(Belly|Loin|Mince|Bones)|lambSlice|sausageMeat|curedBacon|codFillet|salmonFillet|seaBream|prawn|crabLeg|squid|clam|oyster|mussel|scallop|razorClam)$/;
const RAW_WORDS =
  /\b(chicken|duck|beef|pork|lamb|mince|meat|slices|carcass|bones|salmon|cod|bream|prawns?|crab|squid|clams?|oysters?|mussels?|scallops?)\b/i;
/** What a broth is made of, when it goes in; what is lifted out is cooked. */
const INTO_BROTH = /^(?!lift|strain).*\b(carcass|bones|wings?|on the bone|pork belly)\b/i;
const WASH = /\bwash(ed)? (board, knife and )?hands/i;
/** Nobody touches it: it is wrapped, or carried in its bowl. */
const IN_WRAPPING = /^in its (wrapping|bag)\b|^into the fridge|^tip it/i;

const evenings: Array<[string, Evening]> = STYLES.flatMap(({ id }) =>
  some([4, 1, 9], 1).map((count): [string, Evening] => [`${id} for ${count}`, suited(eveningFor(count), id)]),
);
const marinated = MARINADES.filter((one) => one.steps.some((step) => step.whenServed !== true)).map(
  ({ id, needs }): [string, Evening] => {
    const usual = STYLES.find(
      ({ slots, returns }) =>
        returns.length === 0 &&
        slots.some(
          ({ ingredientId: food, when }) =>
            when === undefined && RAW.test(food) && ingredientById(food).kinds.some((kind) => kind === needs),
        ),
    );
    const evening = suited(eveningFor(4), usual?.id ?? 'meatballPot');
    const liquids = { ...evening.choices.liquids, ahead: [id] };
    return [`with ${id}`, { ...evening, choices: { ...evening.choices, liquids } }];
  },
);

/** Tasks with a hand in them, one after another as they are printed for one cook. */
const byHand = (tasks: readonly PrepTask[]) =>
  tasks
    .filter((one) => one.attended && one.kind !== 'pot')
    .sort((a, b) => Date.parse(a.startsAt) - Date.parse(b.startsAt) || Date.parse(a.endsAt) - Date.parse(b.endsAt));

describe.each([...evenings, ...marinated])('raw hands: %s', (_name, evening) => {
  const plan = planQuickly({ ...evening, cooks: 1 });
  const fromBroth = new Set(styleById(evening.style.id)!.returns.map(({ ingredientId }) => ingredientId));
  const marinades = new Set(plan.liquids.filter(({ kind }) => kind === 'marinade').map(({ id }) => id));
  const isRaw = ({ kind, subjectId = '', how, blockId, resources }: PrepTask) => {
    if (IN_WRAPPING.test(how)) return false;
    if (kind === 'food') return RAW.test(subjectId) && !fromBroth.has(subjectId);
    if (marinades.has(subjectId)) return !resources.includes('board') || RAW_WORDS.test(how);
    if (kind === 'liquid') return INTO_BROTH.test(how);
    // A pile is raw while it is cut, whatever its words name.
    if (blockId === 'stack') return true;
    return ['lay', 'arrange'].includes(blockId) && RAW_WORDS.test(how);
  };

  it('touch nothing else before they are washed, in the order that one cook is given', () => {
    const faults: string[] = [];
    let raw: string | undefined;
    for (const task of byHand(plan.prep.tasks)) {
      if (WASH.test(task.how)) raw = undefined;
      else if (isRaw(task)) raw = `${task.label}: ${task.how}`;
      else if (raw) {
        faults.push(`${task.label}: ${task.how}, after ${raw}`);
        raw = undefined;
      }
    }
    expect([...faults, ...(raw ? [`never washed after ${raw}`] : [])]).toEqual([]);
  });

  it('knead and salt a thing once', () => {
    const kneads = byHand(plan.prep.tasks).filter(({ how }) => /\bknead with salt|into the mince; knead/i.test(how));
    expect(kneads.length).toBeLessThanOrEqual(1);
  });
});

it('what is raw is so by the catalogue too, and nothing that is ready cooked, dried or tinned is', () => {
  const all = INGREDIENTS.filter((what) => isRawFlesh(what)).map(({ id }) => id);
  expect(all.filter((id) => !RAW.test(id))).toEqual([]);
  for (const id of ['driedAnchovy', 'fishCake', 'tinnedPork', 'bonitoFlakes', 'dumpling', 'egg'])
    expect(isRawFlesh(ingredientById(id))).toBe(false);
  expect(isRawFlesh(ingredientById('chickenBoneIn'), 'fromStock')).toBe(false);
});
