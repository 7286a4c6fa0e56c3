import { mouthAreaMm2 } from '@elixa/contract';
import { boilingPointC } from '../../heat/boilingPoint';
import { lossesW } from '../../heat/burner';
import type { PotState } from './state';

/** A film of fat as thick as this closes two thirds of the mouth, in mm. Kitchen estimate, 0.2-0.5. */
const FAT_CLOSES_MM = 0.3;
/** Share of the steam that it keeps back where it lies still, and where the simmer breaks it up, in K below the boil. Kitchen estimates. */
const FAT_KEEPS = 0.7;
const BROKEN_UP = { withinK: 5, overK: 5 };
export const FAT_G_PER_ML = 0.92;

/** Share of the mouth that is closed by the fat that floats on a pot. */
export function fatCover({ fatG, vessel }: PotState): number {
  return 1 - Math.exp(-((fatG / FAT_G_PER_ML) * 1000) / mouthAreaMm2(vessel) / FAT_CLOSES_MM);
}

/** No pot is colder than so much below zero, in K. */
const COLDEST_C = 100;

/** Losses at a temperature; the curve is asked for at many and changes slowly, so it is read between whole degrees. */
export class Losses {
  private readonly known: Array<{ dryW: number; steamW: number } | undefined> = [];
  private readonly stillBelowC: number;
  constructor(private readonly pot: PotState) {
    this.stillBelowC = boilingPointC(pot.altitudeM) - BROKEN_UP.withinK;
  }
  /** Share of the steam that comes through a film of fat: bubbles break it open near the boil. */
  private throughFat(tempC: number, fat: number): number {
    const still = Math.min(1, Math.max(0, (this.stillBelowC - tempC) / BROKEN_UP.overK));
    return 1 - FAT_KEEPS * fat * still;
  }
  private whole(tempC: number) {
    const { pot, known } = this;
    const place = tempC + COLDEST_C;
    return (known[place] ??= lossesW({ ...pot, heat: pot.heatSource }, tempC, pot.lid));
  }
  /** @param fat share of the mouth that a film of fat closes */
  at(tempC: number, fat: number): { dryW: number; steamW: number; slopeW: number } {
    const low = Math.floor(tempC);
    const [a, b] = [this.whole(low), this.whole(low + 1)];
    const [steamA, steamB] = [a.steamW * this.throughFat(low, fat), b.steamW * this.throughFat(low + 1, fat)];
    const share = tempC - low;
    return {
      dryW: a.dryW + share * (b.dryW - a.dryW),
      steamW: steamA + share * (steamB - steamA),
      slopeW: b.dryW + steamB - a.dryW - steamA,
    };
  }
}
