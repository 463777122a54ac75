import { identityWarp, type Warp } from './refineWarp.js';
import { addSlackened, bestNearby } from './springs.js';
import type { DescriptorLevel } from '../descriptor/descriptorLevel.js';

/** How far a flank may lie off, in coarse cells, along and across. */
const REACH_ALONG = 5;
const REACH_ACROSS = 4;
const WIDE = 2 * REACH_ALONG + 1;
const HIGH = 2 * REACH_ACROSS + 1;
/**
 * The print is looked for in so many parts along and across, each of which may lie off the others a
 * little.
 */
const PARTS_ALONG = 5;
const PARTS_ACROSS = 2;
const REACH = { wide: WIDE, high: HIGH, slack: 2, price: 0.01 };
/** Of a part that was seen at all, so much must be seen on both prints. */
const LEAST_SHARE = 0.4;
const LEAST_CELLS = 25;
/** Holds the fitted slopes back where few parts speak. */
const HELD = 0.3;

export interface CoarseAlignment {
  /** How well the parts agree at the best place, about 0 to 1: tells a likely flank from an unlikely one. */
  readonly likeness: number;
  /** The best places, each tilted and stretched as its parts say, in coarse cells; the best first. */
  readonly shifts: readonly Warp[];
}

interface Part {
  readonly x: number;
  readonly y: number;
  readonly weight: number;
  readonly likeness: Float32Array;
}

/**
 * Where about a print lies on another. Each part of it is looked for by normalised correlation (Lewis 1995); the place
 * is the one at which the parts, each allowed a little slack, are together most alike, as with springs between them
 * (Felzenszwalb and Huttenlocher 2005).
 */
export function coarseAlign(print: DescriptorLevel, other: DescriptorLevel, most: number): CoarseAlignment {
  const parts = partsOf(print, other);
  const total = new Float64Array(WIDE * HIGH);
  const weights = parts.reduce((sum, { weight }) => sum + weight, 0);
  for (const { weight, likeness } of parts) addSlackened(likeness, weight, REACH, total);
  const places = [...total.keys()].sort((p, q) => (total[q] as number) - (total[p] as number));
  const taken: number[] = [];
  for (const place of places) {
    if (taken.length >= most) break;
    if (!taken.some((other) => touches(place, other))) taken.push(place);
  }
  const likeness = weights === 0 ? 0 : (total[places[0] ?? 0] as number) / weights;
  return { likeness, shifts: taken.map((place) => tilted(parts, place)) };
}

const along = (place: number) => (place % WIDE) - REACH_ALONG;
const across = (place: number) => Math.floor(place / WIDE) - REACH_ACROSS;
const touches = (a: number, b: number) => Math.abs(along(a) - along(b)) <= 1 && Math.abs(across(a) - across(b)) <= 1;

/** A common place with the slopes along and across that the places of the parts suggest. */
function tilted(parts: readonly Part[], place: number): Warp {
  const normal = [0, 0, 0].map((_, i) => [0, 0, 0].map((__, j) => (i === j ? HELD : 0)));
  const [rightAlong, rightAcross] = [
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const part of parts) {
    const found = bestNearby(part.likeness, REACH, place);
    const weight = part.weight * Math.max(0, found.likeness) ** 2;
    for (const [i, a] of [1, part.x, part.y].entries()) {
      for (const [j, b] of [1, part.x, part.y].entries())
        (normal[i] as number[])[j] = (normal[i]?.[j] ?? 0) + weight * a * b;
      rightAlong[i] = (rightAlong[i] ?? 0) + weight * a * found.along;
      rightAcross[i] = (rightAcross[i] ?? 0) + weight * a * found.across;
    }
  }
  const shift = identityWarp();
  shift.set(three(normal, rightAlong), 0);
  shift.set(three(normal, rightAcross), 6);
  shift[0] = (shift[0] as number) + along(place);
  shift[6] = (shift[6] as number) + across(place);
  return shift;
}

/** Three equations of three unknowns by Cramer's rule; they are held, so they have an answer. */
function three(m: readonly (readonly number[])[], r: readonly number[]): number[] {
  const det = (c: readonly (readonly number[])[]) => {
    const v = (i: number, j: number) => c[i]?.[j] ?? 0;
    return (
      v(0, 0) * (v(1, 1) * v(2, 2) - v(1, 2) * v(2, 1)) -
      v(0, 1) * (v(1, 0) * v(2, 2) - v(1, 2) * v(2, 0)) +
      v(0, 2) * (v(1, 0) * v(2, 1) - v(1, 1) * v(2, 0))
    );
  };
  const whole = det(m);
  return [0, 1, 2].map((k) => det(m.map((row, i) => row.map((value, j) => (j === k ? (r[i] ?? 0) : value)))) / whole);
}

function partsOf(print: DescriptorLevel, other: DescriptorLevel): Part[] {
  const { columns, rows } = print;
  const [wide, high] = [Math.floor(columns / PARTS_ALONG), Math.floor(rows / PARTS_ACROSS)];
  const parts: Part[] = [];
  for (let j = 0; j < PARTS_ACROSS; j += 1) {
    for (let i = 0; i < PARTS_ALONG; i += 1) {
      const [left, top] = [i * wide, j * high];
      let seen = 0;
      for (let y = top; y < top + high; y += 1)
        for (let x = left; x < left + wide; x += 1) seen += print.known[y * columns + x] as number;
      if (seen < Math.max(LEAST_CELLS, 0.2 * wide * high)) continue;
      const [x, y] = [(2 * (i + 0.5)) / PARTS_ALONG - 1, (2 * (j + 0.5)) / PARTS_ACROSS - 1];
      parts.push({ x, y, weight: Math.sqrt(seen), likeness: mapOf(print, other, left, top, wide, high, seen) });
    }
  }
  return parts;
}

/** How alike a part is to the other print at every place within reach. */
function mapOf(
  { columns, rows, value: a, known: ka }: DescriptorLevel,
  { value: b, known: kb }: DescriptorLevel,
  left: number,
  top: number,
  wide: number,
  high: number,
  seen: number,
): Float32Array {
  const map = new Float32Array(WIDE * HIGH);
  for (let dy = -REACH_ACROSS, at = 0; dy <= REACH_ACROSS; dy += 1) {
    const [y0, y1] = [Math.max(0, top + dy), Math.min(rows, top + high + dy)];
    for (let dx = -REACH_ALONG; dx <= REACH_ALONG; dx += 1, at += 1) {
      const [x0, x1] = [Math.max(0, left + dx), Math.min(columns, left + wide + dx)];
      let count = 0;
      let sum = 0;
      let here = 0;
      let there = 0;
      for (let y = y0; y < y1; y += 1) {
        const end = y * columns + x1;
        for (let j = y * columns + x0, i = j - dy * columns - dx; j < end; j += 1, i += 1) {
          const p = a[i] as number;
          const q = b[j] as number;
          const seenHere = ka[i] as number;
          const seenThere = kb[j] as number;
          count += seenHere * seenThere;
          sum += p * q;
          here += p * p * seenThere;
          there += q * q * seenHere;
        }
      }
      if (count < Math.max(LEAST_CELLS, LEAST_SHARE * seen)) continue;
      map[at] = sum / Math.sqrt((here + 1) * (there + 1));
    }
  }
  return map;
}
