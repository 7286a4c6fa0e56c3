import type { NextStep } from '@elixa/core';
import { notificationAsync, NotificationFeedbackType } from 'expo-haptics';
import * as Speech from 'expo-speech';
import { useEffect, useRef } from 'react';
import { useAppSelector } from '@/store';

let audio: AudioContext | undefined;

/** Two struck notes, as from a small bell. */
function ring() {
  audio ??= new AudioContext();
  const start = audio.currentTime;
  for (const [index, hertz] of [880, 1318.5].entries()) {
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.frequency.value = hertz;
    volume.gain.setValueAtTime(0.0001, start);
    volume.gain.exponentialRampToValueAtTime(0.25, start + 0.01 + index * 0.18);
    volume.gain.exponentialRampToValueAtTime(0.0001, start + 1.4 + index * 0.18);
    tone.connect(volume).connect(audio.destination);
    tone.start(start + index * 0.18);
    tone.stop(start + 1.7);
  }
}

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
