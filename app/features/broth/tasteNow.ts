import type { Liquid } from '@elixa/contract';
import { formulaById } from '@elixa/core';
import { judgedPct, TASTES, tasteWord } from './liquidWords';

export type Key = (typeof TASTES)[number]['key'];
/** What a liquid tastes of now, for the line under each control. */
export function nowWords(liquid: Liquid, key: Key): string {
  switch (key) {
    case 'salt':
      return `${liquid.strength}, ${judgedPct(liquid).toFixed(judgedPct(liquid) < 2 ? 2 : 1)} % salt`;
    case 'sweet':
      return `${tasteWord('sweet', liquid.sweetnessPct)}, like ${liquid.sweetnessPct.toFixed(1)} % sugar`;
    case 'sour':
      return `${tasteWord('sour', liquid.acidityPct)}, ${liquid.acidityPct.toFixed(1)} % acid`;
    case 'heat':
      return `${tasteWord('heat', liquid.heat)}, ${liquid.heat.toFixed(1)} of 5`;
    case 'savour':
      return tasteWord('savour', liquid.umamiGPer100g);
  }
}

/** Where a taste lies, the band it should lie in, and how far the bar reaches. */
export function bandOf(liquid: Liquid, key: Key): { value: number; band?: [number, number] } {
  switch (key) {
    case 'salt':
      return { value: judgedPct(liquid), band: liquid.targetSalinityPct };
    case 'sweet':
      return { value: liquid.sweetnessPct, band: liquid.targetSweetnessPct };
    case 'sour':
      return { value: liquid.acidityPct, band: liquid.targetAcidityPct };
    case 'heat':
      return { value: liquid.heat, band: liquid.targetHeat };
    case 'savour':
      return { value: liquid.umamiGPer100g, band: liquid.targetUmamiGPer100g };
  }
}

/** Tastes that a formula lets itself be turned by: what it solves for, its chilli, and what steeps in it. */
export function turnable(liquid: Liquid): readonly (typeof TASTES)[number][] {
  const roles = new Set(formulaById(liquid.formulaId)?.parts.map((part) => part.role));
  const can: Record<Key, boolean> = {
    salt: roles.has('salting'),
    sweet: roles.has('sweetening'),
    sour: roles.has('souring'),
    heat: liquid.targetHeat !== undefined,
    savour: roles.has('infusion'),
  };
  return TASTES.filter(({ key }) => can[key]);
}
