/**
 * The cubic B-splines on evenly spaced knots that are not nothing at `x`: the first of them and its four values.
 * Between `low` and `high` lie `pieces` pieces, and `pieces + 3` splines; outside, the nearer end is taken. Source: de
 * Boor (1978), A Practical Guide to Splines. Example: at a knot the values are 1/6, 2/3, 1/6 and 0.
 */
export function bSplinesAt(
  x: number,
  { low, high, pieces }: { low: number; high: number; pieces: number },
): { readonly first: number; readonly values: readonly [number, number, number, number] } {
  const along = ((Math.min(high, Math.max(low, x)) - low) / (high - low)) * pieces;
  const first = Math.min(pieces - 1, Math.floor(along));
  const t = along - first;
  const [t2, t3] = [t * t, t * t * t];
  return {
    first,
    values: [(1 - t) ** 3 / 6, (3 * t3 - 6 * t2 + 4) / 6, (-3 * t3 + 3 * t2 + 3 * t + 1) / 6, t3 / 6],
  };
}
