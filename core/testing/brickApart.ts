import type { Evening, PotPlan, SimmerPiece } from '@elixa/contract';

/**
 * A small heat model that shares nothing with the planner: a brick of food cut in cells, heat carried from cell to cell
 * in explicit steps, in a bath whose own temperature follows the flame and what is thrown into it.
 */
export class Brick {
  private readonly cells: number[];
  private readonly n = 8;
  constructor(
    private readonly sidesM: readonly [number, number, number],
    private readonly material: { k: number; rho: number; cp: number },
    startC: number,
  ) {
    this.cells = Array<number>(this.n ** 3).fill(startC);
  }

  /** The longest step that does not swing. */
  get stableS(): number {
    const { k, rho, cp } = this.material;
    const inverse = this.sidesM.reduce((sum, side) => sum + (2 * this.n) ** 2 / side ** 2, 0);
    return (0.6 * rho * cp) / (2 * k * inverse);
  }

  get centreC(): number {
    return this.cells[0]!;
  }

  /** One eighth of the brick: the first cell of each axis lies at the centre, the last at the surface. */
  step(bathC: number, h: number, dtS: number): void {
    const { n, cells } = this;
    const { k, rho, cp } = this.material;
    const before = cells.slice();
    const stride = [1, n, n * n] as const;
    for (let index = 0; index < cells.length; index += 1) {
      let change = 0;
      for (let axis = 0; axis < 3; axis += 1) {
        const at = Math.floor(index / stride[axis]!) % n;
        const d = this.sidesM[axis]! / 2 / n;
        const here = before[index]!;
        if (at > 0) change += (k * (before[index - stride[axis]!]! - here)) / d ** 2;
        if (at < n - 1) change += (k * (before[index + stride[axis]!]! - here)) / d ** 2;
        else change += (bathC - here) / (1 / h + d / 2 / k) / d;
      }
      cells[index] = before[index]! + (change * dtS) / (rho * cp);
    }
  }
}

/** The largest likely piece of a cut, in mm, and its centre temperature. Pieces go in at 3 °C. */
export const WATCHED: Record<
  string,
  { sides: readonly [number, number, number]; k: number; cp: number; safeC: number; fromC?: number }
> = {
  'chickenThigh/chunk': { sides: [0.03, 0.03, 0.03], k: 0.48, cp: 3500, safeC: 74 },
  'codFillet/slice': { sides: [0.017, 0.045, 0.065], k: 0.5, cp: 3650, safeC: 63 },
  'duckBreast/slice': { sides: [0.0045, 0.05, 0.09], k: 0.45, cp: 3300, safeC: 74 },
  'beefSlice/thin': { sides: [0.003, 0.06, 0.1], k: 0.43, cp: 3200, safeC: 63 },
  'lambSlice/thin': { sides: [0.003, 0.06, 0.1], k: 0.43, cp: 3200, safeC: 63 },
  'porkLoin/thin': { sides: [0.003, 0.06, 0.1], k: 0.43, cp: 3200, safeC: 71 },
  'porkBelly/thin': { sides: [0.003, 0.06, 0.1], k: 0.35, cp: 2900, safeC: 71 },
  'chickenThigh/thin': { sides: [0.006, 0.04, 0.06], k: 0.48, cp: 3500, safeC: 74 },
  'chickenBoneIn/chopped': { sides: [0.045, 0.045, 0.05], k: 0.48, cp: 3400, safeC: 74 },
  // Hot out of its broth, five degrees cooler than it is reckoned with.
  'chickenBoneIn/fromStock': { sides: [0.045, 0.045, 0.05], k: 0.48, cp: 3400, safeC: 74, fromC: 50 },
  'chickenWing/whole': { sides: [0.03, 0.04, 0.07], k: 0.48, cp: 3400, safeC: 74 },
  // A ball of 33 mm is a brick of as much.
  'chickenMince/ball': { sides: [0.027, 0.027, 0.027], k: 0.48, cp: 3500, safeC: 74 },
  'porkMince/ball': { sides: [0.027, 0.027, 0.027], k: 0.45, cp: 3300, safeC: 71 },
  'chickenMince/crumbled': { sides: [0.015, 0.015, 0.02], k: 0.48, cp: 3500, safeC: 74 },
  'porkMince/crumbled': { sides: [0.015, 0.015, 0.02], k: 0.45, cp: 3300, safeC: 71 },
  'sausageMeat/crumbled': { sides: [0.015, 0.015, 0.02], k: 0.45, cp: 3300, safeC: 71 },
  'beefSlice/bite': { sides: [0.004, 0.05, 0.06], k: 0.43, cp: 3200, safeC: 63 },
  'porkBelly/poachedSlice': { sides: [0.005, 0.05, 0.06], k: 0.35, cp: 2900, safeC: 74 },
  'curedBacon/strip': { sides: [0.005, 0.02, 0.04], k: 0.38, cp: 3000, safeC: 71 },
  'tinnedPork/slice': { sides: [0.007, 0.04, 0.05], k: 0.42, cp: 3000, safeC: 63 },
  'tinnedPoultry/slice': { sides: [0.007, 0.04, 0.05], k: 0.42, cp: 3200, safeC: 63 },
  'frankfurter/slant': { sides: [0.009, 0.022, 0.03], k: 0.42, cp: 3100, safeC: 63 },
  // Soaked: mostly broth.
  'puffedPorkSkin/piece': { sides: [0.008, 0.03, 0.03], k: 0.45, cp: 3600, safeC: 63 },
  'salmonFillet/slice': { sides: [0.017, 0.045, 0.065], k: 0.5, cp: 3500, safeC: 63 },
  'salmonFillet/thin': { sides: [0.004, 0.04, 0.06], k: 0.5, cp: 3500, safeC: 63 },
  'seaBream/slice': { sides: [0.012, 0.045, 0.06], k: 0.5, cp: 3600, safeC: 63 },
  'prawn/whole': { sides: [0.015, 0.017, 0.06], k: 0.5, cp: 3600, safeC: 63 },
  'squid/ring': { sides: [0.007, 0.02, 0.05], k: 0.5, cp: 3600, safeC: 63 },
  'scallop/whole': { sides: [0.022, 0.03, 0.03], k: 0.5, cp: 3600, safeC: 63 },
  'oyster/whole': { sides: [0.016, 0.03, 0.04], k: 0.5, cp: 3700, safeC: 63 },
  // Their meat; the shell carries heat better than the broth does.
  'clam/shell': { sides: [0.012, 0.02, 0.025], k: 0.5, cp: 3700, safeC: 63 },
  'mussel/shell': { sides: [0.014, 0.02, 0.03], k: 0.5, cp: 3700, safeC: 63 },
  'razorClam/shell': { sides: [0.01, 0.012, 0.06], k: 0.5, cp: 3700, safeC: 63 },
  'crabLeg/split': { sides: [0.02, 0.022, 0.08], k: 0.5, cp: 3600, safeC: 63 },
  'dumpling/whole': { sides: [0.018, 0.032, 0.055], k: 0.46, cp: 3300, safeC: 71 },
  'egg/beaten': { sides: [0.006, 0.06, 0.06], k: 0.5, cp: 3600, safeC: 71 },
};
const COLD_C = 3;
const RHO = 1060;

/**
 * Minutes in boiling water until the centre of the largest piece is safe.
 * @param sides in m, where it is cut otherwise
 * @param h how well the heat goes over, in W/(m²·K)
 */
export function minutesToSafe(key: string, bathC: number, sides = WATCHED[key]!.sides, h = 900): number {
  const { k, cp, safeC, fromC = COLD_C } = WATCHED[key]!;
  const brick = new Brick(sides, { k, rho: RHO, cp }, fromC);
  const dtS = brick.stableS;
  for (let s = 0; ; s += dtS) {
    if (brick.centreC >= safeC) return s / 60;
    brick.step(bathC, h, dtS);
  }
}

/** Centre temperature of the largest piece when it is lifted out, with everything that goes into its pan on the way. */
export function servedAs(
  evening: Evening,
  plan: PotPlan,
  piece: SimmerPiece,
  sides = WATCHED[`${piece.ingredientId}/${piece.cut}`]!.sides,
): { centreC: number; at70Min: number } {
  const { k, cp } = WATCHED[`${piece.ingredientId}/${piece.cut}`]!;
  const { boilingPointC: boilC } = plan.simmer;
  const mates = plan.simmer.pieces.filter(
    (one) => one.round === piece.round && one.pan === piece.pan && one.outAtS > piece.inAtS,
  );
  const { vessel, heatSource } = evening;
  const efficiency = { portableGas: 0.4, gasHob: 0.35, induction: 0.8, electricPlate: 0.65, ownElement: 0.75 }[
    heatSource.kind
  ];
  const areaM2 =
    Math.PI * (vessel.innerDiameterMm / 2000) ** 2 + Math.PI * vessel.innerDiameterMm * vessel.innerDepthMm * 1e-6;
  const brothJPerK = (plan.build.pourMl / 1000) * 4180 + (vessel.emptyMassG / 1000) * 600;
  const watched = new Brick(sides, { k, rho: RHO, cp }, COLD_C);
  const dtS = Math.min(1, watched.stableS);
  // Everything else is a lump that takes up heat through its surface; 6 mm of depth for each.
  const lumps = mates.map((one) => ({ inAtS: one.inAtS, massKg: one.massG / 1000, tempC: COLD_C, own: one === piece }));
  let bathC = boilC;
  let at70Min = 0;
  const end = piece.outAtS;
  for (let s = piece.inAtS; s < end; s += dtS) {
    let drawnW = 0;
    for (const lump of lumps) {
      if (lump.inAtS > s) continue;
      const h = bathC > boilC - 2 ? 900 : 400;
      const surfaceM2PerKg = 0.18;
      const toMiddle = 1 / (1 / h + 0.006 / 0.5);
      const flowW = toMiddle * surfaceM2PerKg * lump.massKg * (bathC - lump.tempC);
      lump.tempC += (flowW * dtS) / (lump.massKg * 3600);
      drawnW += flowW;
    }
    const lidLossW = 9 * areaM2 * Math.max(0, bathC - evening.place.roomTempC);
    const netW = heatSource.powerW * efficiency - lidLossW - drawnW;
    bathC = Math.min(boilC, bathC + (netW * dtS) / brothJPerK);
    const h = bathC > boilC - 2 ? 900 : 400;
    watched.step(bathC, h, dtS);
    at70Min += (10 ** ((watched.centreC - 70) / 7.5) * dtS) / 60;
  }
  return { centreC: watched.centreC, at70Min };
}
