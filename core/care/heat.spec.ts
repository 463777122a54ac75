import { bucketAfter, bucketHeatW, TEN_LITRES } from './bucket.js';
import { rungeKutta } from '../statistics/rungeKutta.js';
import { irradianceAt } from '../weather/irradiance.js';
import { marginAfter } from './margin.js';
import { matAfter, matFlows, SOAKED_KG_M2, soaked, type MatState, type MatSurroundings } from './mat.js';
import { convectionWm2K, skyLongwaveWm2 } from '../weather/surface.js';
import { saturatedVapourPa } from '../weather/vapour.js';
import { weatherAt, type WeatherHour } from '../domain/outing/weather.js';

const DARK = { beamWm2: 0, diffuseWm2: 0 };
const noon = irradianceAt(60, 0);
const air = { airC: 26, humidity: 0.45, windMs: 1.5, cloudOctas: 0 };
const dry: MatState = { faceC: 20, backC: 20, waterKgM2: 0 };
const inSun: MatSurroundings = { air, light: noon, shaded: false, face: 'up', groundC: 20 };

// Handbook values (CRC): 611 Pa at 0, 2339 at 20, 4247 at 30 degrees C.
test.each([
  [0, 611],
  [20, 2339],
  [30, 4247],
])('saturated vapour at %s degrees C is %s Pa', (tempC, pa) => {
  expect(Math.abs(saturatedVapourPa(tempC) / pa - 1)).toBeLessThan(0.004);
});

test('the integrator is of fourth order: half the step, a sixteenth of the error', () => {
  const error = (steps: number) => {
    let y = [1];
    for (let i = 0; i < steps; i += 1) y = rungeKutta((_t, [v = 0]) => [-v], i / steps, y, 1 / steps);
    return Math.abs((y[0] ?? 0) - Math.exp(-1));
  };
  expect(error(4) / error(8)).toBeGreaterThan(13);
  expect(error(4) / error(8)).toBeLessThan(20);
});

describe('the mat', () => {
  test('in the end what comes in goes out: the flows of both skins sum to nothing', () => {
    const settled = matAfter(dry, 6 * 3600, () => inSun);
    const f = matFlows(settled, inSun);
    expect(f.sunWm2 + f.longwaveWm2 + f.airWm2 + f.evaporationWm2 - f.foamWm2).toBeCloseTo(0, 1);
    expect(f.foamWm2 + f.groundWm2).toBeCloseTo(0, 1);
    expect(settled.faceC - air.airC).toBeGreaterThan(30);
  });

  // By hand: with no light and a sky that sends as much as the mat, only the air is left, and the mat ends as warm as
  // the air.
  test('with nothing but air and a warm sky it takes on their temperature', () => {
    const warmSky = { airC: 20, humidity: 1, windMs: 4, cloudOctas: 8 };
    expect(skyLongwaveWm2(warmSky)).toBeCloseTo(5.670374419e-8 * 293.15 ** 4, 0);
    const settled = matAfter({ ...dry, faceC: 45 }, 6 * 3600, () => ({ ...inSun, air: warmSky, light: DARK }));
    expect(settled.faceC).toBeCloseTo(20, 1);
  });

  // Psychrometric tables: 20 degrees C at 50 % has a wet bulb of 13.8 (ventilated). Without a difference to the sky the
  // wet mat is one.
  test('a wet mat in the dark, in strong wind, is a wet bulb', () => {
    const windy = { airC: 20, humidity: 0.5, windMs: 60, cloudOctas: 8 };
    const around = { ...inSun, air: windy, light: DARK, groundC: 13.8 };
    expect(matAfter({ faceC: 20, backC: 13.8, waterKgM2: 5 }, 900, () => around).faceC).toBeCloseTo(13.8, 0);
  });

  test('energy is conserved: what the flows sum to over an hour is what the skins hold more', () => {
    // Independent of the integrator: flows are summed by trapezes over the states at each half second.
    let state: MatState = { faceC: 20, backC: 20, waterKgM2: 0 };
    let joules = 0;
    const start = state;
    const net = (s: MatState) => {
      const f = matFlows(s, inSun);
      return f.sunWm2 + f.longwaveWm2 + f.airWm2 + f.groundWm2;
    };
    for (let i = 0; i < 7200; i += 1) {
      const next = matAfter(state, 0.5, () => inSun);
      joules += (0.5 * (net(state) + net(next))) / 2;
      state = next;
    }
    const held = 1900 * (state.faceC - start.faceC + state.backC - start.backC);
    expect(Math.abs(joules / held - 1)).toBeLessThan(1e-4);
  });

  test('the step is short enough: an hour in one go and in many come to the same', () => {
    const wet = soaked(dry, 18);
    let many = wet;
    for (let i = 0; i < 720; i += 1) many = matAfter(many, 5, () => inSun);
    expect(matAfter(wet, 3600, () => inSun).faceC).toBeCloseTo(many.faceC, 1);
  });

  test('shade, soaking and turning each keep it cool', () => {
    const hot = matAfter(dry, 3600, () => inSun).faceC;
    const shade = matAfter(dry, 3600, () => ({ ...inSun, shaded: true })).faceC;
    const wet = matAfter(soaked(dry, 20), 900, () => inSun).faceC;
    const down = matAfter(dry, 3600, () => ({ ...inSun, face: 'down' })).faceC;
    expect(hot).toBeGreaterThan(50);
    expect(shade).toBeLessThan(hot - 20);
    expect(wet).toBeLessThan(hot - 15);
    expect(down).toBeLessThan(hot - 20);
  });

  test('a soaking dries off, sooner in sun and wind, and never below zero', () => {
    const left = (around: MatSurroundings, hours: number) =>
      matAfter(soaked(dry, 20), hours * 3600, () => around).waterKgM2;
    expect(left(inSun, 0.5)).toBeLessThan(left({ ...inSun, shaded: true }, 0.5));
    expect(left({ ...inSun, face: 'down' }, 5)).toBe(SOAKED_KG_M2);
    expect(left(inSun, 5)).toBeGreaterThanOrEqual(0);
    expect(left(inSun, 5)).toBeLessThan(0.01);
  });

  test('in frost a soaking with lake water warms it', () => {
    expect(soaked({ faceC: -4, backC: -2, waterKgM2: 0 }, 6).faceC).toBeGreaterThan(4);
  });
});

describe('the bucket', () => {
  test('with its surroundings at its own temperature and the air full of vapour nothing happens', () => {
    const still = {
      air: { airC: 15, humidity: 1, windMs: 2, cloudOctas: 8 },
      light: DARK,
      sunAltitudeDeg: -5,
      shaded: false,
    };
    expect(Math.abs(bucketHeatW(15, TEN_LITRES, still))).toBeLessThan(0.6);
    expect(bucketAfter({ tempC: 15 }, 3600, () => still).tempC).toBeCloseTo(15, 1);
  });
  // By hand: a power of P on 10 kg of water raises it by P t / (10 x 4186); 83.7 W make 7.2 degrees an hour.
  test('it gains what the power says', () => {
    const around = { air, light: noon, sunAltitudeDeg: 60, shaded: false };
    const watts = bucketHeatW(20, TEN_LITRES, around);
    const after = bucketAfter({ tempC: 20 }, 60, () => around).tempC;
    expect(after - 20).toBeCloseTo((watts * 60) / 41_860, 2);
  });
  test('in sun it soon stands three degrees above the lake; in shade much later', () => {
    const around = (shaded: boolean) => () => ({ air, light: noon, sunAltitudeDeg: 60, shaded });
    const gain = (shaded: boolean) => bucketAfter({ tempC: 20 }, 5400, around(shaded)).tempC - 20;
    expect(gain(false)).toBeGreaterThan(3);
    expect(gain(true)).toBeLessThan(gain(false) / 2);
  });
});

describe('the margin', () => {
  test('a metre of water warms slowly by day and cools by night', () => {
    const day = marginAfter({ tempC: 20 }, 6 * 3600, () => ({ air, light: noon })).tempC;
    const night = marginAfter({ tempC: 20 }, 6 * 3600, () => ({ air: { ...air, airC: 12 }, light: DARK })).tempC;
    expect(day).toBeGreaterThan(20.5);
    expect(day).toBeLessThan(25);
    expect(night).toBeLessThan(19.7);
    expect(night).toBeGreaterThan(17);
  });
});

test('between the hours of a forecast the numbers go over into each other', () => {
  const hour = (atMs: number, airC: number): WeatherHour => ({
    atMs,
    airC,
    humidity: 0.5,
    windMs: 2,
    windFromDeg: 350,
    cloudOctas: 4,
    pressureHpa: 1013,
    rainMm: 0,
    thunder: false,
  });
  const hours = [hour(0, 20), hour(3_600_000, 24)];
  expect(weatherAt(hours, 900_000).airC).toBe(21);
  expect(weatherAt(hours, -5).airC).toBe(20);
  expect(weatherAt(hours, 9e9).airC).toBe(24);
  expect(() => weatherAt([], 0)).toThrow(RangeError);
  expect(convectionWm2K(0)).toBe(5.7);
});
