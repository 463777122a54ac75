import { isMeasure } from '../domain/fish/isMeasure.js';
import { leastSquares } from '../statistics/leastSquares.js';
import { coverageFactor } from '../statistics/studentT.js';
import { YEAR_MS } from '../measure/timeSpan.js';

/** One measure of a fish on a day: grams or mm, with its standard uncertainty. */
export interface Measure {
  readonly atMs: number;
  readonly value: number;
  readonly u: number;
}

/** How a fish grew, as far as its measures tell. */
export interface GrowthFit {
  readonly model: 'line' | 'von-bertalanffy';
  /** Whether a swing through the year was fitted too. */
  readonly seasonal: boolean;
  /**
   * What a fish like this is expected to measure on a day, and how far about 19 of 20 such measures lie from it, tape
   * and scale included.
   */
  at(atMs: number): { readonly value: number; readonly expanded: number };
  /** What it gained a year over the whole span, without the swing, and what holds the truth in about 19 of 20 fish. */
  readonly perYear: { readonly value: number; readonly expanded: number };
}

/** From the first measure to the last. */
export interface GrowthChange {
  readonly by: number;
  /** Standard uncertainty. */
  readonly u: number;
  readonly months: number;
}

/** What one length off a tape may be off, as a standard uncertainty (common practice, no source). */
export const TAPE_U_MM = 8;

/**
 * How far a measure lies off the growth of the fish beside its own doubt: condition, bait and spawn, or how it lay on
 * the board (common practice, no source). What the measures of the fish say counts against it: it is worth so many of
 * them.
 */
export const SCATTER = { weight: 0.08, length: 0.006 } as const;
const SCATTER_WORTH = 4;
/** Residuals beyond so many deviations pull no harder (Huber 1981: 1.345 keeps 95 % of the efficiency). */
const HUBER = 1.345;
/** Mean of the squares of what pulls, of normal residuals of one deviation, and mean of its slope (Huber 1981, 7.2). */
const HUBER_SQUARE = 0.7102;
const HUBER_SLOPE = 0.8214;
const ROUNDS = 12;
const SEASONAL_FROM = { measures: 8, years: 1.5, quarters: 3 };
const CURVED_FROM = { measures: 5, years: 3 };
/** A curve must be better than a line by this much of the corrected criterion of Akaike (Burnham and Anderson 2002). */
const CURVED_BETTER = 2;

/**
 * The growth of one fish from its measures, robust against single wrong ones. A line over its span; a von Bertalanffy
 * curve (1938) for lengths over three years and more where it is clearly better; a swing through the year for weights
 * of eight measures and more. Undefined with fewer than two measures of two days, of which each lies above nothing.
 * Iteratively reweighted least squares (Huber 1981); the scatter is what the measures say together with what is usual
 * (scaled inverse chi-squared prior; Gelman and others 2013, 2.6), and the intervals are Student's. Example: 9000 g and
 * a year later 9500 g is 500 g a year.
 */
export function growthFit(measures: readonly Measure[], of: keyof typeof SCATTER): GrowthFit | undefined {
  const sorted = soundMeasures(measures);
  const [first, last] = [sorted[0], sorted.at(-1)];
  if (!first || !last || last.atMs - first.atMs < 24 * 3_600_000) return undefined;
  const years = sorted.map(({ atMs }) => (atMs - first.atMs) / YEAR_MS);
  const span = years.at(-1) ?? 0;
  const quarters = new Set(sorted.map(({ atMs }) => Math.floor(new Date(atMs).getUTCMonth() / 3))).size;
  const seasonal =
    of === 'weight' &&
    sorted.length >= SEASONAL_FROM.measures &&
    span >= SEASONAL_FROM.years &&
    quarters >= SEASONAL_FROM.quarters;
  const sds = sorted.map(({ value, u }) => Math.hypot(u, SCATTER[of] * value));
  const values = sorted.map(({ value }) => value);
  const season = (year: number) => {
    const angle = 2 * Math.PI * (year + first.atMs / YEAR_MS);
    return seasonal ? [Math.sin(angle), Math.cos(angle)] : [];
  };
  const line = robust(
    values,
    sds,
    (p) =>
      years.map((year) => {
        const row = [1, year, ...season(year)];
        return { value: dot(row, p), row };
      }),
    [values[0] ?? 0, 0, ...(seasonal ? [0, 0] : [])],
  );
  const curve =
    of === 'length' && sorted.length >= CURVED_FROM.measures && span >= CURVED_FROM.years
      ? robust(values, sds, (p) => years.map((year) => bertalanffy(p, year)), startOf(values, span))
      : undefined;
  const curved =
    curve &&
    line &&
    curve.p.every(Number.isFinite) &&
    (curve.p[1] ?? 0) > 0 &&
    criterion(curve) + CURVED_BETTER < criterion(line)
      ? curve
      : undefined;
  const fit = curved ?? line;
  if (!fit) return undefined;
  const factor = coverageFactor(fit.freedom);
  const usualU = middleOf(sorted.map(({ u }) => u));
  const rowAt = (year: number) =>
    curved
      ? bertalanffy(fit.p, year)
      : { value: dot([1, year, ...season(year)], fit.p), row: [1, year, ...season(year)] };
  const gain = curved
    ? difference(rowAt(span), rowAt(0), span)
    : { value: fit.p[1] ?? 0, row: fit.p.map((_, i) => (i === 1 ? 1 : 0)) };
  return {
    model: curved ? 'von-bertalanffy' : 'line',
    seasonal,
    at: (atMs) => {
      const { value, row } = rowAt((atMs - first.atMs) / YEAR_MS);
      const one = Math.hypot(usualU, SCATTER[of] * value) * fit.scale;
      return { value, expanded: factor * Math.sqrt(spread(fit.covariance, row) + one ** 2) };
    },
    perYear: { value: gain.value, expanded: factor * Math.sqrt(spread(fit.covariance, gain.row)) },
  };
}

/** What a fish gained or lost between its first and last measure. Undefined with less than two. */
export function growthChange(measures: readonly Measure[]): GrowthChange | undefined {
  const sorted = soundMeasures(measures);
  const [first, last] = [sorted[0], sorted.at(-1)];
  if (!first || !last || first === last) return undefined;
  const months = ((last.atMs - first.atMs) / YEAR_MS) * 12;
  return { by: last.value - first.value, u: Math.hypot(first.u, last.u), months };
}

/** Measures of a known day above nothing, in order: whatever else a book holds says nothing of growth. */
function soundMeasures(measures: readonly Measure[]): Measure[] {
  return measures
    .filter(({ atMs, value, u }) => Number.isFinite(atMs) && isMeasure(value) && u >= 0 && Number.isFinite(u))
    .toSorted((a, b) => a.atMs - b.atMs);
}

function middleOf(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}

interface Point {
  readonly value: number;
  /** How the value changes with each parameter. */
  readonly row: readonly number[];
}

interface Fit {
  readonly p: readonly number[];
  readonly covariance: readonly (readonly number[])[];
  /** How many times as large the scatter is as was thought, and how much stands behind that. */
  readonly scale: number;
  readonly freedom: number;
  readonly deviance: number;
  readonly count: number;
}

/** Length at the first day, furthest length, and rate a year. */
function bertalanffy(p: readonly number[], year: number): Point {
  const [start, most, rate] = [p[0] ?? 0, p[1] ?? 0, p[2] ?? 0];
  const left = Math.exp(-rate * year);
  return { value: most - (most - start) * left, row: [left, 1 - left, (most - start) * left * year] };
}

function startOf(values: readonly number[], span: number): number[] {
  const [first, last] = [values[0] ?? 0, values.at(-1) ?? 0];
  return [first, last + Math.max(1, last - first) * 0.3, 1.5 / span];
}

function robust(
  values: readonly number[],
  sds: readonly number[],
  model: (p: readonly number[]) => Point[],
  start: readonly number[],
): Fit | undefined {
  let p = start;
  let scale = 1;
  let found: Fit | undefined;
  for (let round = 0; round < ROUNDS; round += 1) {
    const points = model(p);
    const off = values.map((value, i) => (value - (points[i]?.value ?? 0)) / (sds[i] ?? 1));
    // The first step is a plain one: it knows no residuals yet.
    const weights = off.map((r) => (round === 0 ? 1 : Math.min(1, (HUBER * scale) / Math.max(1e-9, Math.abs(r)))));
    const by = weights.map((weight, i) => Math.sqrt(weight) / (sds[i] ?? 1));
    const rows = points.map(({ row }, i) => row.map((x) => x * (by[i] ?? 0)));
    const solved = leastSquares(
      rows,
      off.map((r, i) => r * (sds[i] ?? 1) * (by[i] ?? 0)),
    );
    if (!solved) return found;
    p = p.map((x, i) => x + (solved.solution[i] ?? 0));
    const left = model(p).map(({ value }, i) => ((values[i] ?? 0) - value) / (sds[i] ?? 1));
    const deviance = left.reduce(
      (sum, r) => sum + (Math.abs(r) < HUBER ? r * r : 2 * HUBER * Math.abs(r) - HUBER ** 2),
      0,
    );
    const spare = Math.max(0, values.length - p.length);
    const freedom = SCATTER_WORTH + spare;
    const pulls = left.reduce((sum, r) => sum + Math.min(Math.abs(r), HUBER * scale) ** 2, 0) / HUBER_SQUARE;
    // Where no measure is spare they lie on the fit by themselves and say nothing of scatter.
    scale = Math.sqrt((SCATTER_WORTH + (spare > 0 ? pulls : 0)) / freedom);
    // As if no residual pulled less (Huber 1981, 7.6.7): the slope of what pulls stands for the weights.
    const variance = (scale * scale * HUBER_SQUARE) / HUBER_SLOPE ** 2;
    const plain = leastSquares(
      points.map(({ row }, i) => row.map((x) => x / (sds[i] ?? 1))),
      off,
    );
    const covariance = (plain ?? solved).cofactors.map((row) => row.map((x) => x * variance));
    found = { p, covariance, scale, freedom, deviance, count: values.length };
  }
  return found;
}

/** Akaike's criterion with the correction for few measures. */
function criterion({ deviance, p, count }: Fit): number {
  const spare = count - p.length - 1;
  return deviance + 2 * p.length + (spare > 0 ? (2 * p.length * (p.length + 1)) / spare : 4 * p.length);
}

function difference(to: Point, from: Point, years: number): Point {
  return { value: (to.value - from.value) / years, row: to.row.map((x, i) => (x - (from.row[i] ?? 0)) / years) };
}

function dot(a: readonly number[], b: readonly number[]): number {
  return a.reduce((sum, x, i) => sum + x * (b[i] ?? 0), 0);
}

function spread(covariance: readonly (readonly number[])[], row: readonly number[]): number {
  return Math.max(
    0,
    dot(
      row,
      covariance.map((of) => dot(of, row)),
    ),
  );
}
