import '../global.css';
import { router, Slot } from 'expo-router';
import { StatusBar } from 'expo-status-bar';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Provider } from 'react-redux';
import { ThemeApplier } from '@/features/settings/ThemeApplier';
import { keepPages } from '@/features/sync/serviceWorker';
import { recall, startSync } from '@/features/sync/sync';
import { makeStore } from '@/store';
import { deviceKeeps } from '@/store/connection';
import { onKeeping } from '@/store/localStore';
import { NoticeBar } from '@/features/evenings/NoticeBar';
import { Boundary } from '@/ui/Boundary';
import { keepFocus } from '@/ui/focusKept';
import { Instead } from '@/ui/Page';

const store = makeStore();

export default function RootLayout() {
  const [ready, setReady] = useState(false);
  useEffect(keepFocus, []);
  useEffect(() => {
    let stop: (() => void) | undefined;
    let gone = false;
    keepPages();
    onKeeping((keeps) => store.dispatch(deviceKeeps(keeps)));
    recall(store)
      .catch((error: unknown) => console.error('Nothing could be recalled from this device', error))
      .finally(() => {
        if (gone) return;
        setReady(true);
        stop = startSync(store);
      });
    return () => {
      gone = true;
      stop?.();
    };
  }, []);
  return (
    <Provider store={store}>
      <ThemeApplier />
      <StatusBar style="auto" />
      <View className="min-h-screen flex-1 bg-washi">
        <Boundary onBack={() => router.replace('/')}>{ready ? <Slot /> : <Instead title="Elixa" busy />}</Boundary>
        <NoticeBar />
      </View>
    </Provider>
  );
}
