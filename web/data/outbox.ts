import { MOST_EVENTS } from '@keeper/contract/limits';
import { subjectOf, type LoggedEvent } from '@keeper/core/domain/outing/event';
import type { DeviceDatabase, StoredEvent, StoredPicture, StoredRow } from './deviceStore.js';
import {
  keyOf,
  newest,
  orderOf,
  refused,
  replaced,
  shaOf,
  withoutBytes,
  withoutRefusal,
  type Outcome,
} from './outboxEntry.js';
import { keepUnchanged } from './keepUnchanged.js';
import type { SendTrouble, Verdict } from './verdict.js';

/** What the server has taken, so that what was read of it is read again. */
export interface Sent {
  /** Captures and outings. */
  readonly subjects: readonly string[];
  /** The kinds of the events that were sent. */
  readonly types: readonly LoggedEvent['type'][];
  readonly rows: readonly StoredRow['kind'][];
}

/** How the outbox reaches the world; handed in, so that it can be tested without one. */
export interface OutboxPlatform {
  sendEvents(events: readonly LoggedEvent[]): Promise<void>;
  sendPicture(picture: StoredPicture): Promise<void>;
  sendRow(row: StoredRow): Promise<void>;
  /** What an answer that was not a good one means for what was sent. */
  verdictOn(error: unknown): Verdict;
  /** Runs work in one tab at a time. */
  alone(work: () => Promise<void>): Promise<void>;
  wait(ms: number): Promise<void>;
  /** Runs work when the screen has nothing more urgent to draw. */
  soon(work: () => void): void;
  nowMs(): number;
}

/** What the outbox tells the screen. The same object until something changes. */
export interface OutboxState {
  readonly loaded: boolean;
  readonly events: readonly StoredEvent[];
  readonly pictures: readonly StoredPicture[];
  readonly rows: readonly StoredRow[];
  /** Why nothing goes just now; null while all is well. */
  readonly trouble: SendTrouble | null;
}

const FIRST_PAUSE_MS = 500;
const LONGEST_PAUSE_MS = 15_000;

/**
 * Everything tapped and taken on this device, kept in IndexedDB before the screen acknowledges it, and sent in order
 * until the server has it.
 */
export class Outbox {
  private state: OutboxState = { loaded: false, events: [], pictures: [], rows: [], trouble: null };
  private readonly listeners = new Set<() => void>();
  private sending: Promise<void> | undefined;
  private wake: (() => void) | undefined;
  private asked = false;
  private keeping: Promise<void> = Promise.resolve();

  constructor(
    private readonly database: Promise<DeviceDatabase>,
    private readonly platform: OutboxPlatform,
    private readonly onSent: (sent: Sent) => void | Promise<void> = () => undefined,
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): OutboxState => this.state;

  /** Reads what this device still holds, from an earlier page or another tab. */
  async load(): Promise<void> {
    const database = await this.database;
    const [events, pictures, rows] = await Promise.all([
      database.getAll('events'),
      database.getAll('pictures'),
      database.getAll('rows'),
    ]);
    // What was added while this was read is newer than the reading: it must not vanish, not even for a moment.
    const read = events.at(-1)?.order ?? 0;
    const newer = this.state.events.filter(({ order }) => order > read);
    const kept = new Set(pictures.map(({ sha256 }) => sha256));
    const newerPictures = this.state.pictures.filter(({ sha256, state }) => state === 'waiting' && !kept.has(sha256));
    const readRow = rows.at(-1)?.order ?? 0;
    const newerRows = this.state.rows.filter(({ order }) => order > readRow);
    this.set({
      events: [...events, ...newer],
      pictures: [...pictures, ...newerPictures],
      rows: [...rows, ...newerRows],
      loaded: true,
    });
  }

  /**
   * Keeps events. Resolves once they are on the disk of the device; sending goes on by itself. `onKept` runs in the
   * turn in which the screen learns of them: a page that it opens is drawn once, and not after the one before.
   */
  async append(events: readonly LoggedEvent[], onKept?: () => void): Promise<void> {
    const transaction = (await this.database).transaction('events', 'readwrite', { durability: 'strict' });
    const stored: StoredEvent[] = [];
    for (const event of events) {
      const value = { event, state: 'waiting' as const };
      // The store numbers the rows itself.
      const order = await transaction.store.add(value as StoredEvent);
      stored.push({ ...value, order });
    }
    await transaction.done;
    // A reading that ran meanwhile may have brought them already.
    const orders = new Set(stored.map(({ order }) => order));
    this.set({ events: [...this.state.events.filter(({ order }) => !orders.has(order)), ...stored] });
    onKept?.();
    this.platform.soon(() => this.flush());
  }

  /** Keeps a picture's bytes until the server has them. The same picture twice is kept once. */
  async keepPicture(picture: Omit<StoredPicture, 'state'>): Promise<void> {
    const kept: StoredPicture = { ...picture, state: 'waiting' };
    await (await this.database).put('pictures', kept);
    this.set({ pictures: [...this.state.pictures.filter(({ sha256 }) => sha256 !== picture.sha256), kept] });
    this.flush();
  }

  /**
   * Keeps a row as it was written. Resolves once it is on the disk of the device. Writing the same row again before the
   * server has answered follows on the first writing: one device is never its own rival.
   */
  keepRow(row: Omit<StoredRow, 'state' | 'order'>): Promise<void> {
    this.keeping = this.keeping.catch(() => undefined).then(() => this.keepRowNow(row));
    return this.keeping;
  }

  private async keepRowNow({ kind, id, body }: Omit<StoredRow, 'state' | 'order'>): Promise<void> {
    const own = this.state.rows.filter((row) => row.kind === kind && row.id === id && row.state === 'waiting');
    const revision = Math.max(body.revision, ...own.map((row) => row.body.revision + 1));
    const value = { kind, id, body: { ...body, revision }, state: 'waiting' as const };
    const transaction = (await this.database).transaction('rows', 'readwrite', { durability: 'strict' });
    const order = await transaction.store.add(value as StoredRow);
    await transaction.done;
    this.set({ rows: [...this.state.rows.filter((each) => each.order !== order), { ...value, order }] });
    this.flush();
  }

  /** Gives up a row that the server refused: the server's version stands. */
  async dropRow(order: number): Promise<void> {
    await (await this.database).delete('rows', order);
    this.set({ rows: this.state.rows.filter((each) => each.order !== order) });
  }

  /** Gives up an event that the server refused. */
  async dropEvent(order: number): Promise<void> {
    await (await this.database).delete('events', order);
    this.set({ events: this.state.events.filter((each) => each.order !== order) });
  }

  /** Gives up a picture that the server refused; this device's bytes of it go. */
  async dropPicture(sha256: string): Promise<void> {
    await (await this.database).delete('pictures', sha256);
    this.set({ pictures: this.state.pictures.filter((each) => each.sha256 !== sha256) });
  }

  /** Lets refused entries wait again: all of them, or those that are meant. */
  async sendAgain(isMeant: (each: StoredEvent | StoredPicture | StoredRow) => boolean = () => true): Promise<void> {
    const again = <T extends StoredEvent | StoredPicture | StoredRow>(each: T) =>
      each.state === 'refused' && isMeant(each) ? { ...withoutRefusal(each), state: 'waiting' as const } : each;
    const { events, pictures, rows } = this.state;
    await this.putAll({ events: events.map(again), pictures: pictures.map(again), rows: rows.map(again) });
    this.flush();
  }

  /** Puts a refused event right: it takes its own place in the order, and is sent. */
  async mendEvent(order: number, event: LoggedEvent): Promise<void> {
    const { events, pictures, rows } = this.state;
    const mended = events.map((each) =>
      each.order === order ? { ...withoutRefusal(each), event, state: 'waiting' as const } : each,
    );
    await this.putAll({ events: mended, pictures, rows });
    this.flush();
  }

  /** Whether anything waits to be sent. */
  waits(): boolean {
    const { events, pictures, rows } = this.state;
    return [...events, ...pictures, ...rows].some(({ state }) => state === 'waiting');
  }

  /** Sends what waits, now; further calls while it sends make it look again. */
  flush(): void {
    this.asked = true;
    this.wake?.();
    this.sending ??= this.platform
      .alone(() => this.sendAll())
      .finally(() => {
        this.sending = undefined;
        if (this.asked) this.flush();
      });
  }

  /** Sends what waits in one go, where nobody stays to try again. @returns whether all of it went */
  async sendOnce(): Promise<boolean> {
    let isAllSent = false;
    await this.platform.alone(async () => {
      const { trouble, skipped } = await this.sendRound();
      isAllSent = trouble === null && skipped.size === 0;
    });
    return isAllSent;
  }

  /** Resolves when nothing is being sent. */
  async idle(): Promise<void> {
    while (this.sending) await this.sending;
  }

  /** Forgets what the server has, for captures and outings that are over: the server's book holds them. */
  async forget(isOver: (subjectId: string) => boolean): Promise<void> {
    const database = await this.database;
    const events = this.state.events.filter(({ state, event }) => state === 'sent' && isOver(subjectOf(event)));
    for (const { order } of events) await database.delete('events', order);
    const pictures = this.state.pictures.filter(({ state }) => state === 'sent');
    for (const { sha256 } of pictures) await database.delete('pictures', sha256);
    this.set({
      events: this.state.events.filter((each) => !events.includes(each)),
      pictures: this.state.pictures.filter((each) => !pictures.includes(each)),
    });
  }

  private async sendAll(): Promise<void> {
    let pauseMs = FIRST_PAUSE_MS;
    while (this.asked) {
      this.asked = false;
      const round = await this.sendRound();
      if (round.trouble === null && round.skipped.size === 0) {
        pauseMs = FIRST_PAUSE_MS;
        continue;
      }
      await this.pause(pauseMs);
      pauseMs = Math.min(2 * pauseMs, LONGEST_PAUSE_MS);
      this.asked = true;
    }
  }

  private async sendRound(): Promise<Round> {
    // Another tab may have sent or added since.
    await this.load();
    const round: Round = { skipped: new Set(), trouble: null };
    await this.sendWaiting(round).catch((error: unknown) => {
      if (!(error instanceof Stopped)) throw error;
      round.trouble = error.trouble;
    });
    this.set({ trouble: round.trouble });
    return round;
  }

  private async sendWaiting(round: Round): Promise<void> {
    // Rows first: what is logged may name a water or a swim that was made a moment before.
    for (const row of this.state.rows.filter(({ state }) => state === 'waiting')) {
      const verdict = await this.attempt(() => this.platform.sendRow(row));
      if (verdict === 'sent') {
        await this.onSent({ subjects: [], types: [], rows: [row.kind] });
        await this.dropRow(row.order);
      } else if (verdict.kind === 'skip') round.skipped.add(keyOf(row));
      else {
        await this.putAll({ ...this.state, rows: replaced(this.state.rows, row, refused(row, verdict)) });
        // What stands there instead is read anew, to be shown beside it.
        void this.onSent({ subjects: [], types: [], rows: [row.kind] });
      }
    }
    for (let batch = this.nextBatch(round); batch.length > 0; batch = this.nextBatch(round)) {
      const sent = batch.map(({ event }) => event);
      const verdict = await this.attempt(() => this.platform.sendEvents(sent));
      if (verdict !== 'sent' && batch.length > 1) await this.sendOneByOne(batch, round);
      else await this.heed(batch, verdict, round);
      void this.onSent({ subjects: [...new Set(sent.map(subjectOf))], types: sent.map(({ type }) => type), rows: [] });
    }
    for (const picture of this.state.pictures.filter(({ state }) => state === 'waiting')) {
      const verdict = await this.attempt(() => this.platform.sendPicture(picture));
      if (verdict !== 'sent' && verdict.kind === 'skip') {
        round.skipped.add(keyOf(picture));
        continue;
      }
      const marked: StoredPicture = verdict === 'sent' ? { ...picture, state: 'sent' } : refused(picture, verdict);
      await this.putAll({ ...this.state, pictures: replaced(this.state.pictures, picture, marked) });
      void this.onSent({ subjects: [picture.captureId], types: [], rows: [] });
    }
  }

  /** One bad event must not hold back the good ones that were sent with it. */
  private async sendOneByOne(batch: readonly StoredEvent[], round: Round): Promise<void> {
    for (const each of batch) {
      await this.heed([each], await this.attempt(() => this.platform.sendEvents([each.event])), round);
    }
  }

  private async heed(batch: readonly StoredEvent[], verdict: Outcome, round: Round): Promise<void> {
    if (verdict !== 'sent' && verdict.kind === 'skip') {
      for (const each of batch) round.skipped.add(keyOf(each));
      return;
    }
    const sentMs = this.platform.nowMs();
    let { events } = this.state;
    for (const each of batch) {
      events = replaced(events, each, verdict === 'sent' ? { ...each, state: 'sent', sentMs } : refused(each, verdict));
    }
    await this.putAll({ ...this.state, events });
  }

  /** @throws Stopped when nothing goes just now */
  private async attempt(work: () => Promise<void>): Promise<Outcome> {
    try {
      await work();
      return 'sent';
    } catch (error) {
      const verdict = this.platform.verdictOn(error);
      if (verdict.kind === 'stop') throw new Stopped(verdict.trouble);
      return verdict;
    }
  }

  private nextBatch({ skipped }: Round): StoredEvent[] {
    return this.state.events
      .filter((each) => each.state === 'waiting' && !skipped.has(keyOf(each)))
      .slice(0, MOST_EVENTS);
  }

  /** Writes what has changed to the device, then shows it. */
  private async putAll(now: Pick<OutboxState, 'events' | 'pictures' | 'rows'>): Promise<void> {
    const { events, pictures, rows } = this.state;
    const transaction = (await this.database).transaction(['events', 'pictures', 'rows'], 'readwrite');
    const changed = <T>(all: readonly T[], before: readonly T[]) => {
      const stood = new Set(before);
      return all.filter((each) => !stood.has(each));
    };
    const puts = [
      ...changed(now.events, events).map((each) => transaction.objectStore('events').put(each)),
      ...changed(now.pictures, pictures).map((each) => transaction.objectStore('pictures').put(each)),
      ...changed(now.rows, rows).map((each) => transaction.objectStore('rows').put(each)),
    ];
    await Promise.all([...puts, transaction.done]);
    this.set({
      events: newest(this.state.events, events, now.events),
      pictures: newest(this.state.pictures, pictures, now.pictures),
      rows: newest(this.state.rows, rows, now.rows),
    });
  }

  private async pause(ms: number): Promise<void> {
    const woken = new Promise<void>((resolve) => (this.wake = resolve));
    await Promise.race([woken, this.platform.wait(ms)]);
    this.wake = undefined;
  }

  private set(change: Partial<OutboxState>): void {
    const was = this.state;
    const next: OutboxState = {
      loaded: change.loaded ?? was.loaded,
      trouble: change.trouble === undefined ? was.trouble : change.trouble,
      events: keepUnchanged(was.events, change.events ?? was.events, orderOf),
      rows: keepUnchanged(was.rows, change.rows ?? was.rows, orderOf),
      pictures: keepUnchanged(was.pictures, change.pictures ?? was.pictures, shaOf, withoutBytes),
    };
    if (Object.entries(next).every(([name, value]) => value === was[name as keyof OutboxState])) return;
    this.state = next;
    for (const listener of this.listeners) listener();
  }
}

/** One go over all that waits. */
interface Round {
  /** What was not taken this time: it is sent again after a pause, and holds nothing up. */
  readonly skipped: Set<string>;
  trouble: SendTrouble | null;
}

/** Nothing goes just now. */
class Stopped extends Error {
  constructor(readonly trouble: SendTrouble) {
    super(trouble.sentence);
  }
}
