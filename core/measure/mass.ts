import { measureMessage } from './measureMessages.js';
import { ok, err, type Result } from './result.js';

/**
 * The unit in which a scale's reading is counted: whole ounces, quarter ounces, drams, hundredths of a pound, or grams.
 */
export type MassUnit = 'oz' | 'quarter-oz' | 'dram' | 'lb/100' | 'g';

/** A mass exactly as a scale showed it: a whole number of one unit. */
export interface Mass {
  readonly unit: MassUnit;
  readonly count: number;
}

/**
 * One avoirdupois pound in grams, exactly (International Yard and Pound Agreement, 1959; NIST Handbook 44, Appendix C).
 */
export const GRAMS_PER_POUND = 453.59237;

/** How many of each avoirdupois unit make one pound. 16 oz = 1 lb and 16 dr = 1 oz (NIST Handbook 44, Appendix C). */
const PER_POUND: Readonly<Record<Exclude<MassUnit, 'g'>, number>> = {
  oz: 16,
  'quarter-oz': 64,
  dram: 256,
  'lb/100': 100,
};

export const MASS_UNITS: readonly MassUnit[] = ['oz', 'quarter-oz', 'dram', 'lb/100', 'g'];

/** Heavier than any freshwater fish with its sling. */
export const MOST_GRAMS = 250_000;

/** The two families in which a keeper thinks of weights. */
export type MassSystem = 'lb-oz' | 'kg';

/** The family of a unit. Example: `massSystemOf('dram') === 'lb-oz'`. */
export function massSystemOf(unit: MassUnit): MassSystem {
  return unit === 'g' ? 'kg' : 'lb-oz';
}

/** How many of an avoirdupois unit make a pound. Example: `unitsPerPound('quarter-oz') === 64`. */
export function unitsPerPound(unit: Exclude<MassUnit, 'g'>): number {
  return PER_POUND[unit];
}

/**
 * The mass in grams, for sorting, plotting and comparing; the reading itself stays the record.
 * Example: `gramsOf({ unit: 'oz', count: 16 }) === 453.59237`.
 */
export function gramsOf(mass: Mass): number {
  return mass.unit === 'g' ? mass.count : (mass.count * GRAMS_PER_POUND) / PER_POUND[mass.unit];
}

/** A mass in whole ounces from pounds and ounces. Example: `poundsOunces(23, 11).count === 379`. */
export function poundsOunces(pounds: number, ounces: number): Mass {
  return { unit: 'oz', count: pounds * 16 + ounces };
}

/**
 * The same mass counted in another unit of its own family, where that is exact; otherwise undefined.
 * Example: `recount({ unit: 'oz', count: 3 }, 'dram')` is `{ unit: 'dram', count: 48 }`.
 */
export function recount(mass: Mass, unit: MassUnit): Mass | undefined {
  if (mass.unit === unit) return mass;
  if (mass.unit === 'g' || unit === 'g') return undefined;
  const scaled = mass.count * PER_POUND[unit];
  if (scaled % PER_POUND[mass.unit] !== 0) return undefined;
  return { unit, count: scaled / PER_POUND[mass.unit] };
}

/** The finest of the units that count both masses exactly, if there is one. */
function commonUnit(a: Mass, b: Mass): MassUnit | undefined {
  if (a.unit === b.unit) return a.unit;
  const shared = MASS_UNITS.filter((unit) => recount(a, unit) && recount(b, unit));
  const finerOfTheTwo = shared.filter((unit) => unit === a.unit || unit === b.unit);
  return finerOfTheTwo[0] ?? shared[0];
}

/**
 * Gross minus tare, exact in the unit read: no step goes through grams or floating point.
 * Refuses a tare heavier than the gross, and two readings that no single unit counts exactly (pounds against grams).
 * Example: 25 lb 3 oz gross less 1 lb 8 oz of wet sling is 23 lb 11 oz.
 */
export function subtractTare(gross: Mass, tare: Mass): Result<Mass> {
  const unit = commonUnit(gross, tare);
  const g = unit && recount(gross, unit);
  const t = unit && recount(tare, unit);
  if (!unit || !g || !t) {
    return err(measureMessage('tareInOtherUnits'));
  }
  if (t.count > g.count) {
    return err(measureMessage('tareHeavier'));
  }
  return ok({ unit, count: g.count - t.count });
}

/**
 * Two readings of one fish together, exact in the finest unit that counts both. Refuses pounds with grams. Example: 110
 * lb on one scale and 24 lb 3 oz on the other are 134 lb 3 oz.
 */
export function addMasses(a: Mass, b: Mass): Result<Mass> {
  const unit = commonUnit(a, b);
  const one = unit && recount(a, unit);
  const other = unit && recount(b, unit);
  if (!unit || !one || !other) return err(measureMessage('scalesInOtherUnits'));
  return ok({ unit, count: one.count + other.count });
}

/**
 * A mass in another family, rounded down to the unit (no weight grows by being converted).
 * Example: `convertMass({ unit: 'g', count: 10000 }, 'oz')` is 352 oz, that is 22 lb.
 */
export function convertMass(mass: Mass, unit: MassUnit): Mass {
  const exact = recount(mass, unit);
  if (exact) return exact;
  const perUnit = unit === 'g' ? 1 : GRAMS_PER_POUND / PER_POUND[unit];
  // The small allowance keeps a value that is a whole number of units from falling one short in floating point.
  return { unit, count: Math.floor(gramsOf(mass) / perUnit + 1e-9) };
}

/** Whether two readings are the same mass, whatever they are counted in. Example: 16 oz and 64 quarter ounces. */
export function sameMass(a: Mass, b: Mass): boolean {
  const unit = commonUnit(a, b);
  return unit !== undefined && recount(a, unit)?.count === recount(b, unit)?.count;
}
