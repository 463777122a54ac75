import { cpSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { idMaker } from '@keeper/core/domain/capture/eventId';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { createRng, type Rng } from '@keeper/core/statistics/rng';
import { makeSmallDisk, type SmallDisk } from './smallDisk.js';
import { startServer, type HowToStart, type StressedServer } from './stressedServer.js';

/** What can befall a server and its book. */
export const FAULTS = [
  'killed',
  'killed-while-writing',
  'answer-lost',
  'sent-twice',
  'disk-full',
  'read-only',
  'damaged',
  'two-servers',
  'clock-moved',
  'folder-moved',
  'folder-deleted',
] as const;
export type Fault = (typeof FAULTS)[number];

export interface FaultResult {
  readonly happened: Readonly<Partial<Record<Fault, number>>>;
  readonly notTried: readonly Fault[];
  /** How many events were acknowledged in all. */
  readonly acknowledged: number;
  readonly lost: number;
  readonly doubled: number;
  readonly changed: number;
  /** What else was not as it should be, in words. */
  readonly wrong: readonly string[];
}

const DISK_MB = 48;
/** Fish go on being caught in a few captures at a time. */
const CAPTURES = 6;

/** Moves what a process takes for the time: `--import` of this before the server. */
const CLOCK = `const shift = Number(process.env.KEEPER_CLOCK_SHIFT_MS);
const Real = Date;
globalThis.Date = class extends Real {
  constructor(...args) { args.length === 0 ? super(Real.now() + shift) : super(...args); }
  static now() { return Real.now() + shift; }
};
`;

/**
 * Sends taps to a server while faults befall it and its book, one after the other. A tap counts as kept once it was
 * acknowledged; after each fault the book is read and compared with all that was acknowledged.
 */
export class Faults {
  private readonly luck: Rng;
  private readonly newId: () => string;
  private readonly acknowledged = new Map<string, CaptureEvent>();
  private waiting: CaptureEvent[] = [];
  private captures: { id: string; atMs: number; elapsedMs: number }[] = [];
  private readonly happened: Partial<Record<Fault, number>> = {};
  private readonly wrong: string[] = [];
  private lost = 0;
  private doubled = 0;
  private changed = 0;
  private wallMs = Date.UTC(2026, 5, 1, 5);
  private server: StressedServer | undefined;

  private constructor(
    private readonly root: string,
    seed: string,
    private readonly work: string,
    private readonly disk: SmallDisk | undefined,
  ) {
    this.luck = createRng(`faults ${seed}`);
    this.newId = idMaker({
      wallMs: () => this.wallMs,
      randomBytes: (length) => Uint8Array.from({ length }, () => this.luck.whole(0, 255)),
    });
  }

  /**
   * So many faults, one after the other, in a folder to work in. Those that this system does not allow are left out,
   * and named.
   */
  static async befall(root: string, seed: string, count: number, work: string): Promise<FaultResult> {
    const disk = await makeSmallDisk(DISK_MB);
    const faults = new Faults(root, seed, work, disk);
    const notTried = disk ? [] : (['disk-full', 'read-only'] as const);
    const kinds = FAULTS.filter((fault) => !notTried.some((each) => each === fault));
    try {
      for (let i = 0; i < count; i += 1) {
        // Each kind in turn, so that a short run has them all.
        await faults.one(kinds[i % kinds.length] ?? 'killed');
      }
      await faults.server?.end('SIGTERM');
    } finally {
      await faults.server?.end('SIGKILL');
      disk?.remove();
    }
    const { happened, lost, doubled, changed, wrong } = faults;
    return { happened, notTried, lost, doubled, changed, wrong, acknowledged: faults.acknowledged.size };
  }

  private get folder(): string {
    return this.disk ? join(this.disk.folder, 'book') : join(this.work, 'book');
  }

  /** The folder as this process sees it. */
  private get seen(): string {
    return this.disk ? join(this.disk.seen, 'book') : this.folder;
  }

  private async one(fault: Fault): Promise<void> {
    const server = await this.running();
    await this.send(server, this.taps(this.luck.whole(1, 6)));
    await this[WAYS[fault]](server);
    await this.check(fault);
    this.happened[fault] = (this.happened[fault] ?? 0) + 1;
  }

  async kill(server: StressedServer): Promise<void> {
    await server.end('SIGKILL');
  }

  async killWhileWriting(server: StressedServer): Promise<void> {
    const sending = this.send(server, this.taps(this.luck.whole(5, 40)));
    await new Promise((resolve) => setTimeout(resolve, this.luck.between(0, 12)));
    await server.end('SIGKILL');
    await sending;
  }

  async loseAnswer(server: StressedServer): Promise<void> {
    const taps = this.taps(this.luck.whole(1, 10));
    const gone = new AbortController();
    const sending = fetch(`${server.url}/api/events`, { ...post(taps), signal: gone.signal }).catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, this.luck.between(0, 6)));
    gone.abort();
    await sending;
    // Nobody knows whether it was written: the device sends it again.
    await this.send(server, []);
  }

  async sendTwice(server: StressedServer): Promise<void> {
    const known = [...this.acknowledged.values()].slice(-this.luck.whole(1, 30));
    const answers = await Promise.all([
      fetch(`${server.url}/api/events`, post(known)),
      fetch(`${server.url}/api/events`, post(known.toReversed())),
    ]);
    if (answers.some(({ status }) => status !== 201)) this.wrong.push('What was sent twice was not taken for known.');
  }

  async fillDisk(server: StressedServer): Promise<void> {
    this.disk?.fill();
    // A log has room within its pages for a while.
    let refused: { status: number; code?: string } | undefined;
    for (let i = 0; i < 60 && !refused; i += 1) {
      const status = await this.send(server, this.taps(20));
      if (status !== 201) refused = { status };
    }
    if (refused?.status !== 503) this.wrong.push(`A full disk was answered with ${refused?.status ?? 201}.`);
    const health = (await (await fetch(`${server.url}/api/health`)).json()) as { code?: string };
    if (health.code !== 'disk-full') this.wrong.push(`Health says ${health.code ?? 'well'} on a full disk.`);
    this.disk?.empty();
    const after = await fetch(`${server.url}/api/health`);
    if (after.status !== 200) this.wrong.push('With room again the book is not well.');
  }

  async makeReadOnly(server: StressedServer): Promise<void> {
    await server.end('SIGTERM');
    if (!this.disk?.setReadOnly(true)) this.wrong.push('The disk could not be made read-only.');
    const said = await this.failsToStart();
    if (!/cannot be (kept|written|opened)|read-only/i.test(said))
      this.wrong.push(`Read-only, it says: ${said.slice(0, 200)}`);
    this.disk?.setReadOnly(false);
  }

  async damage(server: StressedServer): Promise<void> {
    await server.end(this.luck.next() < 0.5 ? 'SIGTERM' : 'SIGKILL');
    const book = join(this.seen, 'book.sqlite');
    const kept = join(this.seen, '..', 'kept');
    rmSync(kept, { recursive: true, force: true });
    cpSync(this.seen, kept, { recursive: true });
    const bytes = readFileSync(book);
    const how = this.luck.whole(0, 3);
    if (how === 0) writeFileSync(book, '');
    else if (how === 1) rmSync(book);
    else {
      const at = how === 2 ? 0 : this.luck.whole(0, bytes.length - 64);
      bytes.fill(this.luck.whole(0, 255), at, at + 64);
      writeFileSync(book, bytes);
    }
    const held = await this.startedOver();
    // Never anew in silence: either it does not start and says why, or what it has is no less than it was.
    if (held !== undefined && held < this.captureCount() && how < 2) this.wrong.push('A damaged book was begun anew.');
    await this.server?.end('SIGKILL');
    this.server = undefined;
    rmSync(this.seen, { recursive: true, force: true });
    renameSync(kept, this.seen);
  }

  async startSecond(server: StressedServer): Promise<void> {
    const said = await this.failsToStart();
    if (!said.includes('Another server has the book')) this.wrong.push(`A second server says: ${said.slice(0, 200)}`);
    if ((await this.send(server, this.taps(3))) !== 201) this.wrong.push('The first server was disturbed by a second.');
  }

  async moveClock(server: StressedServer): Promise<void> {
    await server.end('SIGTERM');
    const script = join(this.work, 'clock.mjs');
    writeFileSync(script, CLOCK);
    const shiftMs = this.luck.pick([-30, -3, -1, 1, 3, 20]) * 365 * 24 * 3_600_000;
    this.wallMs += this.luck.pick([-1, 1]) * this.luck.whole(1, 400) * 24 * 3_600_000;
    this.server = await this.start({
      nodeOptions: ['--import', script],
      env: { KEEPER_CLOCK_SHIFT_MS: String(shiftMs) },
    });
    if ((await this.send(this.server, this.taps(5))) !== 201) this.wrong.push('With another clock a tap was refused.');
    await this.server.end('SIGTERM');
    this.server = undefined;
  }

  async moveFolder(server: StressedServer): Promise<void> {
    const away = `${this.seen}-away`;
    renameSync(this.seen, away);
    if ((await this.send(server, this.taps(3))) !== 503) this.wrong.push('With its folder gone the server took a tap.');
    renameSync(away, this.seen);
    if ((await this.send(server, [])) !== 201) this.wrong.push('With its folder back the server took nothing.');
  }

  async deleteFolder(server: StressedServer): Promise<void> {
    const kept = join(this.seen, '..', 'kept');
    rmSync(kept, { recursive: true, force: true });
    // As a backup that was made while the server rested.
    await server.end('SIGTERM');
    cpSync(this.seen, kept, { recursive: true });
    this.server = await this.start({});
    rmSync(this.seen, { recursive: true, force: true });
    if ((await this.send(this.server, this.taps(3))) !== 503)
      this.wrong.push('With its book deleted the server took a tap.');
    await this.server.end('SIGTERM');
    this.server = undefined;
    rmSync(this.seen, { recursive: true, force: true });
    renameSync(kept, this.seen);
  }

  private async running(): Promise<StressedServer> {
    if (!this.server || this.server.process.exitCode !== null || this.server.process.signalCode !== null) {
      this.server = await this.start({});
    }
    return this.server;
  }

  private start(how: HowToStart): Promise<StressedServer> {
    mkdirSync(this.seen, { recursive: true });
    return startServer(this.root, this.folder, { ...how, ...(this.disk && { before: this.disk.before }) });
  }

  /** What a server says that does not come up; empty when it does. */
  private async failsToStart(): Promise<string> {
    try {
      const server = await this.start({});
      await server.end('SIGKILL');
      return '';
    } catch (cause) {
      return cause instanceof Error ? cause.message : String(cause);
    }
  }

  /** How many captures a book has that was tampered with; undefined when it is not opened. */
  private async startedOver(): Promise<number | undefined> {
    try {
      this.server = await this.start({});
    } catch (cause) {
      const said = cause instanceof Error ? cause.message : '';
      if (!/damaged|no book|malformed|disk image/i.test(said))
        this.wrong.push(`Damaged, it says: ${said.slice(0, 300)}`);
      return undefined;
    }
    const answer = await fetch(`${this.server.url}/api/captures/tally`);
    if (answer.status === 503) return undefined;
    return ((await answer.json()) as { captures: number }).captures;
  }

  private captureCount(): number {
    return new Set([...this.acknowledged.values()].map(({ captureId }) => captureId)).size;
  }

  /** Further taps of the fish that are on. */
  private taps(count: number): CaptureEvent[] {
    return Array.from({ length: count }, () => this.tap());
  }

  private tap(): CaptureEvent {
    const { luck } = this;
    this.wallMs += luck.whole(100, 20_000);
    if (this.captures.length < CAPTURES || luck.next() < 0.05) {
      const begun = { id: this.newId(), atMs: this.wallMs, elapsedMs: 0 };
      this.captures = [...this.captures, begun].slice(-CAPTURES);
      return this.event(begun, 'hooked', {});
    }
    const on = luck.pick(this.captures);
    on.elapsedMs += luck.whole(100, 20_000);
    const [type, payload] = luck.pick([
      ['lifted', {}],
      ['returned', {}],
      ['netted', {}],
      ['gill-beat', { perMinute: luck.whole(20, 90) }],
      [
        'described',
        { facts: { species: luck.pick(['carp', 'pike', 'barbel']), note: `Entry ${luck.whole(0, 999)}.` } },
      ],
      ['reading-taken', { weight: { asRead: { unit: 'oz', count: luck.whole(20, 600) }, method: 'zeroed' } }],
    ] as const);
    return this.event(on, type, payload);
  }

  private event(of: { id: string; elapsedMs: number }, type: string, payload: object): CaptureEvent {
    const at = new Date(this.wallMs).toISOString();
    return {
      id: this.newId(),
      captureId: of.id,
      deviceId: 'phone',
      at,
      elapsedMs: of.elapsedMs,
      type,
      payload,
    } as CaptureEvent;
  }

  /**
   * Sends what waits and some more, as an outbox does: what is not acknowledged goes on waiting. Returns the last
   * status, 0 for none.
   */
  private async send({ url }: StressedServer, taps: readonly CaptureEvent[]): Promise<number> {
    this.waiting.push(...taps);
    let status = 201;
    while (this.waiting.length > 0) {
      const batch = this.waiting.slice(0, 50);
      const answer = await fetch(`${url}/api/events`, post(batch)).catch(() => undefined);
      // The whole answer must be there: half of one acknowledges nothing.
      const whole: unknown = await answer?.json().catch(() => undefined);
      status = whole === undefined ? 0 : (answer?.status ?? 0);
      if (status !== 201) return status;
      for (const event of batch) this.acknowledged.set(event.id, event);
      this.waiting = this.waiting.slice(batch.length);
    }
    return status;
  }

  /** Holds the book against all that was acknowledged. */
  private async check(after: Fault): Promise<void> {
    const { url } = await this.running();
    const captures = new Map<string, CaptureEvent[]>();
    for (const event of this.acknowledged.values()) {
      captures.set(event.captureId, [...(captures.get(event.captureId) ?? []), event]);
    }
    // Those that nothing was tapped on for long were looked at before.
    for (const [captureId, events] of [...captures].slice(-2 * CAPTURES)) {
      const answer = await fetch(`${url}/api/captures/${captureId}`);
      const kept = answer.status === 200 ? ((await answer.json()) as { events: CaptureEvent[] }).events : [];
      const byId = new Map(kept.map((event) => [event.id, event]));
      this.doubled += kept.length - byId.size;
      for (const event of events) {
        const found = byId.get(event.id);
        if (!found) {
          this.lost += 1;
          this.wrong.push(`Lost after ${after}: ${event.id} (${event.type}).`);
        } else if (JSON.stringify(found.payload) !== JSON.stringify(event.payload) || found.at !== event.at)
          this.changed += 1;
      }
    }
  }
}

const WAYS = {
  killed: 'kill',
  'killed-while-writing': 'killWhileWriting',
  'answer-lost': 'loseAnswer',
  'sent-twice': 'sendTwice',
  'disk-full': 'fillDisk',
  'read-only': 'makeReadOnly',
  damaged: 'damage',
  'two-servers': 'startSecond',
  'clock-moved': 'moveClock',
  'folder-moved': 'moveFolder',
  'folder-deleted': 'deleteFolder',
} as const satisfies Record<Fault, keyof Faults>;

function post(events: readonly CaptureEvent[]): RequestInit {
  return { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ events }) };
}
