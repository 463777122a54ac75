import { Injectable } from '@nestjs/common';
import { asc, eq, sql } from 'drizzle-orm';
import type { AppendedEvents } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/capture/event';
import { tellStory } from '@keeper/core/capture/story';
import { summaryOf } from '@keeper/core/capture/summary';
import { Problem } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { captures, events, waters } from '../storage/schema.js';
import { eventOf } from './eventRow.js';

/** Ranks below every weight. */
const NOT_WEIGHED = -1;

/** Adds events to the log and tells the story of each capture that they touch anew, all in one transaction. */
@Injectable()
export class AppendEvents {
  private readonly statements;

  constructor(private readonly database: Database) {
    this.statements = prepare(database);
  }

  /**
   * Appends; an event whose id is known already is left as it is, so a batch can be sent any number of times.
   * @throws Problem 409 `event-id-reused` when an id comes back with another content; then nothing of the batch is written.
   */
  append(batch: readonly CaptureEvent[], receivedAt: Date): AppendedEvents {
    return this.database.sqlite.transaction(() => {
      let written = 0;
      const touched = new Set<string>();
      for (const event of batch) {
        if (this.addOne(event, receivedAt)) {
          written += 1;
          touched.add(event.captureId);
        }
      }
      for (const captureId of touched) this.project(captureId);
      return { written, known: batch.length - written };
    })();
  }

  private addOne(event: CaptureEvent, receivedAt: Date): boolean {
    const { type, payload, ...head } = event;
    this.statements.beginCapture.run({ captureId: event.captureId });
    const row = { ...head, type, payload: JSON.stringify(payload), receivedAt: receivedAt.toISOString() };
    if (this.statements.addEvent.run(row).changes > 0) return true;
    const kept = this.statements.oneEvent.get({ id: event.id });
    if (kept?.captureId !== event.captureId || kept.type !== type || kept.payload !== row.payload) {
      throw new Problem(409, {
        code: 'event-id-reused',
        sentence: `Event ${event.id} is in the book with another content. Nothing of this batch was written.`,
      });
    }
    return false;
  }

  private project(captureId: string): void {
    const log = this.statements.log.all({ captureId }).map(eventOf);
    const summary = summaryOf(tellStory(captureId, log));
    this.statements.project.run({
      captureId,
      startedAt: summary.startedAt,
      outcome: summary.outcome,
      species: summary.species,
      waterId: summary.waterId,
      netGrams: summary.netGrams,
      weightRank: summary.netGrams ?? NOT_WEIGHED,
      writtenUp: summary.writtenUp ? 1 : 0,
      summary: JSON.stringify(summary),
    });
  }
}

function prepare({ drizzle }: Database) {
  const of = sql.placeholder;
  return {
    beginCapture: drizzle
      .insert(captures)
      .values({ id: of('captureId'), outcome: 'open', weightRank: NOT_WEIGHED, writtenUp: false, summary: '{}' })
      .onConflictDoNothing()
      .prepare(),
    addEvent: drizzle
      .insert(events)
      .values({
        id: of('id'),
        captureId: of('captureId'),
        deviceId: of('deviceId'),
        at: of('at'),
        elapsedMs: of('elapsedMs'),
        type: of('type'),
        payload: of('payload'),
        receivedAt: of('receivedAt'),
      })
      .onConflictDoNothing()
      .prepare(),
    oneEvent: drizzle
      .select()
      .from(events)
      .where(eq(events.id, of('id')))
      .prepare(),
    log: drizzle
      .select()
      .from(events)
      .where(eq(events.captureId, of('captureId')))
      .orderBy(asc(events.elapsedMs), asc(events.id))
      .prepare(),
    project: drizzle
      .update(captures)
      .set({
        startedAt: sql`${of('startedAt')}`,
        outcome: sql`${of('outcome')}`,
        species: sql`${of('species')}`,
        // A water that this book does not hold (made on a device that has not sent it yet) stays in the event only.
        waterId: sql`(SELECT ${waters.id} FROM ${waters} WHERE ${waters.id} = ${of('waterId')})`,
        netGrams: sql`${of('netGrams')}`,
        weightRank: sql`${of('weightRank')}`,
        writtenUp: sql`${of('writtenUp')}`,
        summary: sql`${of('summary')}`,
      })
      .where(eq(captures.id, of('captureId')))
      .prepare(),
  };
}
