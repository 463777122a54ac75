import { normalBelow } from './normal.js';
import { memoize } from './memoize.js';
import { coverageFactor, withinT, WITHIN_TWO } from './studentT.js';

/**
 * One independent doubt: its standard uncertainty, its degrees of freedom, and whether it is spread evenly between two
 * limits.
 */
export interface Doubt {
  readonly u: number;
  readonly freedom: number;
  readonly even: boolean;
}

/** With so many degrees of freedom Student's distribution is taken for the normal one. */
const NORMAL_FROM = 200;
/**
 * Places and shares for the mean over an even spread (Gauss and Legendre; Abramowitz and Stegun 1964, table 25.4, n =
 * 8, from memory).
 */
const PLACES: readonly (readonly [x: number, share: number])[] = (
  [
    [0.1834346424956498, 0.362683783378362],
    [0.525532409916329, 0.3137066458778873],
    [0.7966664774136267, 0.2223810344533745],
    [0.9602898564975363, 0.1012285362903763],
  ] as const
).flatMap(([x, share]) => [[x, share / 2] as const, [-x, share / 2] as const]);
const ROUNDS = 30;

/** The root of the sum of squares of independent doubts. */
export function combineDoubts(doubts: readonly Doubt[]): number {
  return Math.hypot(...doubts.map(({ u }) => u));
}

/**
 * Degrees of freedom of a combined doubt (Welch and Satterthwaite; JCGM 100:2008, G.4.1). Example: two equal ones of 4
 * have 8.
 */
export function effectiveFreedom(doubts: readonly Doubt[]): number {
  const u = combineDoubts(doubts);
  const share = doubts.reduce((sum, each) => sum + (each.u / u) ** 4 / each.freedom, 0);
  return share > 0 ? 1 / share : Infinity;
}

/**
 * Half the width that holds a share of the sum of independent doubts. The largest even one is kept as it is, all others
 * together are taken as Student's; for where one limit rules, twice the standard deviation would hold everything (JCGM
 * 100:2008, G.2.2; EA-4/02, S9). Example: one even doubt alone, of 1 to each side, needs 0.9545; one normal doubt of 1
 * needs 2.
 */
export function expandDoubts(doubts: readonly Doubt[], share = WITHIN_TWO): number {
  const even = doubts.filter((each) => each.even).toSorted((a, b) => b.u - a.u)[0];
  const others = doubts.filter((each) => each !== even);
  const rest = combineDoubts(others);
  const limit = Math.sqrt(3) * (even?.u ?? 0);
  const freedom = effectiveFreedom(others);
  if (!even || limit === 0) return coverageFactor(freedom, share) * rest;
  if (rest < 1e-6 * limit) return share * limit;
  return rest * expandEven(limit / rest, freedom, share);
}

/**
 * The same in units of all others together. Weighed on one scale in one way, the fish of a book ask for the same few.
 */
const expandEven = memoize(2000, (limit: number, freedom: number, share: number) => {
  const below = (x: number) => (freedom >= NORMAL_FROM ? normalBelow(x) : halfT(x, freedom));
  const within = (x: number) =>
    PLACES.reduce((sum, [place, part]) => sum + part * (below(x + place * limit) - below(-x + place * limit)), 0);
  let [low, high] = [0, limit + coverageFactor(freedom, share)];
  for (let round = 0; round < ROUNDS; round += 1) {
    const middle = (low + high) / 2;
    if (within(middle) < share) low = middle;
    else high = middle;
  }
  return high;
});

function halfT(t: number, freedom: number): number {
  return 0.5 + (Math.sign(t) * withinT(t, freedom)) / 2;
}
