import type { WeatherHour } from '../domain/outing/weather.js';
import { whyNotBelieved } from './weatherService.js';

const HOUR = 3_600_000;
const hour = (i: number, more: Partial<WeatherHour> = {}): WeatherHour => ({
  atMs: i * HOUR,
  airC: 15,
  humidity: 0.6,
  windMs: 2,
  windFromDeg: 200,
  cloudOctas: 4,
  pressureHpa: 1013,
  rainMm: 0,
  thunder: false,
  ...more,
});
const why = (...hours: WeatherHour[]) => whyNotBelieved(hours)?.code ?? null;

test('a forecast of hours in order is believed, one hour alone too', () => {
  expect(why(hour(0))).toBeNull();
  expect(why(hour(0), hour(1), hour(3))).toBeNull();
  // Long before 1970 an hour is as good as another.
  expect(why(hour(-5), hour(-4))).toBeNull();
});

test('no hours are no forecast, and hours out of order neither', () => {
  expect(why()).toBe('weather.forecastEmpty');
  expect(why(hour(1), hour(1))).toBe('weather.forecastOutOfOrder');
  expect(why(hour(1), hour(0))).toBe('weather.forecastOutOfOrder');
  expect(why(hour(0), hour(1), hour(1, { atMs: NaN }))).toBe('weather.forecastOutOfOrder');
  expect(why(hour(0, { atMs: Infinity }))).toBe('weather.forecastOutOfOrder');
});

test.each([
  ['airC', -60, 60, 0.1],
  ['humidity', 0, 1, 0.01],
  ['windMs', 0, 40, 0.1],
  ['windFromDeg', 0, 360, 1],
  ['cloudOctas', 0, 8, 1],
  ['pressureHpa', 850, 1100, 1],
  ['rainMm', 0, 200, 0.1],
] as const)('%s is believed from %d to %d', (name, least, most, step) => {
  for (const value of [least, most]) expect(why(hour(0), hour(1, { [name]: value }))).toBeNull();
  for (const value of [least - step, most + step, NaN, '7' as unknown as number])
    expect(whyNotBelieved([hour(0), hour(1, { [name]: value })])).toMatchObject({
      code: 'weather.forecastNonsense',
      values: { name, value },
    });
});
