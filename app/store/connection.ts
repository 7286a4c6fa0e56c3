import { createSlice } from '@reduxjs/toolkit';

const connection = createSlice({
  name: 'connection',
  initialState: { online: true },
  reducers: {
    serverAnswered(state) {
      state.online = true;
    },
    serverSilent(state) {
      state.online = false;
    },
  },
});

export const { serverAnswered, serverSilent } = connection.actions;
export const connectionReducer = connection.reducer;
