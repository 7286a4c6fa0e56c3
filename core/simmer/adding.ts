import { holdsBoil } from '../heat/burner';
import { addedOf, into, shown, type ActionQuestion, type Draft } from './drafts';
import { shortName } from '../catalogue/shortName';

/** A lid is put on for no less than this. */
const WORTH_COVERING_S = 60;
type Goes = ActionQuestion['going'][number];

/**
 * How the lid lies with what goes in together. With it on the pot is back at the boil sooner, also where a stage wants it
 * off while it simmers; where nothing may boil, it is not put on for that.
 */
function lidWith({ menu, going, pans }: ActionQuestion, { piece, recoveryS }: Goes): Pick<Draft, 'lid' | 'thenAtBoil'> {
  const { first, later, finish, context } = pans.find((one) => one.pan === piece.pan)!;
  const isHeld = menu.stages.some((stage) => stage.do === 'enrich');
  // What lies in a pot that is built cold is laid with the lid off; in a later round it goes in like everything else.
  const stages = [first, later, finish].flatMap((course) => {
    const all = course?.stages ?? [];
    return all.slice(all.findIndex((stage) => stage.do === 'pour') + 1);
  });
  const together = going.filter((one) => one.piece.inAtS === piece.inAtS && one.piece.pan === piece.pan);
  const lids = together.flatMap((one) => stages.find((stage) => stage.id === one.stageId)?.lid ?? []);
  if (lids.length === 0) return {};
  const lid = lids.includes('on') ? 'on' : lids.includes('off') ? 'off' : 'ajar';
  const isWorthIt = recoveryS >= WORTH_COVERING_S && !isHeld && holdsBoil(context) === 'open';
  return lid === 'on' || !isWorthIt ? { lid } : { lid: 'on', thenAtBoil: lid };
}

/** What goes into the pots after the boil. */
export function adding(question: ActionQuestion): Draft[] {
  const { menu, going, readyAtS } = question;
  return going
    .filter(({ piece }) => piece.countsFromS === piece.inAtS)
    .map((one) => {
      const { piece, stageId, recoveryS } = one;
      return {
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
        shownText: shown(menu, piece),
        says: `${shortName(menu.catalogue.byId(piece.ingredientId), piece.cut)} into ${into(menu, piece)}`,
        lookFor: piece.sign,
        does: addedOf(menu, piece),
        ...lidWith(question, one),
      };
    });
}
