import type { FlankArea } from './flankArea.js';
import { smoothed } from '../image/gaussian.js';
import type { Plane } from '../image/raster.js';

export interface Backdrop {
  /**
   * Share of what lies behind the fish that is the upright edge of something: grass and water lie, buckets and rods
   * stand.
   */
  readonly clutter: number;
  /** The longest level line behind, in radians off level; undefined where there is none. */
  readonly horizonRad: number | undefined;
}

const LEANS = 61;
const MOST_LEAN_RAD = 0.35;
/** Of the width: a line must be this long to be the water's edge. */
const LEAST_LINE = 0.42;

/** What lies behind the fish. Meant for a plane of 200 to 400 px. */
export function backdropOf(light: Plane, area: FlankArea): Backdrop {
  const soft = smoothed(light, 1.2);
  const { widthPx, heightPx, data } = soft;
  // Column by column: then a line can be counted once for each column without remembering which it has had.
  const edges: number[] = [];
  let seen = 0;
  let upright = 0;
  for (let x = 2; x < widthPx - 2; x += 1) {
    let run = 0;
    for (let y = 2; y < heightPx - 2; y += 1) {
      if (area.covers(x, y, 0.05)) {
        run = 0;
        continue;
      }
      const at = y * widthPx + x;
      const gx = (data[at + 1] as number) - (data[at - 1] as number);
      const gy = (data[at + widthPx] as number) - (data[at - widthPx] as number);
      seen += 1;
      run = Math.abs(gx) > HARD && Math.abs(gx) > 1.6 * Math.abs(gy) ? run + 1 : 0;
      if (run >= LEAST_RUN) upright += run === LEAST_RUN ? LEAST_RUN : 1;
      if (Math.abs(gy) > 5 && Math.abs(gy) > 1.6 * Math.abs(gx)) edges.push(x, y, gy > 0 ? 1 : 0);
    }
  }
  return { clutter: upright / Math.max(1, seen), horizonRad: longestLevel(edges, widthPx, heightPx) };
}

/** Grey steps from one pixel but one to the next: what is in focus and in the way. */
const HARD = 14;
/** So many pixels of one column, at the least. */
const LEAST_RUN = 9;

/**
 * Hough's vote (Duda and Hart 1972) for lines near level: the lean at which most columns agree on one height. `edges`
 * holds x, y and whether it becomes brighter downwards by turns, ordered by x.
 */
function longestLevel(edges: readonly number[], widthPx: number, heightPx: number): number | undefined {
  const columns = new Int32Array(2 * heightPx);
  const lastX = new Int32Array(2 * heightPx);
  let best = { columns: 0, lean: 0 };
  for (let k = 0; k < LEANS; k += 1) {
    const lean = MOST_LEAN_RAD * ((2 * k) / (LEANS - 1) - 1);
    const slope = Math.tan(lean);
    columns.fill(0);
    lastX.fill(-1);
    for (let i = 0; i < edges.length; i += 3) {
      const x = edges[i] as number;
      const height = Math.round((edges[i + 1] as number) - slope * (x - widthPx / 2));
      if (height < 0 || height >= heightPx) continue;
      const line = 2 * height + (edges[i + 2] as number);
      if (lastX[line] === x) continue;
      lastX[line] = x;
      columns[line] = (columns[line] as number) + 1;
      if (columns[line] > best.columns) best = { columns: columns[line], lean };
    }
  }
  return best.columns >= LEAST_LINE * widthPx ? best.lean : undefined;
}
