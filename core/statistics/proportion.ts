import { findRoot } from './findRoot.js';
import { incompleteBeta } from './incompleteBeta.js';

/** A share of all, and the limits that hold the truth in 19 of 20. */
export interface Proportion {
  readonly times: number;
  readonly of: number;
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

const TAIL = 0.025;
/** Places at which one distribution is looked up in the other: good to four digits for a thousand takes. */
const NODES = 600;
const NOTHING = 1e-12;

/**
 * The interval of Jeffreys for `times` of `of` (Brown, Cai and DasGupta 2001, Statistical Science 16, 101-133): from
 * nothing where it never happened, up to all where it always did. Throws a RangeError where it happened oftener than
 * it could. Example: of 10 of 20 the share lies between 0.293 and 0.707.
 */
export function proportionOf(times: number, of: number): Proportion {
  if (!(times >= 0 && times <= of)) throw new RangeError('Nothing happens oftener than it could.');
  if (of === 0) return { times, of, share: 0, low: 0, high: 1 };
  const [a, b] = [times + 0.5, of - times + 0.5];
  return {
    times,
    of,
    share: times / of,
    low: times === 0 ? 0 : betaQuantile(a, b, TAIL),
    high: times === of ? 1 : betaQuantile(a, b, 1 - TAIL),
  };
}

/**
 * How likely the share behind one count is larger than that behind another, each with Jeffreys' prior (Berger 1985,
 * Statistical Decision Theory, 3.3). Example: 5 of 10 against 5 of 10 is 0.5.
 */
export function chanceLarger(one: { times: number; of: number }, other: { times: number; of: number }): number {
  const [a, b] = [one.times + 0.5, one.of - one.times + 0.5];
  const [c, d] = [other.times + 0.5, other.of - other.times + 0.5];
  // Over the angle whose squared sine is the share: there the density has no end that is without bound.
  let [sum, all] = [0, 0];
  for (let i = 0; i < NODES; i += 1) {
    const angle = ((i + 0.5) / NODES) * (Math.PI / 2);
    const ln = (2 * a - 1) * Math.log(Math.sin(angle)) + (2 * b - 1) * Math.log(Math.cos(angle));
    const weight = Math.exp(ln - highest(a, b));
    all += weight;
    if (weight > NOTHING) sum += weight * incompleteBeta(c, d, Math.sin(angle) ** 2);
  }
  return sum / all;
}

/** The logarithm of that density where it is highest, but for a factor. */
function highest(a: number, b: number): number {
  const [p, q] = [2 * a - 1, 2 * b - 1];
  const share = p + q > 0 ? p / (p + q) : 0.5;
  return (p > 0 ? (p / 2) * Math.log(share) : 0) + (q > 0 ? (q / 2) * Math.log(1 - share) : 0);
}

function betaQuantile(a: number, b: number, share: number): number {
  return findRoot((x) => incompleteBeta(a, b, x) - share, 0, 1);
}
