import { Injectable, type OnModuleInit } from '@nestjs/common';
import { asc, eq, sql } from 'drizzle-orm';
import type { AppendedEvents } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { RunningCapture } from '@keeper/core/domain/capture/runningCapture';
import { recordOf } from '@keeper/core/domain/capture/record';
import { searchWords } from '@keeper/core/domain/capture/searchWords';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { eventIdReused } from '../errors/problem.js';
import { isSameEvent } from '../events/isSameEvent.js';
import { Database } from '../storage/database.js';
import { projectAnew } from '../storage/projectAnew.js';
import { captures, captureWords, events, waters } from '../storage/schema.js';
import { eventOf } from './eventRow.js';
import { RunningCaptures } from './runningCaptures.js';

/** Counts up whenever logs are replayed or summed up differently: then every summary is rebuilt once, from its log. */
const PROJECTION = { setting: 'telling', version: '17' } as const;

/** Ranks below every weight. */
const NOT_WEIGHED = -1;

/** Adds events to the log and replays each capture that they touch, all in one transaction. */
@Injectable()
export class CaptureEventsService implements OnModuleInit {
  private readonly statements;
  private readonly states: RunningCaptures;

  constructor(private readonly database: Database) {
    this.statements = prepare(database);
    this.states = new RunningCaptures((captureId) =>
      (this.statements.log.all(captureId) as LogRow[]).map(([id, deviceId, at, elapsedMs, type, payload]) =>
        eventOf({ id, captureId, deviceId, at, elapsedMs, type, payload }),
      ),
    );
  }

  /** Replays every capture when an earlier version of the application projected them. */
  onModuleInit(): void {
    projectAnew(this.database, PROJECTION, () => {
      for (const { id } of this.database.drizzle.select({ id: captures.id }).from(captures).all()) {
        this.project(id, this.states.of(id), undefined);
      }
    });
  }

  /**
   * Appends; an event whose id is known already is left as it is, so a batch can be sent any number of times.
   * @throws Problem 409 `event-id-reused` when an id comes back with another content; then nothing of the batch is
   *   written.
   */
  append(batch: readonly CaptureEvent[], receivedAt: Date): AppendedEvents {
    try {
      return this.database.write(() => this.appendAll(batch, receivedAt));
    } catch (cause) {
      this.forgetStories();
      throw cause;
    }
  }

  isKnown(captureId: string): boolean {
    return this.statements.standing.get({ captureId }) !== undefined;
  }

  /** The device that logged an event; undefined where it is not in the book. */
  loggedBy(eventId: string): string | undefined {
    return this.statements.oneEvent.get({ id: eventId })?.deviceId;
  }

  /** Stories that were told from events which a transaction then took back are told again. */
  forgetStories(): void {
    this.states.forget();
  }

  private appendAll(batch: readonly CaptureEvent[], receivedAt: Date): AppendedEvents {
    let written = 0;
    const touched = new Map<string, { state: RunningCapture; standing: StandingRow | undefined }>();
    for (const event of batch) {
      const { captureId } = event;
      let on = touched.get(captureId);
      if (!on) {
        on = { standing: this.begin(captureId), state: this.states.of(captureId) };
        touched.set(captureId, on);
      }
      if (!this.addOne(event, receivedAt)) continue;
      on.state.add(event);
      written += 1;
    }
    if (written > 0) for (const [captureId, { state, standing }] of touched) this.project(captureId, state, standing);
    return { written, known: batch.length - written };
  }

  /** The capture's row as it stands; a capture that is new gets an empty one, and none is returned. */
  private begin(captureId: string): StandingRow | undefined {
    const standing = this.statements.standing.get({ captureId });
    if (!standing) this.statements.beginCapture.run({ captureId });
    return standing;
  }

  private addOne({ payload, ...head }: CaptureEvent, receivedAt: Date): boolean {
    const { id, captureId, deviceId, at, elapsedMs, type } = head;
    const text = JSON.stringify(payload);
    const row = [id, captureId, deviceId, at, elapsedMs, type, text, receivedAt.toISOString()];
    if (this.statements.addEvent.run(...row).changes > 0) return true;
    const kept = this.statements.oneEvent.get({ id });
    if (kept?.captureId !== captureId || !isSameEvent(kept, { ...head, payload })) throw eventIdReused(id);
    return false;
  }

  private project(captureId: string, state: RunningCapture, standing: StandingRow | undefined): void {
    const told = state.state();
    const summary = summaryOf(told);
    const { startedAt, outcome, species, outingId, fishId, keeperId, netGrams, writtenUp } = summary;
    const waterId = this.knownWater(summary.waterId);
    const row = { startedAt, outcome, species, waterId, outingId, fishId, keeperId, netGrams, writtenUp };
    const record = recordOf(told);
    const text = { captureId, summary: JSON.stringify(summary), record: JSON.stringify(record) };
    const words = searchWords(summary, record);
    const known = this.statements.words.get({ captureId })?.words ?? '';
    if (words === '' && known !== '') this.statements.findNoMore.run({ captureId });
    else if (words !== known) this.statements.findBy.run({ captureId, words });
    // Most taps of a run change no column that the book is sorted by; then no index needs to be written.
    if (standing && SORTED_BY.every((column) => standing[column] === row[column])) this.statements.retell.run(text);
    else {
      const weightRank = netGrams ?? NOT_WEIGHED;
      this.statements.project.run({ ...text, ...row, weightRank, writtenUp: writtenUp ? 1 : 0 });
    }
  }

  /** A water that this book does not hold (made on a device that has not sent it yet) stays in the event only. */
  private knownWater(waterId: string | null): string | null {
    return waterId && this.statements.water.get({ waterId }) ? waterId : null;
  }
}

type StandingRow = Pick<typeof captures.$inferSelect, (typeof SORTED_BY)[number]>;

const SORTED_BY = [
  'startedAt',
  'outcome',
  'species',
  'waterId',
  'outingId',
  'fishId',
  'keeperId',
  'netGrams',
  'writtenUp',
] as const;

type LogRow = [id: string, deviceId: string, at: string, elapsedMs: number, type: string, payload: string];

function prepare({ drizzle, sqlite }: Database) {
  const of = sql.placeholder;
  // Both run at every tap: written by Drizzle, and run without its mapping of columns, which costs as much as the
  // reading.
  const bare = (query: { toSQL(): { sql: string } }) => sqlite.prepare(query.toSQL().sql);
  return {
    beginCapture: drizzle
      .insert(captures)
      .values({ id: of('captureId'), outcome: 'open', weightRank: NOT_WEIGHED, writtenUp: false, summary: '{}' })
      .prepare(),
    addEvent: bare(
      drizzle
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
        .onConflictDoNothing(),
    ),
    oneEvent: drizzle
      .select()
      .from(events)
      .where(eq(events.id, of('id')))
      .prepare(),
    log: bare(
      drizzle
        .select({
          id: events.id,
          deviceId: events.deviceId,
          at: events.at,
          elapsedMs: events.elapsedMs,
          type: events.type,
          payload: events.payload,
        })
        .from(events)
        .where(eq(events.captureId, of('captureId')))
        .orderBy(asc(events.elapsedMs), asc(events.id)),
    ).raw(),
    water: drizzle
      .select({ id: waters.id })
      .from(waters)
      .where(eq(waters.id, of('waterId')))
      .prepare(),
    standing: drizzle
      .select({
        startedAt: captures.startedAt,
        outcome: captures.outcome,
        species: captures.species,
        waterId: captures.waterId,
        outingId: captures.outingId,
        fishId: captures.fishId,
        keeperId: captures.keeperId,
        netGrams: captures.netGrams,
        writtenUp: captures.writtenUp,
      })
      .from(captures)
      .where(eq(captures.id, of('captureId')))
      .prepare(),
    words: drizzle
      .select({ words: captureWords.words })
      .from(captureWords)
      .where(eq(captureWords.captureId, of('captureId')))
      .prepare(),
    findBy: drizzle
      .insert(captureWords)
      .values({ captureId: of('captureId'), words: of('words') })
      .onConflictDoUpdate({ target: captureWords.captureId, set: { words: sql`excluded.words` } })
      .prepare(),
    findNoMore: drizzle
      .delete(captureWords)
      .where(eq(captureWords.captureId, of('captureId')))
      .prepare(),
    retell: drizzle
      .update(captures)
      .set({ summary: sql`${of('summary')}`, record: sql`${of('record')}` })
      .where(eq(captures.id, of('captureId')))
      .prepare(),
    project: drizzle
      .update(captures)
      .set({
        startedAt: sql`${of('startedAt')}`,
        outcome: sql`${of('outcome')}`,
        species: sql`${of('species')}`,
        waterId: sql`${of('waterId')}`,
        outingId: sql`${of('outingId')}`,
        fishId: sql`${of('fishId')}`,
        keeperId: sql`${of('keeperId')}`,
        netGrams: sql`${of('netGrams')}`,
        weightRank: sql`${of('weightRank')}`,
        writtenUp: sql`${of('writtenUp')}`,
        summary: sql`${of('summary')}`,
        record: sql`${of('record')}`,
      })
      .where(eq(captures.id, of('captureId')))
      .prepare(),
  };
}
