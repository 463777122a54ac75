import { sql } from 'drizzle-orm';
import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

export const waters = sqliteTable('waters', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  kind: text('kind').notNull(),
  latitudeDeg: real('latitude_deg'),
  longitudeDeg: real('longitude_deg'),
  note: text('note'),
  revision: integer('revision').notNull(),
  updatedAt: text('updated_at').notNull(),
});

/** One row a capture, made from its events and from nothing else: it can be thrown away and told again. */
export const captures = sqliteTable(
  'captures',
  {
    id: text('id').primaryKey(),
    startedAt: text('started_at'),
    outcome: text('outcome').notNull(),
    species: text('species'),
    waterId: text('water_id').references(() => waters.id),
    netGrams: real('net_grams'),
    /** Net grams, with those that were not weighed below all others: an order that has no gaps. */
    weightRank: real('weight_rank').notNull(),
    writtenUp: integer('written_up', { mode: 'boolean' }).notNull(),
    /** The whole `CaptureSummary` of core, as JSON. */
    summary: text('summary').notNull(),
  },
  (table) => {
    const inTheBook = sql`outcome <> 'discarded' AND started_at IS NOT NULL`;
    return [
      index('captures_by_date').on(table.startedAt, table.id).where(inTheBook),
      index('captures_by_species').on(table.species, table.startedAt, table.id).where(inTheBook),
      index('captures_by_water').on(table.waterId, table.startedAt, table.id).where(inTheBook),
      index('captures_by_weight').on(table.weightRank, table.id).where(inTheBook),
      index('captures_by_species_and_weight').on(table.species, table.weightRank, table.id).where(inTheBook),
      index('captures_by_water_and_weight').on(table.waterId, table.weightRank, table.id).where(inTheBook),
      index('captures_by_outcome').on(table.outcome, table.writtenUp, table.startedAt, table.id).where(inTheBook),
    ];
  },
);

/** The log: rows are added, never changed, never removed. */
export const events = sqliteTable(
  'events',
  {
    id: text('id').primaryKey(),
    captureId: text('capture_id')
      .notNull()
      .references(() => captures.id),
    deviceId: text('device_id').notNull(),
    at: text('at').notNull(),
    elapsedMs: integer('elapsed_ms').notNull(),
    type: text('type').notNull(),
    /** JSON, with its keys in order. */
    payload: text('payload').notNull(),
    receivedAt: text('received_at').notNull(),
  },
  (table) => [index('events_by_capture').on(table.captureId, table.elapsedMs, table.id)],
);

/** Originals lie in the picture store under the SHA-256 of their bytes; this is what is known about each. */
export const pictures = sqliteTable('pictures', {
  sha256: text('sha256').primaryKey(),
  mime: text('mime').notNull(),
  bytes: integer('bytes').notNull(),
  widthPx: integer('width_px').notNull(),
  heightPx: integer('height_px').notNull(),
  takenAt: text('taken_at'),
  camera: text('camera'),
  receivedAt: text('received_at').notNull(),
});

/** Single rows of the keeper's own, as JSON. */
export const settings = sqliteTable('settings', {
  name: text('name').primaryKey(),
  value: text('value').notNull(),
  revision: integer('revision').notNull(),
  updatedAt: text('updated_at').notNull(),
});
