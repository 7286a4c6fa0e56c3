import type { Act, ActOf, Contents, FoodIn } from '@elixa/contract';
import { type Catalogue, catalogueOf } from '../catalogue/catalogue';
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
  type HeatLedger,
  type Kitchen,
  type PotState,
  type Sample,
} from './state';

/** A simmer is the boil held: however salty or sweet it is, a liquid boils within so much of water, in K. */
const AT_THE_BOIL_K = 10;
/** Just under the boil it steams and hardly moves, so much below it, in K. Kitchen estimate, 3-8. */
const JUST_UNDER_K = 5;
/** With less liquid than this a pan is dry. */
const DRY_G = 1;
/** It boils from so near to the boiling point on, in K. */
const BOILS_WITHIN_K = 0.05;

const foodOf = ({ is: _is, ...food }: ActOf<'added'>): FoodIn => food;

/** A pot that is followed: a `PotState` that goes on in the same place, so that a step leaves nothing behind. */
export class Running {
  readonly pot: Omit<PotState, 'pieces'> & { liquid: Contents; ladled: Contents; drunk: Contents; heat: HeatLedger };
  private readonly catalogue: Catalogue;
  /** All food, and what of it lies in the pot. */
  private readonly food: Lying[];
  lying: readonly Lying[] = [];
  private readonly losses: Losses;
  private readonly waterBoilsC: number;
  private readonly exchanged: Exchanged = { given: { ...NOTHING }, drankG: 0, fatG: 0 };

  constructor(
    { pieces, ...pot }: PotState,
    private readonly kitchen: Kitchen,
  ) {
    this.pot = {
      ...pot,
      liquid: { ...pot.liquid },
      ladled: { ...pot.ladled },
      drunk: { ...pot.drunk },
      heat: { ...pot.heat },
    };
    this.catalogue = catalogueOf(kitchen);
    this.food = pieces.map((one) => new Lying(this.catalogue, one));
    this.losses = new Losses(pot, kitchen);
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
  act(act: Act): void {
    const { pot } = this;
    switch (act.is) {
      case 'light':
        pot.power = 1;
        return;
      case 'heat':
        pot.power = act.share;
        pot.holdC = this.heldC(act.holds);
        return;
      case 'lid':
        pot.lid = act.lid;
        pot.lidThen = act.thenAtBoil;
        return;
      case 'dryWork':
        pot.tempC = Math.max(pot.tempC, act.panC);
        return;
      case 'added':
        this.food.push(new Lying(this.catalogue, pieceIn(this.catalogue, foodOf(act), pot.atS)));
        this.see();
        return;
      case 'liftedOut':
      case 'eaten':
        for (const one of this.lying) if (act.pieceIds.includes(one.piece.pieceId)) one.outAtS = pot.atS;
        this.see();
        return;
      case 'putBack':
        for (const one of this.food) if (act.pieceIds.includes(one.piece.pieceId)) one.outAtS = undefined;
        this.see();
        return;
      case 'poured':
        this.pour(act);
        return;
      case 'seasoned':
        if (act.contents) this.pour({ contents: act.contents, tempC: act.tempC ?? pot.roomTempC });
        return;
      case 'ladled':
        this.ladle(act.ml === 'all' ? Infinity : act.ml);
        return;
      case 'drunk':
        this.ladle(act.ml);
        return;
      case 'skimmed':
      case 'stirred':
      case 'loosened':
      case 'basted':
      case 'scooped':
      case 'rested':
      case 'served':
        // Nothing of heat and liquid changes with it.
        return;
    }
  }

  /** A fire that is tended to the boil may be turned down for no other reason. */
  private heldC(holds: ActOf<'heat'>['holds']): number | undefined {
    if (holds === 'boil') return this.waterBoilsC + AT_THE_BOIL_K;
    return holds === 'justUnder' ? this.waterBoilsC - JUST_UNDER_K : holds;
  }

  private pour({ contents, tempC, fatG = 0 }: Pick<ActOf<'poured'>, 'contents' | 'tempC' | 'fatG'>): void {
    const { pot } = this;
    const before = heatCapacity(pot);
    addTo(pot.liquid, contents);
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
    if (massOf(pot.liquid) < DRY_G) {
      // A pan without liquid is tended to where its work has it, and what lies in it waits for the liquid.
      pot.atS += stepS;
      pot.boilingS = 0;
      return;
    }
    const before = { tempC: pot.tempC, capacityJPerK: heatCapacity(pot) };
    const heat = stepHeat(pot, lying, this.losses, this.boilingC, stepS, this.kitchen.usefulShare);
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
    const fromC = this.boilingC - BOILS_WITHIN_K;
    // It began within the step, as much of it later as it had to be warmed until then.
    const neededJ = Math.max(0, fromC - before.tempC) * before.capacityJPerK;
    const hadJ = (pot.tempC - before.tempC) * before.capacityJPerK + heat.overJ;
    const share = pot.boilingS > 0 || hadJ <= neededJ ? 1 : 1 - neededJ / hadJ;
    pot.boilingS = pot.tempC >= fromC ? pot.boilingS + share * stepS : 0;
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
        id: piece.pieceId,
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
