import type { Composition } from '../catalogue/ingredient';

type Component = keyof Composition;

/** Specific heat in J/(kg·K) as a polynomial in °C. Choi and Okos (1986), as printed in the ASHRAE Handbook, Refrigeration. */
const CP: Record<Component, readonly [number, number, number]> = {
  water: [4176.2, -9.0864e-2, 5.4731e-3],
  protein: [2008.2, 1.2089, -1.3129e-3],
  fat: [1984.2, 1.4733, -4.8008e-3],
  carbohydrate: [1548.8, 1.9625, -5.9399e-3],
  fibre: [1845.9, 1.8306, -4.6509e-3],
  ash: [1092.6, 1.8896, -3.6817e-3],
};

/**
 * Specific heat of a food from its composition: cp = Σ xᵢ cpᵢ.
 * @param composition mass fractions
 * @param tempC between 0 and 100 °C
 * @returns J/(kg·K)
 * @example specificHeatJPerKgK({ water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 }, 20) // 4176.6
 */
export function specificHeatJPerKgK(composition: Composition, tempC: number): number {
  return (Object.keys(CP) as Component[]).reduce((sum, component) => {
    const [a, b, c] = CP[component];
    return sum + composition[component] * (a + b * tempC + c * tempC * tempC);
  }, 0);
}
