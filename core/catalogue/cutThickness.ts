import type { Cut } from './ingredient';

const LENGTH = /(\d+(?:\.\d+)?) ?(mm|cm)\b/;
/** A cut is named after its thickness when the two are as near as this. */
const NEAR = 0.15;

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
 * The name of a cut that is made so thick.
 * @example labelAt({ label: '8 mm half-moons', thicknessMm: 8 }, 11) // '11 mm half-moons'
 */
export function labelAt(cut: Named, thicknessMm: number | undefined): string {
  if (thicknessMm === undefined || !isCutByThickness(cut)) return cut.label;
  return cut.label.replace(LENGTH, `${Math.round(thicknessMm * 2) / 2} mm`);
}
