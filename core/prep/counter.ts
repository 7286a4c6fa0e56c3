import type { Liquid, PotPlan, Prep } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { KitchenTool } from '../catalogue/style';
import { styleById } from '../catalogue/styles';
import { slicesFirst } from '../simmer/roundName';
import { andList } from '../measures/andList';
import { shortName } from '../catalogue/shortName';

/** Something that has to stand by the pot before the burner is lit. */
export interface CounterItem {
  id: string;
  name: string;
  amountText?: string;
  /** What is in a liquid that is easily forgotten. */
  holds?: string;
  /** Thing or liquid that it is, as the preparation speaks of it. */
  subjectId?: string;
  ingredientId?: string;
  cut?: string;
  /** In the pot first, served with it, or a tool. */
  kind: 'food' | 'liquid' | 'finish' | 'tool';
}

/**
 * What stands on the counter because all its work is ticked: a thing whose last piece of work is done need not be ticked
 * again.
 */
export const onCounterByPrep = (
  items: readonly CounterItem[],
  prep: Pick<Prep, 'prepared'> | undefined,
): ReadonlySet<string> =>
  new Set(items.filter(({ subjectId }) => subjectId && prep?.prepared?.includes(subjectId)).map(({ id }) => id));

/** Whatever is in the pot. */
const ALWAYS: KitchenTool = { id: 'trivet', name: 'Trivet, cloth, a lid at hand' };
const JUG: KitchenTool = { id: 'jug', name: 'A strainer, and a jug for broth that is ladled out' };
const FOR_RAW: KitchenTool = { id: 'rawChopsticks', name: 'Chopsticks or tongs for raw food alone' };

/** What is more fat than this is no aromatic, though it carries the smell of them. */
const FAT_FROM = 0.5;

/** What smells in a broth or a dip, by name: garlic is left on the board more easily than the broth is left on the stove. */
function aromaticsIn(catalogue: Catalogue, { ingredients, name: called }: Liquid): string | undefined {
  const names = ingredients
    .filter(({ ingredientId, role }) => {
      const { family, composition } = catalogue.byId(ingredientId);
      return (role === 'aroma' || role === 'solid' || family === 'allium') && composition.fat < FAT_FROM;
    })
    .map(({ ingredientId }) => shortName(catalogue.byId(ingredientId), ''))
    // What it is called after nobody forgets.
    .filter((name) => !called.toLowerCase().includes(name.toLowerCase()));
  return names.length > 0 ? `with ${andList([...new Set(names)])} in it` : undefined;
}

/**
 * Everything that must stand by the pot, in the order in which it goes in: the food, what is poured, what finishes, and
 * the tools. What is on the list cannot be left on the counter behind one's back.
 */
export function counterList(catalogue: Catalogue, plan: PotPlan): CounterItem[] {
  const { style, simmer, liquids, amounts, build } = plan;
  const before = slicesFirst(plan);
  const isFirst = ({ round }: { round: number }) => round <= 1 + before;
  const first = simmer.pieces
    .filter(isFirst)
    .sort((a, b) => a.inAtS - b.inAtS || a.id.localeCompare(b.id))
    .map(({ id, pan, ingredientId, cut }) => ({
      pan,
      ingredientId,
      cut,
      amountText: simmer.actions.find((action) => action.pieceId === id)?.shownText,
    }));
  // What is melted in the pan is no piece of the meal.
  const fats = simmer.actions.flatMap(({ kind, round, pan, ingredientId, cut = '', shownText }) =>
    kind === 'melt' && isFirst({ round }) && ingredientId ? [{ pan, ingredientId, cut, amountText: shownText }] : [],
  );
  const byId = new Map<string, CounterItem>();
  for (const { pan, ingredientId, cut, amountText } of [...fats, ...first]) {
    const id = `${pan}-${ingredientId}-${cut}`;
    const known = byId.get(id);
    byId.set(id, {
      id,
      name: shortName(catalogue.byId(ingredientId), cut) + (pan === 'aside' ? ' (small pan)' : ''),
      // A part of it is eaten first, the rest goes in later.
      amountText: known?.amountText && amountText ? `${known.amountText} + ${amountText}` : amountText,
      subjectId: ingredientId,
      ingredientId,
      cut,
      kind: 'food',
    });
  }
  const food = [...byId.values()];
  const rest: CounterItem[] =
    build.rounds.length > 1
      ? [{ id: 'laterRounds', name: 'The plates for the later rounds, covered, in the fridge', kind: 'food' }]
      : [];
  const broths = liquids.filter((liquid) => liquid.kind === 'broth' || liquid.kind === 'sauce');
  const poured = broths.map((liquid): CounterItem => ({
    id: `liquid-${liquid.id}`,
    subjectId: liquid.id,
    name: liquid.forGuests ? `${liquid.name}, for ${liquid.forGuests.join(' and ')}` : liquid.name,
    holds: aromaticsIn(catalogue, liquid),
    kind: 'liquid',
  }));
  const reserve: CounterItem[] =
    build.reserveMl > 50
      ? [
          {
            id: 'reserve',
            name:
              build.liquid === 'sauce'
                ? 'The rest of the sauce, for topping up'
                : 'The rest of the broth, kept hot for topping up',
            kind: 'liquid',
          },
        ]
      : [];
  const finish = amounts
    .filter((amount) => amount.purpose === 'finish')
    .map((amount): CounterItem => ({
      id: `finish-${amount.ingredientId}`,
      name: catalogue.byId(amount.ingredientId).name,
      amountText: amount.shown.text,
      subjectId: amount.ingredientId,
      ingredientId: amount.ingredientId,
      kind: 'finish',
    }));
  const isRaw = first.some((one) => catalogue.byId(one.ingredientId).perils.includes('cookThrough'));
  const isJugged = plan.program.acts.some(({ act }) => act.is === 'ladled' && act.to === 'jug');
  const tools = [
    ...(styleById(style.id)?.kitchenTools ?? []),
    ...(isRaw ? [FOR_RAW] : []),
    ...(isJugged ? [JUG] : []),
    ALWAYS,
  ].map((tool): CounterItem => ({ ...tool, kind: 'tool' }));
  return [...food, ...rest, ...poured, ...reserve, ...finish, ...tools];
}
