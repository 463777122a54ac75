import { HOUR_MS } from '../measure/timeSpan.js';
import { bSplinesAt } from '../statistics/bSplines.js';
import { fitPenalisedPoisson, type CountedRow, type PoissonFit } from '../statistics/penalisedPoisson.js';
import { coverageFactor } from '../statistics/studentT.js';
import type { Effort, OutingEffort, RodHour } from './effort.js';
import { sunAround } from './light.js';

/** What a rate is drawn over: hours from sunrise, hours from sunset, and degrees of the water. */
export const CURVES = ['sunrise', 'sunset', 'waterC'] as const;
export type Curve = (typeof CURVES)[number];

/** The rate at one place, in fish a rod-hour, with the limits that hold the truth in 19 of 20. */
export interface RatePoint {
  readonly x: number;
  readonly rate: number;
  readonly low: number;
  readonly high: number;
}

export interface RateCurve {
  readonly curve: Curve;
  readonly points: readonly RatePoint[];
  readonly fish: number;
  readonly rodHours: number;
}

/** With fewer fish a curve is nothing but its penalty (our choice). */
export const LEAST_DRAWN = 20;
const PIECES = 8;
const SIZE = PIECES + 3;
const POINTS = 33;
/** Five minutes, or a sixth of a degree. */
const BINS = 150;
/** Strengths of the penalty that are tried. */
const STRENGTHS = [0.1, 0.3, 1, 3, 10, 30, 100, 300, 1000, 3000];
const SHARE = 0.95;
/** A place is drawn where at least this share of the rod-hours lies beside it, */
const LEAST_BESIDE = 0.01;
/** and where its upper limit is not so many times above the best rate: there nothing is known. */
const MOST_ABOVE = 4;

const SPANS: Readonly<Record<Curve, Span>> = {
  sunrise: { low: -3, high: 6 },
  sunset: { low: -6, high: 3 },
  waterC: { low: 2, high: 28 },
};

/**
 * How the rate goes along one thing: a cubic spline of eight pieces whose second differences are held small, with a
 * Poisson likelihood (Eilers and Marx 1996, Statistical Science 11, 89-121). How small is chosen by Akaike's criterion
 * on the over-dispersed likelihood, and the dispersion is estimated from whole outings, since fish of one day come
 * together. Null of too few fish. Example: a rate that does not change is drawn level.
 */
export function rateCurveOf(curve: Curve, { outings }: Pick<Effort, 'outings'>): RateCurve | null {
  const span = SPANS[curve];
  const byOuting = outings.map((each) => piecesOf(curve, each));
  const bins = Array.from({ length: BINS }, () => ({ count: 0, exposure: 0 }));
  for (const pieces of byOuting)
    for (const { bin, count, exposure } of pieces) {
      const there = bins[bin];
      if (!there) continue;
      there.count += count;
      there.exposure += exposure;
    }
  const fish = bins.reduce((sum, { count }) => sum + count, 0);
  const rodHours = bins.reduce((sum, { exposure }) => sum + exposure, 0);
  if (fish < LEAST_DRAWN) return null;
  const rows = bins.flatMap((bin, at): CountedRow[] =>
    bin.exposure > 0 ? [{ ...bin, ...splinesAt(middleOf(at, span), span) }] : [],
  );
  const fits = STRENGTHS.flatMap((strength) => fitPenalisedPoisson(rows, SIZE, smoothness(strength)) ?? []);
  const loosest = fits[0];
  if (!loosest) return null;
  const dispersion = dispersionOf(byOuting, loosest, span);
  const cost = ({ deviance, freedom }: PoissonFit) => deviance / dispersion + 2 * freedom;
  const best = fits.reduce((least, each) => (cost(each) < cost(least) ? each : least));
  const outingsTold = byOuting.filter((of) => of.length > 0).length;
  const wide = coverageFactor(Math.max(1, outingsTold - 1), SHARE) * Math.sqrt(dispersion);
  const step = (span.high - span.low) / (POINTS - 1);
  /** Rod-hours within a point of this one. */
  const beside = (x: number) =>
    bins.reduce((sum, { exposure }, at) => sum + (Math.abs(middleOf(at, span) - x) <= 1.5 * step ? exposure : 0), 0);
  const points = Array.from({ length: POINTS }, (_, i) => span.low + i * step).flatMap((x) =>
    beside(x) < LEAST_BESIDE * rodHours ? [] : [pointAt(x, span, best, wide)],
  );
  const highest = Math.max(...points.map(({ rate }) => rate));
  return { curve, points: points.filter(({ high }) => high <= MOST_ABOVE * highest), fish, rodHours };
}

interface Span {
  readonly low: number;
  readonly high: number;
}

/** A rod-hour, by the bin that it lies in: a curve does not bend within one. */
interface Piece {
  readonly bin: number;
  readonly count: number;
  readonly exposure: number;
}

function piecesOf(curve: Curve, effort: OutingEffort): Piece[] {
  const { low, high } = SPANS[curve];
  const pieces: Piece[] = [];
  effort.rodHours.forEach((rodHour, i) => {
    const x = placeOf(curve, rodHour, effort);
    if (x === null || x < low || x > high || !(rodHour.hours > 0)) return;
    const bin = Math.min(BINS - 1, Math.floor(((x - low) / (high - low)) * BINS));
    pieces.push({ bin, count: effort.fish[i] ?? 0, exposure: rodHour.hours });
  });
  return pieces;
}

function middleOf(bin: number, { low, high }: Span): number {
  return low + ((bin + 0.5) * (high - low)) / BINS;
}

function splinesAt(x: number, span: Span): Pick<CountedRow, 'columns' | 'values'> {
  const { first, values } = bSplinesAt(x, { ...span, pieces: PIECES });
  return { columns: [first, first + 1, first + 2, first + 3], values };
}

function placeOf(curve: Curve, rodHour: RodHour, { position }: OutingEffort): number | null {
  if (curve === 'waterC') return rodHour.how?.waterC ?? null;
  if (position === null) return null;
  const middleMs = rodHour.atMs + (rodHour.hours * HOUR_MS) / 2;
  const { riseMs, setMs } = sunAround(middleMs, position);
  const fromMs = curve === 'sunrise' ? riseMs : setMs;
  return fromMs === null ? null : (middleMs - fromMs) / HOUR_MS;
}

/** Second differences, squared. */
function smoothness(strength: number): Float64Array {
  const penalty = new Float64Array(SIZE * SIZE);
  for (let k = 0; k + 2 < SIZE; k += 1)
    for (const [i, a] of SECOND.entries())
      for (const [j, b] of SECOND.entries()) {
        const at = (k + i) * SIZE + k + j;
        penalty[at] = (penalty[at] ?? 0) + strength * a * b;
      }
  return penalty;
}

const SECOND = [1, -2, 1] as const;

/** How many times as far from what is expected as chance alone has them the outings lie; never nearer. */
function dispersionOf(
  byOuting: readonly (readonly Piece[])[],
  { coefficients, freedom }: PoissonFit,
  span: Span,
): number {
  const rates = Array.from({ length: BINS }, (_, bin) =>
    Math.exp(along(splinesAt(middleOf(bin, span), span), coefficients)),
  );
  let [sum, outings] = [0, 0];
  for (const pieces of byOuting) {
    if (pieces.length === 0) continue;
    let [count, mean] = [0, 0];
    for (const piece of pieces) {
      count += piece.count;
      mean += piece.exposure * (rates[piece.bin] ?? 0);
    }
    sum += (count - mean) ** 2 / mean;
    outings += 1;
  }
  return Math.max(1, sum / Math.max(1, outings - freedom));
}

function along({ columns, values }: Pick<CountedRow, 'columns' | 'values'>, coefficients: Float64Array): number {
  return columns.reduce((sum, column, i) => sum + (values[i] ?? 0) * (coefficients[column] ?? 0), 0);
}

function pointAt(x: number, span: Span, fit: PoissonFit, wide: number): RatePoint {
  const { first, values } = bSplinesAt(x, { ...span, pieces: PIECES });
  const columns = values.map((_, i) => first + i);
  let variance = 0;
  columns.forEach((a, i) =>
    columns.forEach((b, j) => {
      variance += (values[i] ?? 0) * (values[j] ?? 0) * (fit.inverse[a * SIZE + b] ?? 0);
    }),
  );
  const ln = along({ columns, values }, fit.coefficients);
  const reach = wide * Math.sqrt(variance);
  return { x, rate: Math.exp(ln), low: Math.exp(ln - reach), high: Math.exp(ln + reach) };
}
