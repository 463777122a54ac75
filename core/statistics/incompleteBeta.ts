import { lnGamma } from './lnGamma.js';

const MOST_ROUNDS = 500;
const GOOD = 1e-14;
const TINY = 1e-300;

/**
 * The regularised incomplete beta function, for `a` and `b` above 0 and `x` from 0 to 1: the distributions of Student
 * and Fisher follow from it. Source: Abramowitz and Stegun (1964), 26.5.8, evaluated by the method of Lentz (Press et
 * al. 2007, Numerical Recipes, 6.4). Example: `incompleteBeta(2, 3, 0.5)` is 0.6875.
 */
export function incompleteBeta(a: number, b: number, x: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  // The fraction converges fast on one side of the mean; the other follows by symmetry.
  if (x > (a + 1) / (a + b + 2)) return 1 - incompleteBeta(b, a, 1 - x);
  const front = Math.exp(lnGamma(a + b) - lnGamma(a) - lnGamma(b) + a * Math.log(x) + b * Math.log(1 - x));
  return (front / a) * fraction(a, b, x);
}

function fraction(a: number, b: number, x: number): number {
  const apart = (value: number) => (Math.abs(value) < TINY ? TINY : value);
  let c = 1;
  let d = 1 / apart(1 - ((a + b) * x) / (a + 1));
  let h = d;
  for (let m = 1; m <= MOST_ROUNDS; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    let step = 1;
    for (const term of [even, odd]) {
      d = 1 / apart(1 + term * d);
      c = apart(1 + term / c);
      step = d * c;
      h *= step;
    }
    if (Math.abs(step - 1) < GOOD) break;
  }
  return h;
}
