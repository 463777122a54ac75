import { formatMass } from '@keeper/core/measure/formatMass';
import type { MassUnit } from '@keeper/core/measure/mass';
import { aboutMass } from '@keeper/core/measure/nearestMass';

/**
 * Grams to the nearest whole unit, or to ten grams: for sentences, not for the book. Example: 10 750 g is `23 lb 11
 * oz`.
 */
export function aboutGrams(grams: number, unit: MassUnit): string {
  return formatMass(aboutMass(grams, unit));
}
