import type { HeatSource } from '@elixa/contract';
import { boilingPointC, pressureAtAltitudePa } from './boilingPoint';

const GAS_J_PER_MOL_K = 8.314;
const VAPOUR_J_PER_KG_K = 461.5;
const KG_PER_MOL = { air: 0.02897, water: 0.01802 } as const;
const GRAVITY = 9.81;
/** Moisture of a kitchen's air. Kitchen estimate, 0.4-0.7. */
const RELATIVE_HUMIDITY = 0.5;
/** The film model ends here below the boil, where bubbles break and the surplus of the flame takes over. */
const BELOW_BOIL_C = 5;

/** Where a pan steams: how wide and deep it is, on what burner, how warm the room, how high above the sea. */
export interface SteamingPan {
  diameterMm: number;
  depthMm: number;
  heat: HeatSource;
  roomTempC: number;
  altitudeM: number;
}

/** Vapour pressure of water in Pa, by the Antoine equation of `boilingPointC`. */
export function vapourPressurePa(tempC: number): number {
  return 10 ** (8.07131 - 1730.63 / (233.426 + tempC)) * 133.322368;
}

function moistAirKgPerM3(pressurePa: number, vapourPa: number, tempK: number): number {
  return ((pressurePa - vapourPa) * KG_PER_MOL.air + vapourPa * KG_PER_MOL.water) / (GAS_J_PER_MOL_K * tempK);
}

/**
 * Steam from the open surface of a hot liquid below the boil: mass transfer by free convection over a hot plate,
 * Sh = 0.14 (Gr·Sc)^⅓, with the Stefan flow of the vapour itself. Diffusivity and viscosity of moist air grow with the
 * temperature to the powers 1.81 and 1.7 and fall with pressure. Incropera and DeWitt, Fundamentals of Heat and Mass
 * Transfer, for the correlation.
 * @param tempC of the liquid; taken as five degrees below the boil where it is warmer
 * @returns kg/(m²·s)
 * @example evaporationFlux(65, { diameterMm: 220, roomTempC: 20, altitudeM: 0 }) * 3600 // about 4.5 kg/(m²·h)
 */
export function evaporationFlux(
  tempC: number,
  { diameterMm, roomTempC, altitudeM }: Pick<SteamingPan, 'diameterMm' | 'roomTempC' | 'altitudeM'>,
): number {
  const surfaceC = Math.min(tempC, boilingPointC(altitudeM) - BELOW_BOIL_C);
  if (surfaceC <= roomTempC) return 0;
  const pressurePa = pressureAtAltitudePa(altitudeM);
  const surfacePa = vapourPressurePa(surfaceC);
  const roomPa = RELATIVE_HUMIDITY * vapourPressurePa(roomTempC);
  const filmK = (surfaceC + roomTempC) / 2 + 273.15;
  const diffusivity = 2.26e-5 * (filmK / 273.15) ** 1.81 * (101_325 / pressurePa);
  const viscosity = 1.33e-5 * (filmK / 273.15) ** 1.7 * (101_325 / pressurePa);
  const atSurface = moistAirKgPerM3(pressurePa, surfacePa, surfaceC + 273.15);
  const inRoom = moistAirKgPerM3(pressurePa, roomPa, roomTempC + 273.15);
  // Area over perimeter of a round surface.
  const lengthM = diameterMm / 1000 / 4;
  const grashof = (GRAVITY * lengthM ** 3 * (inRoom - atSurface)) / ((inRoom + atSurface) / 2) / viscosity ** 2;
  const sherwood = 0.14 * Math.cbrt(Math.max(0, grashof) * (viscosity / diffusivity));
  const transferMPerS = (sherwood * diffusivity) / lengthM;
  const stefan = Math.log((pressurePa - roomPa) / (pressurePa - surfacePa));
  return transferMPerS * (pressurePa / (VAPOUR_J_PER_KG_K * filmK)) * stefan;
}
