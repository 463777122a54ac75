/**
 * One step of the classical Runge-Kutta method of fourth order (Kutta 1901) for `y' = slope(t, y)`, with y as a list of
 * numbers and t in seconds. Example: `rungeKutta((_, [y]) => [-y], 0, [1], 0.1)` is close to `[Math.exp(-0.1)]`.
 */
export function rungeKutta(
  slope: (tS: number, y: readonly number[]) => readonly number[],
  tS: number,
  y: readonly number[],
  stepS: number,
): number[] {
  const along = (k: readonly number[], by: number) => y.map((value, i) => value + by * (k[i] ?? 0));
  const k1 = slope(tS, y);
  const k2 = slope(tS + stepS / 2, along(k1, stepS / 2));
  const k3 = slope(tS + stepS / 2, along(k2, stepS / 2));
  const k4 = slope(tS + stepS, along(k3, stepS));
  return y.map((value, i) => value + (stepS / 6) * ((k1[i] ?? 0) + 2 * (k2[i] ?? 0) + 2 * (k3[i] ?? 0) + (k4[i] ?? 0)));
}
