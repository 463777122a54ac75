import { smoothed } from './gaussian.js';
import type { Plane } from './raster.js';

const FINE_PX = 1;
const COARSE_PX = 2;
/**
 * Edges are asked in this many directions, so that a smear in one of them is not hidden by the sharp edges along it.
 */
const DIRECTIONS = 4;
const LEAST_EDGES = 12;

/**
 * How wide the edges of a picture are, as the deviation of a blur in pixels: at a step edge the ratio of the gradients
 * of two smoothed copies tells how blurred it was before (Elder and Zucker 1998; by re-blurring, Zhuo and Sim 2011).
 * The median of the strongest edges is taken for each direction, and the worst direction counts, so that shaking shows
 * as well as focus. Undefined where there are too few edges to say. Example: a black-and-white step is about 0.5 px
 * wide, the same step blurred by 3 px about 3.
 */
export function edgeBlurPx(light: Plane, wanted: (x: number, y: number) => boolean = () => true): number | undefined {
  const fine = smoothed(light, FINE_PX);
  const coarse = smoothed(light, COARSE_PX);
  const edges = strongestEdges(fine, coarse, wanted);
  const widths = Array.from({ length: DIRECTIONS }, (_, direction) =>
    edges.filter((edge) => edge.direction === direction).map(({ ratio }) => widthOf(ratio)),
  ).filter(({ length }) => length >= LEAST_EDGES);
  if (widths.length === 0) return undefined;
  return Math.max(...widths.map((of) => of.toSorted((a, b) => a - b)[Math.floor(of.length / 2)] ?? 0));
}

/** From the ratio of the two gradients to the blur that the edge had of itself. */
function widthOf(ratio: number): number {
  const squared = ratio * ratio;
  if (squared <= 1.02) return 12;
  return Math.sqrt(Math.max(0, (COARSE_PX ** 2 - squared * FINE_PX ** 2) / (squared - 1)));
}

interface Edge {
  readonly strength: number;
  readonly ratio: number;
  readonly direction: number;
}

/** Where brightness changes fastest along its own direction: the fifth that change most. */
function strongestEdges(fine: Plane, coarse: Plane, wanted: (x: number, y: number) => boolean): Edge[] {
  const { widthPx, heightPx } = fine;
  const sizes = gradients(coarse);
  const found: Edge[] = [];
  for (let y = 3; y < heightPx - 3; y += 1) {
    for (let x = 3, at = y * widthPx + 3; x < widthPx - 3; x += 1, at += 1) {
      const size = sizes[at] as number;
      if (size < LEAST_SLOPE) continue;
      const [gx, gy] = [across(coarse, at), down(coarse, at)];
      const step = Math.abs(gx) > Math.abs(gy) ? Math.sign(gx) : Math.sign(gy) * widthPx;
      if (size < (sizes[at + step] as number) || size < (sizes[at - step] as number) || !wanted(x, y)) continue;
      const ratio = Math.hypot(across(fine, at), down(fine, at)) / size;
      const angle = Math.atan2(gy, gx) / Math.PI + 1;
      found.push({ strength: size, ratio, direction: Math.round(angle * DIRECTIONS) % DIRECTIONS });
    }
  }
  return found.toSorted((a, b) => b.strength - a.strength).slice(0, Math.max(60, Math.ceil(found.length / 5)));
}

/** Grey steps over two pixels: below it is grain, not an edge. */
const LEAST_SLOPE = 4;

function gradients(plane: Plane): Float32Array {
  const sizes = new Float32Array(plane.data.length);
  for (let at = plane.widthPx; at < sizes.length - plane.widthPx; at += 1) {
    const [gx, gy] = [across(plane, at), down(plane, at)];
    sizes[at] = Math.sqrt(gx * gx + gy * gy);
  }
  return sizes;
}

function across({ data }: Plane, at: number): number {
  return (data[at + 1] as number) - (data[at - 1] as number);
}

function down({ data, widthPx }: Plane, at: number): number {
  return (data[at + widthPx] as number) - (data[at - widthPx] as number);
}
