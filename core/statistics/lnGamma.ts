const FIRST = 0.99999999999980993;
const LANCZOS = [
  676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
  -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
];

/**
 * Logarithm of the gamma function for `x` above 0, good to about 1e-14.
 * Source: Lanczos (1964), SIAM J. Numer. Anal. B 1, 86-96; coefficients for g = 7, n = 9, from memory.
 * Example: `lnGamma(5)` is ln 24.
 */
export function lnGamma(x: number): number {
  const z = x - 1;
  const sum = LANCZOS.reduce((all, c, i) => all + c / (z + i + 1), FIRST);
  const t = z + 7.5;
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}
