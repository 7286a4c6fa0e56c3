import '../global.css';
import { router, Slot } from 'expo-router';
import { StatusBar } from 'expo-status-bar';
import { Suspense, useEffect } from 'react';
import { View } from 'react-native';
import { Provider } from 'react-redux';
import { NoticeBar } from '@/features/evenings/NoticeBar';
import { ThemeApplier } from '@/features/settings/ThemeApplier';
import { kitchen } from '@/kitchenDoor';
import { makeStore } from '@/state';
import { api } from '@/state/api';
import { deviceKeeps } from '@/state/connection';
import { onKeeping } from '@/state/localStore';
import { keepPages } from '@/state/serviceWorker';
import { recall, recallUnsent, startSync } from '@/state/sync';
import { Boundary } from '@/ui/Boundary';
import { keepFocus } from '@/ui/focusKept';
import { OPENING_TITLE } from '@/ui/openingTitle';
import { Instead } from '@/ui/Page';

const store = makeStore();

/** The evening whose page this is is asked for while the part that draws it is still on its way. */
function askAhead(): void {
  const id = /^\/evening\/([^/]+)/.exec(window.location.pathname)?.[1];
  if (id) store.dispatch(api.util.prefetch('readEvening', decodeURIComponent(id), {}));
}

/** Brings back what this device has and keeps sending what it owes. @returns a function that stops it */
function goOn(): () => void {
  let stop: (() => void) | undefined;
  let isGone = false;
  const report = (error: unknown) => console.error('Not everything could be recalled from this device', error);
  void recall(store)
    .catch(report)
    .then(() => recallUnsent(store, kitchen).catch(report))
    .then(() => {
      if (!isGone) stop = startSync(store, kitchen);
    });
  return () => {
    isGone = true;
    stop?.();
  };
}

export default function RootLayout() {
  useEffect(keepFocus, []);
  useEffect(() => {
    onKeeping((keeps) => store.dispatch(deviceKeeps(keeps)));
    keepPages();
    askAhead();
    return goOn();
  }, []);
  return (
    <Provider store={store}>
      <ThemeApplier />
      <StatusBar style="auto" />
      <View className="min-h-screen flex-1 bg-washi">
        <Boundary onBack={() => router.replace('/')}>
          <Suspense fallback={<Instead title={OPENING_TITLE} says="Opening" busy />}>
            <Slot />
          </Suspense>
        </Boundary>
        <NoticeBar />
      </View>
    </Provider>
  );
}
