/**
 * Width of the net that a fish wants, in mm: nine tenths of its length, from 70 to 125 cm, in steps of 5 (common
 * practice, no source). Example: a fish of 1,150 mm wants 1,050.
 */
export function netWidthForMm(lengthMm: number): number {
  return Math.min(Math.max(Math.ceil((0.9 * lengthMm) / 50) * 50, 700), 1250);
}

/**
 * Length of mat, sling or board that a fish wants, in mm: half a hand more at each end, in steps of 5 cm (common
 * practice, no source).
 */
export function lengthForMm(lengthMm: number): number {
  return Math.ceil((lengthMm + 100) / 50) * 50;
}
