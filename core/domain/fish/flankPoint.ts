/**
 * A point on a fish in the flank frame: `u` along the line from the snout's tip (0) to the fork of the tail (1), `v`
 * across it, towards the back negative, both in lengths of that line. It says the same place on every picture and every
 * capture of a fish, whatever its size.
 */
export interface FlankPoint {
  readonly u: number;
  readonly v: number;
}

/** How far beyond the fork and off the line a mark can lie: fins and tail reach this far. */
export const FLANK_BOUNDS = { leastU: -0.05, mostU: 1.25, mostV: 0.4 } as const;

/** Whether a point can lie on a fish. Example: `isOnFish({ u: 0.5, v: 0 })`. */
export function isOnFish({ u, v }: FlankPoint): boolean {
  return u >= FLANK_BOUNDS.leastU && u <= FLANK_BOUNDS.mostU && Math.abs(v) <= FLANK_BOUNDS.mostV;
}

/** Distance of two points, in lengths of the fish. Example: a tenth of a length along the axis is 0.1. */
export function flankDistance(a: FlankPoint, b: FlankPoint): number {
  return Math.hypot(a.u - b.u, a.v - b.v);
}
