import { mouthAreaMm2 } from '@elixa/contract';
import { boilingPointC } from '../heat/boilingPoint';
import { lossesW, type LidState } from '../heat/burner';
import type { Kitchen, PotState } from './state';

/** A film of fat as thick as this closes two thirds of the mouth, in mm. Kitchen estimate, 0.2-0.5. */
const FAT_CLOSES_MM = 0.3;
/** Share of the steam that it keeps back where it lies still, and where the simmer breaks it up, in K below the boil. Kitchen estimates. */
const FAT_KEEPS = 0.7;
const BROKEN_UP = { withinK: 5, overK: 5 };
export const FAT_G_PER_ML = 0.92;

/** Share of the mouth that is closed by the fat that floats on a pot. */
export function fatCover({ fatG, vessel }: Pick<PotState, 'fatG' | 'vessel'>): number {
  return fatG > 0 ? 1 - Math.exp(-((fatG / FAT_G_PER_ML) * 1000) / mouthAreaMm2(vessel) / FAT_CLOSES_MM) : 0;
}

/** No pot is colder than so much below zero, in K. */
const COLDEST_C = 100;

/** Losses of a pot with its lid as it lies, at whole degrees: the curve is asked for at many temperatures and changes slowly. */
interface AtWholeDegrees {
  dryW: number[];
  steamW: number[];
}

type Losing = Pick<PotState, 'vessel' | 'heatSource' | 'roomTempC' | 'altitudeM' | 'freeSurface'>;

/** What a pot loses through wall and surface and with its steam below the boil. `at` leaves what it finds in its fields. */
export class Losses {
  /** W, and W/K of both together. */
  dryW = 0;
  steamW = 0;
  slopeW = 0;
  private readonly byLid = new Map<LidState, AtWholeDegrees>();
  private readonly stillBelowC: number;
  constructor(
    private readonly pot: Losing,
    private readonly kitchen: Pick<Kitchen, 'lossShare' | 'steamShare'>,
  ) {
    this.stillBelowC = boilingPointC(pot.altitudeM) - BROKEN_UP.withinK;
  }

  /** Share of the steam that comes through a film of fat: bubbles break it open near the boil. */
  private throughFat(tempC: number, fat: number): number {
    if (fat === 0) return 1;
    const still = Math.min(1, Math.max(0, (this.stillBelowC - tempC) / BROKEN_UP.overK));
    return 1 - FAT_KEEPS * fat * still;
  }

  private of(lid: LidState): AtWholeDegrees {
    const there = this.byLid.get(lid);
    if (there) return there;
    const fresh = { dryW: [], steamW: [] };
    this.byLid.set(lid, fresh);
    return fresh;
  }

  private look({ dryW, steamW }: AtWholeDegrees, lid: LidState, tempC: number): void {
    if (dryW[tempC + COLDEST_C] !== undefined) return;
    const found = lossesW({ ...this.pot, heat: this.pot.heatSource }, tempC, lid);
    dryW[tempC + COLDEST_C] = found.dryW * this.kitchen.lossShare;
    steamW[tempC + COLDEST_C] = found.steamW * this.kitchen.steamShare;
  }

  /** @param fat share of the mouth that a film of fat closes */
  at(tempC: number, lid: LidState, fat: number): void {
    const low = Math.floor(tempC);
    const known = this.of(lid);
    this.look(known, lid, low);
    this.look(known, lid, low + 1);
    const place = low + COLDEST_C;
    const share = tempC - low;
    const [dryA, dryB] = [known.dryW[place]!, known.dryW[place + 1]!];
    const steamA = known.steamW[place]! * this.throughFat(low, fat);
    const steamB = known.steamW[place + 1]! * this.throughFat(low + 1, fat);
    this.dryW = dryA + share * (dryB - dryA);
    this.steamW = steamA + share * (steamB - steamA);
    this.slopeW = dryB + steamB - dryA - steamA;
  }
}
