import { combineReducers } from '@reduxjs/toolkit';
import { draftsReducer } from '@/state/drafts';
import { housePotsReducer } from '@/state/housePots';
import { pantryReducer } from '@/state/pantry';
import { settingsReducer } from '@/state/settings';
import { liveReducer } from '@/state/log';
import { timersReducer } from '@/state/timers';
import { api } from './api';
import { connectionReducer } from './connection';
import { noticeReducer } from './notice';
import { photosReducer } from './photos';
import { plansReducer } from './plans';

export const reducer = combineReducers({
  [api.reducerPath]: api.reducer,
  connection: connectionReducer,
  drafts: draftsReducer,
  housePots: housePotsReducer,
  live: liveReducer,
  notice: noticeReducer,
  pantry: pantryReducer,
  photos: photosReducer,
  plans: plansReducer,
  settings: settingsReducer,
  timers: timersReducer,
});

export type RootState = ReturnType<typeof reducer>;
