import { normalBelow } from '../statistics/normal.js';

/** A weight with its standard uncertainty, in grams. */
export interface UncertainWeight {
  readonly grams: number;
  readonly uGrams: number;
}

/**
 * How likely the one is heavier than the other, both normal and weighed apart (JCGM 106:2012, 7: a conformity probability).
 * Example: 10.00 kg and 9.95 kg, each give or take 0.05 kg at k = 2, is 0.92.
 */
export function probabilityHeavier(one: UncertainWeight, other: UncertainWeight): number {
  const u = Math.hypot(one.uGrams, other.uGrams);
  if (u === 0) return one.grams > other.grams ? 1 : one.grams < other.grams ? 0 : 0.5;
  return normalBelow((one.grams - other.grams) / u);
}
