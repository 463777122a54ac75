import type { Position, Water } from './water.js';

/** Mean radius of the Earth in m (IUGG, arithmetic mean R1). */
const EARTH_M = 6_371_008.8;
/** As far as one still stands at the same water: a large lake from end to end (common practice, no source). */
const SAME_WATER_M = 4000;

/**
 * Distance along the ground in m, on a sphere (haversine formula, Sinnott 1984).
 * Example: one degree of latitude is 111,195 m.
 */
export function distanceM(a: Position, b: Position): number {
  const rad = (deg: number) => (deg * Math.PI) / 180;
  const [from, to] = [rad(a.latitudeDeg), rad(b.latitudeDeg)];
  const half =
    Math.sin((to - from) / 2) ** 2 +
    Math.cos(from) * Math.cos(to) * Math.sin(rad(b.longitudeDeg - a.longitudeDeg) / 2) ** 2;
  return 2 * EARTH_M * Math.asin(Math.min(1, Math.sqrt(half)));
}

/** The water at which a place lies: the nearest, if it is near at all. Example: a picture from home lies at none. */
export function nearestWater<W extends Pick<Water, 'position'>>(waters: readonly W[], place: Position): W | undefined {
  const near = waters
    .flatMap((water) => (water.position ? { water, awayM: distanceM(water.position, place) } : []))
    .toSorted((a, b) => a.awayM - b.awayM)[0];
  return near && near.awayM <= SAME_WATER_M ? near.water : undefined;
}
