import type { Liquid, LiquidStep } from '@elixa/contract';
import { ASIDE_HEAT } from '../../catalogue/heatSources';
import { usefulPowerW, WATER_CP } from '../../heat/burner';
import { isRawFlesh } from '../../catalogue/kinds';
import type { Menu } from '../../evening/menu';
import type { Lag, Resource } from '../problem';
import { DAY_BEFORE_MIN, inARow, lengthOf, needing, type Part, type Work, type WorkList } from './work';

/** A wait of so long parts the work before it from the work after it; in between the cook goes away. */
export const LONG_WAIT_MIN = 180;
/** How much longer than it must something may lie in the fridge. */
const MAY_LIE_MIN = 14 * 60;
const COLD_C = 8;
const WARM_C = 40;

/** How long each kind stands without loss, and what a minute costs after that: broth cools and a dip only stands. */
const FRESH_MIN: Record<Liquid['kind'], number> = { broth: 30, sauce: 180, marinade: 60, base: 600 };
const STALENESS: Record<Liquid['kind'], number> = { broth: 0.35, sauce: 0.05, marinade: 0.2, base: 0.02 };

const WHY: Record<Liquid['kind'], string> = {
  broth: 'The broth comes first: the pot cannot be lit without it',
  sauce: 'It stands while the rest is done',
  marinade: 'It needs its time on the meat',
  base: 'It is better for standing',
};

function needsOf({ attended, tempC }: LiquidStep): Resource[] {
  if (tempC === undefined) return needing(attended);
  if (tempC <= COLD_C) return needing(attended, ['fridge']);
  return needing(attended, tempC >= WARM_C ? ['burner'] : []);
}

type Step = Omit<Part, 'fromMin'>;

/** What works by itself from the start has to be put there by somebody. */
function startedByHand([first, ...rest]: readonly Step[]): Step[] {
  if (!first) return [];
  if (first.needs.includes('hands')) return [first, ...rest];
  const start: Step = { ...first, id: `${first.id}-start`, lastsMin: 1, needs: ['hands', ...first.needs] };
  const wait = { ...first, says: 'It works by itself', lastsMin: first.lastsMin - 1, raw: false };
  return wait.lastsMin > 0 ? [start, wait, ...rest] : [start, ...rest];
}

interface LiquidPart {
  steps: Step[];
  thenWaitsMin?: number;
  /** Done at the board, among the other vegetables. */
  knife?: boolean;
}

/** Whether raw flesh is touched at a step: by what goes in, or by what it lies on. */
type IsRaw = (step: LiquidStep) => boolean;

/** The steps, parted where a wait is long enough to go away, and what is cut apart from what is made. */
function parted(steps: readonly LiquidStep[], isRaw: IsRaw): LiquidPart[] {
  const knife = steps.filter((step) => step.knife);
  const atTheBoard: LiquidPart = {
    knife: true,
    steps: knife.map(({ id, says, durationS }) => ({
      id,
      says,
      lastsMin: Math.ceil(durationS / 60),
      needs: needing(true, ['board']),
    })),
  };
  const parts: LiquidPart[] = [atTheBoard, { steps: [] }];
  for (const step of steps.filter((one) => !one.knife)) {
    const lastsMin = Math.ceil(step.durationS / 60);
    const here = parts[parts.length - 1]!;
    if (!step.attended && lastsMin >= LONG_WAIT_MIN) {
      here.thenWaitsMin = lastsMin;
      // Somebody has to put it there.
      here.steps.push({ id: step.id, says: step.says, lastsMin: 1, needs: ['hands'], raw: isRaw(step) });
      parts.push({ steps: [] });
    } else if (lastsMin > 0) {
      here.steps.push({ id: step.id, says: step.says, lastsMin, needs: needsOf(step), raw: isRaw(step) });
    }
  }
  return parts.filter((part) => part.steps.length > 0).map((part) => ({ ...part, steps: startedByHand(part.steps) }));
}

/** A broth that stood is no colder than this, in °C. Kitchen estimate. */
const STOOD_C = 40;
const BOILING_C = 100;
/** A broth that boils cools if it stands: so long is fine. */
const STAYS_HOT_MIN = 5;

/** A broth back to the boil on the second ring, just before it is poured. */
function heating({ id, name, finishedMl }: Liquid, pouredMin: number): Work {
  const seconds = ((finishedMl / 1000) * WATER_CP * (BOILING_C - STOOD_C)) / usefulPowerW(ASIDE_HEAT);
  const segments = inARow([
    {
      id: `${id}-hot-start`,
      says: `${name} onto the stove, high heat, lid on`,
      lastsMin: 1,
      needs: ['hands', 'burner'],
    },
    {
      id: `${id}-hot`,
      says: 'It comes to the boil; then the lowest heat, lid on, until it is poured',
      lastsMin: Math.ceil(seconds / 60),
      needs: ['burner'],
    },
  ]);
  return {
    id: `${id}-heated`,
    kind: 'liquid',
    name: `${name}, brought to the boil`,
    subjectId: id,
    segments,
    lastsMin: lengthOf(segments),
    endsBeforeMin: pouredMin,
    freshMin: STAYS_HOT_MIN,
    staleness: 1,
    early: false,
    dayBefore: false,
    why: 'It goes into the pot boiling hot',
  };
}

/**
 * What is done for each broth, sauce, marinade and base: every one in one go, but for the hours in which it lies.
 * @param marinades with what they lie on
 * @param leadMin minutes before sitting down at which the burner is lit, and `pouredMin` those at which broth is first poured
 * @param isHeated it is brought to the boil just before it is poured
 * @returns with the first and the last piece of work of each liquid
 */
export function liquidWork(
  { catalogue, marinades }: Pick<Menu, 'catalogue' | 'marinades'>,
  liquids: readonly Liquid[],
  { leadMin, pouredMin }: { leadMin: number; pouredMin: number },
  isHeated: (liquid: Liquid) => boolean,
): WorkList & { firstOf: ReadonlyMap<string, string>; lastOf: ReadonlyMap<string, string> } {
  const works: Work[] = [];
  const lags: Lag[] = [];
  const firstOf = new Map<string, string>();
  const endsWith = new Map<string, string>();
  const lieOnRaw = new Set(
    [...marinades].flatMap(([formula, on]) =>
      on.some(({ what, cuts }) => isRawFlesh(what, cuts[0]?.cut)) ? [formula.id] : [],
    ),
  );
  for (const liquid of liquids) {
    const isOnRaw = liquid.kind === 'marinade' && lieOnRaw.has(liquid.formulaId);
    const isRaw: IsRaw = ({ uses, attended }) =>
      (isOnRaw && attended) || uses.some((id) => isRawFlesh(catalogue.byId(id)));
    // Steps that a stand-in adds happen within those that are written; they need no time of their own.
    const parts = parted(
      liquid.steps.filter((step) => !step.whenServed && !step.within),
      isRaw,
    );
    const keepsMin = liquid.keeps.fridgeDays * 24 * 60;
    const isForTheTable = liquid.kind === 'sauce';
    const ids = parts.map((_, index) => (parts.length > 1 ? `${liquid.id}-${index + 1}` : liquid.id));
    parts.forEach(({ steps, thenWaitsMin = 0, knife = false }, index) => {
      const isLast = index === parts.length - 1;
      const segments = inARow(steps);
      works.push({
        id: ids[index]!,
        kind: 'liquid',
        name: liquid.forGuests ? `${liquid.name}, for ${liquid.forGuests.join(' and ')}` : liquid.name,
        subjectId: liquid.id,
        segments,
        lastsMin: lengthOf(segments),
        endsBeforeMin: (isForTheTable ? 0 : leadMin) + (isLast ? thenWaitsMin : 0),
        board: knife ? 'plants' : undefined,
        freshMin: knife ? FRESH_MIN.sauce : FRESH_MIN[liquid.kind],
        staleness: isLast ? STALENESS[liquid.kind] : 0,
        early: thenWaitsMin > 0,
        dayBefore: !liquid.jar && (thenWaitsMin > 0 || (isLast && keepsMin >= DAY_BEFORE_MIN)),
        why: knife
          ? 'Vegetables first, while the board is clean'
          : thenWaitsMin > 0
            ? `It lies for ${Math.round(thenWaitsMin / 60)} hours`
            : WHY[liquid.kind],
      });
      if (!isLast) {
        lags.push({
          before: ids[index]!,
          after: ids[index + 1]!,
          leastMin: thenWaitsMin,
          mostMin: knife ? undefined : thenWaitsMin + MAY_LIE_MIN,
        });
      }
    });
    if (isHeated(liquid)) {
      const work = heating(liquid, pouredMin);
      works.push(work);
      lags.push({ before: ids[ids.length - 1]!, after: work.id, leastMin: 0 });
    }
    // What lies in a marinade waits for the hands, not for the board: its own vegetables are cut before it.
    const made = ids[parts.findIndex((part) => !part.knife)] ?? ids[0]!;
    firstOf.set(liquid.id, made);
    endsWith.set(liquid.id, ids[ids.length - 1] ?? liquid.id);
    // A broth that takes its paste from a jar waits for the jar.
    for (const base of liquids.filter((one) => one.kind === 'base')) {
      if (liquid.kind !== 'broth' || !liquid.ingredients.some((part) => part.ingredientId === base.formulaId)) continue;
      lags.push({ before: base.id, after: made, leastMin: 0 });
    }
  }
  return { works, firstOf, lastOf: endsWith, lags: lags.map((lag) => ({ ...lag, before: lastOf(works, lag.before) })) };
}

/** The last part of a liquid that was parted; the id itself where it was not. */
function lastOf(works: readonly Work[], id: string): string {
  if (works.some((work) => work.id === id)) return id;
  return works.filter((work) => work.subjectId === id).at(-1)?.id ?? id;
}
