import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api';
import { keepLocally } from './keepLocally';
import { shareWithTabs } from './tabs';
import { reducer, type RootState } from './reducer';

export type { RootState };

/** A store of its own for the application or for a test. */
export function makeStore() {
  const tabs = shareWithTabs();
  const store = configureStore({
    reducer,
    // How long the checks for developers take is told by nobody: a message from another tab may come when all is over.
    middleware: (standard) =>
      standard({ serializableCheck: { warnAfter: Infinity }, immutableCheck: { warnAfter: Infinity } })
        .prepend(keepLocally.middleware, tabs.middleware)
        .concat(api.middleware),
  });
  tabs.listen(store.dispatch as (action: unknown) => unknown);
  return store;
}

export type AppStore = ReturnType<typeof makeStore>;
export type AppDispatch = AppStore['dispatch'];

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
