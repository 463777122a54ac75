const ROUNDS = 200;

/**
 * Where a rising function crosses nothing between `low` and `high`, by bisection to the last digits; the nearer end
 * where it does not cross. Example: `findRoot((x) => x * x - 2, 0, 2)` is 1.41421356...
 */
export function findRoot(rising: (x: number) => number, low: number, high: number): number {
  let [from, to] = [low, high];
  for (let round = 0; round < ROUNDS && to - from > 1e-12 * Math.max(1, Math.abs(to)); round += 1) {
    const middle = (from + to) / 2;
    if (rising(middle) < 0) from = middle;
    else to = middle;
  }
  return (from + to) / 2;
}
