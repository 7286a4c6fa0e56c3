import { readFileSync } from 'node:fs';
import path from 'node:path';
import { liveEventSchema, mustReadEvening, type AnyLiveEvent } from '@elixa/contract';
import { foldLive, upcastLog } from '@elixa/core';
import { eq } from 'drizzle-orm';
import { eveningService } from './services/eveningService';
import { liveService } from './services/liveService';
import { summaryOf } from './services/logSummary';
import { eveningStore } from './store/eveningStore';
import { eventStore } from './store/eventStore';
import { evenings, liveEvents } from './store/schema';
import { emptyDatabase } from './testing/emptyDatabase';

const read = (...names: string[]) =>
  JSON.parse(readFileSync(path.join(import.meta.dirname, '..', ...names), 'utf8')) as never;

describe('a database of an earlier version', () => {
  it('is brought to today once: its log reads as it did, and the list knows it', async () => {
    const { db, close } = await emptyDatabase();
    const document = read('contract', 'migrations', 'documents', 'evening1-first-frost.json') as { id: string };
    const log = read('core', 'live', 'version1', 'first-frost.log.json') as AnyLiveEvent[];
    const now = new Date('2026-11-25T12:00:00Z');
    await db.insert(evenings).values({
      id: document.id,
      version: 3,
      document: document as never,
      sitDownAt: now,
      updatedAt: now,
    });
    await db
      .insert(liveEvents)
      .values(log.map((body) => ({ id: body.id, eveningId: document.id, body, receivedAt: now })));
    const events = eventStore(db, summaryOf);
    expect(await events.upgrade(upcastLog)).toBe(1);
    expect(await events.upgrade(upcastLog)).toBe(0);

    const store = eveningStore(db);
    const { evenings: rows } = await eveningService(store).list();
    expect(rows).toMatchObject([
      { id: 'first-frost', status: 'finished', lastNote: expect.stringContaining('iron pan') },
    ]);
    expect((await store.find(document.id))?.document).toEqual(mustReadEvening(document));
    const kept = await db
      .select({ body: liveEvents.body })
      .from(liveEvents)
      .where(eq(liveEvents.eveningId, document.id));
    for (const { body } of kept) expect(liveEventSchema.safeParse(body).success).toBe(true);
    const today = await liveService(store, events).read(document.id);
    expect(foldLive(today).taps).toEqual(foldLive(upcastLog({ plans: {}, events: log })).taps);
    await close();
  });
});
