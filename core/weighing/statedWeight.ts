import { gramsOf } from '../measure/mass.js';
import type { WeightResult } from './result.js';

/**
 * The one number that is shown with an interval, and what it is: the weight as it stands, or the best estimate beside
 * it.
 */
export interface StatedWeight {
  readonly about: 'as-read' | 'best';
  readonly grams: number;
  readonly expandedGrams: number;
}

/** Closer than this share of its doubt, the best estimate is the weight as read. */
const SAME_WITHIN = 0.1;

/**
 * Which number carries the interval. The weight that stands, as long as the best estimate hardly differs (its interval
 * is then widened by the difference, JCGM 100:2008, F.2.4.5); else the best estimate with its own. Example: 23 lb 11 oz
 * read and 23 lb 9 oz estimated, give or take 3 oz: the interval is round 23 lb 9 oz.
 */
export function stateWeight({ stands, best, standsExpandedGrams }: WeightResult): StatedWeight {
  const grams = gramsOf(stands);
  return Math.abs(best.grams - grams) <= SAME_WITHIN * best.expandedGrams
    ? { about: 'as-read', grams, expandedGrams: standsExpandedGrams }
    : { about: 'best', grams: best.grams, expandedGrams: best.expandedGrams };
}
