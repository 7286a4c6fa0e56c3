import type { PotPlan, Prep } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { KitchenTool } from '../catalogue/style';
import { styleById } from '../catalogue/styles';
import { shortName } from '../simmer/shortName';

/** Something that has to stand by the pot before the burner is lit. */
export interface CounterItem {
  id: string;
  name: string;
  amountText?: string;
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
const FOR_RAW: KitchenTool = { id: 'rawChopsticks', name: 'Chopsticks or tongs for raw food alone' };

/**
 * Everything that must stand by the pot, in the order in which it goes in: the food, what is poured, what finishes, and
 * the tools. What is on the list cannot be left on the counter behind one's back.
 */
export function counterList({ style, simmer, liquids, amounts, build }: PotPlan): CounterItem[] {
  const first = simmer.pieces
    .filter((piece) => piece.round === 1)
    .sort((a, b) => a.inAtS - b.inAtS || a.id.localeCompare(b.id));
  const food = first.map((piece): CounterItem => ({
    id: `${piece.pan}-${piece.ingredientId}-${piece.cut}`,
    name: shortName(piece.ingredientId, piece.cut) + (piece.pan === 'aside' ? ' (small pan)' : ''),
    amountText: simmer.actions.find((action) => action.pieceId === piece.id)?.shownText,
    subjectId: piece.ingredientId,
    ingredientId: piece.ingredientId,
    cut: piece.cut,
    kind: 'food',
  }));
  const rest: CounterItem[] =
    build.rounds > 1
      ? [{ id: 'laterRounds', name: 'The plates for the later rounds, covered, in the fridge', kind: 'food' }]
      : [];
  const broths = liquids.filter((liquid) => liquid.kind === 'broth' || liquid.kind === 'sauce');
  const poured = broths.map((liquid): CounterItem => ({
    id: `liquid-${liquid.id}`,
    subjectId: liquid.id,
    name: liquid.forGuests ? `${liquid.name}, for ${liquid.forGuests.join(' and ')}` : liquid.name,
    kind: 'liquid',
  }));
  const reserve: CounterItem[] =
    build.reserveMl > 50
      ? [{ id: 'reserve', name: 'The rest of the broth, kept hot for topping up', kind: 'liquid' }]
      : [];
  const finish = amounts
    .filter((amount) => amount.purpose === 'finish')
    .map((amount): CounterItem => ({
      id: `finish-${amount.ingredientId}`,
      name: ingredientById(amount.ingredientId).name,
      amountText: amount.shown.text,
      subjectId: amount.ingredientId,
      ingredientId: amount.ingredientId,
      kind: 'finish',
    }));
  const isRaw = first.some((piece) => ingredientById(piece.ingredientId).perils.includes('cookThrough'));
  const tools = [...(styleById(style.id)?.kitchenTools ?? []), ...(isRaw ? [FOR_RAW] : []), ALWAYS].map(
    (tool): CounterItem => ({ ...tool, kind: 'tool' }),
  );
  return [...food, ...rest, ...poured, ...reserve, ...finish, ...tools];
}
