import { Injectable } from '@nestjs/common';
import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { CaptureEvents } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { identityDecisions, type IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import { FLANK_ROLES } from '@keeper/core/domain/capture/mayShowFlank';
import { Database } from '../storage/database.js';
import { captures, events } from '../storage/schema.js';
import { eventOf } from './eventRow.js';
import { IN_THE_BOOK } from './inTheBook.js';

/** So many captures are read at a time, by what goes over the whole book. */
const LOGS_AT_A_TIME = 200;

/** An event as the statement for many logs lists it; its payload is null where the disk has garbled it. */
type ListedEvent = [
  id: string,
  deviceId: string,
  at: string,
  elapsedMs: number,
  type: string,
  payload: CaptureEvent['payload'] | null,
];

/** A capture's summary and its record, as JSON text. */
export interface ReplayedCapture {
  readonly captureId: string;
  readonly summary: string;
  readonly record: string;
}

/** Reads the logs of captures: one, some, or those of the whole book, a few hundred at a time. */
@Injectable()
export class CaptureLogsRepository {
  private readonly log;
  private readonly someLogs;

  constructor(private readonly database: Database) {
    // One list of JSON a capture: a quarter of a million rows one by one would take three times as long.
    this.someLogs = database.sqlite
      .prepare(
        `SELECT capture_id, json_group_array(
           json_array(id, device_id, at, elapsed_ms, type, json(iif(json_valid(payload), payload, 'null')))
           ORDER BY elapsed_ms, id
         ) FROM events WHERE capture_id IN (SELECT value FROM json_each(?)) GROUP BY capture_id`,
      )
      .raw();
    this.log = database.drizzle
      .select()
      .from(events)
      .where(eq(events.captureId, sql.placeholder('captureId')))
      .orderBy(asc(events.elapsedMs), asc(events.id))
      .prepare();
  }

  /** A capture's whole log; undefined when the book has none. */
  capture(captureId: string): CaptureEvents | undefined {
    const log = this.log.all({ captureId });
    return log.length === 0 ? undefined : { captureId, events: log.map(eventOf) };
  }

  /** Captures with pictures on which something was logged after a row of the log, and the last row that there is. */
  picturedSince(row: number): { readonly captureIds: string[]; readonly last: number } {
    const { drizzle } = this.database;
    const last = drizzle.get<{ last: number | null }>(sql`SELECT max(rowid) AS last FROM events`).last ?? 0;
    if (last === row) return { captureIds: [], last };
    const rows = drizzle.all<{ id: string }>(sql`
      SELECT DISTINCT capture_id AS id FROM events
      WHERE rowid > ${row} AND capture_id IN (SELECT capture_id FROM events WHERE type = 'picture-added')`);
    return { captureIds: rows.map(({ id }) => id), last };
  }

  /** The logs of those of some captures that have a picture which may show a flank. */
  withFlanks(captureIds: readonly string[]): CaptureEvents[] {
    const ids = this.database.drizzle.all<{ id: string }>(sql`
      SELECT id FROM captures
      WHERE id IN (SELECT value FROM json_each(${JSON.stringify(captureIds)})) AND ${IN_THE_BOOK} AND EXISTS (
        SELECT 1 FROM json_each(summary, '$.pictures')
        WHERE value ->> '$.role' IS NULL OR value ->> '$.role' IN (SELECT value FROM json_each(${JSON.stringify(FLANK_ROLES)}))
      )`);
    const logs = this.logsOf(ids.map(({ id }) => id));
    return [...logs].map(([captureId, log]) => ({ captureId, events: log }));
  }

  /** Every capture that is in the book, with its log, one after the other. */
  *everyCapture(): Generator<CaptureEvents> {
    for (const some of this.everyId()) {
      const logs = this.logsOf(some);
      for (const captureId of some) yield { captureId, events: logs.get(captureId) ?? [] };
    }
  }

  /** Every capture that is in the book as it was summed up when it was last told. */
  *everyTold(): Generator<ReplayedCapture> {
    const { drizzle } = this.database;
    for (const some of this.everyId()) {
      const rows = drizzle
        .select({ captureId: captures.id, summary: captures.summary, record: captures.record })
        .from(captures)
        .where(sql`id IN (SELECT value FROM json_each(${JSON.stringify(some)}))`)
        .all();
      const told = new Map(rows.map((row) => [row.captureId, row]));
      for (const captureId of some) {
        const row = told.get(captureId);
        if (row) yield row;
      }
    }
  }

  /** The ids of the captures that are in the book, the oldest first, some at a time. */
  private *everyId(): Generator<string[]> {
    const ids = this.database.drizzle
      .select({ id: captures.id })
      .from(captures)
      .where(IN_THE_BOOK)
      .orderBy(asc(captures.startedAt), asc(captures.id))
      .all();
    for (let at = 0; at < ids.length; at += LOGS_AT_A_TIME)
      yield ids.slice(at, at + LOGS_AT_A_TIME).map(({ id }) => id);
  }

  /** The logs of some captures, read in one go: a statement for each would cost more than the reading. */
  private logsOf(captureIds: readonly string[]): Map<string, CaptureEvent[]> {
    const rows = this.someLogs.all(JSON.stringify(captureIds)) as [captureId: string, log: string][];
    return new Map(
      rows.map(([captureId, log]) => [
        captureId,
        (JSON.parse(log) as ListedEvent[]).map(
          ([id, deviceId, at, elapsedMs, type, payload]) =>
            ({ id, captureId, deviceId, at, elapsedMs, type, payload }) as CaptureEvent,
        ),
      ]),
    );
  }

  /** Everything that was ever said about who a fish of the book is, oldest first. */
  decisions(): IdentityDecision[] {
    const rows = this.database.drizzle
      .select()
      .from(events)
      .where(
        and(
          inArray(events.type, ['identified', 'undone']),
          sql`capture_id IN (SELECT capture_id FROM events WHERE type = 'identified')`,
        ),
      )
      .all();
    return identityDecisions(rows.map(eventOf));
  }
}
