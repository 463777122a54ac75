import { Injectable } from '@nestjs/common';
import { asc, desc, eq, sql } from 'drizzle-orm';
import type { OutingEvents } from '@keeper/contract/outings';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import { summaryOfOuting, replayOuting, type OutingSummary } from '@keeper/core/domain/outing/outingState';
import { payloadOf } from '../captures/eventRow.js';
import { eventIdReused } from '../errors/problem.js';
import { isSameEvent } from '../events/isSameEvent.js';
import { Database } from '../storage/database.js';
import { outingEvents, outings } from '../storage/schema.js';

/** The log of outings, and the row of each that is told from it. */
@Injectable()
export class OutingsService {
  constructor(private readonly database: Database) {}

  /**
   * Appends events of outings; one whose id is known is left as it is. Returns how many were new.
   * @throws Problem 409 `event-id-reused` when an id comes back with another content; call it inside a transaction.
   */
  append(batch: readonly OutingEvent[], receivedAt: Date): number {
    const { drizzle } = this.database;
    let written = 0;
    for (const { payload, ...head } of batch) {
      drizzle.insert(outings).values({ id: head.outingId, fromMs: 0, summary: '{}' }).onConflictDoNothing().run();
      const row = { ...head, payload: JSON.stringify(payload), receivedAt: receivedAt.toISOString() };
      const { changes } = drizzle.insert(outingEvents).values(row).onConflictDoNothing().run();
      written += changes;
      if (changes > 0) continue;
      const kept = drizzle.select().from(outingEvents).where(eq(outingEvents.id, head.id)).get();
      if (kept?.outingId !== head.outingId || !isSameEvent(kept, { ...head, payload })) throw eventIdReused(head.id);
    }
    if (written > 0) for (const id of new Set(batch.map(({ outingId }) => outingId))) this.project(id);
    return written;
  }

  /** An outing's whole log; undefined when there is none. */
  one(outingId: string): OutingEvents | undefined {
    const rows = this.database.drizzle
      .select()
      .from(outingEvents)
      .where(eq(outingEvents.outingId, outingId))
      .orderBy(asc(outingEvents.at), asc(outingEvents.id))
      .all();
    if (rows.length === 0) return undefined;
    const events = rows.map(
      ({ receivedAt: _received, payload, ...row }) =>
        ({ ...row, payload: payloadOf(payload) }) as unknown as OutingEvent,
    );
    return { outingId, events };
  }

  /** What each outing comes to, newest first. */
  all(): OutingSummary[] {
    return this.database.drizzle
      .select({ summary: outings.summary })
      .from(outings)
      .where(sql`from_ms > 0`)
      .orderBy(desc(outings.fromMs), desc(outings.id))
      .all()
      .map(({ summary }) => JSON.parse(summary) as OutingSummary);
  }

  private project(outingId: string): void {
    const summary = summaryOfOuting(replayOuting(outingId, this.one(outingId)?.events ?? []));
    this.database.drizzle
      .update(outings)
      .set({ fromMs: summary.fromMs, summary: JSON.stringify(summary) })
      .where(eq(outings.id, outingId))
      .run();
  }
}
