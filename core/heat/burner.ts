import { meanDiameterMm, type HeatSource, type Vessel, type VesselMaterial } from '@elixa/contract';
import { EFFICIENCY } from '../catalogue/heatSources';
import { boilingPointC } from './boilingPoint';
import { sum } from '../measures/sum';
import { evaporationFlux, type SteamingPan } from './evaporation';

/** Specific heat of pots in J/(kg·K). Usual handbook values for each material. */
export const POT_CP: Record<VesselMaterial, number> = {
  clay: 900,
  castIron: 460,
  steel: 500,
  aluminium: 900,
  enamel: 480,
};

/** Heat lost through surface and wall without lid and with it, W/(m²·K). Kitchen estimate: 15-25 without a lid. */
const LOSS_W_PER_M2_K = { open: 20, lidded: 9 };

export const WATER_CP = 4180;

const mouthM2 = (diameterMm: number) => Math.PI * (diameterMm / 2000) ** 2;
const wallM2 = (diameterMm: number, depthMm: number) => Math.PI * (diameterMm / 1000) * (depthMm / 1000);

/** A pot on its burner, in its kitchen. */
export interface PotOnBurner {
  heat: HeatSource;
  vessel: Vessel;
  roomTempC: number;
  altitudeM: number;
  /** Share of the mouth where liquid stands free; less where food stands out of it. */
  freeSurface?: number;
}

/** Heat that the pot takes up from its burner, in W: as it was measured, or as is usual for its kind. */
export function usefulPowerW({ measured, powerW, kind }: HeatSource): number {
  return measured?.inPotW ?? powerW * EFFICIENCY[kind];
}

/** Latent heat of steam at the boil, J/kg. Steam tables. */
export const STEAM_J_PER_KG = 2.257e6;

/** Share of the steam that a lid gives back. Range 0.8-0.9. */
const LID_KEEPS = 0.85;

/** Air lies still over a surface below its rim: share of the steam of a free one. Kitchen estimate, 0.4-0.7. */
const BELOW_THE_RIM = 0.4;

export type LidState = 'on' | 'off' | 'ajar';

/** Share of its steam and of its open surface that a lid closes off. A lid ajar is half a lid: kitchen estimate. */
const CLOSED: Record<LidState, number> = { on: 1, ajar: 0.5, off: 0 };

/** Share of the steam that leaves a pot. */
export const steamLeaves = (lid: LidState, vessel: Vessel): number => 1 - LID_KEEPS * (vessel.lid ? CLOSED[lid] : 0);

/**
 * Heat that a pot loses through surface and wall, and with its steam below the boil, in W.
 * @param lid makes a difference only where the pot has a lid
 */
export function lossesW(
  { vessel, roomTempC, altitudeM, freeSurface = 1 }: PotOnBurner,
  tempC: number,
  lid: LidState,
): { dryW: number; steamW: number } {
  const diameterMm = meanDiameterMm(vessel);
  const depthMm = vessel.innerDepthMm;
  const closed = vessel.lid ? CLOSED[lid] : 0;
  const u = LOSS_W_PER_M2_K.open + closed * (LOSS_W_PER_M2_K.lidded - LOSS_W_PER_M2_K.open);
  const dryW = u * (mouthM2(diameterMm) + wallM2(diameterMm, depthMm)) * Math.max(0, tempC - roomTempC);
  const steamKgPerS =
    freeSurface * BELOW_THE_RIM * evaporationFlux(tempC, { diameterMm, roomTempC, altitudeM }) * mouthM2(diameterMm);
  return { dryW, steamW: steamKgPerS * STEAM_J_PER_KG * steamLeaves(lid, vessel) };
}

/** All of it, in W. */
export function lossW(pot: PotOnBurner, tempC: number, lidOn: boolean): number {
  const { dryW, steamW } = lossesW(pot, tempC, lidOn ? 'on' : 'off');
  return dryW + steamW;
}

/** A pot that keeps less than this share of its heat over at the boil hangs there and never rolls. Kitchen estimate. */
const LEAST_SURPLUS = 0.05;

/**
 * Whether a burner brings a pot to the boil and holds it there: with the lid off, only with the lid on, or never.
 * @example holdsBoil({ heat: plate300W, vessel: clayPot, roomTempC: 19, altitudeM: 0 }) // 'lidded'
 */
export function holdsBoil(pot: PotOnBurner): 'open' | 'lidded' | 'never' {
  const powerW = usefulPowerW(pot.heat);
  const boilingC = boilingPointC(pot.altitudeM);
  const holds = (lidOn: boolean) => powerW - lossW(pot, boilingC, lidOn) >= powerW * LEAST_SURPLUS;
  if (holds(false)) return 'open';
  return holds(true) ? 'lidded' : 'never';
}

/** The power written on a burner of this kind that would hold this pot at the boil with its lid on, in W. */
export function leastPowerW(pot: PotOnBurner): number {
  const boilingC = boilingPointC(pot.altitudeM);
  return lossW(pot, boilingC, true) / (1 - LEAST_SURPLUS) / EFFICIENCY[pot.heat.kind];
}

/**
 * The heat left for warming with the lid on. A pot that never boils is refused before anything is timed; the floor only
 * keeps a time finite.
 */
function netPowerW(pot: PotOnBurner, tempC: number): number {
  const powerW = usefulPowerW(pot.heat);
  return Math.max(powerW * LEAST_SURPLUS, powerW - lossW(pot, tempC, true));
}

/** Steps that the warming is added up in. */
const WARMING_STEPS = 40;

/**
 * Time to bring broth, and a pot that is not hot yet, to the boil from one temperature, lid on: the heat that both take up over the power left
 * after losses, which grow with the temperature, added up in small steps.
 * @returns seconds
 */
export function timeToBoilS({
  brothMl,
  fromC,
  panIsHot = false,
  ...pot
}: PotOnBurner & { brothMl: number; fromC: number; panIsHot?: boolean }): number {
  const { vessel, roomTempC, altitudeM } = pot;
  const boilingC = boilingPointC(altitudeM);
  const riseC = Math.max(0, boilingC - fromC);
  const potJ = panIsHot ? 0 : (vessel.emptyMassG / 1000) * POT_CP[vessel.material] * Math.max(0, boilingC - roomTempC);
  const stepJ = ((brothMl / 1000) * WATER_CP * riseC + potJ) / WARMING_STEPS;
  return sum(
    Array.from(
      { length: WARMING_STEPS },
      (_, step) => stepJ / netPowerW(pot, fromC + (riseC * (step + 0.5)) / WARMING_STEPS),
    ),
  );
}

/**
 * Part of the heat that a cold addition takes up before the pot boils again; the rest soaks in later. Kitchen estimate,
 * 0.4 to 0.8 by thickness.
 */
const HEAT_TAKEN_BEFORE_BOIL = 0.6;

/**
 * Time until the pot boils again after something cold goes in, lid on.
 * @param heatDrawnJ heat to bring the addition to the boiling point, in J
 * @returns seconds
 */
export function reboilS({ heatDrawnJ, ...pot }: PotOnBurner & { heatDrawnJ: number }): number {
  return (heatDrawnJ * HEAT_TAKEN_BEFORE_BOIL) / netPowerW(pot, boilingPointC(pot.altitudeM));
}

/** Nobody lets a pot boil harder than this, kg/(m²·h). Kitchen estimate. */
const MOST_BOIL_KG_PER_M2_H = 30;

export type SteamState = 'boil' | 'simmer' | { belowBoilC: number };

/**
 * Steam from a pot at its boiling point: what the burner gives beyond the losses of surface and wall goes into it.
 * @returns kg/(m²·s)
 */
function surplusFlux({ diameterMm, depthMm, heat, roomTempC, altitudeM }: SteamingPan): number {
  const areaM2 = mouthM2(diameterMm);
  const lostW =
    LOSS_W_PER_M2_K.open * (areaM2 + wallM2(diameterMm, depthMm)) * Math.max(0, boilingPointC(altitudeM) - roomTempC);
  return Math.max(0, usefulPowerW(heat) - lostW) / STEAM_J_PER_KG / areaM2;
}

/** One curve, which never falls as the heat rises: standing warm, simmering (the warmest that stands), boiling. */
function steamFlux(pan: SteamingPan, state: SteamState): number {
  const standing = (tempC: number) => BELOW_THE_RIM * evaporationFlux(tempC, pan);
  if (typeof state === 'object') return standing(state.belowBoilC);
  const simmer = standing(boilingPointC(pan.altitudeM));
  return state === 'simmer' ? simmer : Math.max(simmer, Math.min(surplusFlux(pan), MOST_BOIL_KG_PER_M2_H / 3600));
}

/**
 * Water lost as steam: below the boil by the film model of `evaporationFlux`, at the boil by the surplus of the flame,
 * at a simmer by that of a flame turned down, and never less than a cooler pot would lose.
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
  return steamFlux(pan, state) * mouthM2(pan.diameterMm) * durationS * 1000 * (1 - LID_KEEPS * liddedShare);
}
