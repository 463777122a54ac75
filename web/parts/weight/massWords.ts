import { formatMass } from '@keeper/core/measure/formatMass';
import { type Mass, type MassUnit } from '@keeper/core/measure/mass';
import { nearest } from '@keeper/core/weighing/tareBracket';

/** Grams to the nearest whole unit, or to ten grams: for sentences, not for the book. Example: 10 750 g is `23 lb 11 oz`. */
export function aboutGrams(grams: number, unit: MassUnit): string {
  return formatMass(aboutMass(grams, unit));
}

/** The same as a mass. */
export function aboutMass(grams: number, unit: MassUnit): Mass {
  return unit === 'g' ? { unit: 'g', count: Math.round(grams / 10) * 10 } : nearest(grams, unit);
}
