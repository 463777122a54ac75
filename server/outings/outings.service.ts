import { Injectable, type OnModuleInit } from '@nestjs/common';
import { asc, desc, eq, sql } from 'drizzle-orm';
import type { OutingEvents, SwimRate } from '@keeper/contract/outings';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import {
  summaryOfOuting,
  replayOuting,
  type OutingState,
  type OutingSummary,
} from '@keeper/core/domain/outing/outingState';
import { payloadOf } from '../captures/eventRow.js';
import { eventIdReused } from '../errors/problem.js';
import { isSameEvent } from '../events/isSameEvent.js';
import { Database } from '../storage/database.js';
import { projectAnew } from '../storage/projectAnew.js';
import { captures, outingEvents, outings } from '../storage/schema.js';

/** Outings are told again from their events when an earlier version of the application told them. */
const PROJECTION = { setting: 'outingProjection', version: '1' } as const;

/** The log of outings, and the row of each that is told from it. */
@Injectable()
export class OutingsService implements OnModuleInit {
  constructor(private readonly database: Database) {}

  onModuleInit(): void {
    projectAnew(this.database, PROJECTION, () => {
      for (const { id } of this.database.drizzle.select({ id: outings.id }).from(outings).all()) this.project(id);
    });
  }

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

  /** Every outing, told from its whole log. */
  states(): OutingState[] {
    const byOuting = new Map<string, OutingEvent[]>();
    for (const { receivedAt: _received, payload, ...row } of this.database.drizzle.select().from(outingEvents).all()) {
      const event = { ...row, payload: payloadOf(payload) } as unknown as OutingEvent;
      const there = byOuting.get(row.outingId);
      if (there) there.push(event);
      else byOuting.set(row.outingId, [event]);
    }
    return [...byOuting].map(([outingId, events]) => replayOuting(outingId, events));
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

  /** What each swim came to on all outings but one, by the water and the swim that it was. */
  swims(without?: string): SwimRate[] {
    const landed = new Map<string, number>();
    for (const { outingId, swimId, fish } of this.landed()) landed.set(`${outingId} ${swimId ?? ''}`, fish);
    const rates = new Map<string, SwimRate>();
    for (const { outingId, waterId, fished, calledOff } of this.all()) {
      if (waterId === null || calledOff || outingId === without) continue;
      // A swim where no rod was tapped counts for nothing, and neither do its fish: no time stands beside them.
      for (const { swimId, rodMs, runsDropped, bitesMissed, fishLost } of fished) {
        if (rodMs === 0) continue;
        const key = `${waterId} ${swimId ?? ''}`;
        const fish = landed.get(`${outingId} ${swimId ?? ''}`) ?? 0;
        const so = rates.get(key);
        rates.set(key, {
          waterId,
          swimId,
          outings: (so?.outings ?? 0) + 1,
          rodMs: (so?.rodMs ?? 0) + rodMs,
          fish: (so?.fish ?? 0) + fish,
          runsDropped: (so?.runsDropped ?? 0) + runsDropped,
          bitesMissed: (so?.bitesMissed ?? 0) + bitesMissed,
          fishLost: (so?.fishLost ?? 0) + fishLost,
        });
      }
    }
    return [...rates.values()];
  }

  /** Fish of each outing by swim, landed or lost: each was a sign. */
  private landed() {
    return this.database.drizzle
      .select({
        outingId: captures.outingId,
        swimId: sql<string | null>`json_extract(${captures.summary}, '$.swimId')`.as('swim'),
        fish: sql<number>`count(*)`,
      })
      .from(captures)
      .where(sql`${captures.outingId} IS NOT NULL AND ${captures.outcome} NOT IN ('discarded', 'merged')`)
      .groupBy(captures.outingId, sql`swim`)
      .all();
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
