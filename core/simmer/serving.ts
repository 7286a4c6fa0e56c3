import type { Act, SimmerPiece } from '@elixa/contract';
import { shortName } from '../catalogue/shortName';
import type { Pan } from '../diners/table';
import type { Fire } from '../program/settle';
import { sum } from '../measures/sum';
import { into, shown, stageSays, where, type ActionQuestion, type Draft } from './drafts';
import { tableSteamG } from '../heat/tableSteam';
import { heldWords } from './heldSeconds';
import { ladledMlPerG, WORTH_POURING_ML } from './levels';
import { TOP_UP_BEFORE_S } from './toppingUp';

/** A flame is not turned down for less than this. */
const WORTH_TURNING_DOWN_S = 3 * 60;

/** What was cooked apart has the broth of the pot ladled over it. */
function overBowls({ finish, food }: ActionQuestion['menu']): string | undefined {
  if (finish && finish.slots.length === 0) return 'Hot broth into the bowls, over what is left of the dips';
  if (!finish?.apart) return undefined;
  const names = food
    .filter((one) => one.purpose === 'finish')
    .map((one) => shortName(one.what, one.cuts[0]?.cut ?? ''));
  return `${stageSays({ ...finish.stages[0]!, says: '{in}' }, [...new Set(names)])} into bowls, the hot broth over them`;
}

/** Where slices are held in: the broth, or the one that they belong to. */
function heldIn(menu: ActionQuestion['menu'], piece: Parameters<typeof into>[1]): string {
  const said = into(menu, piece);
  return said === where('main') ? 'the broth' : said === 'both broths' ? 'either broth' : said;
}

const piecesOf = ({ going }: ActionQuestion, round: number, pan: Pan): SimmerPiece[] =>
  going.flatMap(({ piece }) => (piece.round === round && piece.pan === pan ? [piece] : []));

/** The broth that goes into bowls with a round of a pan. */
const ladledMl = (question: ActionQuestion, round: number, pan: Pan): number =>
  sum(piecesOf(question, round, pan).map(({ massG }) => massG * ladledMlPerG(question.menu.pour)));

/** What is eaten of a pan when a round of it is ready: its pieces, and the broth that goes with them into bowls. */
function servedOf(question: ActionQuestion, round: number, pan: Pan): Act[] {
  const mine = piecesOf(question, round, pan);
  if (mine.length === 0) return [{ is: 'served' }];
  return [
    { is: 'liftedOut', pieceIds: mine.map((one) => one.id) },
    { is: 'ladled', ml: ladledMl(question, round, pan), to: 'bowls' },
    { is: 'served' },
  ];
}

/** The same of both pans, with the fire that both have from then on. */
function servedAt(question: ActionQuestion, round: number, fire?: Fire): Pick<Draft, 'does' | 'fire' | 'also'> {
  const others = question.pans.filter((one) => one.pan !== 'main');
  const lit = fire ? { fire } : {};
  return {
    does: servedOf(question, round, 'main'),
    ...lit,
    also: others.map(({ pan }) => ({ pan, does: servedOf(question, round, pan), ...lit })),
  };
}

/** Every fire out, with nothing more to eat. */
const outAt = ({ pans }: ActionQuestion): Pick<Draft, 'fire' | 'also'> => ({
  fire: 'off',
  also: pans.filter((one) => one.pan !== 'main').map(({ pan }) => ({ pan, does: [], fire: 'off' })),
});

/** How the lid lies when a round is lifted out; of a pot that rested under it, as it lay. */
function lidAt(
  { asInVersion1 }: ActionQuestion,
  { isLow, isSwished, isOff }: { isLow: boolean; isSwished: boolean; isOff: boolean },
): Pick<Draft, 'lid'> {
  if (isLow) return { lid: 'on' };
  if (asInVersion1) return {};
  // Nobody holds a slice under a lid.
  if (isSwished) return { lid: 'off' };
  return isOff ? { lid: 'on' } : {};
}

/** A flame under an open pot that would lose more than this share of its broth while it is eaten is put out. Kitchen estimate. */
const MOST_STEAMED = 0.4;

/** Whether the lowest flame would take most of the broth of an open pot before there is more; no reserve comes until then. */
function boilsAway(question: ActionQuestion, round: number, waitsS: number): boolean {
  const { menu, pans, firstRound, asInVersion1 } = question;
  const { vessel, heatSource } = menu.evening;
  // What must not boil is held well below it, and steams little.
  const isHeldBelow = menu.stages.some((stage) => stage.do === 'enrich');
  if (asInVersion1 || vessel.lid || isHeldBelow) return false;
  const { levels } = pans.find(({ pan }) => pan === 'main')!;
  const [level, next] = levels.slice(round - firstRound);
  if (!level || (next && next.pourMl >= WORTH_POURING_ML)) return false;
  const leftMl = level.brothMl - ladledMl(question, round, 'main');
  return tableSteamG(menu.evening, vessel, heatSource, waitsS) > leftMl * MOST_STEAMED;
}

/** When each round is eaten, slices are held in, and the evening ends. */
export function serving(question: ActionQuestion): Draft[] {
  const { menu, readyAtS, finishReadyAtS, going, firstRound, swished, endsAtS } = question;
  const startsAgainS = (round: number) =>
    Math.min(...going.filter(({ piece }) => piece.round === round + 1).map(({ piece }) => piece.inAtS)) -
    TOP_UP_BEFORE_S;
  const isOff = menu.stages.some((stage) => stage.do === 'rest');
  const rounds = readyAtS.length;
  const goes = finishReadyAtS.length;
  const wordsFor = (round: number): string => {
    if (round < firstRound) return 'The first slices are ready: eat them at once';
    if (round === firstRound && swished.length > 0) return 'It is ready: the slices to the table, the pot at a simmer';
    const too = going.some(({ piece }) => piece.pan === 'aside' && piece.round === round) ? ', the small pan too' : '';
    if (rounds > firstRound) return `Round ${round - firstRound + 1} is ready${too}: lift it out`;
    return `It is ready${too}: to the table`;
  };
  const serves = readyAtS.map((atS, index): Draft => {
    const round = index + 1;
    // Slices are held in a pot that simmers.
    const isSwished = round === firstRound && swished.length > 0;
    const waitsS = startsAgainS(round) - atS;
    const isLow = round >= firstRound && !isOff && !isSwished && waitsS >= WORTH_TURNING_DOWN_S;
    // A few ladles of sauce would boil away on the lowest flame, and so would a little broth in a wide pan.
    const low = menu.pour.kind === 'ladles' || boilsAway(question, round, waitsS) ? 'off' : 'low';
    return {
      id: `serve-${round}`,
      atS,
      kind: 'serve',
      round,
      pan: 'main',
      says: wordsFor(round),
      ...servedAt(question, round, isLow ? low : undefined),
      ...lidAt(question, { isLow, isSwished, isOff }),
    };
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
    does: [{ is: 'eaten', pieceIds: [piece.id] }],
    shownText: shown(menu, piece),
    says: `Hold each slice of ${shortName(menu.catalogue.byId(piece.ingredientId), piece.cut)} in ${heldIn(menu, piece)} ${heldWords(piece)}; never let it go`,
    lookFor: piece.sign,
  }));
  const between = finishReadyAtS.slice(0, -1).map((atS, index): Draft => {
    const round = rounds + index + 1;
    const says = 'A part of the finish is ready: into bowls';
    return {
      id: `serve-${round}`,
      atS,
      kind: 'serve',
      round,
      pan: 'main',
      says,
      // Noodles and rice leave hardly any broth in it: it waits for the next go without fire.
      ...servedAt(question, round, 'off'),
    };
  });
  const off: Draft = {
    id: 'off',
    atS: endsAtS,
    kind: 'off',
    round: rounds + goes,
    pan: 'main',
    says:
      overBowls(menu) ?? (goes === 0 ? (isOff ? 'See that the burner is off' : '') : 'The finish is ready: into bowls'),
    ...(goes === 0 ? outAt(question) : servedAt(question, rounds + goes, 'off')),
  };
  return [...serves, ...held, ...between, off];
}
