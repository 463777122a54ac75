import type { Position } from '../domain/water/water.js';

/** A position is said to the nearest so many degrees: about 11 km from north to south. */
export const COARSE_DEG = 0.1;
/** A degree of latitude on a sphere of the mean radius of the earth, 6,371,009 m (IUGG, 1980). */
const DEGREE_M = (Math.PI / 180) * 6_371_009;

/** A position that hides where a water lies, and how far off it may be at most. */
export interface CoarsePosition {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly uncertaintyM: number;
}

/**
 * A position rounded to a tenth of a degree. Its uncertainty is the half diagonal of the cell that it stands for, in
 * whole metres, rounded up: the water lies within that distance (Chapman and Wieczorek 2020, "Georeferencing Best
 * Practices", on coordinate precision; from memory).
 *
 * @example coarsePosition({ latitudeDeg: 0.02, longitudeDeg: 0.01 }).uncertaintyM // 7863
 */
export function coarsePosition({ latitudeDeg, longitudeDeg }: Position): CoarsePosition {
  const rounded = (deg: number) => Math.round(deg / COARSE_DEG) / Math.round(1 / COARSE_DEG);
  const latitude = rounded(latitudeDeg);
  // A cell is widest on the side of the equator.
  const nearest = Math.max(0, Math.abs(latitude) - COARSE_DEG / 2) * (Math.PI / 180);
  const half = (COARSE_DEG / 2) * DEGREE_M;
  return {
    latitudeDeg: latitude,
    longitudeDeg: rounded(longitudeDeg),
    uncertaintyM: Math.ceil(Math.hypot(half, half * Math.cos(nearest))),
  };
}
