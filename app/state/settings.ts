import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

export type Theme = 'auto' | 'light' | 'dark';

export interface Settings {
  theme: Theme;
  /** Says each step aloud. */
  voice: boolean;
  /** Rings when a step is due. */
  bell: boolean;
  /** Shakes the device when a step is due. */
  shakes: boolean;
  /** Takes answers by voice, where the browser can listen. */
  listens: boolean;
}

const settings = createSlice({
  name: 'settings',
  initialState: { theme: 'auto', voice: false, bell: true, shakes: true, listens: false } as Settings,
  reducers: {
    settingsFound: (state, { payload }: PayloadAction<Partial<Settings>>) => ({ ...state, ...payload }),
    themeChosen(state, { payload }: PayloadAction<Theme>) {
      state.theme = payload;
    },
    voiceSet(state, { payload }: PayloadAction<boolean>) {
      state.voice = payload;
    },
    bellSet(state, { payload }: PayloadAction<boolean>) {
      state.bell = payload;
    },
    shakesSet(state, { payload }: PayloadAction<boolean>) {
      state.shakes = payload;
    },
    listensSet(state, { payload }: PayloadAction<boolean>) {
      state.listens = payload;
    },
  },
});

export const { settingsFound, themeChosen, voiceSet, bellSet, shakesSet, listensSet } = settings.actions;
export const settingsReducer = settings.reducer;
