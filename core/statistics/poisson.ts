/**
 * The chance that nothing happens in a time of `length`, where `count` events were seen in a time of `seen` before and
 * events come as in a Poisson process of one unknown rate. The rate is given its posterior under Jeffreys's prior,
 * Gamma(count + 1/2, seen), so that a rate known from little is believed little (Gelman et al. 2013, Bayesian Data
 * Analysis, 3rd ed., section 2.6). Times in any one unit. Throws a RangeError where nothing was seen in no time.
 * Example: of 10 events in 20 hours none comes in 2 hours with a chance of about 0.37, as exp(-1) is.
 */
export function chanceOfNone(count: number, seen: number, length: number): number {
  if (!(seen > 0) || length < 0 || count < 0) throw new RangeError('A rate is known only from some time.');
  return (seen / (seen + length)) ** (count + 0.5);
}
