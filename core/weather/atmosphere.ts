/** One standard atmosphere, in hPa (ISO 2533:1975). */
export const STANDARD_PRESSURE_HPA = 1013.25;

/** Bounds of where there is water to be fished, in metres: the Dead Sea, and the highest lakes. */
export const LEAST_ALTITUDE_M = -450;
export const MOST_ALTITUDE_M = 6000;

const SEA_LEVEL_K = 288.15;
const LAPSE_K_PER_M = 0.0065;
const EXPONENT = 5.25588;

/**
 * Pressure of the standard atmosphere at an altitude, in hPa (ISO 2533:1975, below 11 km; geopotential and geometric
 * altitude are taken as one, which is under 0.1 hPa wrong at 2 km). Example: `standardPressureHpa(1000)` is 898.7.
 */
export function standardPressureHpa(altitudeM: number): number {
  return STANDARD_PRESSURE_HPA * (1 - (LAPSE_K_PER_M * altitudeM) / SEA_LEVEL_K) ** EXPONENT;
}

/**
 * Pressure at the water from a pressure that was reduced to sea level, as forecasts and barometers give it, in hPa.
 * Example: a reduced 1013.25 at 1000 m is 898.7.
 */
export function pressureAtWaterHpa(seaLevelHpa: number, altitudeM: number): number {
  return (seaLevelHpa * standardPressureHpa(altitudeM)) / STANDARD_PRESSURE_HPA;
}
