import { findRoot } from '../statistics/findRoot.js';
import { aboveChiSquared } from '../statistics/chiSquared.js';

/** How many fish an hour, and the limits that hold the truth in 19 of 20. */
export interface Rate {
  readonly rate: number;
  readonly low: number;
  readonly high: number;
}

const TAIL = 0.025;

/**
 * The exact interval of a Poisson rate (Garwood 1936, Biometrika 28, 437-442): `count` fish in `hours` rod-hours.
 * Throws a RangeError where no time was fished. Example: of 10 fish in 10 hours the rate lies between 0.48 and 1.84.
 */
export function rateInterval(count: number, hours: number): Rate {
  if (!(hours > 0) || count < 0) throw new RangeError('A rate is known only from some time.');
  const at = (share: number, freedom: number) =>
    freedom === 0 ? 0 : findRoot((x) => share - aboveChiSquared(x, freedom), 0, 50 + 4 * freedom);
  return {
    rate: count / hours,
    low: at(1 - TAIL, 2 * count) / 2 / hours,
    high: at(TAIL, 2 * count + 2) / 2 / hours,
  };
}
