import type { NextStep } from '@elixa/core';
import { notificationAsync, NotificationFeedbackType } from 'expo-haptics';
import * as Speech from 'expo-speech';
import { useEffect, useRef } from 'react';
import { ring } from '@/features/timers/bell';
import { useAppSelector } from '@/state';

/** Rings, shakes and speaks once when a step falls due. */
export function useAlerts(next: NextStep | undefined, running: boolean): void {
  const { voice, bell } = useAppSelector((state) => state.settings);
  const told = useRef<number | undefined>(undefined);
  const due = running && next !== undefined && next.dueInS <= 0 ? next.step : undefined;
  const title = next?.title;
  useEffect(() => {
    if (due === undefined || told.current === due) return;
    told.current = due;
    if (bell) ring();
    if (voice && title) Speech.speak(title, { language: 'en' });
    notificationAsync(NotificationFeedbackType.Success).catch((error: unknown) =>
      console.warn('This device does not vibrate', error),
    );
  }, [due, title, bell, voice]);
}
