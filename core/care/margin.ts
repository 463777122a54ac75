import { heatOf, stateOfHeat, type WaterState } from './freezing.js';
import { rungeKutta } from '../statistics/rungeKutta.js';
import type { Irradiance } from '../weather/irradiance.js';
import { airHeatWm2, evaporationKgM2S, longwaveBalanceWm2, type SurfaceAir } from '../weather/surface.js';
import { LATENT_HEAT_JKG } from '../weather/vapour.js';

/** What acts on the water of the margin at one moment. */
export interface MarginSurroundings {
  readonly air: SurfaceAir;
  readonly light: Irradiance;
}

/**
 * The depth that mixes through a day in the margin, in metres (ours; it makes a fine summer day swing by two to three
 * degrees).
 */
const MIXED_M = 1;
const ALBEDO = 0.06;
const WATER_KG_M3 = 1000;
const STEP_S = 600;

/** Heat into the margin through its surface, in W/m2. */
export function marginHeatWm2(waterC: number, { air, light }: MarginSurroundings): number {
  const sun = (1 - ALBEDO) * (light.beamWm2 + light.diffuseWm2);
  const wet = evaporationKgM2S(waterC, air) * LATENT_HEAT_JKG;
  return sun + longwaveBalanceWm2(waterC, air) + airHeatWm2(waterC, air) - wet;
}

/**
 * The water of the margin after `spanS` seconds, from where it was measured: the surface balance of a mixed layer of
 * one metre, which freezes at 0 degrees C without keeping the cold off (after Edinger, Duttweiler and Geyer 1968, Water
 * Resour. Res. 4, 1137-1143, without their linearisation). It knows nothing of springs, depth or inflow. Stated error:
 * about 1.5 degrees in twelve hours.
 */
export function marginAfter(
  water: WaterState,
  spanS: number,
  around: (tS: number) => MarginSurroundings,
): Required<WaterState> {
  const steps = Math.max(1, Math.ceil(spanS / STEP_S));
  const stepS = spanS / steps;
  const held = { waterKg: MIXED_M * WATER_KG_M3 };
  let y = [heatOf(water, held)];
  for (let i = 0; i < steps; i += 1) {
    y = rungeKutta(
      (tS, [heatJ = 0]) => [marginHeatWm2(stateOfHeat(heatJ, held).tempC, around(tS))],
      i * stepS,
      y,
      stepS,
    );
  }
  return stateOfHeat(y[0] ?? 0, held);
}

/**
 * A first guess of the margin from the mean of the day's air, in degrees C, for offering values to choose from and for
 * nothing else (ours). Example: a day of 20 in the mean suggests 18.
 */
export function guessWaterC(dayMeanAirC: number): number {
  return Math.min(30, Math.max(3, 0.75 * dayMeanAirC + 3));
}
