import { heightAtMm } from '../arrange/vesselShape';
import { boilingPointC, boilingRaisedK } from '../heat/boilingPoint';
import { WATER_CP } from '../heat/burner';
import { stepDoneness } from './balance/doneness';
import { stepExchange, type Exchanged } from './balance/exchange';
import { stepHeat } from './balance/heat';
import { stepSteam } from './balance/steam';
import { pieceIn } from './food';
import { FAT_G_PER_ML, Losses } from './losses';
import { Lying } from './lying';
import {
  addTo,
  heatCapacity,
  massOf,
  NOTHING,
  plus,
  salinityPctOf,
  type Contents,
  type HeatLedger,
  type PotAction,
  type PotState,
  type Sample,
} from './state';

/** It boils from so near to the boiling point on, in K. */
const BOILS_WITHIN_K = 0.05;

/** A pot that is followed: a `PotState` that goes on in the same place, so that a step leaves nothing behind. */
export class Running {
  readonly pot: Omit<PotState, 'pieces'> & { liquid: Contents; ladled: Contents; drunk: Contents; heat: HeatLedger };
  /** All food, and what of it lies in the pot. */
  private readonly food: Lying[];
  lying: readonly Lying[] = [];
  private readonly losses: Losses;
  private readonly waterBoilsC: number;
  private readonly exchanged: Exchanged = { given: { ...NOTHING }, drankG: 0, fatG: 0 };

  constructor({ pieces, ...pot }: PotState) {
    this.pot = {
      ...pot,
      liquid: { ...pot.liquid },
      ladled: { ...pot.ladled },
      drunk: { ...pot.drunk },
      heat: { ...pot.heat },
    };
    this.food = pieces.map((one) => new Lying(one));
    this.losses = new Losses(pot);
    this.waterBoilsC = boilingPointC(pot.altitudeM);
    this.see();
  }

  private see(): void {
    this.lying = this.food.filter((one) => one.outAtS === undefined);
  }

  get atS(): number {
    return this.pot.atS;
  }

  get boils(): boolean {
    return this.pot.boilingS > 0;
  }

  get boilingC(): number {
    return this.waterBoilsC + boilingRaisedK(this.pot.liquid);
  }

  /** Something in it has ice left in it. */
  get thaws(): boolean {
    return this.lying.some((one) => one.hasIce);
  }

  /** Does what is done to it at this moment. */
  act(action: PotAction): void {
    const { pot } = this;
    switch (action.kind) {
      case 'heat':
        pot.power = Math.min(1, Math.max(0, action.power));
        pot.holdC = action.holdC;
        return;
      case 'lid':
        pot.lid = action.lid;
        pot.lidThen = action.untilBoil;
        return;
      case 'add':
        this.food.push(...action.food.map((one) => new Lying(pieceIn(one, pot.atS))));
        this.see();
        return;
      case 'remove':
        for (const one of this.lying) if (action.ids.includes(one.piece.id)) one.outAtS = pot.atS;
        this.see();
        return;
      case 'pour':
        this.pour(action);
        return;
      case 'ladle':
        this.ladle(action.volumeMl);
        return;
    }
  }

  private pour({ liquid, tempC, fatG = 0 }: Extract<PotAction, { kind: 'pour' }>): void {
    const { pot } = this;
    const before = heatCapacity(pot);
    addTo(pot.liquid, liquid);
    pot.fatG += fatG;
    const after = heatCapacity(pot);
    pot.tempC = (before * pot.tempC + (after - before) * tempC) / after;
    pot.heat.movedJ += (after - before) * tempC;
    pot.boilingS = 0;
  }

  private ladle(volumeMl: number): void {
    const { pot } = this;
    const before = heatCapacity(pot);
    const share = Math.min(1, volumeMl / Math.max(massOf(pot.liquid), 1e-9));
    const out = plus(NOTHING, pot.liquid, share);
    addTo(pot.liquid, out, -1);
    addTo(pot.ladled, out);
    pot.ladledFatG += pot.fatG * share;
    pot.fatG *= 1 - share;
    pot.heat.movedJ -= (before - heatCapacity(pot)) * pot.tempC;
  }

  /** A step further, nothing being done to it. */
  step(stepS: number): void {
    const { pot, lying, exchanged } = this;
    const heat = stepHeat(pot, lying, this.losses, this.boilingC, stepS);
    const { steamG, alcoholG, leaves } = stepSteam(pot, heat);
    pot.atS += stepS;
    pot.tempC = heat.tempC;
    Object.assign(exchanged.given, NOTHING);
    exchanged.drankG = 0;
    exchanged.fatG = 0;
    for (const one of lying) {
      stepDoneness(one, pot.atS, stepS);
      stepExchange(one, exchanged);
    }
    const { given, drankG, fatG } = exchanged;
    // Food drinks of the liquid as it is, salt and all.
    const massG = massOf(pot.liquid);
    const drinks = massG > 0 ? Math.min(1, drankG / massG) : 0;
    const goneG = drinks * massG;
    addTo(pot.drunk, pot.liquid, drinks);
    addTo(pot.liquid, pot.liquid, -drinks);
    addTo(pot.liquid, given);
    pot.liquid.waterG -= steamG - alcoholG;
    pot.liquid.alcoholG -= alcoholG;
    pot.fatG += fatG;
    pot.steamG += steamG;
    pot.steamAlcoholG += alcoholG;
    const awayJ = heat.overJ - heat.savedJ;
    const ledger = pot.heat;
    ledger.burnerJ += heat.powerW * stepS - heat.savedJ;
    ledger.lostJ += heat.lostJ + awayJ * (1 - leaves);
    ledger.steamJ += heat.belowJ + awayJ * leaves;
    ledger.foodJ += heat.foodJ;
    ledger.movedJ += ((massOf(given) - goneG - steamG + fatG / 2) / 1000) * WATER_CP * pot.tempC;
    pot.boilingS = pot.tempC >= this.boilingC - BOILS_WITHIN_K ? pot.boilingS + stepS : 0;
    if (this.boils && pot.lidThen !== undefined) {
      pot.lid = pot.lidThen;
      pot.lidThen = undefined;
    }
  }

  /** Liquid and food together, in ml. */
  get levelMl(): number {
    const { liquid, fatG } = this.pot;
    let levelMl = massOf(liquid) + fatG / FAT_G_PER_ML;
    for (const one of this.lying) levelMl += one.volumeMl;
    return levelMl;
  }

  get sample(): Sample {
    const { pot, levelMl } = this;
    return {
      atS: pot.atS,
      tempC: pot.tempC,
      boilingC: this.boilingC,
      boils: this.boils,
      levelMl,
      liquidMl: massOf(pot.liquid),
      depthMm: heightAtMm(pot.vessel, levelMl),
      salinityPct: salinityPctOf(pot.liquid),
      fatG: pot.fatG,
      pieces: this.lying.map(({ piece, mean, largestC, cooked, safeAtS }) => ({
        id: piece.id,
        centreC: mean.centreC,
        largestC,
        hadMin: cooked.hadMin,
        isSafe: safeAtS !== undefined,
      })),
    };
  }

  /** As plain data, from which another can be taken up. */
  get state(): PotState {
    const { pot, food } = this;
    return {
      ...pot,
      liquid: { ...pot.liquid },
      ladled: { ...pot.ladled },
      drunk: { ...pot.drunk },
      heat: { ...pot.heat },
      pieces: food.map((one) => one.state),
    };
  }
}
