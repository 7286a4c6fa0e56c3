import type { Action, ActionKind, Simmer } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { heldWords } from '../simmer/heldSeconds';
import { capital, uncapital } from '../measures/capital';

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

/** More than four names cannot be taken in at a glance; the amounts under the title name them all. */
function shortened(names: readonly string[]): string[] {
  return names.length <= 4 ? [...names] : [...names.slice(0, 3), `${names.length - 3} more`];
}

const STACKS = 'the stacks';

/** Slices of two kinds are held beside one another, each for its own time. */
function heldTogether(catalogue: Catalogue, actions: readonly Action[], { pieces }: Simmer): string | undefined {
  const held = actions.flatMap(({ kind, pieceId }) =>
    kind === 'swish' ? pieces.filter((one) => one.id === pieceId) : [],
  );
  if (held.length < 2) return undefined;
  const times = [...new Set(held.map(heldWords))];
  const each = times.map((said) => {
    const names = held.flatMap((piece) =>
      heldWords(piece) === said ? shortName(catalogue.byId(piece.ingredientId), piece.cut) : [],
    );
    return `${andList(names)} ${said}`;
  });
  return `Hold each slice in the broth, never letting it go: ${andList(each)}`;
}

function titleOf(catalogue: Catalogue, actions: readonly Action[], simmer: Simmer): string {
  const together = heldTogether(catalogue, actions, simmer);
  if (together) return together;
  const first = actions[0] as Action;
  const added = actions.filter((action) => action.kind === 'add');
  if (added.length === 0) return first.says;
  // Leaves and slices that stand in one stack are one thing in the hand.
  const names = added.map((action) => {
    const piece = simmer.pieces.find((one) => one.id === action.pieceId);
    if (piece?.way === 'stacked') return STACKS;
    return piece ? shortName(catalogue.byId(piece.ingredientId), piece.cut) : action.says;
  });
  const list = capital(andList(shortened([...new Set(names)])));
  if (first.kind === 'add') return `${list} in${first.pan === 'aside' ? 'to the small pan' : ''}`;
  // What is built before anything is poured.
  return `${list} laid in; ${uncapital(first.says)}`;
}

/**
 * The actions of a plan as the steps that a cook takes, in order.
 * @example liveSteps(CATALOGUE, plan.simmer)[2].title // 'Chicken, daikon and carrot in'
 */
export function liveSteps(catalogue: Catalogue, simmer: Simmer): LiveStep[] {
  const byStep = new Map<number, Action[]>();
  for (const action of simmer.actions) byStep.set(action.step, [...(byStep.get(action.step) ?? []), action]);
  return [...byStep.entries()].map(([step, actions]) => {
    const { atS, round, pan, kind } = actions[0] as Action;
    return { step, atS, round, pan, kind, title: titleOf(catalogue, actions, simmer), actions };
  });
}
