import { ingredientById, type Family } from '@elixa/core';

const glaze = (name: string) => `var(--glaze-${name})`;

/** Ingredients whose own colour is the pale side of their family's glaze. */
const PALE: Record<string, string> = {
  daikon: 'root-pale',
  enoki: 'mushroom-pale',
  'napaCabbage/stem': 'leaf-pale',
  napaCabbage: 'leaf-pale',
};

/** The glaze of an ingredient: its family's, or the pale side of it. */
export function glazeOf(ingredientId: string, cut?: string): string {
  const pale = PALE[`${ingredientId}/${cut}`] ?? (cut === 'leaf' ? undefined : PALE[ingredientId]);
  return glaze(pale ?? (ingredientById(ingredientId).family satisfies Family));
}

export const GLAZE_LINE = 'var(--glaze-line)';
