import type { Action, Evening, SimmerPiece } from '@elixa/contract';
import type { Fit } from '../build/fit';
import { ingredientById } from '../catalogue/ingredients';
import type { Pan } from '../diners/table';
import { showMeasure, showVolume } from '../measures/showMeasure';
import type { RoundGroup } from './planRound';

interface PanTimes {
  pan: Pan;
  brothMl: number;
  lightAtS: number;
  boilAtS: number;
  /** Additions of the first round, from first in to last in. */
  groups: readonly RoundGroup[];
}

interface ActionQuestion {
  evening: Evening;
  fit: Fit;
  pieces: readonly SimmerPiece[];
  readyAtS: readonly number[];
  finishReadyS?: number;
  pans: readonly PanTimes[];
}

type Draft = Omit<Action, 'step'>;

/** How a cook names a piece at the stove: `cabbage stems`. */
export function shortName(ingredientId: string, cut: string): string {
  const found = ingredientById(ingredientId);
  return found.cuts[cut]?.short ?? found.name;
}

const where = (pan: Pan) => (pan === 'aside' ? 'the small pan' : 'the pot');

function lighting(question: ActionQuestion): Draft[] {
  const { units } = question.evening;
  return question.pans.flatMap(({ pan, brothMl, lightAtS, boilAtS }) => [
    {
      id: `light-${pan}`,
      atS: lightAtS,
      kind: 'light' as const,
      round: 1,
      pan,
      says: `Broth into ${where(pan)}, lid on, high heat`,
      shownText: showVolume(brothMl, units),
    },
    {
      id: `boil-${pan}`,
      atS: boilAtS,
      kind: 'boil' as const,
      round: 1,
      pan,
      says: pan === 'main' ? 'It boils: lid off, down to a simmer' : 'The small pan boils: down to a simmer',
      lookFor: 'bubbles all over, not only at the edge',
    },
  ]);
}

function adding(question: ActionQuestion): Draft[] {
  const finishRound = question.readyAtS.length + 1;
  return question.pieces.map((piece) => {
    const shown = showMeasure(piece.massG, ingredientById(piece.ingredientId), question.evening.units);
    const isFinish = question.finishReadyS !== undefined && piece.round === finishRound;
    return {
      id: `${isFinish ? 'finish' : 'add'}-${piece.id}`,
      atS: piece.inAtS,
      kind: isFinish ? ('finish' as const) : ('add' as const),
      round: piece.round,
      pan: piece.pan,
      ingredientId: piece.ingredientId,
      pieceId: piece.id,
      massG: piece.massG,
      shownText: shown.text,
      says: `${shortName(piece.ingredientId, piece.cut)} into ${where(piece.pan)}`,
      lookFor: piece.sign,
    };
  });
}

/** The first foam of meat rises when the pot boils again after it went in. */
function skimming(question: ActionQuestion): Draft[] {
  const meat = question.pieces.filter(
    (piece) => ingredientById(piece.ingredientId).kinds.includes('poultry') && piece.pan === 'main',
  );
  const first = meat[0];
  if (!first) return [];
  const groups = question.pans.find((one) => one.pan === 'main')?.groups ?? [];
  const withMeat = groups.find((group) => group.pieces.some((one) => one.ingredientId === first.ingredientId));
  const recovery = withMeat?.recoveryS ?? 0;
  const later = question.pieces.filter((piece) => piece.round === first.round && piece.inAtS > first.inAtS);
  const next = Math.min(first.outAtS, ...later.map((piece) => piece.inAtS));
  const atS = Math.round(Math.min(first.inAtS + recovery, next - 30));
  if (atS <= first.inAtS + 30) return [];
  return [
    {
      id: 'skim-main',
      atS,
      kind: 'skim',
      round: first.round,
      pan: 'main',
      says: 'Skim the foam',
      lookFor: 'it boils again and grey foam rises',
    },
  ];
}

function serving(question: ActionQuestion): Draft[] {
  const { readyAtS, fit, finishReadyS, evening } = question;
  const rounds = readyAtS.length;
  const perTopUpMl = fit.reserveMl / Math.max(1, rounds - 1);
  const drafts = readyAtS.flatMap((atS, index): Draft[] => {
    const round = index + 1;
    const serve: Draft = {
      id: `serve-${round}`,
      atS,
      kind: 'serve',
      round,
      pan: 'main',
      says: rounds > 1 ? `Round ${round} is ready: lift it out, low heat` : 'It is ready: to the table',
    };
    const firstIn = Math.min(...question.pieces.filter((piece) => piece.round === round).map((piece) => piece.inAtS));
    if (round === 1 || !Number.isFinite(firstIn)) return [serve];
    const topUp: Draft = {
      id: `topup-${round}`,
      atS: firstIn - 60,
      kind: 'topUp',
      round,
      pan: 'main',
      says: perTopUpMl >= 25 ? 'Hot broth from the reserve, back to a simmer' : 'Back up to a simmer',
      shownText: perTopUpMl >= 25 ? showVolume(perTopUpMl, evening.units) : undefined,
    };
    return [topUp, serve];
  });
  const lastS = finishReadyS ?? readyAtS[rounds - 1];
  const off: Draft = {
    id: 'off',
    atS: lastS as number,
    kind: 'off',
    round: finishReadyS === undefined ? rounds : rounds + 1,
    pan: 'main',
    says: finishReadyS === undefined ? 'Burner off' : 'The finish is ready: burner off, into bowls',
  };
  return [...drafts, off];
}

const ORDER: Action['kind'][] = [
  'light',
  'boil',
  'topUp',
  'skim',
  'heatUp',
  'heatDown',
  'add',
  'finish',
  'serve',
  'off',
];

/**
 * Everything the cook does at the burner, in order. What goes in at one moment in one pan shares a step, so that it is
 * told and tapped once.
 */
export function simmerActions(question: ActionQuestion): Action[] {
  const drafts = [...lighting(question), ...adding(question), ...skimming(question), ...serving(question)].sort(
    (a, b) => a.atS - b.atS || ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) || a.pan.localeCompare(b.pan),
  );
  let step = -1;
  let before: Draft | undefined;
  return drafts.map((draft) => {
    const together = before && before.atS === draft.atS && before.pan === draft.pan && before.kind === draft.kind;
    if (!together) step += 1;
    before = draft;
    return { ...draft, step };
  });
}
