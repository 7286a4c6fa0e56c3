import type { Action, Evening, SimmerPiece } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Pan } from '../diners/table';
import { showMeasure, showVolume } from '../measures/showMeasure';
import { holdsBoil } from '../heat/burner';
import type { PanRounds } from './panRounds';

interface PanTimes extends PanRounds {
  lightAtS: number;
  boilAtS: number;
}

interface ActionQuestion {
  evening: Evening;
  pieces: readonly SimmerPiece[];
  /** When each round is ready, and each go of the finish. */
  readyAtS: readonly number[];
  finishReadyAtS: readonly number[];
  pans: readonly PanTimes[];
}

type Draft = Omit<Action, 'step'>;

/** How a cook names a piece at the stove: `cabbage stems`. */
export function shortName(ingredientId: string, cut: string): string {
  const found = ingredientById(ingredientId);
  return found.cuts[cut]?.short ?? found.name;
}

const where = (pan: Pan) => (pan === 'aside' ? 'the small pan' : 'the pot');

/** Less than this is not worth a ladle. */
const WORTH_POURING_ML = 25;

function lighting(question: ActionQuestion): Draft[] {
  const { units } = question.evening;
  return question.pans.flatMap(({ pan, fit, context, lightAtS, boilAtS }) => {
    const lidStays = context.vessel.lid && holdsBoil(context) === 'lidded';
    const thenLid = lidStays ? 'leave the lid on' : context.vessel.lid ? 'lid off' : undefined;
    const then = [...(pan === 'main' && thenLid ? [thenLid] : []), 'down to a simmer'].join(', ');
    return [
      {
        id: `light-${pan}`,
        atS: lightAtS,
        kind: 'light' as const,
        round: 1,
        pan,
        volumeMl: fit.potBrothMl,
        says: `Broth into ${where(pan)}${context.vessel.lid ? ', lid on' : ''}, high heat`,
        shownText: showVolume(fit.potBrothMl, units),
      },
      {
        id: `boil-${pan}`,
        atS: boilAtS,
        kind: 'boil' as const,
        round: 1,
        pan,
        says: `${pan === 'main' ? 'It boils' : 'The small pan boils'}: ${then}`,
        lookFor: 'bubbles all over, not only at the edge',
      },
    ];
  });
}

function adding(question: ActionQuestion): Draft[] {
  const lastRound = question.readyAtS.length;
  return question.pieces.map((piece) => {
    const shown = showMeasure(piece.massG, ingredientById(piece.ingredientId), question.evening.units, piece.cut);
    const isFinish = piece.round > lastRound;
    const pan = question.pans.find((one) => one.pan === piece.pan);
    const groups = (isFinish ? pan?.finishes[0] : pan?.rounds[0]) ?? [];
    const group = groups.find((one) =>
      one.pieces.some((other) => other.ingredientId === piece.ingredientId && other.cut === piece.cut),
    );
    return {
      id: `${isFinish ? 'finish' : 'add'}-${piece.id}`,
      atS: piece.inAtS,
      kind: isFinish ? ('finish' as const) : ('add' as const),
      round: piece.round,
      pan: piece.pan,
      ingredientId: piece.ingredientId,
      pieceId: piece.id,
      massG: piece.massG,
      recoveryS: group && Math.round(group.recoveryS),
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
  const groups = question.pans.find((one) => one.pan === 'main')?.rounds[0] ?? [];
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

/** Bringing a pan back to its mark before a course, so long before its first addition. */
const TOP_UP_BEFORE_S = 60;

function toppingUp(question: ActionQuestion): Draft[] {
  const { units } = question.evening;
  return question.pans.flatMap(({ pan, levels }) =>
    levels.flatMap(({ pourMl, ladleOutMl }, index): Draft[] => {
      const round = index + 1;
      const mine = question.pieces.filter((piece) => piece.round === round && piece.pan === pan);
      if (index === 0 || mine.length === 0) return [];
      const base = {
        id: pan === 'main' ? `topup-${round}` : `topup-${round}-${pan}`,
        atS: Math.min(...mine.map((piece) => piece.inAtS)) - TOP_UP_BEFORE_S,
        kind: 'topUp' as const,
        round,
        pan,
      };
      const back = pan === 'main' ? 'back to a simmer' : 'the small pan back to a simmer';
      if (ladleOutMl >= WORTH_POURING_ML) {
        return [
          {
            ...base,
            volumeMl: -ladleOutMl,
            says: `Ladle broth out to make room, ${back}`,
            shownText: showVolume(ladleOutMl, units),
          },
        ];
      }
      if (pourMl < WORTH_POURING_ML) {
        return [{ ...base, says: pan === 'main' ? 'Back up to a simmer' : 'The small pan back up to a simmer' }];
      }
      return [
        {
          ...base,
          volumeMl: pourMl,
          says: `Hot broth from the reserve, ${back}`,
          shownText: showVolume(pourMl, units),
        },
      ];
    }),
  );
}

/** A flame is not turned down for less than this. */
const WORTH_TURNING_DOWN_S = 3 * 60;

function serving({ readyAtS, finishReadyAtS, pieces }: ActionQuestion): Draft[] {
  const startsAgainS = (round: number) =>
    Math.min(...pieces.filter((piece) => piece.round === round + 1).map((piece) => piece.inAtS)) - TOP_UP_BEFORE_S;
  const rounds = readyAtS.length;
  const goes = finishReadyAtS.length;
  const serves = readyAtS.map((atS, index): Draft => {
    const round = index + 1;
    const low = startsAgainS(round) - atS >= WORTH_TURNING_DOWN_S ? ', low heat' : '';
    const says = rounds > 1 ? `Round ${round} is ready: lift it out${low}` : 'It is ready: to the table';
    return { id: `serve-${round}`, atS, kind: 'serve', round, pan: 'main', says };
  });
  const between = finishReadyAtS.slice(0, -1).map((atS, index): Draft => {
    const round = rounds + index + 1;
    const says = 'A part of the finish is ready: into bowls, low heat';
    return { id: `serve-${round}`, atS, kind: 'serve', round, pan: 'main', says };
  });
  const off: Draft = {
    id: 'off',
    atS: finishReadyAtS[goes - 1] ?? readyAtS[rounds - 1]!,
    kind: 'off',
    round: rounds + goes,
    pan: 'main',
    says: goes === 0 ? 'Burner off' : 'The finish is ready: burner off, into bowls',
  };
  return [...serves, ...between, off];
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
  const drafts = [
    ...lighting(question),
    ...adding(question),
    ...skimming(question),
    ...toppingUp(question),
    ...serving(question),
  ].sort((a, b) => a.atS - b.atS || ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) || a.pan.localeCompare(b.pan));
  let step = -1;
  let before: Draft | undefined;
  return drafts.map((draft) => {
    const together = before && before.atS === draft.atS && before.pan === draft.pan && before.kind === draft.kind;
    if (!together) step += 1;
    before = draft;
    return { ...draft, step };
  });
}
