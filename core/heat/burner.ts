import type { HeatSource, Vessel, VesselMaterial } from '@elixa/contract';
import { EFFICIENCY } from '../catalogue/heatSources';
import { evaporationFlux, type SteamingPan } from './evaporation';

/** Specific heat of pots in J/(kg·K). Usual handbook values for each material. */
const POT_CP: Record<VesselMaterial, number> = { clay: 900, castIron: 460, steel: 500, aluminium: 900, enamel: 480 };

/** Heat lost through surface and wall without lid and with it, W/(m²·K). Kitchen estimate: 15-25 without a lid. */
const LOSS_W_PER_M2_K = { open: 20, lidded: 9 };

const WATER_CP = 4180;

const mouthM2 = (vessel: Vessel) => Math.PI * (vessel.innerDiameterMm / 2000) ** 2;

/** Heat that the pot takes up from its burner, in W. */
export function usefulPowerW(heat: HeatSource): number {
  return heat.powerW * EFFICIENCY[heat.kind];
}

function lossW(vessel: Vessel, tempC: number, roomTempC: number, lidded: boolean): number {
  const wallM2 = Math.PI * (vessel.innerDiameterMm / 1000) * (vessel.innerDepthMm / 1000);
  const u = lidded && vessel.lid ? LOSS_W_PER_M2_K.lidded : LOSS_W_PER_M2_K.open;
  return u * (mouthM2(vessel) + wallM2) * Math.max(0, tempC - roomTempC);
}

/** The heat left for warming, never less than a twentieth of what the burner gives, so that a time stays finite. */
function netPowerW(heat: HeatSource, vessel: Vessel, tempC: number, roomTempC: number, lidded: boolean): number {
  const power = usefulPowerW(heat);
  return Math.max(power / 20, power - lossW(vessel, tempC, roomTempC, lidded));
}

/**
 * Time to bring broth and pot to the boil from one temperature: the heat that both take up over the power left after
 * losses at the mean temperature. A first estimate.
 * @returns seconds
 */
export function timeToBoilS(given: {
  heat: HeatSource;
  vessel: Vessel;
  brothMl: number;
  fromC: number;
  boilingC: number;
  roomTempC: number;
}): number {
  const { heat, vessel, brothMl, fromC, boilingC, roomTempC } = given;
  const rise = Math.max(0, boilingC - fromC);
  const brothJ = (brothMl / 1000) * WATER_CP * rise;
  const potJ = (vessel.emptyMassG / 1000) * POT_CP[vessel.material] * Math.max(0, boilingC - roomTempC);
  const meanC = (boilingC + fromC) / 2;
  return (brothJ + potJ) / netPowerW(heat, vessel, meanC, roomTempC, true);
}

/**
 * Part of the heat that a cold addition takes up before the pot boils again; the rest soaks in later. Kitchen estimate,
 * 0.4 to 0.8 by thickness.
 */
const HEAT_TAKEN_BEFORE_BOIL = 0.6;

/**
 * Time until the pot boils again after something cold goes in.
 * @param heatDrawnJ heat to bring the addition to the boiling point, in J
 * @returns seconds
 */
export function recoveryS(given: {
  heat: HeatSource;
  vessel: Vessel;
  heatDrawnJ: number;
  boilingC: number;
  roomTempC: number;
}): number {
  const { heat, vessel, heatDrawnJ, boilingC, roomTempC } = given;
  return (heatDrawnJ * HEAT_TAKEN_BEFORE_BOIL) / netPowerW(heat, vessel, boilingC, roomTempC, true);
}

/**
 * Water that leaves a simmering or boiling pot as steam, kg/(m²·h), without lid. Kitchen estimates for a pot turned down to
 * a simmer (6-14) and for a rolling boil (15-30); below the boil the film model of `evaporationFlux` holds.
 */
const EVAPORATION_KG_PER_M2_H = { boil: 20, simmer: 10 };
/** Share of the steam that a lid gives back. Range 0.8-0.9. */
const LID_KEEPS = 0.85;

export type SteamState = keyof typeof EVAPORATION_KG_PER_M2_H | { belowBoilC: number };

/**
 * Water lost as steam.
 * @param state a simmer, a boil, or the temperature of a liquid below it
 * @param liddedShare share of the time that the lid is on
 * @returns grams
 */
export function evaporationG(given: {
  pan: SteamingPan;
  durationS: number;
  state: SteamState;
  liddedShare: number;
}): number {
  const { pan, durationS, state, liddedShare } = given;
  const areaM2 = Math.PI * (pan.diameterMm / 2000) ** 2;
  const fluxKgPerM2S =
    typeof state === 'object' ? evaporationFlux(state.belowBoilC, pan) : EVAPORATION_KG_PER_M2_H[state] / 3600;
  return fluxKgPerM2S * areaM2 * durationS * 1000 * (1 - LID_KEEPS * liddedShare);
}
