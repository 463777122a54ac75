import { type CareDeed } from '../domain/outing/careDeed.js';
import { isShaded, type ShadeCaster } from '../weather/shade.js';
import type { Point } from '../domain/water/plan.js';
import { sunAt } from '../weather/sun.js';
import type { Position } from '../domain/water/water.js';
import { bucketAfter } from './bucket.js';
import { irradianceAt } from '../weather/irradiance.js';
import type { WaterState } from './freezing.js';
import { marginAfter } from './margin.js';
import { matAfter, soaked, type MatState } from './mat.js';
import { type MatFace } from '../domain/outing/careDeed.js';
import { meanAirC, weatherAt, type WeatherHour } from '../domain/outing/weather.js';

/** A measured water temperature. */
export interface WaterReading {
  readonly tempC: number;
  readonly atMs: number;
}

/** All that the hours to come are worked out from. */
export interface HeatForecastInput {
  readonly fromMs: number;
  readonly toMs: number;
  readonly position: Position;
  readonly facingDeg: number;
  readonly hours: readonly WeatherHour[];
  /** The water as it was measured, oldest first; none: it is taken as warm as the air in the mean. */
  readonly readings: readonly WaterReading[];
  readonly casters: readonly ShadeCaster[];
  /** Where they lie on the plan; null: in the open. */
  readonly mat: Point | null;
  readonly bucket: Point | null;
  readonly face: MatFace;
  readonly deeds: readonly CareDeed[];
}

/** One moment of the hours to come. */
export interface HeatMoment {
  readonly atMs: number;
  readonly airC: number;
  readonly waterC: number;
  readonly matC: number;
  readonly matWaterKgM2: number;
  readonly bucketC: number;
  readonly sunAltitudeDeg: number;
  readonly matShaded: boolean;
  readonly face: MatFace;
}

/** Moments lie this far apart. */
export const HEAT_STEP_MS = 5 * 60_000;

/**
 * Water, mat and bucket through the hours to come, every five minutes: weather from the forecast, sun from place and
 * date, shade from the plan, and whatever has been soaked, turned or changed. Each reading of the water sets it right.
 * The mat starts as warm as the air, dry; the bucket as the water. Example: a mat in the open under a heatwave's sun
 * passes 40 degrees C in the forenoon.
 */
export function heatForecast(input: HeatForecastInput): HeatMoment[] {
  const { hours, position, casters, facingDeg } = input;
  const groundC = meanAirC(hours);
  const deeds = [...input.deeds].sort((a, b) => a.atMs - b.atMs);
  let water = waterAtStart(input);
  const first = weatherAt(hours, input.fromMs);
  let mat: MatState = { faceC: first.airC, backC: first.airC, waterKgM2: 0 };
  let bucket = water;
  let face = input.face;
  const moments: HeatMoment[] = [];
  for (let atMs = input.fromMs; atMs <= input.toMs; atMs += HEAT_STEP_MS) {
    const isNew = (each: { readonly atMs: number }) => each.atMs > atMs - HEAT_STEP_MS && each.atMs <= atMs;
    const read = atMs > input.fromMs ? input.readings.findLast(isNew) : undefined;
    if (read) water = { tempC: read.tempC };
    const waterC = water.tempC;
    for (const deed of deeds.filter(isNew)) {
      if (deed.kind === 'soaked') mat = soaked(mat, waterC);
      else if (deed.kind === 'turned') face = deed.face;
      else bucket = water;
    }
    const sun = sunAt(atMs, position);
    const air = weatherAt(hours, atMs);
    const light = irradianceAt(sun.altitudeDeg, air.cloudOctas);
    const shadedAt = (point: Point | null) => point !== null && isShaded(point, casters, sun, facingDeg);
    const matShaded = shadedAt(input.mat);
    moments.push({
      atMs,
      airC: air.airC,
      waterC,
      matC: mat.faceC,
      matWaterKgM2: mat.waterKgM2,
      bucketC: bucket.tempC,
      matShaded,
      face,
      sunAltitudeDeg: sun.altitudeDeg,
    });
    const stepS = HEAT_STEP_MS / 1000;
    mat = matAfter(mat, stepS, () => ({ air, light, shaded: matShaded, face, groundC }));
    bucket = bucketAfter(bucket, stepS, () => ({
      air,
      light,
      sunAltitudeDeg: sun.altitudeDeg,
      shaded: shadedAt(input.bucket),
    }));
    water = marginAfter(water, stepS, () => ({ air, light }));
  }
  return moments;
}

/**
 * The water at the beginning: the last reading before it, carried on; else the first one after; else the mean of the
 * air.
 */
function waterAtStart({ hours, position, readings, fromMs }: HeatForecastInput): WaterState {
  const before = readings.findLast(({ atMs }) => atMs <= fromMs);
  // No water is as cold as a hard frost: where nothing was measured it stands at freezing.
  if (!before) return { tempC: readings[0]?.tempC ?? Math.max(0, meanAirC(hours)) };
  let water: WaterState = { tempC: before.tempC };
  for (let atMs = Math.max(before.atMs, hours[0]?.atMs ?? fromMs); atMs < fromMs; atMs += HEAT_STEP_MS) {
    const air = weatherAt(hours, atMs);
    const light = irradianceAt(sunAt(atMs, position).altitudeDeg, air.cloudOctas);
    water = marginAfter(water, Math.min(HEAT_STEP_MS, fromMs - atMs) / 1000, () => ({ air, light }));
  }
  return water;
}

/** A fish is laid on nothing that is this much warmer than its water (common practice, no source). */
export const MAT_TOO_WARM_K = 10;
/** From here a surface burns skin and slime (common practice, no source; for human skin EN ISO 13732-1 lies higher). */
export const MAT_BURNS_C = 40;
/** A bucket is changed when it stands this much above the lake (common practice, no source). */
export const BUCKET_TOO_WARM_K = 3;
/** Below this the face no longer holds a film. */
export const MAT_DRY_KG_M2 = 0.05;

/** When, from a moment on, something first happens; null when it does not in these hours. */
export function firstTime(
  moments: readonly HeatMoment[],
  happens: (moment: HeatMoment) => boolean,
  fromMs = -Infinity,
): number | null {
  return moments.find((moment) => moment.atMs >= fromMs && happens(moment))?.atMs ?? null;
}

/** The clocks of mat and bucket from a moment on, in ms since 1970; null: not in these hours. */
export interface HeatClocks {
  readonly matWarmMs: number | null;
  readonly matBurnsMs: number | null;
  readonly matDryMs: number | null;
  readonly bucketWarmMs: number | null;
}

/** Example: a mat that is never more than 10 degrees above the water has no `matWarmMs`. */
export function heatClocks(moments: readonly HeatMoment[], fromMs = -Infinity): HeatClocks {
  const wetNow = moments.findLast((moment) => moment.atMs <= fromMs && moment.matWaterKgM2 > MAT_DRY_KG_M2);
  return {
    matWarmMs: firstTime(moments, ({ matC, waterC }) => matC - waterC > MAT_TOO_WARM_K, fromMs),
    matBurnsMs: firstTime(moments, ({ matC }) => matC >= MAT_BURNS_C, fromMs),
    matDryMs: wetNow ? firstTime(moments, ({ matWaterKgM2 }) => matWaterKgM2 <= MAT_DRY_KG_M2, wetNow.atMs) : null,
    bucketWarmMs: firstTime(moments, ({ bucketC, waterC }) => bucketC - waterC > BUCKET_TOO_WARM_K, fromMs),
  };
}

/**
 * How long one soaking lasts when it is done at a moment, in ms: until the film is gone; null when it outlasts the
 * hours given. Example: in a hot noon's sun it is well under an hour.
 */
export function soakLastsMs(input: HeatForecastInput, atMs: number): number | null {
  const moments = heatForecast({ ...input, deeds: [...input.deeds, { kind: 'soaked', atMs }] });
  const soakedAt = firstTime(moments, () => true, atMs);
  const dry = soakedAt && firstTime(moments, ({ matWaterKgM2 }) => matWaterKgM2 <= MAT_DRY_KG_M2, soakedAt + 1);
  return dry && soakedAt ? dry - soakedAt : null;
}
