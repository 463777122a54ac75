import { formatMass } from '@keeper/core/measure/formatMass';
import { gramsOf, type Mass, type MassUnit } from '@keeper/core/measure/mass';
import { nearest } from '@keeper/core/weighing/tareBracket';

/** Grams to the nearest whole unit, or to ten grams: for sentences, not for the book. Example: 10 750 g is `23 lb 11 oz`. */
export function aboutGrams(grams: number, unit: MassUnit): string {
  return formatMass(aboutMass(grams, unit));
}

/** The same as a mass. */
export function aboutMass(grams: number, unit: MassUnit): Mass {
  return unit === 'g' ? { unit: 'g', count: Math.round(grams / 10) * 10 } : nearest(grams, unit);
}

/** A doubt in the keeper's family: small ones in ounces and parts of one, or in grams. Examples: `2.6 oz`, `70 g`. */
export function doubtText(grams: number, system: 'lb-oz' | 'kg'): string {
  if (system === 'kg') return grams < 100 ? `${Math.round(grams)} g` : `${Math.round(grams / 10) * 10} g`;
  const ounces = grams / gramsOf({ unit: 'oz', count: 1 });
  return ounces >= 16 ? `${Math.floor(ounces / 16)} lb ${Math.round(ounces % 16)} oz` : `${ounces.toFixed(1)} oz`;
}
