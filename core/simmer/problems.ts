import type { Simmer, SimmerPiece, Trace, Unsatisfied } from '@elixa/contract';
import type { Fit } from '../arrange/fit';
import type { Menu } from '../evening/menu';
import { showVolume } from '../measures/showMeasure';
import { spanText } from './because';
import { shortName } from '../catalogue/shortName';
import { wantedBy } from '../pot/food';

/** What the pot has wrong with a piece when it is lifted out. */
export type Wrong = 'raw' | 'late' | 'past';

/** Less than this out of its window nobody tastes, in s. */
export const TASTED_S = 60;

/**
 * What is wrong with a piece when it is lifted out, by the model of heat.
 * @returns nothing where it was not gone through, or is as it should be
 */
export function wrongWith(piece: SimmerPiece): Wrong | undefined {
  if (piece.cookValueMin === undefined) return undefined;
  if (!piece.safe) return 'raw';
  if (piece.inWindow) return undefined;
  const { readyAtS, overAtS, outAtS } = piece;
  if (readyAtS === undefined || readyAtS - outAtS > TASTED_S) return 'late';
  return overAtS !== undefined && outAtS - overAtS > TASTED_S ? 'past' : undefined;
}

const WORDS: Record<Wrong, string> = {
  raw: 'Not cooked through in this pot',
  late: 'Not done when it comes out',
  past: 'Past its best when it comes out',
};

/** Names of pieces, each once. */
export const namesOf = ({ catalogue }: Menu, pieces: readonly SimmerPiece[]): string[] => [
  ...new Set(pieces.map((one) => shortName(catalogue.byId(one.ingredientId), one.cut))),
];

function becauseRaw(pieces: readonly SimmerPiece[]): string {
  const hottestC = Math.min(...pieces.map((one) => one.largestCentreTempC ?? 0));
  return `The middle of the largest piece is at ${Math.round(hottestC)} °C when it is lifted out. Give it longer, until a thermometer says so.`;
}

function becausePast(menu: Menu, pieces: readonly SimmerPiece[]): string {
  const mostS = Math.max(...pieces.map((one) => one.outAtS - (one.overAtS ?? one.outAtS)));
  const by = `By ${spanText(mostS)} at most`;
  if (pieces.every((one) => one.countsFromS > one.inAtS)) {
    return `${by}: it lies in the pot from the start, with what takes longer.`;
  }
  const stays = menu.stages.find((stage) => stage.do === 'enrich' || stage.do === 'rest');
  return stays
    ? `${by}: it has to be in before the pot is left to stand at the end.`
    : `${by}: it goes in with what takes longer.`;
}

/** What may be eaten as it is is never underdone: it is less warm, and that is told by its sign. */
const mayBeEaten = ({ catalogue }: Menu, { ingredientId }: SimmerPiece): boolean =>
  catalogue.byId(ingredientId).asItIs === true;

/** What is good as it is, and comes out cooler in the middle than anybody eats it out of a pot. */
function coolOf(menu: Menu, pieces: readonly SimmerPiece[]): Unsatisfied[] {
  const cool = pieces.filter((piece) => wrongWith(piece) === 'late' && mayBeEaten(menu, piece) && isCool(menu, piece));
  if (cool.length === 0) return [];
  const leastC = Math.min(...cool.map((one) => one.centreTempC ?? 0));
  return [
    {
      id: 'cool',
      text: `Not hot in the middle when it comes out: ${namesOf(menu, cool).join(', ')}`,
      because: `The middle is at ${Math.round(leastC)} °C then. It does no harm, and is better hot.`,
      remedies: [{ text: 'Leave it in a few minutes longer, or cut it smaller' }],
    },
  ];
}

/** Nobody minds so much less than it is served at, in K. */
const COOLER_K = 10;

const isCool = ({ catalogue }: Menu, piece: SimmerPiece): boolean =>
  (piece.centreTempC ?? Infinity) < (wantedBy(catalogue, piece).servedC ?? -273) - COOLER_K;

/** The time that was said for it is why. */
const isOwn = ({ evening }: Menu, { ingredientId, cut }: SimmerPiece) =>
  evening.overrides.minutesInPot?.[ingredientId]?.[cut] !== undefined;

/** What would not come out as it should, said as what cannot be satisfied; remedies are worked out apart. */
export function problemsOf(menu: Menu, { pieces }: Pick<Simmer, 'pieces'>): Unsatisfied[] {
  const told = (['raw', 'late', 'past'] as const).flatMap((wrong): Unsatisfied[] => {
    const mine = pieces.filter((piece) => wrongWith(piece) === wrong && !(wrong === 'late' && mayBeEaten(menu, piece)));
    if (mine.length === 0) return [];
    const own = mine.every((piece) => isOwn(menu, piece));
    const late = own ? 'You said when it goes in.' : 'It does not get the time that it needs with the rest.';
    const because = wrong === 'raw' ? becauseRaw(mine) : wrong === 'past' && !own ? becausePast(menu, mine) : late;
    return [{ id: wrong, text: `${WORDS[wrong]}: ${namesOf(menu, mine).join(', ')}`, because, remedies: [] }];
  });
  return [...told, ...coolOf(menu, pieces)];
}

/** A level is good to this share of the room. */
const LEVEL_GOOD_TO = 0.02;

/** By how much of its room a pot stands over its mark at the most; nothing within what its levels are good to. */
export function overMarkShare(trace: Trace | undefined, { usableMl }: Pick<Fit, 'usableMl'>): number {
  const over = Math.max(0, ...(trace?.levelMl ?? [])) / usableMl - 1;
  return over > LEVEL_GOOD_TO ? over : 0;
}

export const OVER_MARK = 'overMark';

/** A pot that would stand over its mark, as going through it has shown. */
export function overMark({ evening }: Menu, fit: Pick<Fit, 'usableMl'>, trace: Trace | undefined): Unsatisfied[] {
  const over = overMarkShare(trace, fit);
  if (over === 0) return [];
  const { usableMl } = fit;
  const mostMl = usableMl * (1 + over);
  const { units } = evening;
  return [
    {
      id: OVER_MARK,
      text: `The pot stands ${showVolume(mostMl - usableMl, units)} over its mark`,
      because: `${showVolume(mostMl, units)} stand in it at the most, and it takes ${showVolume(usableMl, units)} to its mark. Ladle that much out into the reserve before more goes in.`,
      remedies: [],
    },
  ];
}
