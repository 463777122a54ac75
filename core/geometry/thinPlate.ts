import type { Pixel } from './pixel.js';

/** A smooth map of the plane that carries some points to others. */
export type PlaneMap = (x: number, y: number) => Pixel;

/**
 * The thin-plate spline through pairs of points, or near them: bending is paid for, and so is missing a point, in the
 * proportion that `stiffness` says (0 goes through all of them; large is an affine map by least squares). Points in any
 * unit of about one. Undefined when the points lie on one line, or fewer than three are given. Source: Bookstein
 * (1989), IEEE PAMI 11, 567-585; with smoothing after Wahba (1990). Example: pairs that were only moved, turned and
 * stretched are met exactly, whatever the stiffness.
 */
export function thinPlate(from: readonly Pixel[], to: readonly Pixel[], stiffness = 0): PlaneMap | undefined {
  const n = from.length;
  if (n < 3 || to.length !== n) return undefined;
  const size = n + 3;
  const rows = Array.from({ length: size }, () => new Float64Array(size + 2));
  for (const [i, a] of from.entries()) {
    const row = rows[i] as Float64Array;
    for (const [j, b] of from.entries())
      row[j] = bending((a.x - b.x) ** 2 + (a.y - b.y) ** 2) + (i === j ? stiffness : 0);
    for (const [k, value] of [1, a.x, a.y].entries()) {
      row[n + k] = value;
      (rows[n + k] as Float64Array)[i] = value;
    }
    row[size] = (to[i] as Pixel).x;
    row[size + 1] = (to[i] as Pixel).y;
  }
  if (!eliminate(rows, size)) return undefined;
  const weight = (i: number, axis: 0 | 1) => (rows[i] as Float64Array)[size + axis] as number;
  return (x, y) => {
    let [px, py] = [
      weight(n, 0) + weight(n + 1, 0) * x + weight(n + 2, 0) * y,
      weight(n, 1) + weight(n + 1, 1) * x + weight(n + 2, 1) * y,
    ];
    for (let i = 0; i < n; i += 1) {
      const at = from[i] as Pixel;
      const u = bending((x - at.x) ** 2 + (y - at.y) ** 2);
      px += weight(i, 0) * u;
      py += weight(i, 1) * u;
    }
    return { x: px, y: py };
  };
}

/** Of the squared distance: r squared times its logarithm. */
function bending(squared: number): number {
  return squared === 0 ? 0 : squared * Math.log(squared);
}

/** Gauss's elimination with the largest pivot of each column; the right sides become the solution. */
function eliminate(rows: Float64Array[], size: number): boolean {
  for (let column = 0; column < size; column += 1) {
    let best = column;
    for (let i = column + 1; i < size; i += 1) {
      if (
        Math.abs((rows[i] as Float64Array)[column] as number) > Math.abs((rows[best] as Float64Array)[column] as number)
      )
        best = i;
    }
    [rows[column], rows[best]] = [rows[best] as Float64Array, rows[column] as Float64Array];
    const pivotRow = rows[column] as Float64Array;
    const pivot = pivotRow[column] as number;
    if (Math.abs(pivot) < LEAST_PIVOT) return false;
    for (let k = column; k < pivotRow.length; k += 1) pivotRow[k] = (pivotRow[k] as number) / pivot;
    for (const [i, row] of rows.entries()) {
      const times = row[column] as number;
      if (i === column || times === 0) continue;
      for (let k = column; k < row.length; k += 1) row[k] = (row[k] as number) - times * (pivotRow[k] as number);
    }
  }
  return true;
}

const LEAST_PIVOT = 1e-10;
