/**
 * So much searching and no more: what a plan costs is counted in steps, not in seconds, so that the same evening gives the
 * same plan on every machine. A step is a list or a branch looked at for 25 pieces of work; larger problems take more.
 */
export class Budget {
  constructor(private left: number) {}

  /** Takes what looking once at so many pieces of work costs. @returns false when there is not so much left */
  take(pieces: number): boolean {
    const cost = (pieces / 25) ** 2;
    if (this.left < cost) {
      this.left = 0;
      return false;
    }
    this.left -= cost;
    return true;
  }

  get isSpent(): boolean {
    return this.left <= 0;
  }

  /** A part of what is left, to be spent apart; what is not spent of it comes back with `giveBack`. */
  share(part: number): Budget {
    const given = this.left * part;
    this.left -= given;
    return new Budget(given);
  }

  giveBack(other: Budget): void {
    this.left += other.left;
    other.left = 0;
  }
}

/** Steps for one plan: about a tenth of a second on a small machine, and for what mends it another. */
export const PLAN_STEPS = 1700;
export const REMEDY_STEPS = 1100;
