/**
 * Air pressure at a height above the sea, from the standard atmosphere.
 * @param altitudeM height in m
 * @returns pressure in Pa
 * @example pressureAtAltitudePa(0) // 101325
 */
export function pressureAtAltitudePa(altitudeM: number): number {
  return 101_325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/**
 * Boiling point of water at a height above the sea, from the Antoine equation
 * log₁₀ p[mmHg] = 8.07131 − 1730.63 / (233.426 + T), good from 1 to 100 °C.
 * @param altitudeM height in m
 * @returns boiling point in °C
 * @example boilingPointC(1180) // 96.1
 */
export function boilingPointC(altitudeM: number): number {
  const pressureMmHg = pressureAtAltitudePa(altitudeM) / 133.322368;
  return 1730.63 / (8.07131 - Math.log10(pressureMmHg)) - 233.426;
}

/** Kelvin by which a mole of particles in a kilogram of water raises its boiling point. CRC Handbook. */
const RAISES_K = 0.512;
const MOLE_G = { salt: 58.44, sugar: 342.3 } as const;

/**
 * How far salt and sugar raise the boiling point: 0.512 K for each mole of particles in a kilogram of water; salt falls into
 * two.
 * @param waterG of the liquid, with its salt and sugar in g
 * @returns K
 * @example boilingRaisedK({ waterG: 1000, saltG: 10, sugarG: 0 }) // 0.18
 */
export function boilingRaisedK({ waterG, saltG, sugarG }: { waterG: number; saltG: number; sugarG: number }): number {
  if (waterG <= 0) return 0;
  return (RAISES_K * ((2 * saltG) / MOLE_G.salt + sugarG / MOLE_G.sugar) * 1000) / waterG;
}
