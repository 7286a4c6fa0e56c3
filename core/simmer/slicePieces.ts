import type { SimmerPiece } from '@elixa/contract';
import { isSwished } from '../evening/portions';
import type { CookWindow } from './additionModel';
import { asCutTonight } from './asCut';
import type { PanRounds, SimmerQuestion } from './panRounds';
import { swished } from './swished';

/** What is of one kind and cut, though two things of the style have become it, is one thing to the cook. */
function ofOneKind<T extends { ingredientId: string; cut?: string; massG: number }>(all: readonly T[]): T[] {
  const kinds = new Map<string, T>();
  for (const one of all) {
    const key = `${one.ingredientId}/${one.cut}`;
    const known = kinds.get(key);
    kinds.set(key, known ? { ...known, massG: known.massG + one.massG } : one);
  }
  return [...kinds.values()];
}

/** What a plan says of a window. */
const told = ({ leastS, bestS, mostS, safeS, sign }: CookWindow) => ({ leastS, bestS, mostS, safeS, sign });

/** The window of a slice in the broth: by the model of heat, whatever the pot, since it is held in it by itself. */
function heldWindow(
  { menu, model }: SimmerQuestion,
  context: PanRounds['context'],
  { ingredientId, cut }: { ingredientId: string; cut: string },
): CookWindow {
  const byTable = model.cookWindow(ingredientId, cut, { ...context, pan: 'main', course: 'first' }, 'swished');
  if (model.asInVersion1) return byTable;
  const slice = { ingredientId, cut, ...asCutTonight(menu, ingredientId, cut) };
  const { safeS, readyS, bestS, overS } = swished(menu.catalogue, slice, context.boilingC, 0);
  const leastS = readyS ?? bestS;
  return { safeS: safeS ?? bestS, leastS, bestS, mostS: Math.max(bestS, overS ?? 0), sign: byTable.sign };
}

/** A slice that is cooked by itself, its seconds from when it goes in to when it comes out. */
function slicePiece(
  { ingredientId, cut, massG }: { ingredientId: string; cut: string; massG: number },
  way: 'swished' | 'seared',
  window: CookWindow,
  [inAtS, outAtS]: readonly [number, number],
): SimmerPiece {
  return {
    id: `r1-main-${ingredientId}-${cut}`,
    ingredientId,
    cut,
    round: 1,
    pan: 'main',
    massG,
    way,
    inAtS,
    countsFromS: inAtS,
    outAtS,
    cookS: window.bestS,
    ...told(window),
    inWindow: true,
    safe: window.bestS >= window.safeS,
  };
}

/** Slices wait cold by the pot; each guest's own takes its seconds from when it is held in. */
export function swishedPieces(question: SimmerQuestion, { context }: PanRounds, readyS: number): SimmerPiece[] {
  const { menu } = question;
  const slices = menu.food
    .filter((one) => one.purpose === 'pot' && isSwished(one, menu.evening.service))
    .flatMap(({ ingredientId, cuts }) => cuts.map((one) => ({ ingredientId, ...one })));
  return ofOneKind(slices).map((slice) => {
    const window = heldWindow(question, context, slice);
    return slicePiece(slice, 'swished', window, [readyS, readyS + window.bestS]);
  });
}

/** Slices on the hot pan, before any liquid. */
export function searedPieces(question: SimmerQuestion, { first, context }: PanRounds, startS: number): SimmerPiece[] {
  return first.early.flatMap(({ portions, atS, lastsS }) => {
    const inAtS = startS + atS;
    return ofOneKind(portions.filter((portion) => portion.way === 'seared')).map(
      ({ ingredientId, cut = '', massG }) => {
        const window = question.model.cookWindow(ingredientId, cut, context, 'seared');
        return slicePiece({ ingredientId, cut, massG }, 'seared', window, [inAtS, inAtS + lastsS]);
      },
    );
  });
}
