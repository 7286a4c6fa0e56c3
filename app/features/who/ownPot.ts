import { fieldErrors, vesselSchema, type Units, type Vessel, type VesselMaterial } from '@elixa/contract';
import { capacityBy, depthBy, showLength, showVolume, widthBy, type Third } from '@elixa/core';
import { typedNumber } from '@/ui/typedNumber';

/** Empty mass of a pot when nobody weighed it: g for a litre it holds, by material. Kitchen estimate. */
const MASS_G_PER_L: Record<VesselMaterial, number> = {
  clay: 900,
  castIron: 1000,
  steel: 360,
  aluminium: 260,
  enamel: 420,
};
const EMPTY_G = { least: 200, most: 20_000 };

export const emptyMassG = (rimVolumeMl: number, material: VesselMaterial) =>
  Math.min(EMPTY_G.most, Math.max(EMPTY_G.least, Math.round((rimVolumeMl / 1000) * MASS_G_PER_L[material])));

/** The three that make a pot: of any two the third follows within bounds, and is checked where it is measured. */
export const THREE = ['innerDiameterMm', 'innerDepthMm', 'rimVolumeMl'] as const;
export type Measure = (typeof THREE)[number] | 'innerBreadthMm' | 'baseDiameterMm';
const MEASURES: readonly Measure[] = [...THREE, 'innerBreadthMm', 'baseDiameterMm'];
const MOST: Record<Measure, number> = {
  innerDiameterMm: 600,
  innerBreadthMm: 600,
  baseDiameterMm: 600,
  innerDepthMm: 400,
  rimVolumeMl: 40_000,
};

/** A pot as it is typed: its measures are texts until it is used. */
export type TypedPot = Omit<Vessel, Measure> & Record<Measure, string>;

/** A pot as it is typed again. */
export const typedPot = (vessel: Vessel): TypedPot => ({
  ...vessel,
  innerDiameterMm: String(vessel.innerDiameterMm),
  innerBreadthMm: vessel.innerBreadthMm === undefined ? '' : String(vessel.innerBreadthMm),
  baseDiameterMm: vessel.baseDiameterMm === undefined ? '' : String(vessel.baseDiameterMm),
  innerDepthMm: String(vessel.innerDepthMm),
  rimVolumeMl: String(vessel.rimVolumeMl),
});

const isBlank = (text: string) => text.trim() === '';
const numberOf = (typed: TypedPot, name: Measure) => typedNumber(typed[name], MOST[name]);
const isRound = ({ outline }: Pick<TypedPot, 'outline'>) => (outline ?? 'round') === 'round';

/**
 * What the other two say of one of the three.
 * @returns nothing where they do not say anything yet
 */
export function thirdOf(typed: TypedPot, name: (typeof THREE)[number]): Third | undefined {
  const [innerDiameterMm, innerDepthMm, rimVolumeMl] = THREE.map((one) =>
    one === name ? undefined : numberOf(typed, one),
  );
  const innerBreadthMm = isRound(typed) ? undefined : numberOf(typed, 'innerBreadthMm');
  if (!isRound(typed) && innerBreadthMm === undefined) return undefined;
  const { outline } = typed;
  if (innerDiameterMm && innerDepthMm) return capacityBy({ outline, innerDiameterMm, innerBreadthMm }, innerDepthMm);
  if (innerDiameterMm && rimVolumeMl) return depthBy({ outline, innerDiameterMm, innerBreadthMm }, rimVolumeMl);
  // The sides of a pot that is not round are measured, both of them.
  if (innerDepthMm && rimVolumeMl && isRound(typed)) return widthBy({ outline, across: 1 }, innerDepthMm, rimVolumeMl);
  return undefined;
}

/** What the other two say of one of the three, in words. */
export function thirdWords(typed: TypedPot, name: (typeof THREE)[number], units: Units): string | undefined {
  const third = thirdOf(typed, name);
  if (!third) return undefined;
  const shown = (value: number) => (name === 'rimVolumeMl' ? showVolume(value, units) : showLength(value, units));
  const range = `By the other two between ${shown(third.least)} and ${shown(third.most)}`;
  return isBlank(typed[name]) ? `${range}: taken as ${shown(third.likely)} until it is measured.` : `${range}.`;
}

export type PotErrors = ReadonlyArray<{ field: Measure | 'name'; says: string }>;

/** The pot that was typed, or what is wrong with it, by field. */
export function readPot(typed: TypedPot): { pot?: Vessel; errors: PotErrors } {
  const blank = THREE.filter((name) => isBlank(typed[name]));
  if (blank.length > 1) {
    return { errors: blank.map((field) => ({ field, says: 'Measure two of width, depth and what it holds.' })) };
  }
  const asked = MEASURES.filter((name) => !isBlank(typed[name]) && (name !== 'innerBreadthMm' || !isRound(typed)));
  const unread = asked.filter((name) => numberOf(typed, name) === undefined);
  if (unread.length > 0)
    return { errors: unread.map((field) => ({ field, says: 'Write a number, for example 280.' })) };
  const measures: Partial<Record<Measure, number>> = Object.fromEntries(
    asked.map((name) => [name, numberOf(typed, name)]),
  );
  for (const name of blank) {
    const third = thirdOf(typed, name);
    if (!third) return { errors: [{ field: name, says: 'Write a number, for example 280.' }] };
    measures[name] = Math.round(third.likely);
  }
  const isMeasured = (key: string) => key === 'outline' || MEASURES.some((name) => name === key);
  const plain = Object.fromEntries(Object.entries(typed).filter(([key]) => !isMeasured(key)));
  const parsed = vesselSchema.safeParse({
    ...plain,
    ...(isRound(typed) ? {} : { outline: typed.outline }),
    ...measures,
    emptyMassG: emptyMassG(measures.rimVolumeMl ?? 0, typed.material),
  });
  if (parsed.success) return { pot: parsed.data, errors: [] };
  return {
    errors: fieldErrors(parsed.error).map(({ field, message, fix }) => ({
      field: field === 'name' ? 'name' : (MEASURES.find((name) => name === field) ?? 'rimVolumeMl'),
      says: field === 'name' ? 'Write one.' : `${message}. ${fix}`,
    })),
  };
}
