import fc from 'fast-check';
import { anyEvent, anyTap, CAPTURE, event } from '../../spec/events.js';
import { clocksAt } from './clocks.js';
import type { CaptureEvent, EventType } from './event.js';
import { lastTap } from './lastTap.js';
import { replay } from './replay.js';
import { summaryOf } from './summary.js';

/** What a bystander with two stopwatches would know. */
interface Bystander {
  nowMs: number;
  endMs: number | null;
  inAir: boolean;
  airMs: number;
  sinceMs: number;
}

/** The device under test: a log that taps are added to. */
interface Device {
  log: CaptureEvent[];
}

/** The taps after which the fish is in the air, in the water, or gone; the others move it nowhere. */
const TO_AIR: readonly EventType[] = ['lifted'];
const TO_WATER: readonly EventType[] = ['returned', 'rested', 'held'];
const AWAY: readonly EventType[] = ['released', 'lost', 'left-as'];

class TapCommand implements fc.Command<Bystander, Device> {
  constructor(
    private readonly tap: { readonly type: EventType; readonly payload: object },
    private readonly gapMs: number,
    private readonly undo: boolean,
  ) {}

  check(): boolean {
    return true;
  }

  run(model: Bystander, device: Device): void {
    model.nowMs += this.gapMs;
    const before = replay(CAPTURE, device.log);
    const made = anyEvent(this.tap, model.nowMs);
    device.log.push(made);
    if (this.undo && lastTap(device.log)?.id === made.id) {
      device.log.push(event('undone', model.nowMs, { eventId: made.id }));
      expect(replay(CAPTURE, device.log)).toEqual(before);
    } else move(model, this.tap.type);
    compare(model, device);
  }

  toString(): string {
    return `${this.tap.type} after ${this.gapMs}${this.undo ? ', undone' : ''}`;
  }
}

function move(model: Bystander, type: EventType): void {
  if (model.endMs !== null) return;
  const leaves = AWAY.includes(type);
  if (model.inAir && (TO_WATER.includes(type) || leaves)) {
    model.airMs += model.nowMs - model.sinceMs;
    model.inAir = false;
  } else if (!model.inAir && TO_AIR.includes(type)) {
    model.inAir = true;
    model.sinceMs = model.nowMs;
  }
  if (leaves) model.endMs = model.nowMs;
}

function compare(model: Bystander, { log }: Device): void {
  const state = replay(CAPTURE, log);
  const clocks = clocksAt(state, model.nowMs);
  const airNowMs = model.inAir ? model.nowMs - model.sinceMs : 0;
  expect(clocks).toMatchObject({ airMs: model.airMs + airNowMs, airNowMs, elapsedMs: model.endMs ?? model.nowMs });
  expect(clocks.airMs + clocks.waterMs).toBe(clocks.elapsedMs);
  for (const ms of Object.values(clocks)) if (typeof ms === 'number') expect(ms).toBeGreaterThanOrEqual(0);
  expect(state.outcome === 'open').toBe(model.endMs === null);
}

const commands = fc.commands(
  [
    fc
      .tuple(anyTap, fc.integer({ min: 0, max: 900_000 }), fc.boolean())
      .map(([tap, gapMs, undo]) => new TapCommand(tap, gapMs, undo)),
  ],
  { maxCommands: 40 },
);

test('thousands of histories agree with a bystander who has two stopwatches; undo is an exact inverse', () => {
  let histories = 0;
  fc.assert(
    fc.property(commands, (taps) => {
      histories += 1;
      fc.modelRun(
        () => ({
          model: { nowMs: 0, endMs: null, inAir: false, airMs: 0, sinceMs: 0 },
          real: { log: [event('hooked', 0)] },
        }),
        taps,
      );
    }),
    { numRuns: 2000 },
  );
  expect(histories).toBeGreaterThanOrEqual(2000);
});

test('two devices converge, whatever is late, doubled or out of order', () => {
  const histories = fc.array(
    fc.record({ tap: anyTap, gapMs: fc.integer({ min: 0, max: 90_000 }), tablet: fc.boolean() }),
    {
      minLength: 1,
      maxLength: 25,
    },
  );
  fc.assert(
    fc.property(histories, fc.infiniteStream(fc.nat({ max: 1000 })), (taps, luck) => {
      let atMs = 0;
      const log = [event('hooked', 0)];
      for (const { tap, gapMs, tablet } of taps) {
        atMs += gapMs;
        log.push({ ...anyEvent(tap, atMs), deviceId: tablet ? 'tablet' : 'phone' });
      }
      const arrives = () =>
        [...log, ...log].map((each) => [luck.next().value as number, each] as const).sort(([a], [b]) => a - b);
      const [phone, tablet] = [arrives(), arrives()].map((order) =>
        replay(
          CAPTURE,
          order.map(([, each]) => each),
        ),
      );
      expect(phone).toEqual(tablet);
      expect(JSON.stringify(phone && summaryOf(phone))).toBe(JSON.stringify(tablet && summaryOf(tablet)));
    }),
    { numRuns: 1000 },
  );
});
