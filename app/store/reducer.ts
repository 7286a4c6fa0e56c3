import { combineReducers } from '@reduxjs/toolkit';
import { draftsReducer } from '@/features/evening/draftsSlice';
import { pantryReducer } from '@/features/pantry/pantrySlice';
import { settingsReducer } from '@/features/settings/settingsSlice';
import { liveReducer } from '@/features/stove/liveSlice';
import { timersReducer } from '@/features/timers/timersSlice';
import { api } from './api';
import { connectionReducer } from './connection';
import { noticeReducer } from './noticeSlice';

export const reducer = combineReducers({
  [api.reducerPath]: api.reducer,
  connection: connectionReducer,
  drafts: draftsReducer,
  live: liveReducer,
  notice: noticeReducer,
  pantry: pantryReducer,
  settings: settingsReducer,
  timers: timersReducer,
});

export type RootState = ReturnType<typeof reducer>;
