import type { PotPlan, Prep } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import { shortName } from '../simmer/shortName';

/** Something that has to stand by the pot before the burner is lit. */
export interface CounterItem {
  id: string;
  name: string;
  amountText?: string;
  ingredientId?: string;
  cut?: string;
  /** In the pot first, served with it, or a tool. */
  kind: 'food' | 'liquid' | 'finish' | 'tool';
}

/**
 * What stands on the counter because all its work is ticked: a thing whose last piece of work is done need not be ticked
 * again.
 * @param left the preparation that is left, and `done` what was ticked of it
 */
export function onCounterByPrep(
  items: readonly CounterItem[],
  left: Pick<Prep, 'tasks'> | undefined,
  done: Readonly<Record<string, number>>,
): ReadonlySet<string> {
  const subjects = new Set(left?.tasks.map((task) => task.subjectId));
  const wasBegun = (id: string) =>
    Object.keys(done).some((task) => task.startsWith(`${id}.`) || task.startsWith(`${id}-`));
  const subjectOf = ({ id, kind, ingredientId }: CounterItem) =>
    kind === 'liquid' ? id.replace(/^liquid-/, '') : ingredientId;
  return new Set(
    items
      .filter((item) => {
        const subject = subjectOf(item);
        return left !== undefined && subject !== undefined && !subjects.has(subject) && wasBegun(subject);
      })
      .map((item) => item.id),
  );
}

const TOOLS: ReadonlyArray<[string, string]> = [
  ['ladle', 'Ladle and skimmer, a bowl for the foam'],
  ['rawChopsticks', 'Chopsticks or tongs for raw food alone'],
  ['trivet', 'Trivet, cloth, a lid at hand'],
];

/**
 * Everything that must stand by the pot, in the order in which it goes in: the food, what is poured, what finishes, and
 * the tools. What is on the list cannot be left on the counter behind one's back.
 */
export function counterList({ simmer, liquids, amounts, build }: PotPlan): CounterItem[] {
  const first = simmer.pieces
    .filter((piece) => piece.round === 1)
    .sort((a, b) => a.inAtS - b.inAtS || a.id.localeCompare(b.id));
  const food = first.map((piece): CounterItem => ({
    id: `${piece.pan}-${piece.ingredientId}-${piece.cut}`,
    name: shortName(piece.ingredientId, piece.cut) + (piece.pan === 'aside' ? ' (small pan)' : ''),
    amountText: simmer.actions.find((action) => action.pieceId === piece.id)?.shownText,
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
      ingredientId: amount.ingredientId,
      kind: 'finish',
    }));
  const tools = TOOLS.map(([id, name]): CounterItem => ({ id, name, kind: 'tool' }));
  return [...food, ...rest, ...poured, ...reserve, ...finish, ...tools];
}
