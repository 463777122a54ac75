import { standardPressureHpa } from './atmosphere.js';
import {
  airHeatWm2,
  convectionWm2K,
  evaporationKgM2S,
  longwaveBalanceWm2,
  skyLongwaveWm2,
  type SurfaceAir,
} from './surface.js';
import { LATENT_HEAT_JKG, PSYCHROMETRIC_PA_K, saturatedVapourPa, vapourPa } from './vapour.js';

const air: SurfaceAir = { airC: 25, humidity: 0.5, windMs: 2, cloudOctas: 0 };

// Saturated vapour over water, WMO-No. 8 (2018), part I, annex 4.B gives the same quantity by its own Magnus
// coefficients; these are the tables of the Smithsonian (List 1951), from memory.
test.each([
  [0, 610.8],
  [10, 1227],
  [20, 2337],
  [30, 4243],
  [40, 7378],
])('saturated vapour at %d degrees is %d Pa, to half a percent', (tempC, pa) => {
  expect(Math.abs(saturatedVapourPa(tempC) / pa - 1)).toBeLessThan(0.005);
});

test('half humid air holds half of it', () => {
  expect(vapourPa(20, 0.5)).toBeCloseTo(saturatedVapourPa(20) / 2, 9);
  expect(vapourPa(20, 0)).toBe(0);
});

// McAdams's two pieces, by hand: 5.7 + 3.8 x 2 = 13.3, 24.7 where they meet, and 24.7 x 2^0.78 = 42.41 at 10 m/s.
test.each([
  [0, 5.7],
  [2, 13.3],
  [5, 24.7],
  [10, 42.41],
])('wind of %d m/s takes %d W/m2 off each degree', (windMs, wm2K) => {
  expect(convectionWm2K(windMs)).toBeCloseTo(wm2K, 2);
});

test('moving air brings its heat to a plane that is cooler, and takes it from one that is warmer', () => {
  expect(airHeatWm2(20, air)).toBeCloseTo(13.3 * 5, 9);
  expect(airHeatWm2(35, air)).toBeCloseTo(-13.3 * 10, 9);
});

// By hand: 1.24 (15.83 / 298.15)^(1/7) = 0.8153 of a black body's 448.1 W/m2 at 25 degrees.
test('the clear sky of a mild day sends what Brutsaert says; cloud sends more, never more than a black body', () => {
  expect(skyLongwaveWm2(air)).toBeCloseTo(365.3, 0);
  // Bolz, by hand: four octas add 0.22 x 0.5^2.5 = 3.9 %, eight 22 %.
  expect(skyLongwaveWm2({ ...air, cloudOctas: 4 }) / skyLongwaveWm2(air)).toBeCloseTo(1.0389, 3);
  const black = 5.670374419e-8 * (25 + 273.15) ** 4;
  expect(skyLongwaveWm2({ ...air, cloudOctas: 8, humidity: 1 })).toBeCloseTo(black, 6);
});

test('under such a sky a plane as warm as the air loses heat by long waves', () => {
  const black = 5.670374419e-8 * (25 + 273.15) ** 4;
  expect(longwaveBalanceWm2(25, air)).toBeCloseTo(0.95 * (skyLongwaveWm2(air) - black), 9);
  expect(longwaveBalanceWm2(-30, air)).toBeGreaterThan(0);
});

test('at the wet bulb the heat that the air brings is what evaporating takes; dew falls on what is colder', () => {
  // The psychrometer's equation, solved here by halving.
  let [low, high] = [0, 25];
  for (let i = 0; i < 60; i += 1) {
    const middle = (low + high) / 2;
    const lacks = saturatedVapourPa(middle) - vapourPa(25, 0.5) - PSYCHROMETRIC_PA_K * (25 - middle);
    if (lacks < 0) low = middle;
    else high = middle;
  }
  expect(evaporationKgM2S(low, air) * LATENT_HEAT_JKG).toBeCloseTo(airHeatWm2(low, air), 6);
  expect(evaporationKgM2S(5, air)).toBeLessThan(0);
});

// ISO 2533:1975, table: pressure of the standard atmosphere.
test.each([
  [0, 1013.25],
  [500, 954.61],
  [1000, 898.75],
  [3000, 701.08],
])('at %d m the standard atmosphere has %d hPa', (altitudeM, hpa) => {
  expect(standardPressureHpa(altitudeM)).toBeCloseTo(hpa, 0);
});
