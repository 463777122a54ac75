import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import ical, { ICalCalendarMethod, ICalEventRepeatingFreq } from 'ical-generator';
import type { CalendarFeed, OpenedFeed } from '@keeper/contract/calendar';
import { calendarOf, type CalendarEntry } from '@keeper/core/formats/calendar';
import { DAY_MS } from '@keeper/core/measure/timeSpan';
import { RowsOfBook } from '../book/rowsOfBook.js';
import { notFound } from '../errors/problem.js';
import { OutingsService } from '../outings/outings.service.js';
import { say } from '../say.js';
import { Database } from '../storage/database.js';
import { keepSetting } from '../storage/keepSetting.js';
import { settings } from '../storage/schema.js';

const SETTING = 'calendarFeed';
/** Everybody's entries have one, and it must be no other program's (RFC 5545, 3.8.4.7). */
const HOST = 'unhurried-keeper';
/** A calendar asks again so often. */
const ASK_AGAIN_S = 4 * 3600;

/** What is planned, closed and due, as iCalendar (RFC 5545): as a file, and as a feed behind a secret address. */
@Injectable()
export class CalendarService {
  constructor(
    private readonly database: Database,
    private readonly rows: RowsOfBook,
    private readonly outings: OutingsService,
  ) {}

  text(now: Date): string {
    const calendar = ical({
      name: 'Unhurried Keeper',
      prodId: { company: 'Unhurried Keeper', product: 'Book', language: 'EN' },
      method: ICalCalendarMethod.PUBLISH,
      ttl: ASK_AGAIN_S,
    });
    const { waters, swims, kit } = this.rows.all();
    const outings = this.outings.all();
    for (const entry of calendarOf({ waters, swims, kit, outings }, now.getTime())) {
      calendar.createEvent({ id: `${entry.uid}@${HOST}`, stamp: now, summary: say(entry.title), ...when(entry) });
    }
    return calendar.toString();
  }

  feed(): CalendarFeed {
    return { since: this.kept()?.updatedAt ?? null };
  }

  /** Opens the feed under a new secret; the one before opens it no more. */
  open(now: Date): OpenedFeed {
    const token = randomBytes(32).toString('base64url');
    this.database.write(() => keepSetting(this.database.drizzle, SETTING, hashOfToken(token), now));
    return { since: now.toISOString(), path: `/api/calendar/${token}.ics` };
  }

  close(): void {
    this.database.write(() => this.database.drizzle.delete(settings).where(eq(settings.name, SETTING)).run());
  }

  /** The feed for whoever has its secret. @throws Problem 404 for any other, as if there were none */
  feedText(token: string, now: Date): string {
    const kept = this.kept()?.value;
    const [given, wanted] = [hashOfToken(token), kept ?? ''].map((text) => Buffer.from(text.padEnd(64)));
    if (!given || !wanted || kept === undefined || !timingSafeEqual(given, wanted)) throw notFound('That calendar');
    return this.text(now);
  }

  private kept(): typeof settings.$inferSelect | undefined {
    return this.database.drizzle.select().from(settings).where(eq(settings.name, SETTING)).get();
  }
}

/** When an entry is, as the calendar takes it: of whole days the end is the day after the last. */
function when(entry: CalendarEntry) {
  if ('fromMs' in entry) return { start: new Date(entry.fromMs), end: new Date(entry.toMs) };
  const [from, to] = [entry.fromDay, entry.toDay].map((day) => Date.parse(`${day}T00:00:00Z`)) as [number, number];
  return {
    start: new Date(from),
    end: new Date(to + DAY_MS),
    allDay: true,
    ...(entry.yearly && { repeating: { freq: ICalEventRepeatingFreq.YEARLY } }),
  };
}

function hashOfToken(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
