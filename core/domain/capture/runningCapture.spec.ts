import fc from 'fast-check';
import { anyHistory, CAPTURE, event } from '../../spec/events.js';
import type { CaptureEvent } from './event.js';
import { RunningCapture } from './runningCapture.js';
import { replay } from './replay.js';

/** Some histories with times put right as well. */
const anyLog = fc
  .tuple(
    anyHistory,
    fc.array(fc.record({ of: fc.nat(), toMs: fc.integer({ min: 0, max: 9_000_000 }) }), { maxLength: 3 }),
  )
  .map(([history, amended]) => {
    const last = history.at(-1)?.elapsedMs ?? 0;
    const amends = amended.flatMap(({ of, toMs }) => {
      const tap = history[of % Math.max(1, history.length)];
      return tap ? [event('time-amended', last + 1000, { eventId: tap.id, toMs, why: 'Tapped late.' })] : [];
    });
    return [...history, ...amends];
  });

test('told one by one, in any order, it is what is told of all at once', () => {
  fc.assert(
    fc.property(
      anyLog.chain((log) => fc.tuple(fc.constant(log), fc.shuffledSubarray(log, { minLength: log.length }), fc.nat())),
      ([log, shuffled, looks]) => {
        const running = new RunningCapture(CAPTURE, []);
        for (const [i, each] of shuffled.entries()) {
          running.add(each);
          // Looked at now and then, as a server does between two requests.
          if (i % ((looks % 4) + 1) === 0) running.state();
        }
        expect(running.state()).toEqual(replay(CAPTURE, log));
      },
    ),
  );
});

test('an event that comes twice counts once', () => {
  const lift = event('lifted', 5000);
  const running = new RunningCapture(CAPTURE, [event('hooked', 0)]);
  running.add(lift);
  running.state();
  running.add({ ...lift });
  expect(running.state().marks).toHaveLength(2);
  expect(running.length).toBe(2);
});

test('what was said of an event before it came holds once it comes', () => {
  const lift = event('lifted', 5000);
  const running = new RunningCapture(CAPTURE, [event('hooked', 0), event('undone', 6000, { eventId: lift.id })]);
  running.state();
  running.add(lift);
  expect(running.state().spells).toEqual([{ medium: 'water', fromMs: 0, toMs: null }]);
});

const odd = (type: string, payload: unknown, elapsedMs = 10_000): CaptureEvent =>
  ({ ...event('netted', elapsedMs), type, payload }) as unknown as CaptureEvent;

test.each([
  ['an unknown kind', 'flown', {}],
  ['a kind that every object has', 'toString', {}],
  ['a wound that is a list', 'wound-noted', { wound: [] }],
  ['a weight that is a list', 'reading-taken', { weight: [] }],
  ['a species that is none', 'described', { facts: { species: 'kraken' } }],
  ['no payload', 'seen', null],
  ['an undoing of nothing', 'undone', {}],
])('%s is set aside, at once and told anew, and the rest is told', (_, type, payload) => {
  const strange = odd(type, payload);
  const log = [event('hooked', 0), event('lifted', 5000)];
  const after = event('returned', 20_000);
  const running = new RunningCapture(CAPTURE, log);
  running.state();
  running.add(strange);
  running.add(after);
  const told = running.state();
  expect(told.setAside).toEqual([{ eventId: strange.id, type }]);
  expect(told.spells).toHaveLength(3);
  expect(told).toEqual(replay(CAPTURE, [...log, strange, after]));
});

test('a field that is not known is let through: a newer version may have it', () => {
  expect(replay(CAPTURE, [odd('seen', { sign: 'calm', depthM: 3 })])).toMatchObject({
    signs: ['calm'],
    setAside: [],
  });
});
