import type { Act, Action, ActOf, Lid, PlannedAct } from '@elixa/contract';
import { capital, uncapital } from '../measures/capital';

/**
 * The fire that a moment of the plan asks for: a dry pan warmed, full, a simmer, just under the boil, out, or tended to so
 * many °C because what is in the pot would be spoiled by more.
 */
export type Fire = 'dry' | 'high' | 'simmer' | 'low' | 'off' | { belowC: number };

/** A moment of the plan before its acts and its sentence are made: what is done, and what fire and lid it asks for. */
export interface Moment extends Omit<Action, 'step' | 'fire'> {
  /** Told and tapped with lighting the burner. */
  joinsLight?: boolean;
  does?: readonly Act[];
  fire?: Fire;
  lid?: Lid;
  /** What becomes of the lid when it boils again. */
  thenAtBoil?: Lid;
  /** Fire and lid wait for the boil. */
  on?: 'boil';
  /** What is done at another pot with it; its fire is that of this one. */
  also?: ReadonlyArray<Pick<Moment, 'pan' | 'does' | 'fire'>>;
}

/** What a pot is to its lid. */
export interface PotOnFire {
  id: string;
  hasLid: boolean;
  /** The burner holds the boil only with the lid on: it stays. */
  lidStays: boolean;
  /** What is in it splits at a hard boil: it is brought up on less fire, and never under a closed lid. */
  isGentle?: boolean;
}

/** How a pot stands between two moments. */
interface Standing {
  fire: Fire;
  lid: Lid;
  /** What is in it would be spoiled by more than this. */
  limitC?: number;
  /** The lid was last put on until the boil at this moment. */
  untilBoilAtS?: number;
}

const HEAT: Record<Exclude<Fire, object>, Omit<ActOf<'heat'>, 'is'>> = {
  dry: { share: 0.5 },
  high: { share: 1 },
  simmer: { share: 1, holds: 'boil' },
  low: { share: 1, holds: 'justUnder' },
  off: { share: 0 },
};

/** Share of the fire for what must not boil hard. Kitchen estimate, 0.6-0.8. */
export const GENTLE_SHARE = 0.75;

function heatAct(fire: Fire, isGentle: boolean): Act {
  const heat = typeof fire === 'object' ? { share: 1, holds: fire.belowC } : HEAT[fire];
  return { is: 'heat', ...heat, share: isGentle ? Math.min(heat.share, GENTLE_SHARE) : heat.share };
}

const isSameFire = (a: Fire, b: Fire): boolean =>
  typeof a === 'object' && typeof b === 'object' ? a.belowC === b.belowC : a === b;

/** What the fire becomes, in words; how it is turned up again is said by what it was before. */
function fireWords(from: Fire, to: Fire, isGentle: boolean): string[] {
  const on = from === 'off' ? ['burner on'] : [];
  if (typeof to === 'object') return [...on, 'up until it steams, no bubble'];
  switch (to) {
    case 'dry':
      return ['medium heat'];
    case 'high':
      return [...on, isGentle ? 'medium-high heat, never a hard boil' : 'high heat'];
    case 'simmer':
      return [...on, from === 'high' ? 'down to a simmer' : 'back to a simmer'];
    case 'low':
      return ['low heat'];
    case 'off':
      return ['burner off'];
  }
}

const LID: Record<Lid, string> = { on: 'lid on', off: 'lid off', ajar: 'lid ajar' };

/** For a moment the lid is lifted for; afterwards it lies as before. */
const PASSING: ReadonlyArray<Action['kind']> = ['skim', 'lift'];
/** What is said of fire and lid comes first, since it is done first. */
const AFTER_LID: ReadonlyArray<Action['kind']> = ['loosen', 'stir', 'season', 'uncover', 'deglaze', 'enrich'];

/** The sentence of a moment with what becomes of fire and lid in it. */
function sentence({ kind, says, empties }: Moment, words: readonly string[], isCovered: boolean): string {
  if (PASSING.includes(kind) && !empties && isCovered) return [says, 'then the lid back on', ...words].join(', ');
  if (words.length === 0) return says;
  const told = words.join(', ');
  if (says === '') return capital(told);
  if (kind === 'boil' || kind === 'rest' || kind === 'heatUp') return `${says}: ${told}`;
  if (empties) return `${capital(told)}; ${uncapital(says)}`;
  if (kind === 'off' && says.includes(': ')) return says.replace(': ', `: ${told}, `);
  return AFTER_LID.includes(kind) ? `${capital(told)}; ${uncapital(says)}` : `${says}, ${told}`;
}

/** What is told of fire and lid where the title of a moment names only what goes in. */
const toldApart = (kind: Action['kind']) => kind === 'add';

/** On what must not boil hard no lid is closed while it heats up: it lies ajar, so that the pot is seen. */
function watched({ lid, thenAtBoil, kind }: Moment): Pick<Moment, 'lid' | 'thenAtBoil'> {
  if (thenAtBoil) return { lid: thenAtBoil };
  return { lid: lid === 'on' && kind !== 'serve' && kind !== 'rest' ? 'ajar' : lid };
}

/** Goes through the moments of one pot in their order. */
class Settling {
  private readonly now: Standing = { fire: 'off', lid: 'off' };
  constructor(private readonly pot: PotOnFire) {}

  private fireOf({ fire, kind }: Moment): Fire | undefined {
    const { now } = this;
    if (fire === undefined || typeof fire === 'object' || fire === 'off' || fire === 'dry') return fire;
    // While something that must not boil is in it, every fire is held below that.
    return now.limitC === undefined || kind === 'light' ? fire : { belowC: now.limitC };
  }

  /** The act of the lid that a moment asks for, if it changes anything, and its words. */
  private lidOf(moment: Moment): { act?: Act; words: string[] } {
    const { now, pot } = this;
    const { kind, atS } = moment;
    const { lid, thenAtBoil } = pot.isGentle ? watched(moment) : moment;
    if (lid === undefined) return { words: [] };
    // Nothing is known of what covers a pot that has no lid.
    if (!pot.hasLid && kind === 'cover') return { act: { is: 'rested' }, words: ['covered'] };
    if (!pot.hasLid) return { words: kind === 'rest' ? ['covered'] : [] };
    if (pot.lidStays && now.lid === 'on') {
      return {
        act: kind === 'cover' ? { is: 'lid', lid } : undefined,
        words: kind === 'boil' ? ['leave the lid on'] : [],
      };
    }
    if (thenAtBoil) {
      if (now.untilBoilAtS === atS) return { words: [] };
      now.untilBoilAtS = atS;
      now.lid = thenAtBoil;
      return { act: { is: 'lid', lid, thenAtBoil }, words: [`lid on until it boils again, then ${thenAtBoil}`] };
    }
    // A round is lifted out with the lid off, and a pot is emptied without it: how it lies then is said, or needs no word.
    const isTold = kind === 'serve' || now.lid !== lid;
    if (now.lid === lid && !isTold) {
      const isSaid = kind === 'cover' || kind === 'boil';
      return isSaid ? { act: { is: 'lid', lid }, words: [`leave the ${LID[lid]}`] } : { words: [] };
    }
    now.lid = lid;
    return { act: { is: 'lid', lid }, words: moment.empties ? [] : [LID[lid]] };
  }

  /** @returns the acts of a moment, and how it is told */
  settle(moment: Moment): { acts: Act[]; says: string; fire?: string } {
    const { now } = this;
    const { isGentle = false } = this.pot;
    const { kind, does = [], empties } = moment;
    const wasCovered = this.pot.hasLid && now.lid === 'on';
    const acts: Act[] = [];
    const words: string[] = [];
    if (kind === 'light') acts.push({ is: 'light' });
    const fire = this.fireOf(moment);
    const lid = this.lidOf(moment);
    words.push(...lid.words);
    if (fire !== undefined && !isSameFire(fire, now.fire)) {
      // What is said with the soy milk names its own fire.
      if (kind !== 'enrich') words.push(...fireWords(kind === 'light' ? 'dry' : now.fire, fire, isGentle));
      acts.push(heatAct(fire, isGentle));
      if (typeof fire === 'object') now.limitC = fire.belowC;
      now.fire = fire;
    }
    if (lid.act) acts.push(lid.act);
    acts.push(...does);
    if (empties) now.limitC = undefined;
    if (toldApart(kind) && !moment.joinsLight) {
      return { acts, says: moment.says, ...(words.length > 0 ? { fire: capital(words.join(', ')) } : {}) };
    }
    const order = kind === 'rest' || kind === 'off' ? [...words].reverse() : words;
    return { acts, says: sentence(moment, order, wasCovered) };
  }
}

/** What of a moment stands in the plan. */
function toldOf({ joinsLight, does, fire, lid, thenAtBoil, on, also, ...told }: Moment): Omit<Action, 'step'> {
  return told;
}

/** Told with nothing to tell, a moment is none. */
const isNothing = (kind: Action['kind'], says: string, acts: readonly Act[]) =>
  acts.length === 0 && (kind === 'heatUp' || says === '');

/**
 * The acts of an evening at its pots with the sentences that tell them: fire and lid of a sentence are those of its acts,
 * made of one and the same, and said where they change. What goes in at one moment in one pan shares a step, so that it is
 * told and tapped once.
 * @param moments in order
 * @returns actions as they are told, and acts as they are done
 */
export function settled(
  moments: readonly Moment[],
  pots: readonly PotOnFire[],
): { actions: Action[]; acts: PlannedAct[] } {
  const settling = new Map(pots.map((pot) => [pot.id, new Settling(pot)]));
  const acts: PlannedAct[] = [];
  const actions: Action[] = [];
  let step = -1;
  let before: Moment | undefined;
  for (const moment of moments) {
    const { joinsLight, thenAtBoil, on, also = [] } = moment;
    const told = settling.get(moment.pan)!.settle(moment);
    if (isNothing(moment.kind, told.says, told.acts)) continue;
    const isSameThing = before?.kind === moment.kind || joinsLight;
    const together = before && before.atS === moment.atS && before.pan === moment.pan && isSameThing;
    if (!together) step += 1;
    before = moment;
    const others = also.flatMap((one) =>
      (settling.get(one.pan)?.settle({ ...moment, ...one }).acts ?? []).map((act) => ({ potId: one.pan, act })),
    );
    [...told.acts.map((act) => ({ potId: moment.pan, act })), ...others].forEach(({ potId, act }, index) => {
      acts.push({
        id: index === 0 ? moment.id : `${moment.id}/${index}`,
        actionId: moment.id,
        potId,
        round: moment.round,
        atS: moment.atS,
        // Only fire and lid wait for the boil.
        ...(on && (act.is === 'heat' || act.is === 'lid') ? { on } : {}),
        act,
      });
    });
    const isCovered = told.acts.some((act) => act.is === 'lid' && act.thenAtBoil);
    actions.push({
      ...toldOf(moment),
      step,
      says: told.says,
      ...(told.fire ? { fire: told.fire } : {}),
      ...(isCovered && thenAtBoil ? { lidThen: thenAtBoil } : {}),
      ...(pots.find((pot) => pot.id === moment.pan)?.isGentle ? { gently: true } : {}),
    });
  }
  return { actions, acts };
}
