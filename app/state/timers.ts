import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A clock for something that works by itself. */
export interface Timer {
  id: string;
  eveningId: string;
  says: string;
  endsAtMs: number;
  /** It is shown where it was started, and rings there; not among the clocks that run on every page. */
  inPlace?: boolean;
}

export type Timers = Record<string, Timer>;

const timers = createSlice({
  name: 'timers',
  initialState: {} as Timers,
  reducers: {
    timersFound: (state, { payload }: PayloadAction<Timers>) => ({ ...payload, ...state }),
    timerStarted(state, { payload }: PayloadAction<Timer>) {
      state[payload.id] = payload;
    },
    timerStopped(state, { payload }: PayloadAction<string>) {
      delete state[payload];
    },
  },
});

export const { timersFound, timerStarted, timerStopped } = timers.actions;
export const timersReducer = timers.reducer;
