import { firstTime, heatClocks, heatForecast, soakLastsMs, type HeatForecastInput } from './heatForecast.js';
import { meanAirC, type WeatherHour } from '../domain/outing/weather.js';

const HOUR = 3_600_000;
const SUNRISE = Date.UTC(2026, 6, 15, 5);

/** A day whose air swings between two temperatures, coolest at 5 and warmest at 15 hours of UTC. */
function day(lowC: number, highC: number, cloudOctas = 0): WeatherHour[] {
  return Array.from({ length: 24 }, (_, i) => ({
    atMs: SUNRISE + i * HOUR,
    airC: (lowC + highC) / 2 - ((highC - lowC) / 2) * Math.cos((Math.PI * Math.min(i, 20 - i)) / 10),
    humidity: 0.5,
    windMs: 1.5,
    windFromDeg: 180,
    cloudOctas,
    pressureHpa: 1018,
    rainMm: 0,
    thunder: false,
  }));
}

const hot: HeatForecastInput = {
  fromMs: SUNRISE,
  toMs: SUNRISE + 16 * HOUR,
  position: { latitudeDeg: 46.7, longitudeDeg: 0 },
  facingDeg: 180,
  hours: day(18, 33),
  readings: [{ tempC: 23, atMs: SUNRISE }],
  casters: [],
  mat: { xM: 0, yM: -2 },
  bucket: { xM: 1, yM: -2 },
  face: 'up',
  deeds: [],
};

test('on a hot day the mat burns in the forenoon and the bucket wants changing', () => {
  const clocks = heatClocks(heatForecast(hot));
  expect(clocks.matWarmMs).toBeLessThan(clocks.matBurnsMs ?? 0);
  expect(clocks.matBurnsMs).toBeLessThan(SUNRISE + 6 * HOUR);
  expect(clocks.bucketWarmMs).toBeLessThan(SUNRISE + 8 * HOUR);
  expect(clocks.matDryMs).toBeNull();
});

test('on an overcast mild day neither happens', () => {
  const clocks = heatClocks(
    heatForecast({ ...hot, hours: day(10, 17, 8), readings: [{ tempC: 15.5, atMs: SUNRISE }] }),
  );
  expect(clocks.matBurnsMs).toBeNull();
  expect(clocks.bucketWarmMs).toBeNull();
});

test('turned, shaded or soaked it stays cool, each in its own way', () => {
  const noon = SUNRISE + 7 * HOUR;
  const at = (input: HeatForecastInput) => heatForecast(input).find(({ atMs }) => atMs >= noon + 10 * 60_000);
  const open = at(hot)?.matC ?? 0;
  expect(at({ ...hot, deeds: [{ kind: 'turned', atMs: SUNRISE, face: 'down' }] })?.matC).toBeLessThan(open - 15);
  expect(at({ ...hot, deeds: [{ kind: 'soaked', atMs: noon }] })?.matC).toBeLessThan(open - 15);
  const brolly = { xM: 0, yM: -2, baseHeightM: 1, topHeightM: 6, baseRadiusM: 3, topRadiusM: 3 };
  expect(at({ ...hot, casters: [brolly] })).toMatchObject({ matShaded: true });
});

test('a soaking lasts under an hour and a half at noon, longer at dawn, and its end is on the clock', () => {
  const noon = soakLastsMs(hot, SUNRISE + 7 * HOUR) ?? Infinity;
  const dawn = soakLastsMs(hot, SUNRISE) ?? Infinity;
  expect(noon).toBeLessThan(1.5 * HOUR);
  expect(dawn).toBeGreaterThan(noon);
  const wet = heatForecast({ ...hot, deeds: [{ kind: 'soaked', atMs: SUNRISE + 7 * HOUR }] });
  expect(heatClocks(wet, SUNRISE + 7.2 * HOUR).matDryMs).toBe(SUNRISE + 7 * HOUR + noon);
});

test('a changed bucket begins again at the lake’s temperature', () => {
  const noon = SUNRISE + 7 * HOUR;
  const moments = heatForecast({ ...hot, deeds: [{ kind: 'bucket-changed', atMs: noon }] });
  const changed = moments.find(({ atMs }) => atMs === noon);
  expect(changed?.bucketC).toBe(changed?.waterC);
  expect(firstTime(moments, ({ bucketC, waterC }) => bucketC - waterC > 3, noon)).toBeGreaterThan(noon + 20 * 60_000);
});

test('a reading of the water is carried on to where the outlook begins', () => {
  const later = { ...hot, fromMs: SUNRISE + 8 * HOUR };
  const first = heatForecast(later)[0]?.waterC ?? 0;
  expect(first).toBeGreaterThan(23.3);
  const through = heatForecast(hot).find(({ atMs }) => atMs === later.fromMs)?.waterC ?? 0;
  expect(first).toBeCloseTo(through, 6);
});

test('water measured at exactly 0 degrees is believed, and water in a frost stands at freezing', () => {
  const at = SUNRISE + 2 * HOUR;
  const zero = { ...hot, readings: [...hot.readings, { tempC: 0, atMs: at }] };
  expect(heatForecast(zero).find(({ atMs }) => atMs === at)?.waterC).toBe(0);
  const frosty = heatForecast({ ...hot, hours: day(-14, -3), readings: [] });
  expect(frosty.every(({ waterC, bucketC }) => waterC >= 0 && bucketC >= 0)).toBe(true);
});

test('a later reading sets the water right from then on; with none it is taken from the air', () => {
  const again = { ...hot, readings: [...hot.readings, { tempC: 21, atMs: SUNRISE + 2 * HOUR }] };
  const at = (input: HeatForecastInput, atMs: number) =>
    heatForecast(input).find((moment) => moment.atMs === atMs)?.waterC;
  expect(at(again, SUNRISE + 2 * HOUR)).toBe(21);
  expect(at(again, SUNRISE + HOUR)).toBe(at(hot, SUNRISE + HOUR));
  expect(at({ ...hot, readings: [] }, SUNRISE)).toBe(meanAirC(hot.hours));
});
