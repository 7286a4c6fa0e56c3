import type { Liquid, Units } from '@elixa/contract';
import type { Ingredient } from '../../catalogue/ingredient';
import { isRawFlesh } from '../../catalogue/kinds';
import { isBoughtReady, prepWorkOf } from '../../catalogue/prepWork';
import { BOARD_ORDER, type PrepStep, type PrepWork } from '../../catalogue/work';
import type { Helping } from '../../diners/helpings';
import type { Menu } from '../../evening/menu';
import { showMeasure } from '../../measures/showMeasure';
import { showLength, showWeight } from '../../measures/showSize';
import type { Lag } from '../problem';
import { LONG_WAIT_MIN } from './liquids';
import { madeSteps } from './made';
import { boardWash } from './washing';
import { DAY_BEFORE_MIN, inARow, lengthOf, needing, type Part, type Work, type WorkList } from './work';

/** From so long a marinade on, its meat has the board to itself first. */
const WORTH_APART_MIN = 20;
const PACE = { unhurried: 1.3, steady: 1, quick: 0.75 } as const;

const BOARD_WHY = {
  plants: 'Vegetables first, while the board is clean',
  tofu: 'After the vegetables, before anything raw',
  fish: 'Raw fish after everything that is eaten less cooked',
  meat: 'Raw meat last; then the board is washed',
} as const;

/** Why at the board of fish or meat, where it is cooked or cured already. */
const NOT_RAW_WHY: Partial<Record<keyof typeof BOARD_WHY, string>> = {
  fish: 'After the vegetables, on the board that is washed next',
  meat: 'After the vegetables, on the board that is washed next',
};

/** What is done to a thing whose kneading is work of its own; out of its pack nobody touches it. Kitchen estimate. */
const TIPPED = { says: 'Tip it into a wide bowl, back into the fridge', fixedMin: 1, minPer100G: 0 };

interface Thing {
  ingredientId: string;
  what: Ingredient;
  cuts: string[];
  massG: number;
  asideG: number;
  /** Not wanted before people sit down, and of that, what the broth is finished with. */
  isFinish: boolean;
  isInBroth: boolean;
  isOnSkewers: boolean;
}

/** The same ingredient from both pans is made ready at once. */
function things(food: readonly Helping[]): Thing[] {
  const byId = new Map<string, Thing>();
  for (const one of food) {
    const known = byId.get(one.ingredientId) ?? {
      ingredientId: one.ingredientId,
      what: one.what,
      cuts: [],
      massG: 0,
      asideG: 0,
      isFinish: one.purpose !== 'pot',
      isInBroth: one.purpose === 'finish',
      isOnSkewers: one.place === 'skewer',
    };
    byId.set(one.ingredientId, {
      ...known,
      cuts: [...new Set([...known.cuts, ...one.cuts.map(({ cut }) => cut)])],
      massG: known.massG + one.massG,
      asideG: known.asideG + (one.pan === 'aside' ? one.massG : 0),
    });
  }
  return [...byId.values()];
}

/** What is weighed dry, and what it comes to. */
function soakedText({ what, cuts, massG }: Thing, dry: string, units: Units): string {
  const { soaks } = what.cuts[cuts[0] ?? ''] ?? {};
  return soaks === undefined ? dry : `${dry} dry, about ${showWeight(massG * soaks, units)} when it has soaked`;
}

function amountText(thing: Thing, units: Units): string {
  const { what, massG, asideG } = thing;
  const all = soakedText(thing, showMeasure(massG, what, units).text, units);
  if (asideG === 0 || asideG === massG) return all;
  return `${all}, ${showMeasure(asideG, what, units).text} of it for the small pan`;
}

const stepsOf = (steps: readonly PrepStep[] = [], name: string, isRaw: boolean) =>
  steps.map((step, index) => ({
    id: `${name}${index + 1}`,
    says: step.says,
    lastsMin: step.lastsMin,
    needs: needing(step.attended, step.needs),
    raw: isRaw && step.attended && !step.wrapped,
  }));

/** What is made at home tonight that would be bought otherwise. */
const isMadeAtHome = ({ choices }: Menu['evening'], ingredientId: string) =>
  choices.homemade?.includes(ingredientId) ?? false;

/** What goes on one skewer. Kitchen estimate, 45-60 g. */
const SKEWER_G = 52;

/** How many skewers, and how much on each, where a thing stands in the pot on them. */
function skewersOf({ isOnSkewers, massG }: Thing): string {
  if (!isOnSkewers) return '';
  const count = Math.max(1, Math.round(massG / SKEWER_G));
  return `: ${count} skewers, about ${Math.round(massG / count / 5) * 5} g on each, the point covered`;
}

/** How thick it is cut, where the cook has it otherwise than is usual. */
function thickOf({ ingredientId, cuts }: Thing, { overrides, units }: Menu['evening']): string {
  const byCut = overrides.thicknessMm?.[ingredientId];
  const all = cuts.flatMap((cut) => (byCut?.[cut] === undefined ? [] : [showLength(byCut[cut], units)]));
  return all.length === 0 ? '' : `, ${all.join(' and ')} thick tonight`;
}

/** How many of what is made one by one at the burner. */
function countOf({ what, massG, cuts }: Thing, { at }: PrepWork): string {
  const { pieceG } = what.cuts[cuts[0] ?? ''] ?? {};
  return at && pieceG ? `: ${Math.max(1, Math.round(massG / pieceG))} of them` : '';
}

/** @param isRaw raw flesh is touched */
function partsOf(thing: Thing, work: PrepWork, pace: number, isRaw: boolean, more: string): Part[] {
  const cutMin = Math.max(1, Math.round((work.fixedMin + (work.minPer100G * thing.massG) / 100) * pace));
  return inARow([
    ...stepsOf(work.before, 'before', isRaw),
    {
      id: 'cut',
      says: `${work.says}${more}`,
      lastsMin: cutMin,
      needs: needing(true, work.at ? [work.at] : work.board ? ['board'] : []),
      raw: isRaw,
    },
    ...stepsOf(work.after, 'after', isRaw),
  ]);
}

/** What is boiled apart is rinsed cold and keeps so long before it sticks. Kitchen estimate, 40-90 min. */
const APART_KEEPS_MIN = 60;
/** Water for noodles comes to the boil meanwhile. Kitchen estimate, 6-10 min for two litres. */
const WATER_BOILS_MIN = 8;

/** The same work, with its own time in a pan of boiling water. */
function cookedApart({ what, cuts }: Thing, work: PrepWork): PrepWork {
  const { cooks } = what.cuts[cuts[0] ?? ''] ?? {};
  const lastsMin = Math.max(1, Math.round(cooks?.simmered?.bestMin ?? 1)) + 1;
  return {
    ...work,
    after: [
      ...(work.after ?? []),
      { says: 'Water to the boil in a pan of its own', lastsMin: WATER_BOILS_MIN, attended: false, needs: ['burner'] },
      { says: `Boil them ${lastsMin - 1} min, rinse cold, drain`, lastsMin, attended: true, needs: ['burner'] },
    ],
  };
}

/**
 * What is done for everything that goes into the pot and comes after it: soaked, thawed, firmed, pressed, cut, and in what
 * order on the board.
 * @param leadMin minutes before sitting down at which the burner is lit
 * @param forLiquids the first piece of work of each liquid, which a marinade's meat comes before, and the last, which what
 *   is cooked in it comes after
 */
export function foodWork(
  { evening, style, food, marinades, finish }: Menu,
  liquids: readonly Liquid[],
  leadMin: number,
  { firstOf, lastOf }: { firstOf: ReadonlyMap<string, string>; lastOf: ReadonlyMap<string, string> },
): WorkList {
  const pace = PACE[evening.kitchen?.pace ?? 'steady'];
  const kneaded = new Set(
    [...marinades].flatMap(([formula, on]) => (formula.kneads ? on.map((one) => one.ingredientId) : [])),
  );
  const works = things(food)
    .filter(({ what, cuts }) => !isBoughtReady(evening, what, cuts[0] ?? ''))
    .map((thing): Work => {
      const { what } = thing;
      const usual = prepWorkOf(what, thing.cuts[0] ?? '', evening.style.schools);
      const isKneaded = kneaded.has(thing.ingredientId);
      const work = isKneaded ? { ...usual, ...TIPPED } : usual;
      const isApart = thing.isInBroth && finish?.apart === true;
      const made = isMadeAtHome(evening, thing.ingredientId) ? what.homemade : undefined;
      const begun = made
        ? { ...work, before: [...madeSteps(made, thing.massG, evening), ...(work.before ?? [])] }
        : work;
      const segments = partsOf(
        thing,
        isApart ? cookedApart(thing, begun) : begun,
        pace,
        !isKneaded && isRawFlesh(what, thing.cuts[0]),
        (skewersOf(thing) || countOf(thing, begun)) + thickOf(thing, evening),
      );
      const lastsMin = lengthOf(segments);
      const waits = segments
        .filter((part) => !part.needs.includes('hands'))
        .reduce((total, one) => total + one.lastsMin, 0);
      const endsBeforeMin = thing.isFinish ? 0 : leadMin;
      return {
        id: thing.ingredientId,
        kind: 'food',
        name: what.name,
        subjectId: thing.ingredientId,
        amountText: amountText(thing, evening.units),
        segments,
        lastsMin,
        endsBeforeMin,
        endsWithinMin: endsBeforeMin + (isApart ? Math.min(work.keepsMin, APART_KEEPS_MIN) : work.keepsMin),
        freshMin: work.freshMin,
        staleness: work.staleness,
        early: false,
        dayBefore: work.keepsMin >= DAY_BEFORE_MIN || made !== undefined,
        board: work.board,
        why:
          waits >= 10
            ? `It needs ${waits} minutes by itself`
            : work.board
              ? ((isRawFlesh(what, thing.cuts[0]) ? undefined : NOT_RAW_WHY[work.board]) ?? BOARD_WHY[work.board])
              : 'It is best done late',
      };
    });
  const laid = liquids
    .filter((liquid) => liquid.kind === 'marinade')
    .flatMap((liquid) => {
      const formula = [...marinades.keys()].find((one) => one.id === liquid.formulaId);
      const ids = new Set((formula && marinades.get(formula))?.map((one) => one.ingredientId));
      return works.filter((work) => ids.has(work.id)).map((work) => ({ work, liquid }));
    });
  const lags: Lag[] = laid.map(({ work, liquid }) => ({
    before: work.id,
    after: firstOf.get(liquid.id) ?? liquid.id,
    leastMin: 0,
  }));
  for (const liquid of liquids.filter((one) => one.place === 'pot')) {
    const back = style.returns.filter(({ fromFormulaId }) => fromFormulaId === liquid.formulaId);
    const cooked = works.filter((work) => back.some(({ ingredientId }) => ingredientId === work.id));
    for (const { id } of cooked) lags.push({ before: lastOf.get(liquid.id) ?? liquid.id, after: id, leastMin: 0 });
  }
  // What lies in a marinade is cut before the vegetables, so that they do not wait with it; the board is washed twice then.
  const liesMin = (work: Work) =>
    Math.max(0, ...laid.filter((one) => one.work === work).flatMap(({ liquid }) => liquid.steps.map(waitsMin)));
  const apart = (work: Work): Partial<Work> => ({
    boardApart: true,
    why: kneaded.has(work.id)
      ? `It is kneaded cold, and rests for ${Math.round(liesMin(work))} minutes before it is shaped`
      : `It lies in its marinade for ${Math.round(liesMin(work))} minutes: it goes first, and the board is washed after it`,
    staleness: 0,
    endsWithinMin: undefined,
    early: liesMin(work) >= LONG_WAIT_MIN,
  });
  const all = withBoardWashed(
    works.map((work) => {
      if (liesMin(work) < WORTH_APART_MIN) return work;
      return { ...(kneaded.has(work.id) ? work : withWash(work)), ...apart(work) };
    }),
  );
  return { works: [...all, ...washApart(all)], lags: [...lags, ...washLags(all)] };
}

const waitsMin = ({ attended, durationS }: Liquid['steps'][number]) => (attended ? 0 : durationS / 60);

function withWash(work: Work): Work {
  const segments = inARow([...work.segments, boardWash]);
  return { ...work, segments, lastsMin: lengthOf(segments) };
}

const isOfRawStage = ({ board, boardApart }: Work) => !boardApart && (board === 'fish' || board === 'meat');
const WASH_ID = 'washBoard';

/** What raw food is cut last. */
function lastRaw(works: readonly Work[]): Work[] {
  const raw = works.filter(isOfRawStage);
  return raw.filter((work) => work.board === lastStage(raw));
}

/** Where one raw thing is cut last, the board is washed in the same go. */
function withBoardWashed(works: Work[]): Work[] {
  const last = lastRaw(works);
  return last.length === 1 ? works.map((work) => (work === last[0] ? withWash(work) : work)) : works;
}

function washApart(works: readonly Work[]): Work[] {
  const last = lastRaw(works);
  if (last.length < 2) return [];
  return [
    {
      id: WASH_ID,
      kind: 'table',
      name: 'Board and knife',
      segments: inARow([boardWash]),
      lastsMin: boardWash.lastsMin,
      endsBeforeMin: Math.min(...last.map((work) => work.endsBeforeMin)),
      freshMin: 0,
      staleness: 0,
      early: false,
      dayBefore: false,
      why: 'Nothing else touches the board after raw food',
    },
  ];
}

function washLags(works: readonly Work[]): Lag[] {
  const last = lastRaw(works);
  return last.length < 2 ? [] : last.map((work) => ({ before: work.id, after: WASH_ID, leastMin: 0 }));
}

const lastStage = (works: readonly Work[]) =>
  [...BOARD_ORDER].reverse().find((stage) => works.some((work) => work.board === stage));

/** Minutes of a piece of work in which it lies wrapped, thaws or firms up, before it comes to the board or is touched. */
const beforeBoardMin = ({ segments, lastsMin }: Work): number =>
  Math.min(lastsMin, ...segments.filter((one) => one.needs.includes('board') || one.raw).map((one) => one.fromMin));

/** Everything at the board of one stage is over before anything of the next one comes to it. */
export function boardOrder(works: readonly Work[]): Lag[] {
  const tonight = works.filter((work) => !work.boardApart && work.board !== undefined);
  const stages = BOARD_ORDER.map((stage) => tonight.filter((work) => work.board === stage)).filter(
    (stage) => stage.length > 0,
  );
  return stages.flatMap((stage, index) =>
    (stages[index + 1] ?? []).flatMap((later) =>
      stage.map((sooner) => ({ before: sooner.id, after: later.id, leastMin: -beforeBoardMin(later) })),
    ),
  );
}
