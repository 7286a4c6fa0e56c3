import type { HeatSource, Vessel, VesselMaterial } from '@elixa/contract';
import { EFFICIENCY } from '../catalogue/heatSources';
import { boilingPointC } from './boilingPoint';
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

/** Latent heat of steam at the boil, J/kg. Steam tables. */
const STEAM_J_PER_KG = 2.257e6;
/** A flame turned down to a simmer gives about this share of its power. Kitchen estimate, 0.3-0.6. */
const SIMMER_SHARE = 0.45;
/**
 * What a cook sees and turns the flame by, kg/(m²·h): a simmer whose bubbles just break lies between the first two, and
 * nobody lets a pot boil harder than the last. Kitchen estimates.
 */
const SEEN_KG_PER_M2_H = { leastSimmer: 6, mostSimmer: 14, mostBoil: 30 };
/** Share of the steam that a lid gives back. Range 0.8-0.9. */
const LID_KEEPS = 0.85;

export type SteamState = 'boil' | 'simmer' | { belowBoilC: number };

/**
 * Steam from a pot at its boiling point: what the burner gives beyond the losses of surface and wall goes into it.
 * @param share of the burner's power that it is turned to
 * @returns kg/(m²·s)
 */
function surplusFlux({ diameterMm, depthMm, heat, roomTempC, altitudeM }: SteamingPan, share: number): number {
  const areaM2 = Math.PI * (diameterMm / 2000) ** 2;
  const wallM2 = Math.PI * (diameterMm / 1000) * (depthMm / 1000);
  const lostW = LOSS_W_PER_M2_K.open * (areaM2 + wallM2) * Math.max(0, boilingPointC(altitudeM) - roomTempC);
  return Math.max(0, usefulPowerW(heat) * share - lostW) / STEAM_J_PER_KG / areaM2;
}

function steamFlux(pan: SteamingPan, state: SteamState): number {
  if (typeof state === 'object') return evaporationFlux(state.belowBoilC, pan);
  const { leastSimmer, mostSimmer, mostBoil } = SEEN_KG_PER_M2_H;
  const atFull = Math.min(surplusFlux(pan, 1), mostBoil / 3600);
  if (state === 'boil') return atFull;
  const turnedDown = Math.min(mostSimmer / 3600, Math.max(leastSimmer / 3600, surplusFlux(pan, SIMMER_SHARE)));
  return Math.min(atFull, turnedDown);
}

/**
 * Water lost as steam: below the boil by the film model of `evaporationFlux`, at the boil by the surplus of the flame,
 * at a simmer by that of a flame turned down.
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
  return steamFlux(pan, state) * areaM2 * durationS * 1000 * (1 - LID_KEEPS * liddedShare);
}
