/**
 * The share of false ones among all that would be called found if this one is (Benjamini and Hochberg 1995, Journal of
 * the Royal Statistical Society B 57, 289-300), for each of several questions. Example: of `[0.01, 0.04, 0.5]` the
 * first is found at 0.03, the second at 0.06.
 */
export function falseDiscoveryRates(p: readonly number[]): readonly number[] {
  const order = p.map((_, i) => i).sort((a, b) => (p[b] ?? 0) - (p[a] ?? 0));
  const rates = new Array<number>(p.length).fill(1);
  let least = 1;
  order.forEach((i, k) => {
    const rank = p.length - k;
    least = Math.min(least, ((p[i] ?? 1) * p.length) / rank);
    rates[i] = least;
  });
  return rates;
}
