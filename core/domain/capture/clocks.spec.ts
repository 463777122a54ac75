import { CAPTURE, event } from '../../spec/events.js';
import { clocksAt } from './clocks.js';
import { replay } from './replay.js';

const at = (nowMs: number, ...events: Parameters<typeof replay>[1]) => clocksAt(replay(CAPTURE, events), nowMs);

test('before the take every clock stands at nothing', () => {
  expect(at(5000)).toEqual({
    elapsedMs: 0,
    fightMs: 0,
    airMs: 0,
    airNowMs: 0,
    longestAirMs: 0,
    waterMs: 0,
    medium: null,
  });
});

test('while it is played the fight runs; the net ends it', () => {
  expect(at(90_000, event('hooked', 0))).toMatchObject({ fightMs: 90_000, medium: 'water', waterMs: 90_000 });
  expect(at(200_000, event('hooked', 0), event('netted', 120_000)).fightMs).toBe(120_000);
});

test('a lift with no net tapped ends the fight too', () => {
  expect(at(200_000, event('hooked', 0), event('lifted', 150_000)).fightMs).toBe(150_000);
});

test('in the air this spell is told from all of them', () => {
  const events = [event('hooked', 0), event('lifted', 10_000), event('returned', 40_000), event('lifted', 100_000)];
  expect(at(112_000, ...events)).toMatchObject({
    airNowMs: 12_000,
    airMs: 42_000,
    longestAirMs: 30_000,
    medium: 'air',
  });
});

test('released in the air: the fish is in the water, and its clock stands', () => {
  const events = [event('hooked', 0), event('lifted', 10_000), event('released', 25_000)];
  expect(at(9_000_000, ...events)).toMatchObject({ airNowMs: 0, airMs: 15_000, elapsedMs: 25_000, medium: 'water' });
});

test('a clock that is read too early never runs backwards', () => {
  expect(at(1000, event('hooked', 0), event('lifted', 10_000))).toMatchObject({ elapsedMs: 10_000, airNowMs: 0 });
});

test('what is tapped after the release opens no clock again', () => {
  const events = [event('hooked', 0), event('released', 60_000), event('lifted', 90_000), event('lost', 95_000)];
  expect(at(100_000, ...events)).toMatchObject({ elapsedMs: 60_000, airMs: 0 });
});
