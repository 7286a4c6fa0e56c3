import type { Cut } from './ingredient';

const LENGTH = /(\d+(?:\.\d+)?) ?(mm|cm)\b/;
/** A cut is named after its thickness when the two are as near as this. */
const NEAR = 0.15;

/** Density of the flesh of a piece, in g/ml: most food sinks only just. Kitchen estimate, 0.95-1.08. */
export const FLESH_G_PER_ML = 1.02;

type Sized = Pick<Cut, 'thicknessMm' | 'pieceG' | 'ball'>;
type Named = Pick<Cut, 'label' | 'thicknessMm'>;

const namedMm = (label: string): number | undefined => {
  const found = LENGTH.exec(label);
  return found ? Number(found[1]) * (found[2] === 'cm' ? 10 : 1) : undefined;
};

/**
 * Whether a knife makes a cut as thick as somebody wants: one that is named after its thickness. A tuft, a whole cap, a
 * torn leaf are as they grew, and a stem cut 3 cm long is no thicker for it.
 * @example isCutByThickness({ label: '8 mm half-moons', thicknessMm: 8 }) // true
 */
export function isCutByThickness({ label, thicknessMm }: Named): boolean {
  const mm = namedMm(label);
  return mm !== undefined && Math.abs(mm / thicknessMm - 1) <= NEAR;
}

/** A thickness as a knife keeps to it: whole millimetres, and halves of thin slices. */
export const cuttableMm = (mm: number): number => (mm < 4 ? Math.round(mm * 2) / 2 : Math.round(mm));

/**
 * Thickness and width of a piece in mm. Thickness is the least of its sides: cut thicker than it is wide, it is as wide as
 * thick; thinner or thicker slices are as wide as before, and a ball grows all round.
 * @param gPerMl of its flesh
 * @param mm how thick it is cut, instead of as its cut has it
 */
export function sidesMm({ thicknessMm, pieceG, ball }: Sized, gPerMl: number, mm = thicknessMm) {
  if (ball) return { thickMm: mm, wideMm: mm };
  const usualMm = Math.sqrt(((Math.max(pieceG, 0.1) / gPerMl) * 1000) / thicknessMm);
  return { thickMm: mm, wideMm: Math.max(mm, thicknessMm, usualMm) };
}

/**
 * Mass in g of a piece that is cut so thick: its sides grow, and it with them.
 * @example pieceGAt({ thicknessMm: 30, pieceG: 27, ball: true }, 60) // 216
 */
export function pieceGAt(cut: Sized, mm: number): number {
  const [usual, tonight] = [cut.thicknessMm, mm].map((each) => sidesMm(cut, FLESH_G_PER_ML, each));
  return (cut.pieceG * tonight!.thickMm * tonight!.wideMm ** 2) / (usual!.thickMm * usual!.wideMm ** 2);
}

/**
 * The name of a cut that is made so thick.
 * @example labelAt({ label: '8 mm half-moons', thicknessMm: 8 }, 11) // '11 mm half-moons'
 */
export function labelAt(cut: Named, thicknessMm: number | undefined): string {
  if (thicknessMm === undefined || !isCutByThickness(cut)) return cut.label;
  return cut.label.replace(LENGTH, `${Math.round(thicknessMm * 2) / 2} mm`);
}

/** A cut as it is when it is made so thick: its name and the mass of its pieces follow. */
export const cutAt = (cut: Cut, thicknessMm = cut.thicknessMm): Cut =>
  thicknessMm === cut.thicknessMm
    ? cut
    : { ...cut, label: labelAt(cut, thicknessMm), thicknessMm, pieceG: pieceGAt(cut, thicknessMm) };
