import { findRoot } from '../statistics/findRoot.js';

/** A generalised Pareto distribution above a threshold: how the heaviest of a kind go on. */
export interface WeightTail {
  /** What the tail begins above, in g. */
  readonly fromGrams: number;
  /** How far each of the fish above it is above it, in g, the least first. */
  readonly above: readonly number[];
  readonly shape: number;
  readonly scaleGrams: number;
  readonly lnLikelihood: number;
}

/** A share, and the limits that hold the truth in 19 of 20. */
export interface ShareAbove {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

/** With fewer fish above the threshold nothing is said of their tail (our choice). */
export const LEAST_ABOVE = 20;
/** The heaviest of so many parts of the fish are its tail, and not more fish than `MOST_ABOVE`. */
const TAIL_SHARE = 0.4;
const MOST_ABOVE = 150;
/**
 * Below the first the largest likelihood is no measure (Smith 1985, Biometrika 72, 67-90); a tail as heavy as the
 * second no fish has.
 */
const [LEAST_SHAPE, MOST_SHAPE] = [-0.5, 0.5];
const STEPS = 40;
const NEAR_NOTHING = 1e-6;
/** As logarithm: so small a share is nothing. */
const FARTHEST = 12;
/** Half of the chi-squared of one degree of freedom that 19 of 20 stay under. */
const CREDIBLE = 3.841459 / 2;
/** Further than a fish that so many such books would hold, nothing is said. */
const OFTEN_ENOUGH = 0.3;

/**
 * Fits the tail of a kind's weights, in g, by the largest likelihood (Coles 2001, An Introduction to Statistical
 * Modeling of Extreme Values, chapter 4). Null where too few are heavy. Example: of fifty weights the heaviest twenty
 * are the tail.
 */
export function tailOf(grams: readonly number[]): WeightTail | null {
  const falling = grams.filter((each) => Number.isFinite(each) && each > 0).toSorted((a, b) => b - a);
  const many = Math.min(MOST_ABOVE, Math.max(LEAST_ABOVE, Math.floor(falling.length * TAIL_SHARE)));
  const fromGrams = falling[many];
  if (fromGrams === undefined) return null;
  const above = falling.flatMap((each) => (each > fromGrams ? [each - fromGrams] : [])).toReversed();
  if (above.length < LEAST_ABOVE) return null;
  const scaleAt = (shape: number) => bestScale(above, shape);
  const shape = highest((of) => lnLikelihood(above, of, scaleAt(of)), LEAST_SHAPE, MOST_SHAPE);
  const scaleGrams = scaleAt(shape);
  return { fromGrams, above, shape, scaleGrams, lnLikelihood: lnLikelihood(above, shape, scaleGrams) };
}

/**
 * The share of the fish of a tail that are heavier than `grams`, with the interval of its profile likelihood (Coles
 * 2001, 2.6.6). Null below the threshold, and beyond what the fish carry. Example: at the threshold it is all of them.
 */
export function shareAbove(tail: WeightTail, grams: number): ShareAbove | null {
  const { above, fromGrams, shape, scaleGrams } = tail;
  const by = grams - fromGrams;
  if (by < 0) return null;
  if (by === 0) return { share: 1, low: 1, high: 1 };
  const share = beyond(by, shape, scaleGrams);
  if (share * above.length < OFTEN_ENOUGH) return null;
  const best = Math.log(share);
  /** How much less likely the fish are where the share is that one, whatever the shape. */
  const isOut = (lnShare: number) => {
    const of = Math.exp(lnShare);
    const at = (given: number) => lnLikelihood(above, given, scaleFor(by, of, given));
    return tail.lnLikelihood - at(highest(at, LEAST_SHAPE, MOST_SHAPE)) - CREDIBLE;
  };
  return {
    share,
    low: Math.exp(findRoot((ln) => -isOut(ln), best - FARTHEST, best)),
    high: Math.exp(findRoot(isOut, best, -NEAR_NOTHING)),
  };
}

function beyond(by: number, shape: number, scale: number): number {
  if (Math.abs(shape) < NEAR_NOTHING) return Math.exp(-by / scale);
  return Math.max(0, 1 + (shape * by) / scale) ** (-1 / shape);
}

/** The scale with which so large a share is further above. */
function scaleFor(by: number, share: number, shape: number): number {
  return Math.abs(shape) < NEAR_NOTHING ? -by / Math.log(share) : (shape * by) / (share ** -shape - 1);
}

function lnLikelihood(above: readonly number[], shape: number, scale: number): number {
  if (!(scale > 0)) return -Infinity;
  let sum = -above.length * Math.log(scale);
  for (const each of above) {
    const inside = 1 + (shape * each) / scale;
    if (inside <= 0) return -Infinity;
    sum -= Math.abs(shape) < NEAR_NOTHING ? each / scale : (1 / shape + 1) * Math.log(inside);
  }
  return sum;
}

function bestScale(above: readonly number[], shape: number): number {
  const most = above.at(-1) ?? 1;
  const least = Math.max(most / 1000, shape < 0 ? -shape * most * (1 + NEAR_NOTHING) : 0);
  const ln = highest((of) => lnLikelihood(above, shape, Math.exp(of)), Math.log(least), Math.log(20 * most));
  return Math.exp(ln);
}

const GOLDEN = (Math.sqrt(5) - 1) / 2;
const ROUNDS = 45;

/** Where a function that rises once and falls is highest: by steps, then by golden section. */
function highest(of: (x: number) => number, low: number, high: number): number {
  const step = (high - low) / STEPS;
  let [best, bestAt] = [-Infinity, 0];
  for (let i = 0; i <= STEPS; i += 1) {
    const value = of(low + i * step);
    if (value > best) [best, bestAt] = [value, i];
  }
  let [from, to] = [low + Math.max(0, bestAt - 1) * step, low + Math.min(STEPS, bestAt + 1) * step];
  for (let round = 0; round < ROUNDS; round += 1) {
    const [a, b] = [to - GOLDEN * (to - from), from + GOLDEN * (to - from)];
    if (of(a) < of(b)) from = a;
    else to = b;
  }
  return (from + to) / 2;
}
