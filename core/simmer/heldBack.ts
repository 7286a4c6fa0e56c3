import type { Act, Contents } from '@elixa/contract';
import type { HeldBack } from '../catalogue/formula';
import type { Ingredient } from '../catalogue/ingredient';
import { shortName } from '../catalogue/shortName';
import type { Pan } from '../diners/table';
import { andList } from '../measures/andList';
import { showMeasure } from '../measures/showMeasure';
import { sum } from '../measures/sum';
import { NOTHING } from '../pot/state';
import { saidIn, type ActionQuestion, type Draft } from './drafts';
import { WORTH_POURING_ML } from './levels';
import type { HeldBroth, TimedPan } from './panRounds';
import { afterSkimmingS } from './skimming';
import { beforeNext, TOP_UP_BEFORE_S } from './toppingUp';

/** Miso is strained in, salt and soy are stirred in and tasted, so long before a filling is lifted out. Kitchen estimate. */
const BEFORE_READY_S = 90;
/** After the boil, and after broth from the reserve. */
const AFTER_S = 45;

type Spoils = NonNullable<HeldBack['spoils']>;
type Parts = ReadonlyArray<{ ingredientId: string; massG: number }>;

/** What is held back of so much broth, each part in g. */
const heldOf = ({ parts }: HeldBroth, brothMl: number): Parts =>
  parts.map(({ ingredientId, gPerMl }) => ({ ingredientId, massG: gPerMl * brothMl }));

/** What a part brings into the pot; what is not salt or sugar counts as water. */
function contentsOf({ saltPct, sweetnessPct }: Ingredient, massG: number): Contents {
  const saltG = (massG * saltPct) / 100;
  const sugarG = (massG * sweetnessPct) / 100;
  return { ...NOTHING, waterG: massG - saltG - sugarG, saltG, sugarG };
}

/** Parts stirred in as warm as the room; as liquids, where they are poured by the jug. */
const goesIn = (parts: Parts, { menu }: ActionQuestion, isPoured: boolean): Act[] =>
  parts.map(({ ingredientId, massG }) => {
    const more = {
      contents: contentsOf(menu.catalogue.byId(ingredientId), massG),
      tempC: menu.evening.place.roomTempC,
    };
    return isPoured
      ? { is: 'poured', liquid: ingredientId, ml: massG, ...more }
      : { is: 'seasoned', with: ingredientId, massG, ...more };
  });

/** A moment at which broth is poured into a pan, so much of it, and when what is held back of it goes in. */
interface PouredAt {
  id: string;
  round: number;
  brothMl: number;
  /** After the boil or the pour, and shortly before all of it is ready. */
  atBoilS: number;
  atEndS: number;
  /** With the broth for a finish, before noodles or rice go in: they want it boiling. */
  isFinish: boolean;
}

/** All the broth that is poured into a pan: each filling, and what the reserve brings it back to its mark with. */
function poursInto(question: ActionQuestion, timed: TimedPan): PouredAt[] {
  const { pan, fit, first, later, fillings, levels } = timed;
  const { readyAtS, finishReadyAtS, firstRound, going } = question;
  return levels.flatMap((level, index): PouredAt[] => {
    const round = firstRound + index;
    const readyS = readyAtS[round - 1];
    const course = index === 0 ? first : later;
    const filling = fillings.find((one) => one.round === round);
    const mine = going.filter(({ piece }) => piece.round === round && piece.pan === pan).map(({ piece }) => piece);
    const id = pan === 'main' ? `${round}` : `${round}-${pan}`;
    if (filling) {
      const atBoilS = filling.boilS + AFTER_S;
      const atEndS = Math.max(atBoilS, (readyS ?? 0) - filling.course.restS - BEFORE_READY_S);
      return [{ id, round, brothMl: fit.potBrothMl, atBoilS, atEndS, isFinish: false }];
    }
    if (level.pourMl < WORTH_POURING_ML) return [];
    const beginsS = mine.length > 0 ? Math.min(...mine.map((one) => one.inAtS)) : finishReadyAtS.at(-1);
    if (beginsS === undefined) return [];
    const untilS = beginsS - TOP_UP_BEFORE_S;
    if (readyS === undefined) {
      // For a finish it goes in with the broth, whenever that is poured.
      const sooner = beforeNext(question, timed, round, level.pourMl, untilS);
      const lastMl = level.pourMl - sum(sooner.map((one) => one.brothMl));
      const last = lastMl < WORTH_POURING_ML ? [] : [{ id, round, brothMl: lastMl, atS: untilS }];
      const early = sooner.map((one, at) => ({ ...one, id: `${id}-${at + 1}`, round: round - 1 }));
      return [...early, ...last].map(({ atS, ...one }) => ({
        ...one,
        atBoilS: atS + AFTER_S,
        atEndS: atS + AFTER_S,
        isFinish: true,
      }));
    }
    const atBoilS = untilS + AFTER_S;
    const atEndS = Math.max(atBoilS, readyS - (course?.restS ?? 0) - BEFORE_READY_S);
    return [{ id, round, brothMl: level.pourMl, atBoilS, atEndS, isFinish: false }];
  });
}

/** When what must not boil goes into a filling: for so long before it is ready as the style wants it still. */
function enrichedAtS(question: ActionQuestion, { pan, first, later, fillings }: TimedPan, round: number): number {
  const course = round === question.firstRound ? first : later;
  const usualS = (question.readyAtS[round - 1] ?? 0) - (course?.restS ?? 0) - (course?.stillS ?? 0);
  const boilS = fillings.find((one) => one.round === round)?.boilS;
  return pan === 'main' ? afterSkimmingS(question, usualS, boilS, round) : usualS;
}

/** From when on nothing may boil in a filling of the pot; undefined where all may. */
export function stillFromS(question: ActionQuestion, timed: TimedPan, round: number): number | undefined {
  const isStill = question.strength[timed.pan].held.some(({ held }) => held.spoils);
  return isStill ? enrichedAtS(question, timed, round) : undefined;
}

/** What a boil would spoil: when everything is cooked, as warm as the room, and the heat that is never passed from then on. */
function enriching(question: ActionQuestion, timed: TimedPan, one: HeldBroth, spoils: Spoils): Draft[] {
  const { pan, first, later } = timed;
  const { says, untilCue } = one.held;
  return poursInto(question, timed).flatMap(({ id, round, brothMl, atBoilS, isFinish }): Draft[] => {
    const course = round === question.firstRound ? first : later;
    const parts = heldOf(one, brothMl);
    const volumeMl = sum(parts.map(({ massG }) => massG));
    if (!course || volumeMl < WORTH_POURING_ML) return [];
    return [
      {
        id: `enrich-${id}`,
        atS: isFinish ? atBoilS : enrichedAtS(question, timed, round),
        kind: 'enrich',
        round,
        pan,
        stageId: 'enrich',
        volumeMl,
        does: goesIn(parts, question, true),
        fire: { belowC: spoils.belowC },
        says: saidIn(pan, says),
        shownText: shownOf(parts, question),
        lookFor: untilCue,
      },
    ];
  });
}

/** How much of what, by its name where it is more than one thing; of a sauce all of it together. */
function shownOf(parts: Parts, { menu }: ActionQuestion): string {
  const { catalogue } = menu;
  const { units } = menu.evening;
  const show = ({ ingredientId, massG }: Parts[number]) => showMeasure(massG, catalogue.byId(ingredientId), units).text;
  if (parts.length === 1) return show(parts[0]!);
  if (parts.length > 3)
    return show({ ingredientId: parts[0]!.ingredientId, massG: sum(parts.map((part) => part.massG)) });
  return andList(parts.map((part) => `${show(part)} ${shortName(catalogue.byId(part.ingredientId), '')}`));
}

/** What is held back of each broth, where it is wanted. */
function seasoning(question: ActionQuestion, timed: TimedPan, one: HeldBroth): Draft[] {
  const { menu } = question;
  const { held, side } = one;
  const { pan } = timed;
  const stage = menu.stages.find((each) => each.do === 'season');
  const to = side && pan === 'main' && menu.sides ? `, into the ${menu.sides.names[side].toLowerCase()}` : '';
  return poursInto(question, timed).flatMap(({ id, round, brothMl, atBoilS, atEndS, isFinish }): Draft[] => {
    const parts = heldOf(one, brothMl);
    if (parts.length === 0) return [];
    return [
      {
        id: `season-${held.at}-${side ? `${side}-` : ''}${id}`,
        atS: held.at === 'boil' ? atBoilS : atEndS,
        kind: 'season',
        round,
        pan,
        volumeMl: sum(parts.map(({ massG }) => massG)),
        ...(stage ? { stageId: stage.id } : {}),
        does: goesIn(parts, question, false),
        ...(held.at === 'end' && !isFinish ? { fire: 'low' as const, lid: 'off' as const } : {}),
        says: `${saidIn(pan, held.says)}${to}`,
        shownText: shownOf(parts, question),
        lookFor: held.untilCue,
      },
    ];
  });
}

/** All that is held back of the broths goes in, in every pan and every filling that is poured, in its amount. */
export function heldBackIn(question: ActionQuestion): Draft[] {
  return question.pans.flatMap((timed) =>
    question.strength[timed.pan].held.flatMap((one) =>
      one.held.spoils
        ? enriching(question, timed, one, one.held.spoils)
        : question.asInVersion1
          ? []
          : seasoning(question, timed, one),
    ),
  );
}

/** Whether what is held back of the broth of a pan is its seasoning at the end. */
export const seasonsLast = ({ strength, asInVersion1 }: ActionQuestion, pan: Pan): boolean =>
  !asInVersion1 && strength[pan].held.some(({ held }) => held.at === 'end' && !held.spoils);
