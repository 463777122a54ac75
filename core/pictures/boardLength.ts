import type { Message } from '../measure/message.js';
import { picturesMessage } from './pictureMessages.js';
import { leastSquares } from '../statistics/leastSquares.js';
import type { Pixel } from '../geometry/pixel.js';

/** A mark of the board that was tapped: what stands at it, and where it is in the picture. */
export interface BoardMark {
  readonly atMm: number;
  readonly pixel: Pixel;
}

export interface BoardTaps {
  /** Three marks or more. */
  readonly marks: readonly BoardMark[];
  readonly nose: Pixel;
  readonly tail: Pixel;
  /** How far a tap lies from what was meant, along one direction, as a standard deviation in pixels. */
  readonly tapPx: number;
}

/** A length read off a board in a picture. */
export interface BoardLength {
  readonly lengthMm: number;
  /** Standard uncertainty; twice that about covers 95 of 100. */
  readonly uMm: number;
  /** Each mark: where the fit puts it less what stands at it. */
  readonly residualsMm: readonly number[];
  /** How the scale changes from nose to tail: 1 means seen square on. */
  readonly foreshortening: number;
}

export type BoardReading =
  { readonly ok: true; readonly value: BoardLength } | { readonly ok: false; readonly message: Message };

/** Weight of what is known of taps beforehand against what the marks' own scatter says, in marks. */
const PRIOR_MARKS = 12;
/** A mark this many standard deviations off its place was not the mark that it was taken for. */
const WRONG_MARK = 5;

/**
 * Length of a fish on a board, from a picture at any angle. A straight board is seen by any camera without bent lines
 * as `s = (a t + b) / (c t + 1)` along its line in the picture, with `t` along the board (Hartley and Zisserman 2004,
 * 2.2.3: projective transformation of a line). The three numbers are fitted to the marks by least squares (Gauss-Newton
 * from the linear solution); nose and tail are put onto the line square to it and read off the inverse. The uncertainty
 * follows from the fit's covariance and the two taps themselves (JCGM 100:2008, 5.2), with the scatter of the marks
 * pooled with what is known of taps. Assumes a flat, straight board, a lens without distortion, and nose and tail
 * touching the ruled line. Example: marks at 0, 500 and 1000 mm at x = 0, 500 and 1000 px, nose at 0 and tail at 800 px
 * give 800 mm.
 */
export function boardLength({ marks, nose, tail, tapPx }: BoardTaps): BoardReading {
  const different = new Set(marks.map(({ atMm }) => atMm));
  if (different.size < 3) return refuse(picturesMessage('boardTooFewMarks'));
  const line = lineThrough(marks.map(({ pixel }) => pixel));
  const alongPx = marks.map(({ pixel }) => line.along(pixel));
  const fit = fitProjective(
    marks.map(({ atMm }, i) => ({ t: atMm, s: alongPx[i] ?? 0 })),
    tapPx,
  );
  if (!fit) return refuse(picturesMessage('boardMarksNoLine'));
  const residualsMm = marks.map(({ atMm }, i) => fit.toMm(alongPx[i] ?? 0) - atMm);
  const wrong = wrongMark(marks, alongPx, fit, tapPx);
  if (wrong) return refuse(picturesMessage('boardMarkOff', { atMm: wrong.atMm, offMm: wrong.offMm }));
  const ends = [nose, tail].map((pixel) => line.along(pixel));
  const [from, to] = ends.map((s) => fit.toMm(s));
  if (from === undefined || to === undefined) return refuse(picturesMessage('boardNoFish'));
  const lengthMm = Math.abs(to - from);
  if (!(lengthMm > 0) || !Number.isFinite(lengthMm)) return refuse(picturesMessage('boardNoLength'));
  const [nearNose, nearTail] = ends.map((s) => Math.abs(fit.mmPerPx(s)));
  return {
    ok: true,
    value: {
      lengthMm,
      uMm: Math.sqrt(
        fit.varianceOfSpan(ends[0] ?? 0, ends[1] ?? 0) + tapPx ** 2 * ((nearNose ?? 0) ** 2 + (nearTail ?? 0) ** 2),
      ),
      residualsMm,
      foreshortening: (nearTail ?? 1) / (nearNose ?? 1),
    },
  };
}

/**
 * Length by something of known length in the picture, where there is no board: the scale of its middle is taken for the
 * whole fish. How far the camera was off square is not known, and up to `tiltRad` (15 degrees, common practice, no
 * source) is carried as doubt. Example: a reel of 100 mm that is 200 px long, a fish of 1600 px: 800 mm, give or take.
 */
export function lengthByReference(
  reference: { readonly lengthMm: number; readonly ends: readonly [Pixel, Pixel] },
  { nose, tail, tapPx, tiltRad = (15 * Math.PI) / 180 }: Omit<BoardTaps, 'marks'> & { readonly tiltRad?: number },
): BoardReading {
  const [a, b] = reference.ends;
  const referencePx = Math.hypot(a.x - b.x, a.y - b.y);
  const fishPx = Math.hypot(nose.x - tail.x, nose.y - tail.y);
  if (!(reference.lengthMm > 0) || referencePx < 4 * tapPx) return refuse(picturesMessage('referenceTooShort'));
  if (!(fishPx > 0)) return refuse(picturesMessage('boardNoLength'));
  const lengthMm = (fishPx / referencePx) * reference.lengthMm;
  const taps = Math.SQRT2 * tapPx * Math.hypot(1 / referencePx, 1 / fishPx);
  // A tilt takes up to 1 - cos of either; even within that bound.
  const tilt = ((1 - Math.cos(tiltRad)) * Math.SQRT2) / Math.sqrt(3);
  return {
    ok: true,
    value: { lengthMm, uMm: lengthMm * Math.hypot(taps, tilt), residualsMm: [], foreshortening: 1 },
  };
}

/**
 * By how much a fish reads too long because its outline lies nearer to the camera than the board: with the camera over
 * its middle, similar triangles. Example: 700 mm read, the snout's tip 30 mm over the board, the camera at 1200 mm:
 * 17.5 mm.
 */
export function parallaxMm(lengthMm: number, heightMm: number, cameraMm: number): number {
  if (!(cameraMm > heightMm)) throw new RangeError('The camera stands further off than the fish is thick.');
  return (lengthMm * heightMm) / cameraMm;
}

function refuse(message: Message): BoardReading {
  return { ok: false, message };
}

/** The straight line that lies nearest to points, square to it (Pearson 1901). */
function lineThrough(points: readonly Pixel[]) {
  const mean = (of: (point: Pixel) => number) => points.reduce((sum, point) => sum + of(point), 0) / points.length;
  const [x0, y0] = [mean(({ x }) => x), mean(({ y }) => y)];
  const xx = mean(({ x }) => (x - x0) ** 2);
  const yy = mean(({ y }) => (y - y0) ** 2);
  const xy = mean(({ x, y }) => (x - x0) * (y - y0));
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return { along: ({ x, y }: Pixel) => (x - x0) * cos + (y - y0) * sin };
}

interface OnLine {
  /** Along the board, mm. */
  readonly t: number;
  /** Along its line in the picture, px. */
  readonly s: number;
}

function fitProjective(points: readonly OnLine[], tapPx: number) {
  // Both are brought near one, so that the three numbers are of one size.
  const tMid = (Math.min(...points.map(({ t }) => t)) + Math.max(...points.map(({ t }) => t))) / 2;
  const tSize = Math.max(...points.map(({ t }) => Math.abs(t - tMid)));
  const sSize = Math.max(...points.map(({ s }) => Math.abs(s)));
  if (!(sSize > 0)) return undefined;
  const near = points.map(({ t, s }) => ({ t: (t - tMid) / tSize, s: s / sSize }));
  const first = leastSquares(
    near.map(({ t, s }) => [t, 1, -t * s]),
    near.map(({ s }) => s),
  );
  if (!first) return undefined;
  let [a, b, c] = first.solution as [number, number, number];
  let cofactors = first.cofactors;
  for (let round = 0; round < 20; round += 1) {
    const step = leastSquares(
      near.map(({ t }) => slopes(a, b, c, t)),
      near.map(({ t, s }) => s - (a * t + b) / (c * t + 1)),
    );
    if (!step) return undefined;
    const [da, db, dc] = step.solution as [number, number, number];
    [a, b, c] = [a + da, b + db, c + dc];
    cofactors = step.cofactors;
    if (Math.hypot(da, db, dc) < 1e-12) break;
  }
  // The horizon of the board must lie beyond all of it, and the board must not fold back.
  if (near.some(({ t }) => c * t + 1 <= 0.05) || Math.abs(a - b * c) < 1e-6) return undefined;
  const squares = near.reduce((sum, { t, s }) => sum + (s - (a * t + b) / (c * t + 1)) ** 2, 0) * sSize ** 2;
  const freedom = points.length - 3;
  const sigmaPx = Math.sqrt((PRIOR_MARKS * tapPx ** 2 + squares) / (PRIOR_MARKS + freedom));
  const nearT = (s: number) => (s - b) / (a - s * c);
  // How t at a fixed place changes with a, b and c.
  const gradient = (sPx: number) => {
    const s = sPx / sSize;
    const t = nearT(s);
    const along = (a - b * c) / (c * t + 1) ** 2;
    return slopes(a, b, c, t).map((slope) => -slope / along);
  };
  return {
    sigmaPx,
    toMm: (sPx: number) => nearT(sPx / sSize) * tSize + tMid,
    toPx: (tMm: number) => {
      const t = (tMm - tMid) / tSize;
      return ((a * t + b) / (c * t + 1)) * sSize;
    },
    mmPerPx: (sPx: number) => {
      const s = sPx / sSize;
      return (((a - b * c) / (a - s * c) ** 2) * tSize) / sSize;
    },
    varianceOfSpan: (from: number, to: number) => {
      const [g, h] = [gradient(from), gradient(to)];
      const d = g.map((slope, i) => (h[i] ?? 0) - slope);
      let variance = 0;
      for (const [i, row] of cofactors.entries())
        for (const [j, cofactor] of row.entries()) variance += (d[i] ?? 0) * cofactor * (d[j] ?? 0);
      return variance * ((sigmaPx / sSize) * tSize) ** 2;
    },
  };
}

function slopes(a: number, b: number, c: number, t: number): [number, number, number] {
  const under = c * t + 1;
  return [t / under, 1 / under, (-t * (a * t + b)) / under ** 2];
}

type Fit = NonNullable<ReturnType<typeof fitProjective>>;

/** The mark that does not lie where the others put it; undefined where all of them agree within what taps are off. */
function wrongMark(marks: readonly BoardMark[], alongPx: readonly number[], fit: Fit, tapPx: number) {
  const points = marks.map(({ atMm }, i) => ({ t: atMm, s: alongPx[i] ?? 0 }));
  const worstOff = (of: Fit, among: readonly OnLine[]) =>
    Math.max(...among.map(({ t, s }) => Math.abs(s - of.toPx(t))));
  if (worstOff(fit, points) <= WRONG_MARK * tapPx) return undefined;
  // A wrong mark draws the line to itself: it is the one without which the others lie best.
  const without = points.map(({ t, s }, i) => {
    const others = points.filter((_, k) => k !== i);
    const fitted = others.length >= 3 ? fitProjective(others, tapPx) : undefined;
    return {
      atMm: t,
      left: fitted ? worstOff(fitted, others) : Infinity,
      offMm: Math.abs((fitted ?? fit).toMm(s) - t),
    };
  });
  return without.reduce((best, each) => (each.left < best.left ? each : best));
}
