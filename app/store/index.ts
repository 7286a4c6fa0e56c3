import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { draftsReducer } from '@/features/evening/draftsSlice';
import { pantryReducer } from '@/features/pantry/pantrySlice';
import { settingsReducer } from '@/features/settings/settingsSlice';
import { liveReducer } from '@/features/stove/liveSlice';
import { timersReducer } from '@/features/timers/timersSlice';
import { api } from './api';
import { connectionReducer } from './connection';
import { keepLocally } from './keepLocally';
import { noticeReducer } from './noticeSlice';

const reducer = combineReducers({
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

/** A store of its own for the application or for a test. */
export function makeStore() {
  return configureStore({
    reducer,
    middleware: (standard) => standard().prepend(keepLocally.middleware).concat(api.middleware),
  });
}

export type AppStore = ReturnType<typeof makeStore>;
export type AppDispatch = AppStore['dispatch'];

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
