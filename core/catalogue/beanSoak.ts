import { schoolOf, schoolOfTaste, type SchoolChoice } from './school';

/** Where dry beans lie in water: cold they take twice as long, warm they sour. */
export const BEAN_SCHOOLS: SchoolChoice = schoolOfTaste('beans', 'Where the beans soak', [
  { id: 'larder', label: 'Somewhere cool', says: 'A larder or an unheated room.' },
  { id: 'fridge', label: 'In the fridge', says: 'Slow and safe; they may lie half a day longer.' },
  { id: 'room', label: 'In the kitchen', says: 'Soonest. Above 25 °C they begin to sour: into the fridge then.' },
]);

const LARDER_C = 14;
const FRIDGE_C = 5;
/** Above this beans sour before they have swollen. Kitchen estimate, 24-28 °C. */
const SOURS_C = 25;

/** Soybeans are swollen through after so long at that temperature: half a day in a cool place, twice that in the fridge. Kitchen estimate, within a sixth. */
const SOAKED = { minutes: 720, atC: 15 } as const;
/** Water finds its way into a bean by diffusion. Kitchen estimate from those two times, 35-50. */
const ACTIVATION_KJ_PER_MOL = 42;
const GAS_KJ = 8.314e-3;
const KELVIN = 273.15;

/**
 * Minutes until dry soybeans are swollen through, by the temperature of their water (Arrhenius).
 * @param tempC 0 to 30
 * @returns minutes, to the next quarter of an hour
 * @example beanSoakMin(15) // 720
 */
export function beanSoakMin(tempC: number): number {
  const slower = Math.exp((ACTIVATION_KJ_PER_MOL / GAS_KJ) * (1 / (tempC + KELVIN) - 1 / (SOAKED.atC + KELVIN)));
  return Math.ceil((SOAKED.minutes * slower) / 15 - 1e-9) * 15;
}

/** Where the beans soak tonight, how warm that is, and how long it takes. */
export function beansSoak(
  schools: Readonly<Record<string, string>>,
  roomTempC: number,
): { id: string; tempC: number; minutes: number } {
  const asked = schoolOf(BEAN_SCHOOLS, schools);
  // A warm kitchen is no place for them, whoever asked for it.
  const id = asked === 'room' && roomTempC > SOURS_C ? 'fridge' : asked;
  const tempC = id === 'fridge' ? FRIDGE_C : id === 'larder' ? Math.min(LARDER_C, roomTempC) : roomTempC;
  return { id, tempC, minutes: beanSoakMin(tempC) };
}
