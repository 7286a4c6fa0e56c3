import type { Advice, Edit, Evening, PotPlan, SimmerPiece, Unsatisfied } from '@elixa/contract';
import { cuttableMm, isCutByThickness } from '../catalogue/cutThickness';
import { ingredientById } from '../catalogue/ingredients';
import { applyEdit } from '../evening/edits/applyEdit';
import { resolveMenu } from '../evening/resolveMenu';
import type { AdditionModel } from '../simmer/additionModel';
import { spanText } from '../simmer/because';
import { wrongWith, type Wrong } from '../simmer/problems';
import { shortName } from '../simmer/shortName';
import { strongerBurner } from '../simmer/unsatisfied';
import type { Steps } from '../steps';
import type { PlannedPot } from './planPot';
import { rehearsedInSteps } from './rehearsed';

/** So many changes are tried for each thing that is wrong: each is a pot planned anew. */
const TRIED = 4;
/** A cut is made so much thinner or thicker. */
const TIMES = { thinner: 0.7, thicker: 1.5 } as const;

interface Change {
  text: string;
  edit: Edit;
}

function cutChange(evening: Evening, piece: SimmerPiece, way: keyof typeof TIMES): Change[] {
  const { ingredientId, cut } = piece;
  const found = ingredientById(ingredientId).cuts[cut];
  if (!found || !isCutByThickness(found) || piece.way === 'stacked') return [];
  const usualMm = found.thicknessMm;
  const mm = evening.overrides.thicknessMm?.[ingredientId]?.[cut] ?? usualMm;
  const thicknessMm = Math.min(80, Math.max(1, cuttableMm(mm * TIMES[way])));
  if (thicknessMm === mm) return [];
  const name = shortName(ingredientId, cut);
  return [
    {
      text: `Cut the ${name} ${thicknessMm} mm thick`,
      edit: { kind: 'thicknessSet', ingredientId, cut, thicknessMm },
    },
  ];
}

/** Changes that may mend something, the least of them first. */
function changesFor(evening: Evening, wrong: Wrong, pieces: readonly SimmerPiece[]): Change[] {
  const [worst] = pieces;
  if (!worst) return [];
  const { ingredientId, cut } = worst;
  const isOwnTime = evening.overrides.minutesInPot?.[ingredientId]?.[cut] !== undefined;
  const asPlanned: Change[] = isOwnTime
    ? [
        {
          text: `Put the ${shortName(ingredientId, cut)} in when the plan has it`,
          edit: { kind: 'timeInPotSet', ingredientId, cut },
        },
      ]
    : [];
  const thawed: Change[] = worst.frozen
    ? [
        {
          text: `Thaw the ${shortName(ingredientId, cut)} first`,
          edit: { kind: 'frozenSet', ingredientId, frozen: false },
        },
      ]
    : [];
  const lid: Change[] = evening.vessel.lid
    ? []
    : [{ text: 'Use a pot with a lid', edit: { kind: 'lidSet', lid: true } }];
  const { text, edit } = strongerBurner(evening);
  const burner: Change[] = edit ? [{ text, edit }] : [];
  const less: Change = { text: 'Take a third less of everything', edit: { kind: 'lessFood', share: 0.66 } };
  const all =
    wrong === 'past'
      ? [...asPlanned, ...cutChange(evening, worst, 'thicker')]
      : [...asPlanned, ...thawed, ...cutChange(evening, worst, 'thinner'), ...burner, ...lid, less];
  return all.slice(0, TRIED);
}

/** What a change comes to where it mends: what is ready when the rest is. */
function comesTo(before: PotPlan, now: PotPlan): string {
  const litS = (Date.parse(now.simmer.litAt) - Date.parse(before.simmer.litAt)) / 1000;
  if (Math.abs(litS) < 60) return 'all in its time then';
  return `all in its time then, the burner lit ${spanText(Math.abs(litS))} ${litS < 0 ? 'earlier' : 'later'}`;
}

const brokenBy = (plan: PotPlan, wrong: Wrong) => plan.simmer.pieces.filter((piece) => wrongWith(piece) === wrong);

/**
 * The plan with what mends each thing that does not come out as it should: every change is planned and gone through, and
 * only what really helps is offered, best first.
 * @returns the same plan where nothing is wrong
 */
export function* withPotRemedies(planned: PlannedPot, model: AdditionModel): Steps<PotPlan> {
  const { plan, menu } = planned;
  const { evening } = menu;
  const isWrong = (one: Unsatisfied): one is Unsatisfied & { id: Wrong } => ['raw', 'late', 'past'].includes(one.id);
  if (!plan.simmer.unsatisfied.some(isWrong)) return plan;
  const unsatisfied: Unsatisfied[] = [];
  for (const one of plan.simmer.unsatisfied) {
    if (!isWrong(one)) {
      unsatisfied.push(one);
      continue;
    }
    const broken = brokenBy(plan, one.id);
    const worst = [...broken].sort((a, b) => b.outAtS - (b.overAtS ?? b.outAtS) - (a.outAtS - (a.overAtS ?? a.outAtS)));
    const found: Array<Advice & { left: number }> = [];
    for (const { text, edit } of changesFor(evening, one.id, worst)) {
      yield;
      const changed = resolveMenu(applyEdit(evening, edit));
      if (!changed.menu) continue;
      const now = yield* rehearsedInSteps(changed.menu, model);
      const left = brokenBy(now.plan, one.id).length;
      const isRaw = brokenBy(now.plan, 'raw').length > brokenBy(plan, 'raw').length;
      if (left >= broken.length || isRaw) continue;
      const says =
        left === 0 ? comesTo(plan, now.plan) : `${broken.length - left} of ${broken.length} in their time then`;
      found.push({ text: `${text}: ${says}`, edit, left });
    }
    found.sort((a, b) => a.left - b.left);
    const remedies: Advice[] = found.map(({ text, edit }) => ({ text, edit }));
    unsatisfied.push({ ...one, remedies });
  }
  return { ...plan, simmer: { ...plan.simmer, unsatisfied } };
}
