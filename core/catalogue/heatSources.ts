import type { HeatSource, Vessel } from '@elixa/contract';

/** Burners to choose from, by the power written on them. */
export const HEAT_SOURCES: readonly HeatSource[] = [
  { id: 'portableGas', name: 'portable gas burner', kind: 'portableGas', powerW: 2600 },
  { id: 'inductionRing', name: 'induction ring', kind: 'induction', powerW: 1800 },
  { id: 'gasHob', name: 'gas hob', kind: 'gasHob', powerW: 2800 },
  { id: 'electricPlate', name: 'electric plate', kind: 'electricPlate', powerW: 1800 },
  { id: 'ownElement', name: 'element of the pan', kind: 'ownElement', powerW: 1400 },
];

/** Whether a pot and what heats it belong together: a pan that heats itself and its element, any other pot and a burner. */
export const belongsTo = ({ ownElement }: Pick<Vessel, 'ownElement'>, { kind }: Pick<HeatSource, 'kind'>): boolean =>
  (kind === 'ownElement') === (ownElement === true);

/**
 * Whether a pot can stand on a burner: one that heats itself stands on none, and not every pot suits induction.
 * @example HEAT_SOURCES.filter((one) => standsOn(clayPot, one)) // all but induction and the element of a pan
 */
export const standsOn = (vessel: Vessel, { kind }: Pick<HeatSource, 'kind'>): boolean =>
  belongsTo(vessel, { kind }) && (kind !== 'induction' || vessel.inductionReady);

/** Ring that a small second pan stands on when nothing else is said. */
export const ASIDE_HEAT: HeatSource = { id: 'asideRing', name: 'second ring', kind: 'gasHob', powerW: 1800 };

/**
 * Share of a burner's power that reaches the pot: the middle of the usual range of each kind.
 * Ranges: portable gas 0.40-0.50, gas hob 0.35-0.50, induction 0.80-0.88, electric plate 0.65-0.75, element of a
 * pan 0.75-0.85. Kitchen estimate.
 */
export const EFFICIENCY: Record<HeatSource['kind'], number> = {
  portableGas: 0.45,
  gasHob: 0.43,
  induction: 0.84,
  electricPlate: 0.7,
  ownElement: 0.8,
};
