import type { LiveState } from './foldLive';

const lastOfFire = ({ taps }: Pick<LiveState, 'taps'>) =>
  taps
    .flatMap(({ facts }) => facts)
    .flatMap(({ act, potId, answers }) => (potId === 'main' && act?.is === 'heat' ? [{ act, answers }] : []))
    .at(-1);

/** What was last told of the fire under the pot. */
export const fireTold = (state: Pick<LiveState, 'taps'>) => lastOfFire(state)?.act;

/** Whether the last that was told of the fire under the pot is that it was put out, without being asked for. */
export function isPutOut(state: Pick<LiveState, 'taps'>): boolean {
  const last = lastOfFire(state);
  return last?.act.share === 0 && !last.answers;
}
