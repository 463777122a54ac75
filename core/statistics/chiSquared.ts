import { lnGamma } from './lnGamma.js';

const MOST_TERMS = 1000;

/**
 * Share of the chi-squared distribution above `x` with `freedom` degrees of freedom: how often chance alone leaves so
 * much over. Source: Abramowitz and Stegun (1964), 26.4.6, by the series of the incomplete gamma function (6.5.29).
 * Example: `aboveChiSquared(3.84, 1)` is 0.05.
 */
export function aboveChiSquared(x: number, freedom: number): number {
  if (x <= 0) return 1;
  const [a, y] = [freedom / 2, x / 2];
  // Far out the series would need more terms than it is worth: what lies there is nothing.
  if (y > a + 200) return 0;
  let term = 1 / a;
  let sum = term;
  for (let n = 1; n < MOST_TERMS && term > 1e-16 * sum; n += 1) {
    term *= y / (a + n);
    sum += term;
  }
  return Math.max(0, 1 - sum * Math.exp(a * Math.log(y) - y - lnGamma(a)));
}
