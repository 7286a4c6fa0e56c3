import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Why nothing gets through at the moment: nobody answers, the server is busy or ill, or it wants somebody to sign in. */
export type Trouble = 'noAnswer' | 'later' | 'signIn';

export interface Connection {
  trouble?: Trouble;
  /** False where the browser's store is blocked or full: nothing outlasts this page but what the server has. */
  keeps: boolean;
  /** The server, or another phone, speaks what this page is too old for. */
  isOld?: boolean;
}

const connection = createSlice({
  name: 'connection',
  initialState: { keeps: true } as Connection,
  reducers: {
    serverAnswered(state) {
      state.trouble = undefined;
    },
    serverTroubled(state, { payload }: PayloadAction<Trouble>) {
      state.trouble = payload;
    },
    pageIsOld(state) {
      state.isOld = true;
    },
    deviceKeeps(state, { payload }: PayloadAction<boolean>) {
      state.keeps = payload;
    },
  },
});

export const { serverAnswered, serverTroubled, deviceKeeps, pageIsOld } = connection.actions;
export const connectionReducer = connection.reducer;
