// Has to be the first.
import '@expo/metro-runtime';
import { createRoot } from 'react-dom/client';
import { View } from 'react-native';
import { App } from 'expo-router/build/qualified-entry';
import { renderRootComponent } from 'expo-router/build/renderRootComponent';
import { inTurns } from '@/ui/inTurns';

// A library is run when something of it is first touched; one in a turn, so that no turn is long.
void inTurns([() => createRoot, () => View, () => App, () => renderRootComponent(App)]);
