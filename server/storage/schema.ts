import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { sql } from 'drizzle-orm';
import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

export const waters = sqliteTable('waters', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  kind: text('kind').notNull(),
  latitudeDeg: real('latitude_deg'),
  longitudeDeg: real('longitude_deg'),
  altitudeM: real('altitude_m'),
  salinity: real('salinity').notNull().default(0),
  /** The water's own rules, as JSON; null while none were written down. */
  rules: text('rules'),
  /** The keeper's own ways there, as JSON; null where they are those of everywhere. */
  practices: text('practices'),
  country: text('country'),
  meetingPoint: text('meeting_point'),
  note: text('note'),
  revision: integer('revision').notNull(),
  updatedAt: text('updated_at').notNull(),
  /** Archived: fish and outings that name it still do, and nothing new can. */
  retired: integer('retired', { mode: 'boolean' }).notNull().default(false),
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
    outingId: text('outing_id'),
    /** The known fish that it is said to be; null while that is open. */
    fishId: text('fish_id'),
    /** The keeper whose fish it is; null for a guest's. */
    keeperId: text('keeper_id'),
    netGrams: real('net_grams'),
    /** Net grams, with those that were not weighed below all others: an order that has no gaps. */
    weightRank: real('weight_rank').notNull(),
    writtenUp: integer('written_up', { mode: 'boolean' }).notNull(),
    /** The whole `CaptureSummary` of core, as JSON. */
    summary: text('summary').notNull(),
    /** The `CaptureRecord` of core, as JSON: what exports tell beyond the summary. */
    record: text('record').notNull().default('{}'),
  },
  (table) => {
    const inTheBook = sql`outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL`;
    return [
      index('captures_by_date').on(table.startedAt, table.id).where(inTheBook),
      index('captures_by_species').on(table.species, table.startedAt, table.id).where(inTheBook),
      index('captures_by_water').on(table.waterId, table.startedAt, table.id).where(inTheBook),
      index('captures_by_weight').on(table.weightRank, table.id).where(inTheBook),
      index('captures_by_species_and_weight').on(table.species, table.weightRank, table.id).where(inTheBook),
      index('captures_by_water_and_weight').on(table.waterId, table.weightRank, table.id).where(inTheBook),
      index('captures_by_outing').on(table.outingId, table.startedAt, table.id).where(inTheBook),
      index('captures_by_fish')
        .on(table.fishId, table.startedAt, table.id)
        .where(sql`${inTheBook} AND fish_id IS NOT NULL`),
      index('captures_by_outcome').on(table.outcome, table.writtenUp, table.startedAt, table.id).where(inTheBook),
    ];
  },
);

/** What each capture is found by (`searchWords`), and a number for it that no copy of the book changes. */
export const captureWords = sqliteTable('capture_words', {
  n: integer('n').primaryKey(),
  captureId: text('capture_id').notNull().unique(),
  words: text('words').notNull(),
});

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
  (table) => [
    index('events_by_capture').on(table.captureId, table.elapsedMs, table.id),
    index('events_by_type').on(table.type, table.captureId),
  ],
);

/** One row an outing, made from its events and from nothing else. */
export const outings = sqliteTable(
  'outings',
  {
    id: text('id').primaryKey(),
    fromMs: integer('from_ms').notNull(),
    /** The whole `OutingSummary` of core, as JSON. */
    summary: text('summary').notNull(),
  },
  (table) => [index('outings_by_date').on(table.fromMs, table.id)],
);

/** The log of outings: rows are added, never changed, never removed. */
export const outingEvents = sqliteTable(
  'outing_events',
  {
    id: text('id').primaryKey(),
    outingId: text('outing_id')
      .notNull()
      .references(() => outings.id),
    deviceId: text('device_id').notNull(),
    at: text('at').notNull(),
    type: text('type').notNull(),
    payload: text('payload').notNull(),
    receivedAt: text('received_at').notNull(),
  },
  (table) => [index('outing_events_by_outing').on(table.outingId, table.at, table.id)],
);

/**
 * Swims, rigs and kit: whole rows as JSON that count their revisions. They come from devices in any order, so none
 * points by key.
 */
const revisionedRow = () => ({
  id: text('id').primaryKey(),
  body: text('body').notNull(),
  revision: integer('revision').notNull(),
  updatedAt: text('updated_at').notNull(),
});
export const swims = sqliteTable('swims', revisionedRow());
export const rigs = sqliteTable('rigs', revisionedRow());
export const kit = sqliteTable('kit', revisionedRow());
/** Rehearsals lie apart from the book. */
export const rehearsals = sqliteTable('rehearsals', revisionedRow());
/** What the keeper calls each known fish; which captures are of it is said in their logs. */
export const fish = sqliteTable('fish', revisionedRow());
/** Meetings that fish are put forward to, and seasons of the keeper's own. */
export const meetings = sqliteTable('meetings', revisionedRow());
/** Sheets that came in, each taken back whole by its row. */
export const imports = sqliteTable('imports', revisionedRow());
/** What is shown of the book under names of its own. */
export const views = sqliteTable('views', revisionedRow());
/** Waters and swims that were made one, each made two again by its row. */
export const joinings = sqliteTable('joinings', revisionedRow());
/** Who keeps this book: one, or the anglers of a household. */
export const keepers = sqliteTable('keepers', revisionedRow());
export type RevisionedTable =
  | typeof swims
  | typeof rigs
  | typeof kit
  | typeof rehearsals
  | typeof fish
  | typeof meetings
  | typeof imports
  | typeof joinings
  | typeof views
  | typeof keepers;

/** Registers of friends on the same water, as they came. */
export const registers = sqliteTable('registers', {
  id: text('id').primaryKey(),
  /** A `RegisterFile` of core, as JSON. */
  body: text('body').notNull(),
  receivedAt: text('received_at').notNull(),
});

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

/** Pictures that were deleted for good: their bytes are not taken in again. */
export const deletedPictures = sqliteTable('deleted_pictures', {
  sha256: text('sha256').primaryKey(),
  deletedAt: text('deleted_at').notNull(),
});

/** Single rows of the keeper's own, as JSON. */
export const settings = sqliteTable('settings', {
  name: text('name').primaryKey(),
  value: text('value').notNull(),
  revision: integer('revision').notNull(),
  updatedAt: text('updated_at').notNull(),
});

/** Devices that were let in; each has a session of its own, of which only the hash is kept. */
export const devices = sqliteTable(
  'devices',
  {
    id: text('id').primaryKey(),
    /** The name that it signs its entries with. */
    deviceId: text('device_id').notNull(),
    name: text('name').notNull(),
    role: text('role').notNull(),
    /** The keeper whose device it is, or who let it in. */
    keeperId: text('keeper_id').notNull().default(FIRST_KEEPER),
    /** What a reader sees, as JSON; null for others. */
    sees: text('sees'),
    /** SHA-256 of the token, hexadecimal; null when its session is over. */
    tokenHash: text('token_hash'),
    /** Of the token before: it holds until the device has shown that it got the new one. */
    formerHash: text('former_hash'),
    renewedAt: text('renewed_at').notNull(),
    pairedAt: text('paired_at').notNull(),
    lastSeenAt: text('last_seen_at').notNull(),
    waiting: integer('waiting').notNull().default(0),
    putOutAt: text('put_out_at'),
  },
  (table) => [index('devices_by_token').on(table.tokenHash), index('devices_by_former_token').on(table.formerHash)],
);
