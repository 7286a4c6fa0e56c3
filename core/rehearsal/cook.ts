/** A boil is seen so many seconds after it began, and what is asked for is done so many after. Kitchen estimates. */
export const SEES_BOIL_S = { least: 2, most: 25 };
export const DOES_IN_S = { least: 2, most: 14 };
/** With less than this the bottom of the pot is seen, and so much is poured then, in ml. Kitchen estimates, 50-150, 100-300. */
export const BARE_ML = 90;
export const TOPS_UP_ML = 200;
/** When a cook saw what is next, in s, how long they take for it, and whether they are early or late with it. */
export interface Seen {
  fromS: number;
  takesS: number;
  isEarly: boolean;
  lateS: number;
}
