import type { Composition } from '../catalogue/ingredient';

type Component = keyof Composition;
/** Coefficients of 1, T and T² in °C. */
type Polynomial = readonly [number, number, number];

// Choi and Okos (1986), as printed in the ASHRAE Handbook, Refrigeration; good from -40 to 150 °C.

/** Thermal conductivity in W/(m·K). */
const K: Record<Component, Polynomial> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  fibre: [0.18331, 1.2497e-3, -3.1683e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
};

/** Density in kg/m³. */
const RHO: Record<Component, Polynomial> = {
  water: [997.18, 3.1439e-3, -3.7574e-3],
  protein: [1329.9, -0.5184, 0],
  fat: [925.59, -0.41757, 0],
  carbohydrate: [1599.1, -0.31046, 0],
  fibre: [1311.5, -0.36589, 0],
  ash: [2423.8, -0.28063, 0],
};

/** Specific heat in J/(kg·K). */
const CP: Record<Component, Polynomial> = {
  water: [4176.2, -9.0864e-2, 5.4731e-3],
  protein: [2008.2, 1.2089, -1.3129e-3],
  fat: [1984.2, 1.4733, -4.8008e-3],
  carbohydrate: [1548.8, 1.9625, -5.9399e-3],
  fibre: [1845.9, 1.8306, -4.6509e-3],
  ash: [1092.6, 1.8896, -3.6817e-3],
};

const COMPONENTS = Object.keys(CP) as Component[];
const at = ([a, b, c]: Polynomial, tempC: number) => a + b * tempC + c * tempC * tempC;

/** What carries heat in a food: conductivity in W/(m·K), density in kg/m³, specific heat in J/(kg·K). */
export interface Thermal {
  k: number;
  rho: number;
  cp: number;
}

/**
 * Specific heat of a food from its composition: cp = Σ xᵢ cpᵢ.
 * @param composition mass fractions
 * @param tempC between 0 and 100 °C
 * @returns J/(kg·K)
 * @example specificHeatJPerKgK({ water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 }, 20) // 4176.6
 */
export function specificHeatJPerKgK(composition: Composition, tempC: number): number {
  return COMPONENTS.reduce((sum, one) => sum + composition[one] * at(CP[one], tempC), 0);
}

/**
 * Conductivity, density and specific heat of an unfrozen food from its composition: ρ = 1/Σ(xᵢ/ρᵢ), cp = Σ xᵢ cpᵢ, and k
 * in parallel by volume, k = Σ xᵢᵛ kᵢ.
 * @param composition mass fractions that add up to one
 * @param tempC between 0 and 100 °C
 * @example thermalOf({ water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 }, 20).k // 0.604
 */
export function thermalOf(composition: Composition, tempC: number): Thermal {
  const volumes = COMPONENTS.map((one) => composition[one] / at(RHO[one], tempC));
  const volume = volumes.reduce((sum, one) => sum + one, 0);
  return {
    k: COMPONENTS.reduce((sum, one, index) => sum + (volumes[index]! / volume) * at(K[one], tempC), 0),
    rho: 1 / volume,
    cp: specificHeatJPerKgK(composition, tempC),
  };
}

/** Water of food begins to freeze here, in °C. Kitchen estimate, -0.5 to -2. */
export const FREEZES_C = -1;
/** Heat of melting in J/kg, and of ice: specific heat in J/(kg·K), conductivity in W/(m·K). Handbook values. */
const MELTING_J_PER_KG = 334_000;
const ICE_CP = 2050;
const ICE_K = 2.2;

/** Share of the water that is ice: what is left liquid is FREEZES_C / T (Schwartzberg, 1976). */
const iceShare = (tempC: number) => (tempC >= FREEZES_C ? 0 : 1 - FREEZES_C / tempC);

/** A food that may be frozen: its enthalpy in J/kg, what a degree more adds to it, and how it carries heat. */
export interface Freezing {
  rho: number;
  enthalpyJPerKg(tempC: number): number;
  capacityJPerKgK(tempC: number): number;
  conductivity(tempC: number): number;
}

/**
 * The same food frozen and thawed: ice melts over a range of temperatures below its freezing point, and takes its heat of
 * melting as an apparent heat capacity.
 * @param composition mass fractions
 * @param thawed what it is at a usual temperature
 * @returns enthalpy counted from the freezing point
 */
export function freezingOf(composition: Composition, thawed: Thermal): Freezing {
  const meltJ = composition.water * MELTING_J_PER_KG;
  const frozenCp = thawed.cp - composition.water * (4180 - ICE_CP);
  const frozenK = thawed.k + composition.water * (ICE_K - 0.57);
  return {
    rho: thawed.rho,
    enthalpyJPerKg: (tempC) =>
      tempC >= FREEZES_C ? thawed.cp * (tempC - FREEZES_C) : frozenCp * (tempC - FREEZES_C) - meltJ * iceShare(tempC),
    capacityJPerKgK: (tempC) => (tempC >= FREEZES_C ? thawed.cp : frozenCp - (meltJ * FREEZES_C) / (tempC * tempC)),
    conductivity: (tempC) => thawed.k + (frozenK - thawed.k) * iceShare(tempC),
  };
}
