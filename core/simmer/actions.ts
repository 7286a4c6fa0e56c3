import type { Action } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Stage } from '../catalogue/style';
import { showVolume } from '../measures/showMeasure';
import { adding } from './adding';
import { beginning } from './beginning';
import {
  into,
  lidded,
  saidIn,
  shown,
  stageSays,
  where,
  WORTH_POURING_ML,
  type ActionQuestion,
  type Draft,
} from './drafts';
import { shortName } from '../catalogue/shortName';

/** Bringing a pan back to its mark before a course, so long before its first addition. */
const TOP_UP_BEFORE_S = 60;
/** A flame is not turned down for less than this. */
const WORTH_TURNING_DOWN_S = 3 * 60;
/** To ladle a cup for everybody. Kitchen estimate. */
const LADLED_S = 90;
/** A pot of broth is hot again after so long. Kitchen estimate, 3-6 min. */
const HOT_AGAIN_S = 5 * 60;
/** From 85 °C a pot on a high flame boils after about so long. Kitchen estimate, 50-100 s. */
const BEFORE_BOIL_S = 75;
/** From one small thing at the pot to the next. */
const NEXT_S = 45;

/** Foam rises when the pot boils again after what foams went in, or at the first boil where it lay in the pot. */
function skimAtS({ going }: ActionQuestion, boilS: number | undefined, inRound: number): number | undefined {
  const round = going.filter(({ piece }) => piece.pan === 'main' && piece.round === inRound);
  const first = round.find(({ piece }) => ingredientById(piece.ingredientId).foams);
  if (!first) return undefined;
  const { piece, recoveryS } = first;
  if (piece.countsFromS > piece.inAtS) return boilS === undefined ? undefined : boilS + NEXT_S;
  const later = round.filter((one) => one.piece.inAtS > piece.inAtS);
  const next = Math.min(piece.outAtS, ...later.map((one) => one.piece.inAtS));
  const atS = Math.round(Math.min(piece.inAtS + recoveryS, next - 30));
  return atS > piece.inAtS + 30 ? atS : undefined;
}

/** What a stage asks for after the boil that puts nothing in: skimmed, covered, stirred, rested. */
function tending(question: ActionQuestion): Draft[] {
  const { readyAtS, firstRound, pans, going } = question;
  const main = pans.find((one) => one.pan === 'main')!;
  const isTaking = (stage: Stage) => stage.roles !== undefined || stage.items !== undefined;
  return readyAtS.slice(firstRound - 1).flatMap((readyS, index): Draft[] => {
    const round = firstRound + index;
    const course = index === 0 ? main.first : main.later;
    if (!course) return [];
    const pourAt = course.stages.findIndex((stage) => stage.do === 'pour');
    const boilS = main.fillings.find((one) => one.round === round)?.boilS;
    let atS = boilS ?? -Infinity;
    /** What is ladled out before anything else goes in waits until then. */
    const beforeNext = (place: number) => {
      const later = going.filter(
        ({ piece, stageId }) =>
          piece.round === round &&
          piece.pan === 'main' &&
          course.stages.findIndex((one) => one.id === stageId) > place &&
          piece.countsFromS === piece.inAtS,
      );
      return later.length > 0 ? Math.min(...later.map(({ piece }) => piece.inAtS)) - LADLED_S : 0;
    };
    return course.stages.flatMap((stage, place): Draft[] => {
      const mine = going.filter(
        ({ piece, stageId }) => stageId === stage.id && piece.round === round && piece.pan === 'main',
      );
      if (isTaking(stage)) {
        atS = Math.max(
          atS,
          ...mine.filter(({ piece }) => piece.countsFromS === piece.inAtS).map(({ piece }) => piece.inAtS),
        );
        return [];
      }
      if (place < pourAt || stage.do === 'pour' || stage.do === 'enrich') return [];
      const says = lidded(stageSays(stage, []), question.menu.evening);
      const base = { round, pan: 'main' as const, stageId: stage.id, says, lookFor: stage.untilCue };
      if (stage.do === 'rest') {
        return [{ ...base, id: `rest-${round}`, kind: 'rest', atS: readyS - course.restS }];
      }
      if (stage.do === 'skim') {
        const skimS = boilS === undefined ? undefined : skimAtS(question, boilS, round);
        if (skimS === undefined) return [];
        atS = Math.max(atS, skimS);
        return [{ ...base, id: index === 0 ? 'skim-main' : `skim-main-${round}`, kind: 'skim', atS: skimS }];
      }
      if (stage.beforeBoil) {
        const id = `${stage.do}-${stage.id}-${round}`;
        return boilS === undefined ? [] : [{ ...base, id, kind: stage.do, atS: Math.max(0, boilS - BEFORE_BOIL_S) }];
      }
      if (!Number.isFinite(atS)) return [];
      atS = Math.max(atS + NEXT_S, stage.do === 'lift' ? beforeNext(place) : 0);
      return [{ ...base, id: `${stage.do}-${stage.id}-${round}`, kind: stage.do, atS }];
    });
  });
}

/** What would be spoiled by boiling goes in when everything is cooked, in every pan and every round. */
function enriching({ menu, pans, readyAtS, firstRound }: ActionQuestion): Draft[] {
  const stage = menu.stages.find((one) => one.do === 'enrich');
  if (!stage) return [];
  return pans.flatMap(({ pan, fit, first, later }) =>
    readyAtS.slice(firstRound - 1).flatMap((readyS, index): Draft[] => {
      const course = index === 0 ? first : later;
      if (!course || fit.heldMl < WORTH_POURING_ML) return [];
      const round = firstRound + index;
      return [
        {
          id: `enrich-${pan}-${round}`,
          atS: readyS - course.restS - course.stillS,
          kind: 'enrich',
          round,
          pan,
          stageId: stage.id,
          volumeMl: fit.heldMl,
          says: saidIn(pan, stage.says),
          shownText: showVolume(fit.heldMl, menu.evening.units),
          lookFor: stage.untilCue,
        },
      ];
    }),
  );
}

function toppingUp(question: ActionQuestion): Draft[] {
  const { units } = question.menu.evening;
  const isSauce = question.menu.pour.kind === 'ladles';
  const isOff = question.menu.stages.some((stage) => stage.do === 'rest');
  const mustNotBoil = question.menu.stages.some((stage) => stage.do === 'enrich');
  const watered = (ml: number) =>
    `${showVolume(ml, units)} of ${question.menu.chosen.letDown ? 'dashi' : 'hot water'}; taste it then`;
  const splash = question.menu.stages.find((stage) => stage.do === 'pour')?.says ?? 'More of it';
  return question.pans.flatMap(({ pan, levels, fillings }) =>
    levels.flatMap(({ pourMl, ladleOutMl, waterMl }, index): Draft[] => {
      const round = question.firstRound + index;
      const mine = question.going.filter(({ piece }) => piece.round === round && piece.pan === pan);
      if (index === 0 || fillings.some((one) => one.round === round)) return [];
      // A finish of which nothing is cooked in the pot is ladled over when the broth is hot again.
      const readyS = question.finishReadyAtS[round - question.readyAtS.length - 1];
      const isLadled = mine.length === 0 && readyS !== undefined;
      if (mine.length === 0 && (!isLadled || pourMl + waterMl < WORTH_POURING_ML)) return [];
      const base = {
        id: pan === 'main' ? `topup-${round}` : `topup-${round}-${pan}`,
        atS: isLadled ? readyS - HOT_AGAIN_S : Math.min(...mine.map(({ piece }) => piece.inAtS)) - TOP_UP_BEFORE_S,
        round,
        pan,
      };
      const on = isOff ? 'burner on, ' : '';
      const up = mustNotBoil ? 'up until it steams, no bubble' : 'back to a simmer';
      const back = `${on}${pan === 'main' ? up : `the small pan ${up}`}`;
      if (ladleOutMl >= WORTH_POURING_ML) {
        return [
          {
            ...base,
            kind: 'lift',
            volumeMl: -ladleOutMl,
            says: `Ladle broth out to make room, ${back}`,
            shownText: showVolume(ladleOutMl, units),
          },
        ];
      }
      if (pourMl < WORTH_POURING_ML) {
        const says =
          pan === 'main'
            ? isOff
              ? 'Burner on, back up to a simmer'
              : mustNotBoil
                ? 'Back up until it steams'
                : 'Back up to a simmer'
            : 'The small pan back up to a simmer';
        if (waterMl < WORTH_POURING_ML) return [{ ...base, kind: 'heatUp', says }];
        const water = `${says}, with ${watered(waterMl)}`;
        return [
          { ...base, kind: 'pour', volumeMl: waterMl, waterMl, says: water, shownText: showVolume(waterMl, units) },
        ];
      }
      const says = isSauce
        ? `${question.menu.chosen.letDown ? 'More sauce, and dashi until it tastes right' : splash}, ${back}`
        : `Hot broth from the reserve, ${back}`;
      const pour: Draft = { ...base, kind: 'pour', volumeMl: pourMl, says, shownText: showVolume(pourMl, units) };
      return waterMl < WORTH_POURING_ML ? [pour] : [{ ...pour, waterMl, says: `${says}, and ${watered(waterMl)}` }];
    }),
  );
}

/** What was cooked apart has the broth of the pot ladled over it. */
function overBowls({ finish, food }: ActionQuestion['menu']): string | undefined {
  if (finish && finish.slots.length === 0) return 'Hot broth into the bowls, over what is left of the dips; burner off';
  if (!finish?.apart) return undefined;
  const names = food
    .filter((one) => one.purpose === 'finish')
    .map((one) => shortName(one.ingredientId, one.cuts[0]?.cut ?? ''));
  return `${stageSays({ ...finish.stages[0]!, says: '{in}' }, [...new Set(names)])} into bowls, the hot broth over them; burner off`;
}

/** Where slices are held in: the broth, or the one that they belong to. */
function heldIn(menu: ActionQuestion['menu'], piece: Parameters<typeof into>[1]): string {
  const said = into(menu, piece);
  return said === where('main') ? 'the broth' : said === 'both broths' ? 'either broth' : said;
}

function serving({ menu, readyAtS, finishReadyAtS, going, firstRound, swished, endsAtS }: ActionQuestion): Draft[] {
  const startsAgainS = (round: number) =>
    Math.min(...going.filter(({ piece }) => piece.round === round + 1).map(({ piece }) => piece.inAtS)) -
    TOP_UP_BEFORE_S;
  const rounds = readyAtS.length;
  const goes = finishReadyAtS.length;
  const wordsFor = (round: number, low: string): string => {
    if (round < firstRound) return 'The first slices are ready: eat them at once';
    if (round === firstRound && swished.length > 0) return 'It is ready: the slices to the table, the pot at a simmer';
    if (rounds > firstRound) return `Round ${round - firstRound + 1} is ready: lift it out${low}`;
    return 'It is ready: to the table';
  };
  const serves = readyAtS.map((atS, index): Draft => {
    const round = index + 1;
    const isOff = menu.stages.some((stage) => stage.do === 'rest');
    const low = !isOff && startsAgainS(round) - atS >= WORTH_TURNING_DOWN_S ? ', low heat' : '';
    return { id: `serve-${round}`, atS, kind: 'serve', round, pan: 'main', says: wordsFor(round, low) };
  });
  const held = swished.map((piece): Draft => ({
    id: `swish-${piece.id}`,
    atS: piece.inAtS,
    kind: 'swish',
    round: piece.round,
    pan: 'main',
    ingredientId: piece.ingredientId,
    cut: piece.cut,
    pieceId: piece.id,
    massG: piece.massG,
    shownText: shown(piece, menu.evening.units),
    says: `Hold each slice of ${shortName(piece.ingredientId, piece.cut)} in ${heldIn(menu, piece)} for ${Math.ceil(piece.bestS / 5) * 5} seconds; never let it go`,
    lookFor: piece.sign,
  }));
  const between = finishReadyAtS.slice(0, -1).map((atS, index): Draft => {
    const round = rounds + index + 1;
    const says = 'A part of the finish is ready: into bowls, low heat';
    return { id: `serve-${round}`, atS, kind: 'serve', round, pan: 'main', says };
  });
  const off: Draft = {
    id: 'off',
    atS: endsAtS,
    kind: 'off',
    round: rounds + goes,
    pan: 'main',
    says: overBowls(menu) ?? (goes === 0 ? 'Burner off' : 'The finish is ready: burner off, into bowls'),
  };
  return [...serves, ...held, ...between, off];
}

const ORDER: Action['kind'][] = [
  'light',
  'melt',
  'deglaze',
  'sear',
  'fry',
  'boil',
  'lift',
  'skim',
  'uncover',
  'loosen',
  'stir',
  'season',
  'heatUp',
  'heatDown',
  'add',
  'pour',
  'enrich',
  'cover',
  'rest',
  'serve',
  'swish',
  'off',
];

const rank = ({ joinsLight, kind }: Draft) => ORDER.indexOf(joinsLight ? 'light' : kind);

/**
 * Everything the cook does at the burner, in order. What goes in at one moment in one pan shares a step, so that it is
 * told and tapped once.
 */
export function simmerActions(question: ActionQuestion): Action[] {
  const drafts = [
    ...beginning(question),
    ...adding(question),
    ...tending(question),
    ...enriching(question),
    ...toppingUp(question),
    ...serving(question),
  ].sort(
    (a, b) =>
      a.atS - b.atS ||
      // A round is lifted out before anything is done for the next.
      a.round - b.round ||
      rank(a) - rank(b) ||
      a.pan.localeCompare(b.pan) ||
      Number(a.joinsLight ?? false) - Number(b.joinsLight ?? false),
  );
  let step = -1;
  let before: Draft | undefined;
  return drafts.map(({ joinsLight, ...draft }) => {
    const isSameThing = before?.kind === draft.kind || joinsLight;
    const together = before && before.atS === draft.atS && before.pan === draft.pan && isSameThing;
    if (!together) step += 1;
    before = draft;
    return { ...draft, step };
  });
}
