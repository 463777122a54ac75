import { heatOf, stateOfHeat, type WaterState } from './freezing.js';
import { rungeKutta } from '../statistics/rungeKutta.js';
import type { Irradiance } from '../weather/irradiance.js';
import {
  airHeatWm2,
  convectionWm2K,
  evaporationKgM2S,
  longwaveBalanceWm2,
  type SurfaceAir,
} from '../weather/surface.js';
import { LATENT_HEAT_JKG } from '../weather/vapour.js';

/** A bucket of lake water: its size, in metres, and how much it holds. */
export interface Bucket {
  readonly litres: number;
  readonly radiusM: number;
  readonly heightM: number;
}

/** The usual one of ten litres. */
export const TEN_LITRES: Bucket = { litres: 10, radiusM: 0.14, heightM: 0.2 };

/** What acts on a bucket at one moment. */
export interface BucketSurroundings {
  readonly air: SurfaceAir;
  readonly light: Irradiance;
  readonly sunAltitudeDeg: number;
  readonly shaded: boolean;
}

const WATER_ABSORBS = 0.93;
const WALL_ABSORBS = 0.7;
const WALL_EMITS = 0.95;
const STEFAN_BOLTZMANN = 5.670374419e-8;
const STEP_S = 120;
const SKY_IN_SHADE = 0.6;
const RAD = Math.PI / 180;

/**
 * Heat into the bucket's water at one moment, in W: light on the water and on the wall (a cylinder stands to the beam
 * as a rectangle), long-wave light, the air, and evaporation. The wall sees half sky, half ground as warm as the air.
 */
export function bucketHeatW(waterC: number, bucket: Bucket, around: BucketSurroundings): number {
  const { air, light, shaded } = around;
  const top = Math.PI * bucket.radiusM ** 2;
  const wall = 2 * Math.PI * bucket.radiusM * bucket.heightM;
  const beam = shaded ? 0 : light.beamWm2;
  const sky = shaded ? SKY_IN_SHADE * light.diffuseWm2 : light.diffuseWm2;
  const onWall =
    beam > 0 ? (beam / Math.tan(Math.max(around.sunAltitudeDeg, 2) * RAD)) * 2 * bucket.radiusM * bucket.heightM : 0;
  const sun = WATER_ABSORBS * (beam + sky) * top + WALL_ABSORBS * (onWall + 0.5 * sky * wall);
  const ground = WALL_EMITS * STEFAN_BOLTZMANN * ((air.airC + 273.15) ** 4 - (waterC + 273.15) ** 4);
  const longwave = longwaveBalanceWm2(waterC, air) * (top + wall / 2) + ground * (wall / 2);
  const touch = airHeatWm2(waterC, air) * top + convectionWm2K(air.windMs) * (air.airC - waterC) * wall;
  return sun + longwave + touch - evaporationKgM2S(waterC, air) * LATENT_HEAT_JKG * top;
}

/**
 * The water of a bucket after `spanS` seconds: one well-stirred lump (Runge-Kutta, steps of at most 2 min) that freezes
 * at 0 degrees C. Stated error: about 1 degree in three hours. Example: ten litres in a summer noon's sun gain 3
 * degrees in about an hour.
 */
export function bucketAfter(
  water: WaterState,
  spanS: number,
  around: (tS: number) => BucketSurroundings,
  bucket: Bucket = TEN_LITRES,
): Required<WaterState> {
  const steps = Math.max(1, Math.ceil(spanS / STEP_S));
  const stepS = spanS / steps;
  const held = { waterKg: bucket.litres };
  let y = [heatOf(water, held)];
  for (let i = 0; i < steps; i += 1) {
    y = rungeKutta(
      (tS, [heatJ = 0]) => [bucketHeatW(stateOfHeat(heatJ, held).tempC, bucket, around(tS))],
      i * stepS,
      y,
      stepS,
    );
  }
  return stateOfHeat(y[0] ?? 0, held);
}
