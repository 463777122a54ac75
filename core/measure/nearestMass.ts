import { gramsOf, type Mass, type MassUnit } from './mass.js';

/** Grams in a unit, to the nearest whole one of it. Example: 85 g in ounces is 3 oz. */
export function nearest(grams: number, unit: MassUnit): Mass {
  return { unit, count: Math.round(grams / gramsOf({ unit, count: 1 })) };
}

/**
 * The nearest whole unit, or ten grams: for sentences, and for a weight that was worked out rather than read. Example:
 * 10 750 g in ounces is 379 oz.
 */
export function aboutMass(grams: number, unit: MassUnit): Mass {
  return unit === 'g' ? { unit: 'g', count: Math.round(grams / 10) * 10 } : nearest(grams, unit);
}
