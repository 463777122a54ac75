import { randomBytes } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { asc, eq, or, sql } from 'drizzle-orm';
import type { KeptJoining, WriteJoiningDto } from '@keeper/contract/joinings';
import type { CaptureEvent, EventPayloads, Facts } from '@keeper/core/domain/capture/event';
import { idMaker } from '@keeper/core/domain/capture/eventId';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { OutingEvent, OutingEventType, OutingPayloads } from '@keeper/core/domain/outing/event';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { CaptureEventsService } from '../captures/captureEvents.service.js';
import { notFound } from '../errors/problem.js';
import { OutingsService } from '../outings/outings.service.js';
import { rowToStand } from '../rows/rowToStand.js';
import { Database } from '../storage/database.js';
import { captures, events, joinings, meetings, outingEvents, outings, swims, waters } from '../storage/schema.js';

/** Who signs what the book itself writes into a log. */
const BY_THE_BOOK = 'book';

/** A joining with the rows that went over with it, so that they find back. */
interface Body extends Omit<WriteJoiningDto, 'revision'> {
  readonly swimIds: readonly string[];
  readonly meetingIds: readonly string[];
}

/**
 * Makes one of two waters or two swims: what hung on the first is amended to hang on the second, as entries of the logs
 * that name the joining, and the first is archived. Taken back, exactly those entries are taken back.
 */
@Injectable()
export class JoiningsService {
  private readonly nextId = idMaker({
    wallMs: () => Date.now(),
    randomBytes: (length) => randomBytes(length),
  });

  constructor(
    private readonly database: Database,
    private readonly captureEvents: CaptureEventsService,
    private readonly outingsService: OutingsService,
  ) {}

  all(): KeptJoining[] {
    return this.database.drizzle.select().from(joinings).orderBy(asc(joinings.id)).all().map(kept);
  }

  /**
   * Writes a joining at the revision it was read at, and does or takes back what it says, all in one transaction.
   * @throws Problem 404 where one of the two is not in the book, 409 when it has been written since
   */
  write(id: string, { revision, ...wanted }: WriteJoiningDto, now: Date): KeptJoining {
    try {
      return this.database.write(() => {
        const standing = this.database.drizzle.select().from(joinings).where(eq(joinings.id, id)).get();
        const was = standing && (JSON.parse(standing.body) as Body);
        const { swimIds = [], meetingIds = [] } = was ?? {};
        const body: Body = { ...wanted, swimIds, meetingIds };
        const row = { id, body: JSON.stringify(body), revision: revision + 1, updatedAt: now.toISOString() };
        const stands = rowToStand(standing, row, { name: 'This joining', kept });
        if (stands === standing) return kept(stands);
        const isJoined = was !== undefined && !was.retired;
        const changed = wanted.retired === isJoined;
        const change = wanted.retired ? this.part.bind(this) : this.join.bind(this);
        const done = changed ? change(id, body, now) : body;
        const written = { ...row, body: JSON.stringify(done) };
        this.database.drizzle
          .insert(joinings)
          .values(written)
          .onConflictDoUpdate({ target: joinings.id, set: written })
          .run();
        return kept(written);
      });
    } catch (cause) {
      this.captureEvents.forgetStories();
      throw cause;
    }
  }

  private join(joiningId: string, body: Body, now: Date): Body {
    const { kind, fromId, intoId } = body;
    const names = new Map(this.namesOf(kind, fromId, intoId));
    const [from, into] = [names.get(fromId), names.get(intoId)];
    if (from === undefined || into === undefined) throw notFound(kind === 'waters' ? 'That water' : 'That swim');
    const why = body.why ?? `${from} and ${into} are one.`;
    const facts: Facts = kind === 'waters' ? { waterId: intoId } : { swimId: intoId };
    this.amend(this.capturesOf(body), { facts, why, joiningId }, now);
    this.replan(joiningId, body, now);
    const swimIds = kind === 'waters' ? this.moveSwims(fromId, intoId, now) : [];
    const meetingIds = kind === 'waters' ? this.moveMeetings(fromId, intoId, now) : [];
    this.archive(body, true, now);
    return { ...body, swimIds, meetingIds };
  }

  private part(joiningId: string, body: Body, now: Date): Body {
    const { drizzle } = this.database;
    const amended = drizzle
      .select({ eventId: events.id, captureId: events.captureId, summary: captures.summary })
      .from(events)
      .innerJoin(captures, eq(captures.id, events.captureId))
      .where(sql`${events.type} = 'amended' AND ${events.payload} ->> '$.joiningId' = ${joiningId}`)
      .all();
    this.captureEvents.append(
      amended.map(({ eventId, captureId, summary }) =>
        this.ofCapture({ ...(JSON.parse(summary) as CaptureSummary), captureId }, 'undone', { eventId }, now),
      ),
      now,
    );
    const moved = drizzle
      .select({ eventId: outingEvents.id, outingId: outingEvents.outingId })
      .from(outingEvents)
      .where(sql`${outingEvents.payload} ->> '$.joiningId' = ${joiningId}`)
      .all();
    this.outingsService.append(
      moved.map(({ eventId, outingId }) => this.ofOuting(outingId, 'taken-back', { eventId }, now)),
      now,
    );
    for (const id of body.swimIds) this.rewrite(swims, id, (row) => ({ ...row, waterId: body.fromId }), now);
    for (const id of body.meetingIds) {
      this.rewrite(
        meetings,
        id,
        (row) => ({ ...row, waterIds: swapped(row['waterIds'], body.intoId, body.fromId) }),
        now,
      );
    }
    this.archive(body, false, now);
    return { ...body, swimIds: [], meetingIds: [] };
  }

  private namesOf(kind: Body['kind'], a: string, b: string): (readonly [string, string])[] {
    const { drizzle } = this.database;
    if (kind === 'waters') {
      const rows = drizzle
        .select()
        .from(waters)
        .where(or(eq(waters.id, a), eq(waters.id, b)))
        .all();
      return rows.map(({ id, name }) => [id, name] as const);
    }
    const rows = drizzle
      .select()
      .from(swims)
      .where(or(eq(swims.id, a), eq(swims.id, b)))
      .all();
    return rows.map(({ id, body }) => [id, (JSON.parse(body) as { name: string }).name] as const);
  }

  private capturesOf({ kind, fromId }: Body): CaptureSummary[] {
    return this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(kind === 'waters' ? eq(captures.waterId, fromId) : sql`${captures.summary} ->> '$.swimId' = ${fromId}`)
      .all()
      .map(({ summary }) => JSON.parse(summary) as CaptureSummary);
  }

  private amend(all: readonly CaptureSummary[], payload: EventPayloads['amended'], now: Date): void {
    const entries = all.map((each) => this.ofCapture(each, 'amended', payload, now));
    this.captureEvents.append(entries, now);
  }

  /** The outings there are planned for the other from now on; of swims each says that it was the other. */
  private replan(joiningId: string, { kind, fromId, intoId }: Body, now: Date): void {
    const all = this.database.drizzle
      .select({ summary: outings.summary })
      .from(outings)
      .where(sql`from_ms > 0`)
      .all()
      .map(({ summary }) => JSON.parse(summary) as OutingSummary);
    const entries = all.flatMap(({ outingId, waterId, swimId, fished, fromMs, toMs, companions, expected }) => {
      if (kind === 'swims') {
        const wasThere = swimId === fromId || fished.some((each) => each.swimId === fromId);
        return wasThere ? [this.ofOuting(outingId, 'swim-amended', { from: fromId, to: intoId, joiningId }, now)] : [];
      }
      if (waterId !== fromId) return [];
      const [fromAt, toAt] = [fromMs, toMs].map((ms) => new Date(ms).toISOString()) as [string, string];
      const plan = { waterId: intoId, fromAt, toAt, companions, expected, joiningId };
      return [this.ofOuting(outingId, 'outing-planned', plan, now)];
    });
    this.outingsService.append(entries, now);
  }

  private moveSwims(fromId: string, intoId: string, now: Date): string[] {
    const there = this.database.drizzle
      .select({ id: swims.id })
      .from(swims)
      .where(sql`${swims.body} ->> '$.waterId' = ${fromId}`)
      .all()
      .map(({ id }) => id);
    for (const id of there) this.rewrite(swims, id, (row) => ({ ...row, waterId: intoId }), now);
    return there;
  }

  private moveMeetings(fromId: string, intoId: string, now: Date): string[] {
    const there = this.database.drizzle
      .select({ id: meetings.id })
      .from(meetings)
      .where(sql`EXISTS (SELECT 1 FROM json_each(${meetings.body}, '$.waterIds') WHERE value = ${fromId})`)
      .all()
      .map(({ id }) => id);
    for (const id of there) {
      this.rewrite(meetings, id, (row) => ({ ...row, waterIds: swapped(row['waterIds'], fromId, intoId) }), now);
    }
    return there;
  }

  private archive({ kind, fromId }: Body, retired: boolean, now: Date): void {
    if (kind === 'swims') return this.rewrite(swims, fromId, (row) => ({ ...row, retired }), now);
    this.database.drizzle
      .update(waters)
      .set({ retired, revision: sql`revision + 1`, updatedAt: now.toISOString() })
      .where(eq(waters.id, fromId))
      .run();
  }

  private rewrite(
    table: typeof swims | typeof meetings,
    id: string,
    change: (row: Record<string, unknown>) => object,
    now: Date,
  ): void {
    const { drizzle } = this.database;
    const row = drizzle.select().from(table).where(eq(table.id, id)).get();
    if (!row) return;
    const body = JSON.stringify(change(JSON.parse(row.body) as Record<string, unknown>));
    const set = { body, revision: row.revision + 1, updatedAt: now.toISOString() };
    drizzle.update(table).set(set).where(eq(table.id, id)).run();
  }

  private ofCapture<T extends 'amended' | 'undone'>(
    { captureId, begunAt }: Pick<CaptureSummary, 'captureId' | 'begunAt'>,
    type: T,
    payload: EventPayloads[T],
    now: Date,
  ): CaptureEvent {
    const elapsedMs = begunAt === null ? 0 : Math.max(0, now.getTime() - Date.parse(begunAt));
    return { ...this.head(now), captureId, elapsedMs, type, payload } as CaptureEvent;
  }

  private ofOuting<T extends OutingEventType>(
    outingId: string,
    type: T,
    payload: OutingPayloads[T],
    now: Date,
  ): OutingEvent {
    return { ...this.head(now), outingId, type, payload } as OutingEvent;
  }

  private head(now: Date) {
    return { id: this.nextId(), deviceId: BY_THE_BOOK, at: now.toISOString() };
  }
}

/** A list of ids with one in the place of another, once. */
function swapped(ids: unknown, from: string, to: string): string[] {
  return [...new Set((ids as string[]).map((id) => (id === from ? to : id)))];
}

function kept({ body, ...row }: typeof joinings.$inferSelect): KeptJoining {
  return { ...(JSON.parse(body) as object), ...row } as KeptJoining;
}
