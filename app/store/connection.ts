import { createSlice } from '@reduxjs/toolkit';

const connection = createSlice({
  name: 'connection',
  initialState: { online: true, keeps: true },
  reducers: {
    serverAnswered(state) {
      state.online = true;
    },
    /** The browser's store is blocked or full: nothing outlasts this page but what the server has. */
    deviceKeepsNothing(state) {
      state.keeps = false;
    },
    serverSilent(state) {
      state.online = false;
    },
  },
});

export const { serverAnswered, serverSilent, deviceKeepsNothing } = connection.actions;
export const connectionReducer = connection.reducer;
