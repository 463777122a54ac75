import { conditionsAtTake } from './conditionsAtTake.js';
import type { WeatherHour } from '../domain/outing/weather.js';
import type { OutingEvent, OutingPayloads } from '../domain/outing/event.js';
import { replayOuting } from '../domain/outing/outingState.js';

const position = { latitudeDeg: 52, longitudeDeg: 0 };
const NOON_MS = Date.UTC(2026, 6, 15, 12);
const MIDNIGHT_MS = Date.UTC(2026, 6, 15, 0);
const iso = (atMs: number) => new Date(atMs).toISOString();

function outing(atMs: number, companions: number, more: [keyof OutingPayloads, object][] = []) {
  const planned = {
    waterId: 'w1',
    fromAt: iso(atMs - 3_600_000),
    toAt: iso(atMs + 3_600_000),
    companions,
    expected: [],
  };
  const events = [['outing-planned', planned] as const, ...more].map(
    ([type, payload], i) =>
      ({ id: `e${i}`, outingId: 'o1', deviceId: 'd', at: iso(atMs - 60_000 + i), type, payload }) as OutingEvent,
  );
  return replayOuting('o1', events);
}
const hour = (atMs: number): WeatherHour => ({
  atMs,
  airC: 20,
  humidity: 0.6,
  windMs: 2,
  windFromDeg: 0,
  cloudOctas: 1,
  pressureHpa: 1013,
  rainMm: 0,
  thunder: true,
});

test('what was measured goes with the fish, and what was not is left out', () => {
  const measured: [keyof OutingPayloads, object][] = [
    [
      'condition-taken',
      { source: 'hand', waterC: 17.5, oxygenMgL: 8.1, depth: 'surface', when: iso(NOON_MS - 60_000) },
    ],
  ];
  expect(conditionsAtTake(outing(NOON_MS, 1, measured), position, NOON_MS)).toEqual({
    waterC: 17.5,
    oxygenMgL: 8.1,
    companions: 1,
  });
  expect(conditionsAtTake(outing(NOON_MS, 0), position, NOON_MS)).toEqual({ companions: 0 });
});

test('the dark is known from place and hour', () => {
  expect(conditionsAtTake(outing(MIDNIGHT_MS, 0), position, MIDNIGHT_MS).dark).toBe(true);
  expect(conditionsAtTake(outing(MIDNIGHT_MS, 0), null, MIDNIGHT_MS).dark).toBeUndefined();
});

test('the air goes with the fish where it was measured, and only there', () => {
  const air: [keyof OutingPayloads, object][] = [
    ['condition-taken', { source: 'hand', airC: 21.5, when: iso(NOON_MS - 60_000) }],
  ];
  expect(conditionsAtTake(outing(NOON_MS, 0, air), position, NOON_MS)).toEqual({ airC: 21.5, companions: 0 });
});

test.each([
  [-60, false],
  [-59, true],
  [60, true],
  [61, false],
])('thunder forecast for %i minutes from now counts: %s', (minutes, counts) => {
  const forecast: [keyof OutingPayloads, object][] = [
    ['forecast-taken', { hours: [hour(NOON_MS + minutes * 60_000)] }],
  ];
  expect(conditionsAtTake(outing(NOON_MS, 0, forecast), position, NOON_MS).thunder ?? false).toBe(counts);
});
