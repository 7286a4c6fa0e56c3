import { holdsBoil } from '../heat/burner';
import { into, shown, type ActionQuestion, type Draft } from './drafts';
import { shortName } from '../catalogue/shortName';

/** A lid is put on for no less than this. */
const WORTH_COVERING_S = 60;
type Goes = ActionQuestion['going'][number];

/**
 * With the lid on the pot is back at the boil sooner, also where a stage wants it off while it simmers. Where nothing may
 * boil, it stays as it is.
 * @returns what becomes of the lid when it boils again; nothing where it is not put on
 */
function lidThen({ menu, going, pans }: ActionQuestion, { piece, recoveryS }: Goes): 'off' | 'ajar' | undefined {
  const { first, later, finish, context } = pans.find((one) => one.pan === piece.pan)!;
  const isHeld = menu.stages.some((stage) => stage.do === 'enrich');
  if (recoveryS < WORTH_COVERING_S || !context.vessel.lid || isHeld || holdsBoil(context) !== 'open') return undefined;
  const stages = [first, later, finish].flatMap((course) => course?.stages ?? []);
  const together = going.filter((one) => one.piece.inAtS === piece.inAtS && one.piece.pan === piece.pan);
  const lids = together.map((one) => stages.find((stage) => stage.id === one.stageId)?.lid);
  if (lids.includes('on')) return undefined;
  const usual = stages.find((stage) => stage.roles)?.lid;
  return !lids.includes('off') && (lids.includes('ajar') || usual === 'ajar') ? 'ajar' : 'off';
}

/** What goes into the pots after the boil. */
export function adding(question: ActionQuestion): Draft[] {
  const { menu, going, readyAtS } = question;
  return going
    .filter(({ piece }) => piece.countsFromS === piece.inAtS)
    .map((one) => ({ ...one, lid: lidThen(question, one) }))
    .map(({ piece, stageId, recoveryS, lid }) => ({
      id: `${piece.round > readyAtS.length ? 'finish' : 'add'}-${piece.id}`,
      atS: piece.inAtS,
      kind: 'add' as const,
      round: piece.round,
      pan: piece.pan,
      stageId,
      ingredientId: piece.ingredientId,
      cut: piece.cut,
      pieceId: piece.id,
      massG: piece.massG,
      recoveryS: Math.round(recoveryS),
      ...(lid ? { lidThen: lid } : {}),
      shownText: shown(piece, menu.evening.units),
      says: `${shortName(piece.ingredientId, piece.cut)} into ${into(menu, piece)}`,
      lookFor: piece.sign,
    }));
}
