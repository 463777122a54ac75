import { gramsOf, type Mass } from '../measure/mass.js';
import type { ScaleSpec } from '../domain/kit/scaleSpec.js';

/** Where a reading lies on its scale: below what it is good for, within, or at its very end. */
export type ScaleRange = 'under' | 'within' | 'at-end';

/**
 * Where a reading lies on its scale; within, where nobody said what it bears. Example: 60 lb on a scale of 60 lb is at
 * its end, and the fish may be heavier.
 */
export function scaleRange(
  asRead: Mass,
  { capacity, leastLoad }: Pick<ScaleSpec, 'capacity' | 'leastLoad'>,
): ScaleRange {
  const grams = gramsOf(asRead);
  if (capacity && grams >= gramsOf(capacity)) return 'at-end';
  return leastLoad && grams < gramsOf(leastLoad) ? 'under' : 'within';
}
