/** What a piece of work occupies besides hands. */
export type KitchenPlace = 'burner' | 'board' | 'fridge' | 'freezer' | 'pot';

/** The order on the board: plants first, then tofu, raw fish, raw meat; then it is washed. */
export const BOARD_ORDER = ['plants', 'tofu', 'fish', 'meat'] as const;
export type BoardStage = (typeof BOARD_ORDER)[number];

/** Something that is done with an ingredient before it is cut, or after. */
export interface PrepStep {
  says: string;
  lastsMin: number;
  /** With one's hands, or by itself. */
  attended: boolean;
  needs?: ReadonlyArray<KitchenPlace>;
  /** It stays in its wrapping meanwhile, and nobody touches it. */
  wrapped?: true;
  /** Dry beans swell: how long that takes hangs on where they lie. */
  swells?: true;
}

/** How an ingredient is made ready, and how long that takes two unhurried hands. */
export interface PrepWork {
  says: string;
  fixedMin: number;
  minPer100G: number;
  board?: BoardStage;
  /** Where it is done, if not at the board: parcels are folded at the burner. */
  at?: KitchenPlace;
  before?: readonly PrepStep[];
  after?: readonly PrepStep[];
  /** It waits so long, covered and cold where it should be, without losing anything. */
  freshMin: number;
  /** What a minute of waiting after that costs, from 0 (nothing) to 5 (it goes off at once). */
  staleness: number;
  /** How long it may stand, covered and cold; sixteen hours and more can be done the day before. */
  keepsMin: number;
  /** It is still worth buying ready cut or cooked when time is short, and what that is called. */
  bought?: string;
  /** Shops sell it so, and it is bought so unless the cook wants to do it. */
  sold?: true;
}

export const HOUR = 60;
export const by = (says: string, lastsMin: number, needs?: PrepStep['needs']): PrepStep => ({
  says,
  lastsMin,
  attended: true,
  needs,
});
export const alone = (says: string, lastsMin: number, needs?: PrepStep['needs']): PrepStep => ({
  says,
  lastsMin,
  attended: false,
  needs,
});

export const soaked = (says: string, minutes: number, drain: string): Partial<PrepWork> => ({
  before: [by(says, 1), alone('It soaks', minutes)],
  says: drain,
  freshMin: 15,
  staleness: 1.2,
  keepsMin: 40,
});

/** Firming up for slices that are thin enough to be cooked in seconds. Kitchen estimate, 60-90 min. */
export const firmed: Partial<PrepWork> = {
  before: [
    { ...by('In its wrapping flat into the freezer, to firm up for slicing', 1), wrapped: true },
    alone('It firms up in the freezer', 70, ['freezer']),
  ],
  says: 'Slice as thin as you can across the grain, the knife drawn and never pressed; back into the fridge',
  minPer100G: 1.6,
  bought: 'sliced by the butcher',
};

/** The same of meat that shops sell in thin slices. */
export const slicedFirm: Partial<PrepWork> = { ...firmed, sold: true };
