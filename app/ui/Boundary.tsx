import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { View } from 'react-native';
import { Button } from './Button';
import { Body, Heading, Small } from './Text';

interface Props {
  /** When one of these changes, the page is tried again by itself. */
  resetKeys?: readonly unknown[];
  onBack?(): void;
  /** Called before the page is tried again because somebody asked for it. */
  onAgain?(): void;
  /** Saves what the page was made from, so that nothing is lost. */
  onKeep?(): void;
  children: ReactNode;
}

/** A page that cannot be shown says so, keeps what was entered, and offers the way back; the rest goes on. */
export function Boundary({ resetKeys, onBack, onAgain, onKeep, children }: Props) {
  return (
    <ErrorBoundary
      resetKeys={resetKeys ? [...resetKeys] : undefined}
      onReset={onAgain}
      onError={(error) => console.error('A page could not be shown', error)}
      fallbackRender={({ error, resetErrorBoundary }) => (
        <View role="alert" className="gap-4 rounded-2xl border border-ember bg-sheet p-5">
          <Heading level={2}>This page cannot be shown</Heading>
          <Body>What you entered is kept. Try it again, or go back and change what was changed last.</Body>
          <View className="flex-row flex-wrap gap-2">
            <Button look="main" label="Try again" onPress={resetErrorBoundary} />
            {onBack ? <Button label="All evenings" onPress={onBack} /> : null}
            {onKeep ? <Button label="Save what is there as a file" onPress={onKeep} /> : null}
          </View>
          <Small>For whoever mends it: {(error as Error).message}</Small>
        </View>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
