// Has to be the first.
import '@expo/metro-runtime';
import { createElement } from 'react';
import { createRoot } from 'react-dom/client';
import { View } from 'react-native';
import { ctx } from 'expo-router/_ctx';
import { ExpoRoot } from 'expo-router/build/ExpoRoot';
import { renderRootComponent } from 'expo-router/build/renderRootComponent';
import { inTurns } from '@/ui/inTurns';

/** The routes alone: the title of the page is set where it is known. */
const App = () => createElement(ExpoRoot, { context: ctx });

// A library is run when something of it is first touched; one in a turn, so that no turn is long.
void inTurns([() => createRoot, () => View, () => ExpoRoot, () => renderRootComponent(App)]);
