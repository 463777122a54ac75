import { leastSquares } from '../../statistics/leastSquares.js';
import { flankDistance, type FlankPoint } from '../../domain/fish/flankPoint.js';

/** Marks of one flank found again on another, and what that says. */
export interface MarkMatch {
  /** Places in the first list and in the second. */
  readonly pairs: readonly (readonly [number, number])[];
  /** How many times likelier it is with one fish than with two, by natural logarithm. */
  readonly evidence: number;
}

const NOTHING: MarkMatch = { pairs: [], evidence: 0 };
/** With fewer marks on either flank nothing is said: any three points fit any other three. */
const LEAST_MARKS = 4;
/** Triangles are made with so many of the nearest marks of each. */
const NEAREST = 6;
/**
 * Landmarks are off by a hundredth or two, and a fish bends: the same mark lies within this of itself in two pictures,
 * in lengths.
 */
const GATE = 0.06;
/** Once one flank is laid on the other by its marks they lie this near: a scale's width or less. */
const NEAR = 0.014;
/** Two triangles are of one shape when their sides, as shares of the longest, differ by less. */
const SHAPE = 0.09;
const LEAST_VOTES = 2;
const ROUNDS = 4;
/** Of the marks of a fish, this share is set again where it was: the others were lost, hidden, or not thought of. */
const SET_AGAIN = 0.7;
/** The part of the frame that a flank fills, in squared lengths: what a mark set anywhere could fall on. */
const FLANK_AREA = 0.16;
/** Laying one on the other uses up as many matches as it has freedom: three points fit always. */
const USED_UP = 3;
const MOST_EVIDENCE = 9;

interface Triangle {
  /** From the corner opposite the longest side on: the order that two triangles of one shape share. */
  readonly corners: readonly [number, number, number];
  readonly middle: number;
  readonly least: number;
  readonly clockwise: boolean;
}

/**
 * Whether the marks on two flanks are one constellation: triangles of neighbouring marks that have one shape and lie
 * near each other vote for their corners being the same (Groth 1986, Astron. J. 91, 1244); what was voted for lays one
 * flank on the other, bending, askew and grown as it may be; what then lies together counts against what chance would
 * bring together. Both lists in the flank frame. Example: nine marks, one of them lost and all of them moved by a tenth
 * of a scale, are found again.
 */
export function matchMarks(a: readonly FlankPoint[], b: readonly FlankPoint[]): MarkMatch {
  if (a.length < LEAST_MARKS || b.length < LEAST_MARKS) return NOTHING;
  let pairs = votedFor(a, b);
  for (let round = 0; round < ROUNDS && pairs.length >= 3; round += 1) {
    const laid = laidBy(pairs, a, b);
    if (!laid) break;
    pairs = together(a.map(laid), b);
  }
  if (pairs.length < 3) return { pairs: [], evidence: markEvidence(0, a.length, b.length) };
  return { pairs, evidence: markEvidence(pairs.length, a.length, b.length) };
}

/** By a binomial trial for each mark of the smaller set: found again, or not. */
function markEvidence(found: number, countA: number, countB: number): number {
  const [fewer, more] = [Math.min(countA, countB), Math.max(countA, countB)];
  const byChance = Math.min(0.6, (more * Math.PI * NEAR ** 2) / FLANK_AREA);
  const counted = Math.max(0, found - USED_UP);
  const missed = fewer - found;
  const evidence = counted * Math.log(SET_AGAIN / byChance) + missed * Math.log((1 - SET_AGAIN) / (1 - byChance));
  return Math.min(MOST_EVIDENCE, Math.max(-MOST_EVIDENCE / 3, evidence));
}

function votedFor(a: readonly FlankPoint[], b: readonly FlankPoint[]): (readonly [number, number])[] {
  const votes = new Map<number, number>();
  const ofB = trianglesOf(b).sort((p, q) => p.middle - q.middle);
  for (const one of trianglesOf(a)) {
    for (const other of ofB) {
      if (other.middle < one.middle - SHAPE) continue;
      if (other.middle > one.middle + SHAPE) break;
      if (other.clockwise !== one.clockwise || Math.abs(other.least - one.least) > SHAPE) continue;
      const near = one.corners.every((corner, i) => {
        const [p, q] = [a[corner], b[other.corners[i] ?? -1]];
        return p && q && flankDistance(p, q) < GATE;
      });
      if (!near) continue;
      for (const [i, corner] of one.corners.entries()) {
        const key = corner * b.length + (other.corners[i] ?? 0);
        votes.set(key, (votes.get(key) ?? 0) + 1);
      }
    }
  }
  const [takenA, takenB] = [new Set<number>(), new Set<number>()];
  const pairs: [number, number][] = [];
  for (const [key, count] of [...votes].sort((p, q) => q[1] - p[1])) {
    const [i, j] = [Math.floor(key / b.length), key % b.length];
    if (count < LEAST_VOTES || takenA.has(i) || takenB.has(j)) continue;
    takenA.add(i);
    takenB.add(j);
    pairs.push([i, j]);
  }
  return pairs;
}

function trianglesOf(points: readonly FlankPoint[]): Triangle[] {
  const found = new Map<string, Triangle>();
  for (const [i, point] of points.entries()) {
    const near = [...points.keys()]
      .filter((j) => j !== i)
      .sort((p, q) => flankDistance(point, points[p] ?? point) - flankDistance(point, points[q] ?? point))
      .slice(0, NEAREST);
    for (const [n, j] of near.entries()) {
      for (const k of near.slice(n + 1)) {
        const key = [i, j, k].sort((p, q) => p - q).join();
        const triangle = found.has(key) ? undefined : triangleOf(points, [i, j, k]);
        if (triangle) found.set(key, triangle);
      }
    }
  }
  return [...found.values()];
}

function triangleOf(points: readonly FlankPoint[], of: readonly [number, number, number]): Triangle | undefined {
  const sides = of.map((corner, i) => {
    const [p, q] = [points[of[(i + 1) % 3] ?? 0], points[of[(i + 2) % 3] ?? 0]];
    return { corner, length: p && q ? flankDistance(p, q) : 0 };
  });
  const [longest, middle, least] = sides.sort((p, q) => q.length - p.length);
  if (!longest || !middle || !least || least.length < 0.4 * NEAR) return undefined;
  const [p, q, r] = [points[longest.corner], points[middle.corner], points[least.corner]];
  if (!p || !q || !r) return undefined;
  return {
    corners: [longest.corner, middle.corner, least.corner],
    middle: middle.length / longest.length,
    least: least.length / longest.length,
    clockwise: (q.u - p.u) * (r.v - p.v) - (q.v - p.v) * (r.u - p.u) > 0,
  };
}

/** Held to the shift alone where few pairs speak, so that three of them cannot turn the flank over. */
const HELD = 0.02;

/** An affine map that lays the marks of pairs on each other. */
function laidBy(
  pairs: readonly (readonly [number, number])[],
  a: readonly FlankPoint[],
  b: readonly FlankPoint[],
): ((point: FlankPoint) => FlankPoint) | undefined {
  const both = pairs.flatMap(([i, j]) => {
    const [from, to] = [a[i], b[j]];
    return from && to ? [{ from, to }] : [];
  });
  const rows = [...both.map(({ from }) => [1, from.u, from.v]), [0, HELD, 0], [0, 0, HELD]];
  const u = leastSquares(rows, [...both.map(({ from, to }) => to.u - from.u), 0, 0])?.solution;
  const v = leastSquares(rows, [...both.map(({ from, to }) => to.v - from.v), 0, 0])?.solution;
  if (!u || !v) return undefined;
  const along = (s: readonly number[], p: FlankPoint) => (s[0] ?? 0) + (s[1] ?? 0) * p.u + (s[2] ?? 0) * p.v;
  return (point) => ({ u: point.u + along(u, point), v: point.v + along(v, point) });
}

/** Marks that lie together, the nearest first, each once. */
function together(a: readonly FlankPoint[], b: readonly FlankPoint[]): (readonly [number, number])[] {
  const near = a.flatMap((p, i) =>
    b.flatMap((q, j) => {
      const distance = flankDistance(p, q);
      return distance < NEAR ? [{ i, j, distance }] : [];
    }),
  );
  const [takenA, takenB] = [new Set<number>(), new Set<number>()];
  return near
    .sort((p, q) => p.distance - q.distance)
    .flatMap(({ i, j }) => {
      if (takenA.has(i) || takenB.has(j)) return [];
      takenA.add(i);
      takenB.add(j);
      return [[i, j] as const];
    });
}
