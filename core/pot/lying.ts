import type { Catalogue } from '../catalogue/catalogue';
import type { Cooked } from '../doneness/wanted';
import { FREEZES_C } from '../heat/composition';
import { conducting, type Conducting } from '../heat/conducting';
import { reckonedOf, type Known } from './food';
import { FAT_G_PER_ML } from './losses';
import type { PieceState } from './state';

const isThawed = (body: Conducting) => body.hasIce && body.centreC >= FREEZES_C;

/** A food of a pot that is followed: what it is, and all that changes as it cooks, in one place. */
export class Lying {
  readonly known: Known;
  readonly kg: number;
  mean: Conducting;
  /** Where nobody has to fear the largest piece, it is not followed. */
  largest: Conducting | undefined;
  readonly cooked: Cooked;
  outAtS: number | undefined;
  progress: number;
  gaveWaterG: number;
  gaveFatG: number;
  drankG: number;
  safeAtS: number | undefined;
  readyAtS: number | undefined;
  overAtS: number | undefined;
  /** The middles before the step that is taken, in °C; what it gave and drank in it, in g; the heat it took up, in J. */
  wasC = 0;
  wasLargestC = 0;
  /** In room of so many ml for a gram as it lies, with what is between its pieces. */
  private readonly mlPerG: number;
  /** Its state when it was lifted out. */
  private asLifted: PieceState | undefined;

  constructor(
    catalogue: Catalogue,
    readonly piece: PieceState,
  ) {
    const known = reckonedOf(catalogue, piece);
    this.known = known;
    this.kg = (piece.massG * (known.cut.soaks ?? 1)) / 1000;
    this.mean = conducting(known.mean, piece.mean);
    this.largest = known.wanted.safe ? conducting(known.largest, piece.largest) : undefined;
    this.cooked = { ...piece.cooked };
    this.outAtS = piece.outAtS;
    this.progress = piece.progress;
    this.gaveWaterG = piece.gaveWaterG;
    this.gaveFatG = piece.gaveFatG;
    this.drankG = piece.drankG;
    this.safeAtS = piece.safeAtS;
    this.readyAtS = piece.readyAtS;
    this.overAtS = piece.overAtS;
    this.mlPerG = 1 / known.what.settledDensityGPerMl;
    this.thaw();
  }

  /** Where no ice is left, it is reckoned with no more. */
  thaw(): void {
    if (isThawed(this.mean)) this.mean = conducting(this.known.thawed.mean, this.mean.temps);
    if (this.largest && isThawed(this.largest)) {
      this.largest = conducting(this.known.thawed.largest, this.largest.temps);
    }
  }

  get hasIce(): boolean {
    return this.mean.hasIce || (this.largest?.hasIce ?? false);
  }

  get largestC(): number {
    return (this.largest ?? this.mean).centreC;
  }

  /** What it takes up in the pot, in ml: what it gives it loses in size, and what it drinks it gains. */
  get volumeMl(): number {
    return this.piece.massG * this.mlPerG - this.gaveWaterG - this.gaveFatG / FAT_G_PER_ML + this.drankG;
  }

  /** As plain data. */
  get state(): PieceState {
    const { outAtS, safeAtS, readyAtS, overAtS, asLifted } = this;
    // Out of the pot nothing changes it, and every checkpoint of the rounds that follow has it as it is.
    if (outAtS !== undefined && asLifted?.outAtS === outAtS) return asLifted;
    const state: PieceState = {
      ...this.piece,
      mean: this.mean.profile,
      largest: (this.largest ?? this.mean).profile,
      cooked: { ...this.cooked },
      progress: this.progress,
      gaveWaterG: this.gaveWaterG,
      drankG: this.drankG,
      gaveFatG: this.gaveFatG,
    };
    if (outAtS !== undefined) state.outAtS = outAtS;
    if (safeAtS !== undefined) state.safeAtS = safeAtS;
    if (readyAtS !== undefined) state.readyAtS = readyAtS;
    if (overAtS !== undefined) state.overAtS = overAtS;
    if (outAtS !== undefined) this.asLifted = state;
    return state;
  }
}
