import {
  bigserial,
  boolean,
  customType,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  primaryKey,
  uniqueIndex,
  index,
} from 'drizzle-orm/pg-core';
import type { AnyLiveEvent, Evening, EveningStatus, HousePot, PantryItem, PotPlan } from '@elixa/contract';

/** Evenings as documents, with the few columns that lists are made from. */
export const evenings = pgTable(
  'evenings',
  {
    id: text('id').primaryKey(),
    version: integer('version').notNull(),
    document: jsonb('document').$type<Evening>().notNull(),
    sitDownAt: timestamp('sit_down_at', { withTimezone: true }).notNull(),
    updatedAt: timestamp('updated_at', { withTimezone: true }).notNull(),
    deletedAt: timestamp('deleted_at', { withTimezone: true }),
    /** What the list shows of the log, written with every append; false where it was not read yet. */
    summarised: boolean('summarised').notNull().default(false),
    status: text('status').$type<EveningStatus>().notNull().default('planned'),
    finishedAt: timestamp('finished_at', { withTimezone: true }),
    lastNote: text('last_note'),
  },
  (table) => [index('evenings_sit_down_at').on(table.sitDownAt, table.id)],
);

/** The live evenings' logs. Rows are added and never changed. */
export const liveEvents = pgTable(
  'live_events',
  {
    seq: bigserial('seq', { mode: 'number' }).primaryKey(),
    id: text('id').notNull(),
    eveningId: text('evening_id')
      .notNull()
      .references(() => evenings.id, { onDelete: 'cascade' }),
    body: jsonb('body').$type<AnyLiveEvent>().notNull(),
    receivedAt: timestamp('received_at', { withTimezone: true }).notNull(),
  },
  (table) => [uniqueIndex('live_events_id').on(table.id), index('live_events_evening').on(table.eveningId, table.seq)],
);

/** The plans that a log names, each once, by what names it. */
export const livePlans = pgTable(
  'live_plans',
  {
    eveningId: text('evening_id')
      .notNull()
      .references(() => evenings.id, { onDelete: 'cascade' }),
    hash: text('hash').notNull(),
    body: jsonb('body').$type<PotPlan>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.eveningId, table.hash] })],
);

/** The pantry, a row for each thing and day; what is used up stays as a row with nothing in it. */
export const pantryItems = pgTable('pantry_items', {
  key: text('key').primaryKey(),
  body: jsonb('body').$type<PantryItem>().notNull(),
});

/** Pots of the house; one that was thrown away stays as a row that says so. */
export const housePots = pgTable('house_pots', {
  id: text('id').primaryKey(),
  body: jsonb('body').$type<HousePot>().notNull(),
});

const bytea = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });

/** Pictures of pots, one an evening; one that was taken away stays as a row without bytes. Lists never read these. */
export const photos = pgTable('photos', {
  eveningId: text('evening_id')
    .primaryKey()
    .references(() => evenings.id, { onDelete: 'cascade' }),
  changedAt: timestamp('changed_at', { withTimezone: true }).notNull(),
  jpeg: bytea('jpeg'),
  small: bytea('small'),
});
