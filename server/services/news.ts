import { EventEmitter } from 'node:events';
import type { LiveLog } from '@elixa/contract';

/** What happens to an evening, for those who look on. */
export type Told = { logged: LiveLog } | { changedTo: number };

/** Tells everybody who follows an evening of what has just been stored of it. */
export function eveningNews() {
  const emitter = new EventEmitter().setMaxListeners(0);
  return {
    tell(eveningId: string, news: Told): void {
      emitter.emit(eveningId, news);
    },
    /** @returns a function that ends it */
    follow(eveningId: string, hear: (news: Told) => void): () => void {
      emitter.on(eveningId, hear);
      return () => emitter.off(eveningId, hear);
    },
  };
}

export type EveningNews = ReturnType<typeof eveningNews>;
