import type { Action, Fact, PotPlan } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { isHeatedThrough } from '../catalogue/kinds';
import { sum } from '../measures/sum';
import type { BoilAwaited } from './boilAwaited';
import type { LiveState } from './foldLive';
import { fireTold } from './fireTold';
import type { LiveView } from './liveView';
import type { Look } from './lookAgain';
import { disturbedS } from './offBy';
import { programOfFacts, sightingsOf } from './programOfFacts';

/** Something to look at, or to do again and again, beside what is next. */
export interface Watch {
  id: 'somebody' | 'air' | 'cartridge' | 'rawTongs' | 'simmersAgain' | 'boilOver' | 'stir';
  /** What it is about: told once more where that is another. */
  about: string;
  says: string;
  /** What can be answered, and the fact that it becomes; nothing where there is only to look. */
  answer?: { label: string; fact: Fact };
}

/** A paste settles in so long, in s. Kitchen estimate, 2-4 min. */
const STIR_EVERY_S = 150;
/** So much of a liquid has to be what catches. */
const CATCHES_SHARE = 0.015;
/** What is stirred in when all is cooked. */
const ENDS_WITH: ReadonlyArray<Action['kind']> = ['enrich', 'season'];
/** A lid is watched from so long before it may boil, in s. */
const RISES_S = 20;
/** Nobody answers, and the fire is on: so long after something was due, in s; and again after as long. */
const NOBODY_S = 300;
/** Whether it simmers again is asked for so long, and not while the hands are needed, in s. */
const ASKS_FOR_S = 240;
const HANDS_S = 20;
const EIGHT_IN_TEN = 1.2816;
const SEEN_LATE_S = 25;

/** A caution that matters at one moment is told for so long, once, in s; a cartridge is felt for after so long. */
const TOLD_FOR_S = 75;
const FELT_AFTER_S = 300;
/** Before people first cook for themselves, in s. */
const SOON_S = 30;

/** What catches at the bottom of the pot, by its name; none where nothing does. */
export function catchesIn(catalogue: Catalogue, { liquids }: Pick<PotPlan, 'liquids'>): string | undefined {
  const names = liquids
    .filter(({ place }) => place === 'pot')
    .flatMap(({ ingredients, kind, finishedMl }) => {
      if (kind === 'marinade') return [];
      const catching = ingredients.filter(({ ingredientId }) => catalogue.byId(ingredientId).catches);
      const isEnough = sum(catching.map(({ massG }) => massG)) > CATCHES_SHARE * finishedMl;
      return isEnough ? catching.map(({ ingredientId }) => catalogue.byId(ingredientId).name.split(',')[0]!) : [];
    });
  return names[0];
}

interface Watching {
  catalogue: Catalogue;
  state: LiveState;
  view: LiveView;
  look?: Look;
  /** The boil that is waited for, where one is. */
  awaited?: BoilAwaited;
}

const isOn = (state: LiveState) => (fireTold(state)?.share ?? 0) > 0;

function somebody({ state, view }: Watching): Watch | undefined {
  const { next } = view;
  if (!next || next.kind === 'swish' || next.dueInS > -NOBODY_S || !isOn(state)) return undefined;
  const times = Math.floor(-next.dueInS / NOBODY_S);
  return {
    id: 'somebody',
    about: `${next.actions[0]?.id} ${Math.min(2, times)}`,
    says: 'Is somebody at the pot? The fire is on. Turn it off if you have to leave it.',
  };
}

function simmersAgain({ state, view, look }: Watching): Watch | undefined {
  const found = look?.simmersAgain;
  const { next, clockS } = view;
  if (!found || clockS < found.atS - 1 || clockS > found.atS + ASKS_FOR_S) return undefined;
  if (next && next.dueInS < HANDS_S) return undefined;
  const acts = programOfFacts(state).acts.filter(({ potId }) => potId === 'main');
  const sinceS = disturbedS(acts, clockS, -Infinity);
  const isSeen = sightingsOf(state).some((one) => one.potId === 'main' && one.saw.is === 'boils' && one.atS >= sinceS);
  if (isSeen || view.inPot.length === 0) return undefined;
  const isOverdue = clockS > found.atS + EIGHT_IN_TEN * found.sdS + SEEN_LATE_S;
  return {
    id: 'simmersAgain',
    about: String(sinceS),
    says: isOverdue ? 'It should simmer again by now: lid on, flame up.' : 'Does it simmer again, all over?',
    answer: { label: 'It simmers', fact: { potId: 'main', round: view.round, saw: { is: 'boils' } } },
  };
}

function boilOver({ state, view, awaited }: Watching): Watch | undefined {
  if (view.next?.kind !== 'boil' || view.next.pan !== 'main' || !awaited || awaited.earliestInS > RISES_S)
    return undefined;
  const lids = programOfFacts(state).acts.flatMap(({ act, potId }) =>
    act.is === 'lid' && potId === 'main' ? [act.lid] : [],
  );
  const isOn = lids.at(-1) === 'on';
  return {
    id: 'boilOver',
    about: view.next.actions[0]?.id ?? '',
    says: isOn ? 'Stay with it: under its lid it rises all at once.' : 'Stay with it: it may rise.',
  };
}

function stir({ catalogue, state, view }: Watching): Watch | undefined {
  const plan = state.started?.plan;
  const what = plan && catchesIn(catalogue, plan);
  const isHeating = view.next?.kind === 'boil' && view.next.pan === 'main' && view.poured;
  // What goes in only at the end, as miso by one school and soy milk, is not in the pot that heats.
  const isLater = plan?.simmer.actions.some(({ kind, pan }) => pan === 'main' && ENDS_WITH.includes(kind));
  if (!what || isLater || !isHeating || !isOn(state)) return undefined;
  const stirred = programOfFacts(state).acts.filter(
    ({ act, potId }) => potId === 'main' && ['stirred', 'poured', 'light'].includes(act.is),
  );
  const lastS = stirred.at(-1)?.atS ?? 0;
  if (view.clockS < lastS + STIR_EVERY_S) return undefined;
  return {
    id: 'stir',
    about: String(lastS),
    says: `Stir from the bottom: ${what} catches.`,
    answer: { label: 'Stirred', fact: { potId: 'main', round: view.round, act: { is: 'stirred' } } },
  };
}

const isSince = (fromS: number | undefined, nowS: number) =>
  fromS !== undefined && nowS >= fromS && nowS < fromS + TOLD_FOR_S;

/** The air, while the flame is young; the cartridge, once it has burnt for a while under a pot that reaches over it. */
function flame({ state, view }: Watching): Watch | undefined {
  const { started } = state;
  const isFlame = started && ['portableGas', 'gasHob'].includes(started.evening.heatSource.kind);
  if (!isFlame) return undefined;
  const reachesOver = started.plan.cautions.some(({ id }) => id === 'mayOverhang' || id === 'overhangs');
  if (reachesOver && isSince(FELT_AFTER_S, view.clockS)) {
    return {
      id: 'cartridge',
      about: 'once',
      says: 'Feel the cartridge with the back of your hand: is it warm, the burner goes off.',
    };
  }
  return isSince(0, view.clockS)
    ? { id: 'air', about: 'once', says: 'Is a window open? A flame in a closed room leaves carbon monoxide.' }
    : undefined;
}

/** Tongs that held something raw, when it first went in; raw tongs and eaters' chopsticks, when people first cook for themselves. */
function rawTongs({ catalogue, state, view }: Watching): Watch | undefined {
  const plan = state.started?.plan;
  const raw = new Map(
    plan?.simmer.pieces.flatMap(({ id, safeS, ingredientId }) => (safeS > 0 ? [[id, ingredientId] as const] : [])),
  );
  const added = programOfFacts(state).acts.flatMap(({ act, atS }) =>
    act.is === 'added' && raw.has(act.pieceId) && isHeatedThrough(catalogue.byId(act.ingredientId))
      ? [{ atS, what: catalogue.byId(act.ingredientId).name }]
      : [],
  );
  const [first] = added;
  if (first && isSince(first.atS, view.clockS)) {
    return {
      id: 'rawTongs',
      about: 'in the pot',
      says: `Tongs and board that held raw ${first.what}: washed or changed before they touch anything else.`,
    };
  }
  const { next } = view;
  const isSwishing = next?.kind === 'swish' && next.dueInS <= SOON_S && next.dueInS > SOON_S - TOLD_FOR_S;
  return isSwishing
    ? { id: 'rawTongs', about: 'at the table', says: 'One pair of tongs for raw slices, each guest’s own for eating.' }
    : undefined;
}

/** What is to be watched now beside what is next: the most pressing of it, or nothing. */
export const watchNow = (watching: Watching): Watch | undefined =>
  watching.state.status === 'running'
    ? (somebody(watching) ??
      rawTongs(watching) ??
      flame(watching) ??
      simmersAgain(watching) ??
      stir(watching) ??
      boilOver(watching))
    : undefined;
