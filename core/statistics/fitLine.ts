/** One measured point of a line, with the standard uncertainty of its `y`. */
export interface LinePoint {
  readonly x: number;
  readonly y: number;
  readonly u: number;
}

/** A straight line through points, with what is known of its two numbers. */
export interface Line {
  readonly offset: number;
  readonly slope: number;
  readonly uOffset: number;
  readonly uSlope: number;
  /** Covariance of offset and slope. */
  readonly covariance: number;
  /** y less the line, point by point, in the order given. */
  readonly residuals: readonly number[];
  /** Sum of squares of the residuals in units of their uncertainties. */
  readonly chiSquared: number;
}

/**
 * Weighted least squares line `y = offset + slope x`, each point weighted by `1 / u^2`; the uncertainties are taken as
 * known. Source: JCGM 100:2008, H.3, with weights; Bevington and Robinson (2003), chapter 6.
 * @throws RangeError with fewer than two different `x`, or an uncertainty that is not above nothing.
 * Example: points (0, 1), (1, 3), (2, 5) give offset 1 and slope 2.
 */
export function fitLine(points: readonly LinePoint[]): Line {
  if (points.some(({ u }) => !(u > 0))) throw new RangeError('Each point needs an uncertainty above zero.');
  const weights = points.map(({ u }) => 1 / (u * u));
  const sum = (of: (point: LinePoint) => number) =>
    points.reduce((total, point, i) => total + (weights[i] ?? 0) * of(point), 0);
  const total = sum(() => 1);
  // About the weighted middle the two numbers are independent, and nothing cancels.
  const middle = sum(({ x }) => x) / total;
  const height = sum(({ y }) => y) / total;
  const spread = sum(({ x }) => (x - middle) ** 2);
  if (!(spread > 0)) throw new RangeError('A line needs two different loads.');
  const slope = sum(({ x, y }) => (x - middle) * (y - height)) / spread;
  const offset = height - slope * middle;
  const residuals = points.map(({ x, y }) => y - offset - slope * x);
  return {
    offset,
    slope,
    uOffset: Math.sqrt(1 / total + (middle * middle) / spread),
    uSlope: Math.sqrt(1 / spread),
    covariance: -middle / spread,
    residuals,
    chiSquared: residuals.reduce((all, residual, i) => all + (weights[i] ?? 0) * residual ** 2, 0),
  };
}

/** The standard uncertainty of the line itself at `x`. Example: at the weighted middle of the points it is least. */
export function uOfLine({ uOffset, uSlope, covariance }: Line, x: number): number {
  return Math.sqrt(Math.max(0, uOffset ** 2 + (x * uSlope) ** 2 + 2 * x * covariance));
}
