import { eventsAnswerSchema } from '@elixa/contract';
import { useEffect } from 'react';
import { useAppDispatch } from '@/state';
import { api } from '@/state/api';
import { pageIsOld } from '@/state/connection';
import { logArrived } from '@/state/log';

/** How often the server is asked where no stream comes through. */
const POLL_MS = 1500;

/**
 * Follows an evening as other devices write it, its log and itself: by a stream of events, and by asking while there is none.
 * @param open the evening is on the server
 */
export function useFollowing(eveningId: string, open: boolean): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (!open || typeof EventSource === 'undefined') return undefined;
    const stream = new EventSource(`/api/evenings/${encodeURIComponent(eveningId)}/events/stream`);
    let timer: ReturnType<typeof setInterval> | undefined;
    const askForChanges = () =>
      void dispatch(api.endpoints.readEvening.initiate(eveningId, { forceRefetch: true, subscribe: false }));
    const ask = () => {
      askForChanges();
      const asked = dispatch(api.endpoints.readEvents.initiate(eveningId, { forceRefetch: true, subscribe: false }));
      void asked.then(({ data }) => {
        if (data && data.events.length > 0) dispatch(logArrived({ eveningId, log: data }));
      });
    };
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const read = eventsAnswerSchema.safeParse(JSON.parse(data));
      if (read.success) dispatch(logArrived({ eveningId, log: read.data }));
      // A newer phone says what this page does not know.
      else dispatch(pageIsOld());
    };
    stream.addEventListener('changed', askForChanges);
    stream.onopen = () => {
      clearInterval(timer);
      timer = undefined;
      // What was said before the stream was there.
      ask();
    };
    stream.onerror = () => {
      timer ??= setInterval(ask, POLL_MS);
    };
    return () => {
      stream.close();
      clearInterval(timer);
    };
  }, [dispatch, eveningId, open]);
}
