import { cueMoment, saidAloud, spokenCue, spokenRescue, type LiveView, type Watch } from '@elixa/core';
import { notificationAsync, NotificationFeedbackType } from 'expo-haptics';
import * as Speech from 'expo-speech';
import { useEffect, useRef, type RefObject } from 'react';
import { ring } from '@/features/timers/bell';
import { useAppSelector } from '@/state';
import { deviceMs } from '@/state/clock';
import { useCatalogue } from '@/ui/catalogue';

interface Beside {
  moved?: string | undefined;
  watch?: Watch | undefined;
}

/** What is to be told to the ear now, and by what it is known that it was. */
interface Cue {
  id: string;
  says: string;
  /** The hands are needed, or something is due: that rings. */
  rings: boolean;
}

function cueOf(catalogue: ReturnType<typeof useCatalogue>, { next, rescue }: LiveView): Cue | undefined {
  if (rescue) return { id: rescue.pieceIds.join(' '), says: spokenRescue(rescue), rings: true };
  const moment = next && cueMoment(next);
  if (!moment) return undefined;
  // A plan that is made anew counts its steps anew, and asks for the same.
  const id = `${next.actions.map((one) => one.id).join(' ')} ${moment}`;
  return { id, says: spokenCue(catalogue, next, moment), rings: moment !== 'soon' };
}

/**
 * Speaks before a step is due, rings and shakes when it is, and once more where nobody answered; each thing once. A plan that
 * was made anew is told, too, and what is to be watched.
 * @param beside what moved, in a sentence, and what is to be watched beside what is next
 * @returns when it last asked aloud, by this device's clock in ms
 */
export function useAlerts(view: LiveView, running: boolean, { moved, watch }: Beside = {}): RefObject<number> {
  const catalogue = useCatalogue();
  const { voice, bell, shakes } = useAppSelector((state) => state.settings);
  const told = useRef<ReadonlySet<string>>(new Set());
  const askedAtMs = useRef(-Infinity);
  useEffect(() => {
    if (running && voice && moved) Speech.speak(saidAloud(moved), { language: 'en' });
  }, [moved, running, voice]);
  const watched = watch && `${watch.id} ${watch.about}`;
  const watchSays = watch?.says;
  const rang = watch?.id === 'somebody' && bell;
  useEffect(() => {
    if (!running || !watched || !watchSays || told.current.has(watched)) return;
    told.current = new Set([...told.current, watched]);
    if (voice) Speech.speak(watchSays, { language: 'en' });
    if (rang) ring();
  }, [watched, watchSays, running, voice, rang]);
  const cue = running ? cueOf(catalogue, view) : undefined;
  const { id, says = '', rings = false } = cue ?? {};
  useEffect(() => {
    if (id === undefined || told.current.has(id)) return;
    told.current = new Set([...told.current, id]);
    if (voice) Speech.speak(says, { language: 'en' });
    if (!rings) return;
    askedAtMs.current = deviceMs();
    if (bell) ring();
    if (!shakes) return;
    notificationAsync(NotificationFeedbackType.Success).catch((error: unknown) =>
      console.warn('This device does not vibrate', error),
    );
  }, [id, says, rings, bell, voice, shakes]);
  return askedAtMs;
}
