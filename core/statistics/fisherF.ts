import { findRoot } from './findRoot.js';
import { incompleteBeta } from './incompleteBeta.js';

/**
 * Share of Fisher's distribution below `f`, with `above` and `below` degrees of freedom. Example: `belowF(4.96, 1, 10)`
 * is 0.95.
 */
export function belowF(f: number, above: number, below: number): number {
  return f <= 0 ? 0 : incompleteBeta(above / 2, below / 2, (above * f) / (above * f + below));
}

/**
 * The value below which a share of Fisher's distribution lies (Abramowitz and Stegun 1964, table 26.9).
 * Example: `quantileF(0.95, 1, 10)` is 4.96.
 */
export function quantileF(share: number, above: number, below: number): number {
  return findRoot((f) => belowF(f, above, below) - share, 0, 1e6);
}
