import type { Action, ActionKind, Simmer } from '@elixa/contract';
import { shortName } from '../simmer/shortName';

/** What is told and tapped at once. */
export interface LiveStep {
  step: number;
  atS: number;
  round: number;
  pan: Action['pan'];
  kind: ActionKind;
  title: string;
  actions: Action[];
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

function andList(words: readonly string[]): string {
  if (words.length <= 1) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}

/** More than four names cannot be taken in at a glance; the amounts under the title name them all. */
function shortened(names: readonly string[]): string[] {
  return names.length <= 4 ? [...names] : [...names.slice(0, 3), `${names.length - 3} more`];
}

function titleOf(actions: readonly Action[], simmer: Simmer): string {
  const first = actions[0] as Action;
  if (first.kind !== 'add') return first.says;
  const names = actions.map((action) => {
    const piece = simmer.pieces.find((one) => one.id === action.pieceId);
    return piece ? shortName(piece.ingredientId, piece.cut) : action.says;
  });
  return `${capital(andList(shortened(names)))} in${first.pan === 'aside' ? 'to the small pan' : ''}`;
}

/**
 * The actions of a plan as the steps that a cook takes, in order.
 * @example liveSteps(plan.simmer)[2].title // 'Chicken, daikon and carrot in'
 */
export function liveSteps(simmer: Simmer): LiveStep[] {
  const byStep = new Map<number, Action[]>();
  for (const action of simmer.actions) byStep.set(action.step, [...(byStep.get(action.step) ?? []), action]);
  return [...byStep.entries()].map(([step, actions]) => {
    const { atS, round, pan, kind } = actions[0] as Action;
    return { step, atS, round, pan, kind, title: titleOf(actions, simmer), actions };
  });
}
