import type { Evening } from '@elixa/contract';
import type { ActiveFormula } from './activeFormula';
import type { FormulaSolution } from './solution';
import { tasteFactors } from './taste';

/** A tongue does not tell less than this from the edge of a band. Kitchen estimate. */
const NEAR = 0.05;

/**
 * Where a liquid does not come to taste as it should: something that brings salt, sweetness, sharpness, savour or heat was
 * left out, or more was asked for than there is room for.
 * @returns sentences, none where it is right
 */
export function missesOf({ formula, target }: ActiveFormula, solution: FormulaSolution, evening: Evening): string[] {
  const factors = tasteFactors(evening.choices.taste?.[formula.id]);
  const judge = (
    is: number,
    band: readonly number[] | undefined,
    factor: number,
    tooLittle: string,
    tooMuch: string,
  ): string[] => {
    if (!band) return [];
    const [least, most] = [band[0]! * factor, band[band.length - 1]! * factor];
    if (is < least * (1 - NEAR)) return [tooLittle];
    return is > most * (1 + NEAR) ? [tooMuch] : [];
  };
  const isBroth = formula.kind === 'broth';
  const asked = isBroth ? evening.overrides.salinityPct : undefined;
  const salt = asked === undefined ? target.salinityPct : [asked, asked];
  return [
    ...judge(
      solution.salinityPct,
      salt,
      factors.salt,
      'It comes out less salty than it should.',
      'It comes out saltier than it should.',
    ),
    ...judge(
      solution.sweetnessPct,
      target.sweetnessPct,
      factors.sweet,
      'It comes out less sweet than it should.',
      'It comes out sweeter than it should.',
    ),
    ...judge(
      solution.acidPct,
      target.acidPct,
      factors.sour,
      'It comes out less sharp than it should.',
      'It comes out sharper than it should.',
    ),
    ...judge(
      solution.umamiGPer100g,
      target.umamiGPer100g,
      1,
      'It comes out thin: what brings its savour is missing.',
      'It comes out heavier than it should.',
    ),
    ...judge(
      solution.heat,
      target.heat,
      1,
      'It comes out milder than it should.',
      'It comes out hotter than it should.',
    ),
  ];
}
