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
