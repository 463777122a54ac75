import type { WeatherHour } from '../domain/outing/weather.js';
import type { OutingState, TakenCondition } from '../domain/outing/outingState.js';
import { correctedForecast } from './correctedForecast.js';

const HOUR = 3_600_000;
const hour = (i: number): WeatherHour => ({
  atMs: i * HOUR,
  airC: 20,
  humidity: 0.5,
  windMs: 2,
  windFromDeg: 90,
  cloudOctas: 6,
  pressureHpa: 1010,
  rainMm: 0,
  thunder: false,
});
const note = (hours: number, seen: Partial<TakenCondition>): TakenCondition => ({
  eventId: `n${hours}`,
  source: 'hand',
  atMs: hours * HOUR,
  ...seen,
});
const hours = Array.from({ length: 8 }, (_, i) => hour(i));
const ahead = (conditions: TakenCondition[], forecast: OutingState['forecast'] = { takenAt: '', hours }) =>
  correctedForecast({ forecast, conditions, fromMs: 0, toMs: 7 * HOUR });

test('the forecast stands where nothing but the water was noted', () => {
  expect(ahead([note(1, { waterC: 18 })])).toBe(hours);
});

test('what was noted counts in full for an hour and fades over three', () => {
  const air = ahead([note(1, { airC: 26 })]).map(({ airC }) => airC);
  expect(air).toEqual([26, 26, 26, 24, 22, 20, 20, 20]);
});

test('sky and wind stay within what can be', () => {
  const seen = ahead([note(0, { cloudOctas: 8, windMs: 0 }), note(4, { cloudOctas: 0, windMs: 9 })]);
  expect(seen.every(({ cloudOctas, windMs }) => cloudOctas >= 0 && cloudOctas <= 8 && windMs >= 0)).toBe(true);
  expect([seen[0]?.cloudOctas, seen[4]?.cloudOctas, seen[4]?.windMs]).toEqual([8, 0, 9]);
});

test('without a forecast air and sky noted stand to the end; one of them alone says too little', () => {
  const seen = ahead([note(2, { airC: 24, cloudOctas: 1 }), note(5, { airC: 29 })], null);
  expect(seen.map(({ airC }) => airC)).toEqual([24, 24, 24, 24, 24, 29, 29, 29]);
  expect(seen[7]).toMatchObject({ cloudOctas: 1, windMs: 1.5, thunder: false });
  expect(ahead([note(2, { airC: 24 })], null)).toEqual([]);
});
