import { median } from '../statistics/median.js';
import type { Rng } from '../statistics/rng.js';
import { shuffle } from '../statistics/shuffle.js';

/** What goes together: two numbers of each fish, and what it may be compared within. */
export interface Pair {
  readonly x: number;
  readonly y: number;
  readonly stratum: string;
}

const MOST_SHUFFLES = 499;
const ENOUGH_AS_FAR = 20;

/**
 * How often chance alone brings as strong a going together, up or down: the ranks of both within each stratum (Spearman
 * 1904), with those of the one shuffled within its stratum; shuffling ends early where the answer is clear (Besag and
 * Clifford 1991, Biometrika 78, 301-304). Example: pairs that all have one `x` have a `p` of 1.
 */
export function rankTest(pairs: readonly Pair[], luck: Rng): { readonly together: number; readonly p: number } {
  const strata = strataOf(pairs).map((of) => ({
    x: centredRanks(of.map(({ x }) => x)),
    y: centredRanks(of.map(({ y }) => y)),
  }));
  const product = (a: readonly number[], b: readonly number[]) =>
    a.reduce((sum, each, i) => sum + each * (b[i] ?? 0), 0);
  const total = () => strata.reduce((sum, { x, y }) => sum + product(x, y), 0);
  const most = Math.sqrt(
    strata.reduce((sum, { x }) => sum + product(x, x), 0) * strata.reduce((sum, { y }) => sum + product(y, y), 0),
  );
  const seen = total();
  const together = most > 0 ? seen / most : 0;
  if (together === 0) return { together, p: 1 };
  let asFar = 0;
  for (let n = 1; n <= MOST_SHUFFLES; n += 1) {
    for (const { y } of strata) shuffle(y, luck);
    if (Math.abs(total()) >= Math.abs(seen) - 1e-9) asFar += 1;
    if (asFar >= ENOUGH_AS_FAR) return { together, p: asFar / n };
  }
  return { together, p: (asFar + 1) / (MOST_SHUFFLES + 1) };
}

/** A shift, and the limits that hold the truth in 19 of 20. */
export interface Shift {
  readonly by: number;
  readonly low: number;
  readonly high: number;
}

const Z = 1.959964;

/**
 * By how much `y` is larger in the upper half of `x` than in the lower, stratum by stratum: the middle of all
 * differences between the two (Hodges and Lehmann 1963, Annals of Mathematical Statistics 34, 598-611), with the limits
 * of Mann's and Whitney's count, by its normal approximation (Lehmann 1975, Nonparametrics, 2.6). Null where a half is
 * empty everywhere. Example: halves of 1, 2 and of 11, 12 are 10 apart.
 */
export function shiftBetweenHalves(pairs: readonly Pair[]): Shift | null {
  const apart: number[] = [];
  let variance = 0;
  for (const of of strataOf(pairs)) {
    const { lower, upper } = halvesOf(of);
    for (const a of upper) for (const b of lower) apart.push(a.y - b.y);
    variance += (upper.length * lower.length * (upper.length + lower.length + 1)) / 12;
  }
  if (apart.length === 0) return null;
  apart.sort((a, b) => a - b);
  const reach = Math.max(0, Math.round(apart.length / 2 - Z * Math.sqrt(variance)));
  const at = (i: number) => apart[Math.min(apart.length - 1, Math.max(0, i))] ?? 0;
  const middle = (at(Math.floor((apart.length - 1) / 2)) + at(Math.ceil((apart.length - 1) / 2))) / 2;
  return { by: middle, low: at(reach), high: at(apart.length - 1 - reach) };
}

/** Those above the middle of `x`, and the others. */
export function halvesOf<T extends { readonly x: number }>(
  of: readonly T[],
): { lower: readonly T[]; upper: readonly T[] } {
  const middle = median(of.map(({ x }) => x)) ?? 0;
  return { lower: of.filter(({ x }) => x <= middle), upper: of.filter(({ x }) => x > middle) };
}

export function strataOf<T extends { readonly stratum: string }>(all: readonly T[]): readonly (readonly T[])[] {
  const strata = new Map<string, T[]>();
  for (const each of all) {
    const there = strata.get(each.stratum);
    if (there) there.push(each);
    else strata.set(each.stratum, [each]);
  }
  return [...strata.values()];
}

/** Ranks with ties in their middle, less their mean. */
function centredRanks(values: readonly number[]): number[] {
  const order = values.map((value, i) => ({ value, i })).sort((a, b) => a.value - b.value);
  const ranks = values.map(() => 0);
  for (let from = 0; from < order.length;) {
    let to = from;
    while (order[to + 1]?.value === order[from]?.value && to + 1 < order.length) to += 1;
    for (let at = from; at <= to; at += 1) ranks[order[at]?.i ?? 0] = (from + to) / 2 - (values.length - 1) / 2;
    from = to + 1;
  }
  return ranks;
}
