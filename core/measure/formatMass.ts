import { massSystemOf, unitsPerPound, type Mass, type MassSystem, convertMass } from './mass.js';

const QUARTERS = ['', '¼', '½', '¾'] as const;

/**
 * A mass as a keeper writes it, losing nothing of the reading.
 * Examples: `23 lb 11 oz`, `23 lb 11¼ oz`, `23 lb 11 oz 8 dr`, `23.11 lb`, `8.45 kg`, `850 g`.
 */
export function formatMass(mass: Mass): string {
  // Only an empty sling on a zeroed scale lies below zero.
  if (mass.count < 0) return `−${formatMass({ ...mass, count: -mass.count })}`;
  if (mass.unit === 'g') return formatGrams(mass.count);
  if (mass.unit === 'lb/100') return `${(mass.count / 100).toFixed(2)} lb`;
  const perOunce = unitsPerPound(mass.unit) / 16;
  const pounds = Math.floor(mass.count / (16 * perOunce));
  const ounces = Math.floor(mass.count / perOunce) % 16;
  const rest = mass.count % perOunce;
  const head = pounds > 0 ? `${pounds} lb ` : '';
  if (mass.unit === 'quarter-oz') return `${head}${ounces || rest === 0 ? ounces : ''}${QUARTERS[rest] ?? ''} oz`;
  return rest > 0 ? `${head}${ounces} oz ${rest} dr` : `${head}${ounces} oz`;
}

function formatGrams(grams: number): string {
  if (grams < 1000) return `${grams} g`;
  return `${(grams / 1000).toFixed(grams % 10 === 0 ? 2 : 3)} kg`;
}

/**
 * The mass in the keeper's family of units, said to be converted when it is.
 * Example: `formatMassIn({ unit: 'g', count: 10000 }, 'lb-oz') === '22 lb 0 oz'`.
 */
export function formatMassIn(mass: Mass, system: MassSystem): string {
  if (massSystemOf(mass.unit) === system) return formatMass(mass);
  return formatMass(convertMass(mass, system === 'kg' ? 'g' : 'oz'));
}
