/** What a liquid is let down with, for 100 g of it. */
export interface Thinner {
  salinityPct: number;
  sweetnessPct: number;
  acidPct: number;
  glutamatePct: number;
  inosinatePct: number;
  guanylatePct: number;
}

export const PLAIN_WATER: Thinner = {
  salinityPct: 0,
  sweetnessPct: 0,
  acidPct: 0,
  glutamatePct: 0,
  inosinatePct: 0,
  guanylatePct: 0,
};
