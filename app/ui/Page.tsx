import type { ReactNode } from 'react';
import { ActivityIndicator, View } from 'react-native';
import { Body, Heading } from './Text';

/** A part of a page under its own heading. */
export function Section({ title, aside, children }: { title: string; aside?: ReactNode; children: ReactNode }) {
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <Heading level={2}>{title}</Heading>
        {aside}
      </View>
      {children}
    </View>
  );
}

/** Shown instead of a page that is not there yet, cannot be had, or is empty. */
export function Instead({
  title,
  says,
  children,
  busy,
}: {
  title: string;
  says?: string;
  children?: ReactNode;
  busy?: boolean;
}) {
  return (
    <View className="flex-1 items-center justify-center gap-4 p-8" aria-live="polite">
      {busy ? <ActivityIndicator size="large" color="rgb(var(--iron))" /> : null}
      <Heading level={1} className="text-center">
        {title}
      </Heading>
      {says ? <Body className="max-w-md text-center text-soft">{says}</Body> : null}
      {children}
    </View>
  );
}
