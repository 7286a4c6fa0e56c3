import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

const connection = createSlice({
  name: 'connection',
  initialState: { online: true, keeps: true },
  reducers: {
    serverAnswered(state) {
      state.online = true;
    },
    /** The browser's store is blocked or full: nothing outlasts this page but what the server has. */
    deviceKeeps(state, { payload }: PayloadAction<boolean>) {
      state.keeps = payload;
    },
    serverSilent(state) {
      state.online = false;
    },
  },
});

export const { serverAnswered, serverSilent, deviceKeeps } = connection.actions;
export const connectionReducer = connection.reducer;
