import { readProbePacket, settledTemperature } from '@keeper/core/weather/probeTemperature';
import { whyNotBelieved } from '@keeper/core/weather/weatherService';
import type { DayKind } from '@keeper/core/weather/standinDay';
import { standinProbe } from './probe.js';
import { dayKindOf, standinHour, standinWaterC, standinWeather } from './weather.js';

const HERE = { latitudeDeg: 46.7, longitudeDeg: -22.4 };
const NOON = (month: number) => Date.UTC(2026, month, 15, 13, 30);
const never = () => new Promise<void>(() => undefined);
const day = (kind: DayKind, month = 6) =>
  Array.from({ length: 24 }, (_, hour) => standinHour(Date.UTC(2026, month, 15, hour), HERE, kind));
const warmest = (kind: DayKind, month?: number) => Math.max(...day(kind, month).map(({ airC }) => airC));
const coldest = (kind: DayKind, month?: number) => Math.min(...day(kind, month).map(({ airC }) => airC));

test('days are plausible, and the same each time', () => {
  for (const kind of ['mild', 'heatwave', 'frost', 'thunder', 'grey', 'as-it-falls'] as const) {
    for (let month = 0; month < 12; month += 1) expect(whyNotBelieved(day(kind, month))).toBeNull();
    expect(day(kind)).toEqual(day(kind));
  }
  expect(warmest('heatwave')).toBeGreaterThan(30);
  expect(warmest('heatwave')).toBeLessThan(40);
  expect(coldest('frost', 0)).toBeLessThan(0);
  expect(warmest('mild')).toBeLessThan(27);
  expect(day('thunder').some(({ thunder }) => thunder)).toBe(true);
});

test('it is coolest towards sunrise and warmest in the afternoon, by the sun of the place', () => {
  const air = day('heatwave').map(({ airC }) => airC);
  expect(Math.abs(air.indexOf(Math.max(...air)) - 16.5)).toBeLessThan(2.5);
  expect(Math.abs(air.indexOf(Math.min(...air)) - 6.5)).toBeLessThan(2.5);
});

test('heatwaves fall in summer and frosts in winter', () => {
  const kinds = (month: number) =>
    Array.from({ length: 28 }, (_, i) => dayKindOf(Date.UTC(2026, month, i + 1, 12), HERE));
  expect(kinds(6)).toContain('heatwave');
  expect(kinds(6)).not.toContain('frost');
  expect(kinds(0)).toContain('frost');
  expect(kinds(0)).not.toContain('heatwave');
});

test('the water of a hot day is too warm for pike, of a mild one not', () => {
  expect(standinWaterC(NOON(6), HERE, 'heatwave')).toBeGreaterThan(22);
  expect(standinWaterC(NOON(6), HERE, 'mild')).toBeLessThan(21);
  expect(standinWaterC(NOON(0), HERE, 'frost')).toBeGreaterThan(0);
});

describe('the weather service', () => {
  const wanted = { position: HERE, fromMs: NOON(6), hours: 6 };
  test('gives the hours that were asked for, the begun one first', async () => {
    const hours = await standinWeather('mild', 'well', never).forecast(wanted);
    expect(hours.map(({ atMs }) => atMs)).toEqual([0, 1, 2, 3, 4, 5].map((i) => Date.UTC(2026, 6, 15, 13 + i)));
  });
  test('fails, lags or gives nonsense when it is told to, and nonsense is not believed', async () => {
    await expect(standinWeather('mild', 'fails', never).forecast(wanted)).rejects.toThrow('does not answer');
    const waits: number[] = [];
    await standinWeather('mild', 'late', (ms) => Promise.resolve(void waits.push(ms))).forecast(wanted);
    expect(waits[0]).toBeGreaterThan(10_000);
    const nonsense = await standinWeather('mild', 'nonsense', never).forecast(wanted);
    expect(whyNotBelieved(nonsense)).toEqual({
      code: 'weather.forecastNonsense',
      values: { value: 483, name: 'airC' },
    });
  });
  test('what is out of order or missing is not believed either', () => {
    const [a, b] = day('mild');
    expect(whyNotBelieved([])?.code).toBe('weather.forecastEmpty');
    expect(a && b && whyNotBelieved([b, a])).toEqual({ code: 'weather.forecastOutOfOrder' });
    expect(a && whyNotBelieved([{ ...a, humidity: Number.NaN }])).toEqual({
      code: 'weather.forecastNonsense',
      values: { value: Number.NaN, name: 'humidity' },
    });
  });
});

describe('the probe', () => {
  const truth = { waterC: 18.4, airC: 27, seed: 'probe' };
  async function packets(behaviour: Parameters<typeof standinProbe>[1], count: number): Promise<DataView[]> {
    const got: DataView[] = [];
    await standinProbe(truth, behaviour, {
      wait: never,
      every: (_ms, tick) => {
        for (let i = 0; i < count; i += 1) tick();
        return () => undefined;
      },
    }).connect({ onPacket: (packet) => got.push(packet), onGone: () => undefined });
    return got;
  }
  test('comes from the air to the water and settles on it', async () => {
    const readings = (await packets('well', 60)).map((packet) => {
      const answer = readProbePacket(packet);
      return answer.ok ? answer.value : NaN;
    });
    expect(readings[0]).toBeCloseTo(27, 0);
    expect(settledTemperature(readings.slice(0, 8))).toBeNull();
    expect(settledTemperature(readings)).toBeCloseTo(18.4, 1);
  });
  test('no packet of its nonsense becomes a number', async () => {
    for (const packet of await packets('nonsense', 9)) expect(readProbePacket(packet).ok).toBe(false);
  });
  test('fails with a sentence', async () => {
    await expect(packets('fails', 1)).rejects.toThrow('No probe answers');
  });
});
