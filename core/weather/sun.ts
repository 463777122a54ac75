import { getPosition, getTimes } from 'suncalc';
import type { Position } from '../domain/water/water.js';

/** With the sun lower than this a lamp is needed (civil twilight). */
export const CIVIL_DUSK_DEG = -6;

/** Where the sun stands. */
export interface SunPlace {
  /** Above the horizon, degrees; negative below. */
  readonly altitudeDeg: number;
  /** Clockwise from north, degrees from 0 to 360. */
  readonly azimuthDeg: number;
}

/** The sun's day. Where it neither rises nor sets, both are null and `always` says which. */
export interface SunDay {
  readonly riseMs: number | null;
  readonly setMs: number | null;
  readonly noonMs: number;
  readonly always: 'up' | 'down' | null;
}

/**
 * Where the sun stands at a moment (ms since 1970, UTC) over a place: the suncalc library, with refraction. Good to a
 * tenth of a degree. Example: at noon on midsummer's day at 46.7 north it stands 66.7 degrees high in the south.
 */
export function sunAt(atMs: number, { latitudeDeg, longitudeDeg }: Position): SunPlace {
  const { altitude, azimuth } = getPosition(new Date(atMs), latitudeDeg, longitudeDeg);
  return { altitudeDeg: altitude, azimuthDeg: ((azimuth % 360) + 360) % 360 };
}

/**
 * Rise, noon and set of the solar day that holds a moment, in ms since 1970 UTC.
 * Example: in the polar day `always` is `'up'`, and neither rise nor set is given.
 */
export function sunDay(atMs: number, { latitudeDeg, longitudeDeg }: Position): SunDay {
  const times = getTimes(new Date(atMs), latitudeDeg, longitudeDeg);
  return {
    riseMs: times.sunrise?.getTime() ?? null,
    setMs: times.sunset?.getTime() ?? null,
    noonMs: times.solarNoon.getTime(),
    always: times.alwaysUp ? 'up' : times.alwaysDown ? 'down' : null,
  };
}
