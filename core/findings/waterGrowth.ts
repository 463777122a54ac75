import { YEAR_MS } from '../measure/timeSpan.js';
import { mean, squaresAboutMean } from '../statistics/mean.js';
import { coverageFactor } from '../statistics/studentT.js';
import type { FishTaken } from './fishingRecord.js';

/** What the known fish of a water put on in a year, in g, with the limits that hold the mean in 19 of 20. */
export interface WaterGrowth {
  readonly fish: number;
  readonly gramsAYear: number;
  readonly low: number;
  readonly high: number;
}

/** With fewer fish their spread is not known (our choice). */
export const LEAST_GROWN = 4;
/** Sooner again a weight differs by what was eaten that week (common practice, no source). */
export const LEAST_YEARS_APART = 0.75;
const SHARE = 0.95;

/**
 * The growth of the known fish among these, each from its first weighing to its last: the mean of the fish with
 * Student's limits, so that one that is caught often counts once. Null of too few. Example: four fish that put on 500,
 * 700, 900 and 1,100 g in a year have 800 g, give or take 411.
 */
export function waterGrowthOf(fish: readonly FishTaken[]): WaterGrowth | null {
  const weighed = new Map<string, { atMs: number; grams: number }[]>();
  for (const { fishId, netGrams, atMs } of fish) {
    if (fishId === null || netGrams === null || atMs === null) continue;
    weighed.set(fishId, [...(weighed.get(fishId) ?? []), { atMs, grams: netGrams }]);
  }
  const rates = [...weighed.values()].flatMap((of) => {
    const sorted = of.sort((a, b) => a.atMs - b.atMs);
    const [first, last] = [sorted[0], sorted.at(-1)];
    if (!first || !last) return [];
    const years = (last.atMs - first.atMs) / YEAR_MS;
    return years < LEAST_YEARS_APART ? [] : [(last.grams - first.grams) / years];
  });
  if (rates.length < LEAST_GROWN) return null;
  const gramsAYear = mean(rates);
  const freedom = rates.length - 1;
  const wide = coverageFactor(freedom, SHARE) * Math.sqrt(squaresAboutMean(rates) / freedom / rates.length);
  return { fish: rates.length, gramsAYear, low: gramsAYear - wide, high: gramsAYear + wide };
}
