import type { FlankArea } from './flankArea.js';
import { smoothed } from './gaussian.js';
import type { Plane } from './raster.js';

export interface Backdrop {
  /** Share of what lies behind the fish that is edge: grass and water are soft, buckets and rods are not. */
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
  const edges: { x: number; y: number; gy: number }[] = [];
  let seen = 0;
  let hard = 0;
  for (let y = 2; y < heightPx - 2; y += 1) {
    for (let x = 2; x < widthPx - 2; x += 1) {
      if (area.covers(x, y, 0.05)) continue;
      const at = y * widthPx + x;
      const gx = (data[at + 1] as number) - (data[at - 1] as number);
      const gy = (data[at + widthPx] as number) - (data[at - widthPx] as number);
      seen += 1;
      if (Math.hypot(gx, gy) > 14) hard += 1;
      if (Math.abs(gy) > 5 && Math.abs(gy) > 1.6 * Math.abs(gx)) edges.push({ x, y, gy });
    }
  }
  return { clutter: hard / Math.max(1, seen), horizonRad: longestLevel(edges, widthPx, heightPx) };
}

/** Hough's vote (Duda and Hart 1972) for lines near level: the lean at which most columns agree on one height. */
function longestLevel(
  edges: readonly { readonly x: number; readonly y: number; readonly gy: number }[],
  widthPx: number,
  heightPx: number,
): number | undefined {
  let best = { columns: 0, lean: 0 };
  for (let k = 0; k < LEANS; k += 1) {
    const lean = MOST_LEAN_RAD * ((2 * k) / (LEANS - 1) - 1);
    const slope = Math.tan(lean);
    const heights = new Map<number, Set<number>>();
    for (const { x, y, gy } of edges) {
      const height = Math.round(y - slope * (x - widthPx / 2)) * 2 + (gy > 0 ? 1 : 0);
      if (height < 0 || height > 2 * heightPx) continue;
      const columns = heights.get(height) ?? new Set();
      columns.add(x);
      heights.set(height, columns);
    }
    for (const columns of heights.values()) if (columns.size > best.columns) best = { columns: columns.size, lean };
  }
  return best.columns >= LEAST_LINE * widthPx ? best.lean : undefined;
}
