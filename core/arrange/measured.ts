import { mouthAreaMm2, type Vessel } from '@elixa/contract';

/** What a pot may measure where two of the three are known. */
export interface Third {
  least: number;
  likely: number;
  most: number;
}

type Mouth = Pick<Vessel, 'outline' | 'innerDiameterMm' | 'innerBreadthMm'>;

/** A pot holds between a third of a straight wall's volume and all of it; most hold about three quarters. Kitchen estimate, 0.55-0.95. */
const FILL = { least: 0.34, likely: 0.76, most: 1 } as const;

const KEYS = ['least', 'likely', 'most'] as const;
const thirdOf = (of: (fill: number) => number, rises: boolean): Third => {
  const [a, likely, b] = KEYS.map((key) => of(FILL[key])) as [number, number, number];
  return rises ? { least: a, likely, most: b } : { least: b, likely, most: a };
};

/**
 * What a pot holds to its rim by a ruler alone, in ml.
 * @example capacityBy({ innerDiameterMm: 280 }, 72).most // 4433
 */
export const capacityBy = (mouth: Mouth, depthMm: number): Third =>
  thirdOf((fill) => (fill * mouthAreaMm2(mouth) * depthMm) / 1000, true);

/** How deep a pot is that is so wide and holds so much, in mm. */
export const depthBy = (mouth: Mouth, rimVolumeMl: number): Third =>
  thirdOf((fill) => (rimVolumeMl * 1000) / fill / mouthAreaMm2(mouth), false);

/** How wide a pot is that is so deep and holds so much, in mm; of one that is not round, with its sides as they are to one another. */
export const widthBy = (
  mouth: Omit<Mouth, 'innerDiameterMm'> & { across: number },
  depthMm: number,
  rimVolumeMl: number,
): Third => {
  const oneMm2 = mouthAreaMm2({ ...mouth, innerDiameterMm: 1, innerBreadthMm: mouth.across });
  return thirdOf((fill) => Math.sqrt((rimVolumeMl * 1000) / fill / depthMm / oneMm2), false);
};
