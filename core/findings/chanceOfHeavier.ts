import { coverageFactor } from '../statistics/studentT.js';
import { shareAbove, type ShareAbove, type WeightTail } from './weightTail.js';

/** How many fish of a tail each outing brought. */
export type TailFishByOuting = readonly number[];

/** With fewer of a tail's fish on outings how often they come is not known (our choice). */
export const LEAST_ON_OUTINGS = 8;
const SHARE = 0.95;

/**
 * How likely the next `trips` bring a fish heavier than `grams`, with limits: how often a fish of the tail comes to an
 * outing, as unevenly as it did, times the share of the tail that is heavier. The limits of the two are joined on their
 * logarithms (Zou and Donner 2008, Statistics in Medicine 27, 1693-1702). Null where the book does not carry it.
 * Example: with no fish of the tail on any outing nothing is said.
 */
export function chanceOfHeavier(
  tail: WeightTail,
  byOuting: TailFishByOuting,
  grams: number,
  trips: number,
): ShareAbove | null {
  const fish = byOuting.reduce((sum, each) => sum + each, 0);
  const above = shareAbove(tail, grams);
  if (above === null || fish < LEAST_ON_OUTINGS) return null;
  const rate = fish / byOuting.length;
  const wide = coverageFactor(byOuting.length - 1, SHARE) * Math.sqrt(unevenness(byOuting, rate) / fish);
  const best = Math.log(rate * above.share);
  const down = Math.hypot(wide, Math.log(above.share / above.low));
  const up = Math.hypot(wide, Math.log(above.high / above.share));
  const inTrips = (lnRate: number) => 1 - Math.exp(-trips * Math.exp(lnRate));
  return { share: inTrips(best), low: inTrips(best - down), high: inTrips(best + up) };
}

/** How many times as unevenly as by chance alone they come; never evener. */
function unevenness(byOuting: TailFishByOuting, rate: number): number {
  const off = byOuting.reduce((sum, each) => sum + (each - rate) ** 2, 0);
  return Math.max(1, off / rate / (byOuting.length - 1));
}
