import { meanDiameterMm, type Evening, type Vessel } from '@elixa/contract';
import type { Style, VesselFit } from '../catalogue/style';
import { stagesOf } from './tonight';

/** Whether a pot carries a style: it does, it does with a drawback, or it cannot. */
export interface Suitability {
  verdict: 'suits' | 'awkward' | 'refused';
  /** Sentences, the gravest first; none where it suits. */
  because: string[];
}

const lacks = (value: number, [from, to]: readonly [number, number]) =>
  value < from ? 'narrow' : value > to ? 'flat' : undefined;

/** Why a pot cannot carry it at all. */
function refusals(fit: VesselFit, vessel: Vessel, isHeatedDry: boolean): string[] {
  const ratio = meanDiameterMm(vessel) / vessel.innerDepthMm;
  const bounds = fit.refusesOutside;
  const outside = bounds && lacks(ratio, bounds.widthToDepth);
  return [
    ...(bounds && outside === 'narrow' ? [`It is too deep for its width: ${bounds.tooDeep}`] : []),
    ...(bounds && outside === 'flat' ? [`It is too flat: ${bounds.tooFlat}`] : []),
    ...(vessel.divided && !fit.divided ? ['Its wall leaves no room to build this pot in'] : []),
    ...(fit.needsWall && !vessel.divided ? ['It has no wall: the hot side and the mild one would run together'] : []),
    ...(isHeatedDry && vessel.material === 'clay'
      ? ['Clay is never heated dry: it cracks when fat melts or onion browns in it before the liquid']
      : []),
  ];
}

function drawbacks(fit: VesselFit, vessel: Vessel): string[] {
  const outside = lacks(meanDiameterMm(vessel) / vessel.innerDepthMm, fit.widthToDepth);
  return [
    ...(outside === 'narrow'
      ? ['It is deeper than this pot likes: things lie over one another and are harder to find']
      : []),
    ...(outside === 'flat' ? ['It is flatter than this pot likes: little liquid stands in it, watch the level'] : []),
    ...(fit.needsLid && !vessel.lid ? ['It has no lid: a baking sheet or another pan over it will do'] : []),
  ];
}

/**
 * Whether the pot of an evening carries a style, by its width, depth, lid, material and halves, with why.
 * @example vesselSuits(evening, layeredBeefCabbage, deepPot).verdict // 'refused'
 */
export function vesselSuits(evening: Evening, style: Style, vessel: Vessel = evening.vessel): Suitability {
  const isHeatedDry = stagesOf(evening, style).some(({ do: word }) => DRY_WORDS.includes(word));
  const refused = refusals(style.vesselFit, vessel, isHeatedDry);
  const because = [...refused, ...drawbacks(style.vesselFit, vessel)];
  return { verdict: refused.length > 0 ? 'refused' : because.length > 0 ? 'awkward' : 'suits', because };
}

/** Work in the pot before any liquid. */
export const DRY_WORDS: readonly string[] = ['melt', 'fry', 'sear', 'deglaze'];
