import { rungeKutta } from './integrate.js';
import type { Irradiance } from './irradiance.js';
import { airHeatWm2, evaporationKgM2S, longwaveBalanceWm2, type SurfaceAir } from './surface.js';
import { LATENT_HEAT_JKG } from './vapour.js';

/** What acts on the water of the margin at one moment. */
export interface MarginSurroundings {
  readonly air: SurfaceAir;
  readonly light: Irradiance;
}

/** The depth that mixes through a day in the margin, in metres (ours; it makes a fine summer day swing by two to three degrees). */
const MIXED_M = 1;
const ALBEDO = 0.06;
const WATER_J_M3K = 4.18e6;
const STEP_S = 600;

/** Heat into the margin through its surface, in W/m2. */
export function marginHeatWm2(waterC: number, { air, light }: MarginSurroundings): number {
  const sun = (1 - ALBEDO) * (light.beamWm2 + light.diffuseWm2);
  const wet = evaporationKgM2S(waterC, air) * LATENT_HEAT_JKG;
  return sun + longwaveBalanceWm2(waterC, air) + airHeatWm2(waterC, air) - wet;
}

/**
 * The water of the margin after `spanS` seconds, in degrees C, from where it was measured: the surface balance of a mixed layer of one
 * metre (after Edinger, Duttweiler and Geyer 1968, Water Resour. Res. 4, 1137-1143, without their linearisation). It knows nothing of
 * springs, depth or inflow. Stated error: about 1.5 degrees in twelve hours.
 */
export function marginAfter(waterC: number, spanS: number, around: (tS: number) => MarginSurroundings): number {
  const steps = Math.max(1, Math.ceil(spanS / STEP_S));
  const stepS = spanS / steps;
  let y = [waterC];
  for (let i = 0; i < steps; i += 1) {
    y = rungeKutta((tS, [t = 0]) => [marginHeatWm2(t, around(tS)) / (MIXED_M * WATER_J_M3K)], i * stepS, y, stepS);
  }
  return y[0] ?? waterC;
}

/**
 * A first guess of the margin from the mean of the day's air, in degrees C, for offering values to choose from and for nothing else (ours).
 * Example: a day of 20 in the mean suggests 18.
 */
export function guessWaterC(dayMeanAirC: number): number {
  return Math.min(30, Math.max(3, 0.75 * dayMeanAirC + 3));
}
