import { incompleteBeta } from './incompleteBeta.js';
import { findRoot } from './findRoot.js';
import { memoize } from './memoize.js';

/**
 * The share within two standard deviations of a normal distribution: what "k = 2" stands for (JCGM 100:2008, table
 * G.1).
 */
export const WITHIN_TWO = 0.9545;
/** From so many degrees of freedom on Student's distribution is the normal one to three places. */
const MANY = 10_000;

/**
 * Share of Student's distribution between `-t` and `t` with `freedom` degrees of freedom. Example: `withinT(12.706, 1)`
 * is 0.95.
 */
export function withinT(t: number, freedom: number): number {
  return 1 - incompleteBeta(freedom / 2, 0.5, freedom / (freedom + t * t));
}

/**
 * The `t` with a share of Student's distribution between `-t` and `t`: what an interval is widened by where few
 * measurements stand behind it. Source: JCGM 100:2008, G.3.4 and table G.2. `freedom` may be infinite, and need not be
 * whole. Example: `coverageFactor(3)` is 3.31 for the share of k = 2.
 */
export function coverageFactor(freedom: number, share = WITHIN_TWO): number {
  return factorFor(Math.min(freedom, MANY), share);
}

// A book asks for the same few again and again.
const factorFor = memoize(2000, (freedom: number, share: number) =>
  findRoot((t) => withinT(t, freedom) - share, 0, 1000),
);
