import { z } from 'zod';
import { labelSchema } from './label';

export const vesselMaterialSchema = z.enum(['clay', 'castIron', 'steel', 'aluminium', 'enamel']);
export const vesselOutlineSchema = z.enum(['round', 'oval', 'rectangular']);

/** Share of the shorter side that the corners of a rectangular pan are rounded by. Kitchen estimate, 0.1-0.25. */
export const CORNER_SHARE = 0.18;

/** The least share of a straight wall's volume that a pot holds: a bowl that comes to a point. */
const LEAST_OF_CYLINDER = 0.34;
/** What a jug and a ruler may differ by before one of them was misread. */
const MEASURED_WITHIN = 1.02;

type Mouth = {
  outline?: z.infer<typeof vesselOutlineSchema> | undefined;
  innerDiameterMm: number;
  innerBreadthMm?: number | undefined;
};

/**
 * Area of a pot's mouth, in mm².
 * @example mouthAreaMm2({ innerDiameterMm: 280 }) // 61575
 */
export function mouthAreaMm2({ outline = 'round', innerDiameterMm, innerBreadthMm = innerDiameterMm }: Mouth): number {
  switch (outline) {
    case 'round':
      return (Math.PI / 4) * innerDiameterMm ** 2;
    case 'oval':
      return (Math.PI / 4) * innerDiameterMm * innerBreadthMm;
    case 'rectangular':
      return innerDiameterMm * innerBreadthMm - (4 - Math.PI) * (CORNER_SHARE * innerBreadthMm) ** 2;
  }
}

/** Width of a round pot with as large a mouth, in mm: what heat and steam see of it. */
export const meanDiameterMm = (mouth: Mouth): number => Math.sqrt((mouthAreaMm2(mouth) * 4) / Math.PI);

/** Share of a straight wall's volume that a pot holds at least, by how much narrower its bottom is than its mouth. */
const leastShare = ({
  baseDiameterMm,
  innerDiameterMm,
}: {
  baseDiameterMm?: number | undefined;
  innerDiameterMm: number;
}) =>
  baseDiameterMm === undefined
    ? LEAST_OF_CYLINDER
    : Math.max(LEAST_OF_CYLINDER, (baseDiameterMm / innerDiameterMm) ** 2);

/**
 * A pot by its inside: how wide it is at the rim, how deep in the middle, and what it holds to the rim. A pot that is not
 * round is measured along and across. Two of the three give a range for the third, which is checked.
 */
export const vesselSchema = z
  .strictObject({
    id: labelSchema(40),
    name: labelSchema(60),
    material: vesselMaterialSchema,
    /** Round where nothing is said. */
    outline: vesselOutlineSchema.optional(),
    /** At the rim; of a pot that is not round along its longer side. */
    innerDiameterMm: z.number().min(100).max(600),
    /** Across, of a pot that is not round. */
    innerBreadthMm: z.number().min(80).max(600).optional(),
    /** Of the flat bottom, along the longer side; as the volume has it where nothing is said. */
    baseDiameterMm: z.number().min(20).max(600).optional(),
    innerDepthMm: z.number().min(25).max(400),
    rimVolumeMl: z.number().min(300).max(40_000),
    emptyMassG: z.number().min(200).max(20_000),
    lid: z.boolean(),
    divided: z.boolean(),
    inductionReady: z.boolean(),
    /** It heats itself, and stands on no burner. */
    ownElement: z.literal(true).optional(),
    /** Two at the sides where nothing is said. */
    handles: z.enum(['two', 'one', 'none']).optional(),
  })
  .superRefine((vessel, context) => {
    const fault = (field: string, message: string, fix: string) =>
      context.addIssue({ code: 'custom', path: [field], message, params: { fix } });
    const { outline = 'round', innerDiameterMm, innerBreadthMm, baseDiameterMm, innerDepthMm, rimVolumeMl } = vessel;
    if (outline === 'round' && innerBreadthMm !== undefined) {
      fault('innerBreadthMm', 'A round pot is as wide across as along', 'Leave it out, or say that the pot is oval.');
      return;
    }
    if (outline !== 'round' && innerBreadthMm === undefined) {
      fault('innerBreadthMm', 'It is missing', 'Measure across the shorter side, at the rim.');
      return;
    }
    if (innerBreadthMm !== undefined && innerBreadthMm > innerDiameterMm) {
      fault('innerBreadthMm', 'It is longer than the longer side', 'Exchange the two.');
      return;
    }
    if (baseDiameterMm !== undefined && baseDiameterMm > innerDiameterMm) {
      fault('baseDiameterMm', 'The bottom is wider than the rim', 'Measure the flat part inside.');
      return;
    }
    const across = innerBreadthMm === undefined ? '' : ` by ${innerBreadthMm}`;
    const size = `A pot ${innerDiameterMm}${across} mm wide and ${innerDepthMm} mm deep`;
    const straightMl = (mouthAreaMm2(vessel) * innerDepthMm) / 1000;
    const leastMl = straightMl * leastShare(vessel);
    const again = 'Measure it again, or fill it once with a jug.';
    if (rimVolumeMl > straightMl * MEASURED_WITHIN) {
      fault('rimVolumeMl', `${size} holds at most ${Math.round(straightMl)} ml`, again);
    } else if (rimVolumeMl < leastMl / (baseDiameterMm === undefined ? 1 : MEASURED_WITHIN)) {
      fault('rimVolumeMl', `${size} holds at least ${Math.round(leastMl)} ml`, again);
    }
  });

export type Vessel = z.infer<typeof vesselSchema>;
export type VesselMaterial = z.infer<typeof vesselMaterialSchema>;
export type VesselOutline = z.infer<typeof vesselOutlineSchema>;
