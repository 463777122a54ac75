import { MOST_EVENTS } from '@keeper/contract/limits';
import { subjectOf, type LoggedEvent } from '@keeper/core/outing/event';
import type { DeviceDatabase, SendState, StoredEvent, StoredPicture, StoredRow } from './deviceStore.js';

/** What the server has taken, so that what was read of it is read again. */
export interface Sent {
  /** Captures and outings. */
  readonly subjects: readonly string[];
  readonly rows: readonly StoredRow['kind'][];
}

/** How the outbox reaches the world; handed in, so that it can be tested without one. */
export interface OutboxPlatform {
  sendEvents(events: readonly LoggedEvent[]): Promise<void>;
  sendPicture(picture: StoredPicture): Promise<void>;
  sendRow(row: StoredRow): Promise<void>;
  /** A sentence when the server will never take it; undefined when it is worth trying again. */
  refusal(error: unknown): string | undefined;
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
  /** The last attempt did not reach the server. */
  readonly unreachable: boolean;
}

const FIRST_PAUSE_MS = 500;
const LONGEST_PAUSE_MS = 15_000;

/**
 * Everything tapped and taken on this device, kept in IndexedDB before the screen acknowledges it, and sent in order until
 * the server has it.
 */
export class Outbox {
  private state: OutboxState = { loaded: false, events: [], pictures: [], rows: [], unreachable: false };
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

  /** Keeps events. Resolves once they are on the disk of the device; sending goes on by itself. */
  async append(events: readonly LoggedEvent[]): Promise<void> {
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
   * Keeps a row as it was written. Resolves once it is on the disk of the device. Writing the same row again before the server has
   * answered follows on the first writing: one device is never its own rival.
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
      // Another tab may have sent or added since.
      await this.load();
      try {
        await this.sendWaiting();
        pauseMs = FIRST_PAUSE_MS;
        this.set({ unreachable: false });
      } catch {
        this.set({ unreachable: true });
        await this.pause(pauseMs);
        pauseMs = Math.min(2 * pauseMs, LONGEST_PAUSE_MS);
        this.asked = true;
      }
    }
  }

  private async sendWaiting(): Promise<void> {
    // Rows first: what is logged may name a water or a swim that was made a moment before.
    for (const row of this.state.rows.filter(({ state }) => state === 'waiting')) {
      const problem = await this.attempt(() => this.platform.sendRow(row));
      if (problem === undefined) {
        await this.onSent({ subjects: [], rows: [row.kind] });
        await this.dropRow(row.order);
      } else {
        await this.markRow(row, problem);
        // What stands there instead is read anew, to be shown beside it.
        void this.onSent({ subjects: [], rows: [row.kind] });
      }
    }
    for (let batch = this.nextBatch(); batch.length > 0; batch = this.nextBatch()) {
      const sent = batch.map(({ event }) => event);
      const problem = await this.attempt(() => this.platform.sendEvents(sent));
      if (problem !== undefined && batch.length > 1) await this.sendOneByOne(batch);
      else await this.markEvents(batch, problem === undefined ? 'sent' : 'refused', problem);
      void this.onSent({ subjects: [...new Set(sent.map(subjectOf))], rows: [] });
    }
    for (const picture of this.state.pictures.filter(({ state }) => state === 'waiting')) {
      const problem = await this.attempt(() => this.platform.sendPicture(picture));
      await this.markPicture(picture, problem === undefined ? 'sent' : 'refused', problem);
      void this.onSent({ subjects: [picture.captureId], rows: [] });
    }
  }

  /** One bad event must not hold back the good ones that were sent with it. */
  private async sendOneByOne(batch: readonly StoredEvent[]): Promise<void> {
    for (const each of batch) {
      const problem = await this.attempt(() => this.platform.sendEvents([each.event]));
      await this.markEvents([each], problem === undefined ? 'sent' : 'refused', problem);
    }
  }

  private async attempt(work: () => Promise<void>): Promise<string | undefined> {
    try {
      await work();
      return undefined;
    } catch (error) {
      const sentence = this.platform.refusal(error);
      if (sentence === undefined) throw error;
      return sentence;
    }
  }

  private nextBatch(): StoredEvent[] {
    return this.state.events.filter(({ state }) => state === 'waiting').slice(0, MOST_EVENTS);
  }

  private async markEvents(batch: readonly StoredEvent[], state: SendState, problem?: string): Promise<void> {
    const sentMs = this.platform.nowMs();
    const how = { state, ...(state === 'sent' && { sentMs }), ...(problem && { problem }) };
    const marked = new Map(batch.map((each) => [each.order, { ...each, ...how }]));
    const transaction = (await this.database).transaction('events', 'readwrite');
    for (const each of marked.values()) await transaction.store.put(each);
    await transaction.done;
    this.set({ events: this.state.events.map((each) => marked.get(each.order) ?? each) });
  }

  private async markPicture(picture: StoredPicture, state: SendState, problem?: string): Promise<void> {
    const marked = { ...picture, state, ...(problem && { problem }) };
    await (await this.database).put('pictures', marked);
    this.set({ pictures: this.state.pictures.map((each) => (each.sha256 === picture.sha256 ? marked : each)) });
  }

  private async markRow(row: StoredRow, problem: string): Promise<void> {
    const marked: StoredRow = { ...row, state: 'refused', problem };
    await (await this.database).put('rows', marked);
    this.set({ rows: this.state.rows.map((each) => (each.order === row.order ? marked : each)) });
  }

  private async pause(ms: number): Promise<void> {
    const woken = new Promise<void>((resolve) => (this.wake = resolve));
    await Promise.race([woken, this.platform.wait(ms)]);
    this.wake = undefined;
  }

  private set(change: Partial<OutboxState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }
}
