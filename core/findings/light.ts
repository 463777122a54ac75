import { memoize } from '../statistics/memoize.js';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../measure/timeSpan.js';
import type { Position } from '../domain/water/water.js';
import { sunDay } from '../weather/sun.js';

/** The first two hours of light, the last two, and what lies between. */
export const LIGHTS = ['first', 'day', 'last', 'night'] as const;
export type Light = (typeof LIGHTS)[number];

/** The first two hours of light begin so long before the sun rises; the last end so long after it sets. */
export const TWILIGHT_MS = 30 * MINUTE_MS;
export const LIGHT_MS = 2 * HOUR_MS;
/** So much later noon comes for each degree west. */
const SOLAR_MS = DAY_MS / 360;

/**
 * The light of a moment at a place. Example: half an hour before sunrise it is `first`; in the polar night `night` all
 * day.
 */
export function lightAt(atMs: number, position: Position): Light {
  const { riseMs, setMs, always } = sunAround(atMs, position);
  if (riseMs === null || setMs === null) return always === 'down' ? 'night' : 'day';
  const [firstMs, lastMs] = [riseMs - TWILIGHT_MS, setMs + TWILIGHT_MS];
  if (atMs < firstMs || atMs >= lastMs) return 'night';
  if (atMs < firstMs + LIGHT_MS) return 'first';
  return atMs >= lastMs - LIGHT_MS ? 'last' : 'day';
}

/** When the light of the day that holds a moment changes, in the order of the day; none where the sun does not set. */
export function lightChanges(atMs: number, position: Position): readonly number[] {
  const { riseMs, setMs } = sunAround(atMs, position);
  if (riseMs === null || setMs === null) return [];
  const [firstMs, lastMs] = [riseMs - TWILIGHT_MS, setMs + TWILIGHT_MS];
  return [firstMs, firstMs + LIGHT_MS, lastMs - LIGHT_MS, lastMs];
}

/** When the sun rises and sets on the day, by the sun, that holds a moment. */
export function sunAround(atMs: number, { latitudeDeg, longitudeDeg }: Position) {
  return sunOfDay(Math.floor((atMs + longitudeDeg * SOLAR_MS) / DAY_MS), latitudeDeg, longitudeDeg);
}

// A book asks for the same days again and again.
const sunOfDay = memoize(20_000, (solarDay: number, latitudeDeg: number, longitudeDeg: number) =>
  sunDay((solarDay + 0.5) * DAY_MS - longitudeDeg * SOLAR_MS, { latitudeDeg, longitudeDeg }),
);
