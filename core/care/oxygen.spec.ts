import { standardPressureHpa } from '../weather/atmosphere.js';
import { oxygenAtSaturation } from './oxygen.js';

const fresh = (tempC: number, pressureHpa = 1013.25) => oxygenAtSaturation({ tempC, pressureHpa, salinity: 0 });

// Published: APHA Standard Methods 4500-O, table of solubility at 101.325 kPa, chlorinity 0 (after Benson and Krause
// 1984); from memory,
// to be verified against the print.
test.each([
  [0, 14.621],
  [5, 12.77],
  [10, 11.288],
  [15, 10.084],
  [20, 9.092],
  [25, 8.263],
  [30, 7.559],
  [35, 6.949],
])('fresh water at %s degrees C holds %s mg/L at sea level', (tempC, mgL) => {
  expect(Math.abs(fresh(tempC) - mgL)).toBeLessThan(0.0015);
});

// ISO 2533:1975, pressures at geopotential 1000 m and 2000 m; from memory, to be verified against the print.
test.each([
  [0, 1013.25],
  [1000, 898.746],
  [2000, 794.952],
])('the standard atmosphere at %s m is %s hPa', (altitudeM, hpa) => {
  expect(standardPressureHpa(altitudeM)).toBeCloseTo(hpa, 1);
});

/**
 * Weiss (1970), Deep-Sea Research 17, 721-735, in mL/L, times 1.42905 mg/mL: another fit, by another author, of other
 * measurements.
 */
function weissMgL(tempC: number, salinity: number): number {
  const t = (tempC + 273.15) / 100;
  const ln =
    -173.4292 +
    249.6339 / t +
    143.3483 * Math.log(t) -
    21.8492 * t +
    salinity * (-0.033096 + 0.014259 * t - 0.0017 * t * t);
  return Math.exp(ln) * 1.42905;
}

test('a second published equation agrees within half a per cent, fresh and salt', () => {
  for (const salinity of [0, 9, 18, 35]) {
    for (let tempC = 0; tempC <= 35; tempC += 5) {
      const ours = oxygenAtSaturation({ tempC, pressureHpa: 1013.25, salinity });
      expect(Math.abs(ours / weissMgL(tempC, salinity) - 1)).toBeLessThan(0.005);
    }
  }
});

// Henry's law by hand: what is held goes with the partial pressure of dry air. Saturated vapour in hPa from a handbook
// (CRC). At each
// temperature the published value at sea level is carried up to 1000 and 2000 m.
test.each([
  [0, 14.621, 6.11],
  [10, 11.288, 12.28],
  [20, 9.092, 23.39],
  [30, 7.559, 42.47],
  [35, 6.949, 56.29],
])('altitude takes oxygen away as the partial pressure falls: %s degrees C', (tempC, seaLevel, vapourHpa) => {
  for (const altitudeM of [1000, 2000]) {
    const pressure = standardPressureHpa(altitudeM);
    const byHenry = (seaLevel * (pressure - vapourHpa)) / (1013.25 - vapourHpa);
    expect(Math.abs(fresh(tempC, pressure) / byHenry - 1)).toBeLessThan(0.002);
  }
});
