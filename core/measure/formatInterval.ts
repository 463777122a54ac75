import { GRAMS_PER_POUND, type MassSystem } from './mass.js';

const GRAMS_PER_OUNCE = GRAMS_PER_POUND / 16;
/**
 * Below this doubt a weight in ounces is said to a tenth of one: so many steps of the last digit are left to the doubt.
 */
const FINE_OUNCES = 3;
const FINE_GRAMS = 100;

/** A weight in words, and its doubt in the same unit. */
export interface MassInterval {
  readonly value: string;
  readonly doubt: string;
}

/**
 * An estimate with its doubt, in one unit and with as many digits as the doubt bears; the doubt is never rounded down
 * (JCGM 100:2008, 7.2.6). Examples: 10 744 g give or take 75 g is `23 lb 11.0 oz` and `2.7 oz`, or `10.744 kg` and `75
 * g`.
 */
export function formatInterval(grams: number, expandedGrams: number, system: MassSystem): MassInterval {
  const fine = system === 'kg' ? expandedGrams < FINE_GRAMS : expandedGrams < FINE_OUNCES * GRAMS_PER_OUNCE;
  return { value: formatEstimate(grams, system, fine), doubt: formatDoubt(expandedGrams, system) };
}

/**
 * A doubt alone, in the unit that such a doubt is thought of in. Examples: `2.6 oz`, `70 g`, `1 lb 15 oz`, `1.2 kg`.
 */
export function formatDoubt(grams: number, system: MassSystem): string {
  if (system === 'kg') {
    if (grams < FINE_GRAMS) return `${roundUp(grams, 1)} g`;
    const tens = roundUp(grams, 10);
    return tens < 1000 ? `${tens} g` : `${(tens / 1000).toFixed(2)} kg`;
  }
  const ounces = grams / GRAMS_PER_OUNCE;
  if (ounces < FINE_OUNCES) return `${roundUp(ounces, 0.1).toFixed(1)} oz`;
  // Rounded before it is parted, so that no sixteenth ounce is left.
  return poundsAndOunces(roundUp(ounces, 1), 0);
}

function formatEstimate(grams: number, system: MassSystem, fine: boolean): string {
  const sign = grams < 0 ? '−' : '';
  const size = Math.abs(grams);
  if (system === 'kg') {
    const rounded = fine ? Math.round(size) : Math.round(size / 10) * 10;
    return rounded < 1000 ? `${sign}${rounded} g` : `${sign}${(rounded / 1000).toFixed(fine ? 3 : 2)} kg`;
  }
  const ounces = size / GRAMS_PER_OUNCE;
  return `${sign}${poundsAndOunces(fine ? Math.round(ounces * 10) / 10 : Math.round(ounces), fine ? 1 : 0)}`;
}

function poundsAndOunces(ounces: number, decimals: number): string {
  const pounds = Math.floor(ounces / 16);
  const rest = (ounces - 16 * pounds).toFixed(decimals);
  return pounds > 0 ? `${pounds} lb ${rest} oz` : `${rest} oz`;
}

function roundUp(value: number, step: number): number {
  return Math.ceil(value / step - 1e-9) * step;
}

/** A mass in whole pounds or kilograms, for one that was never read. Example: 49 200 g is `108 lb` or `49 kg`. */
export function formatRoughMass(grams: number, system: MassSystem): string {
  return system === 'kg' ? `${Math.round(grams / 1000)} kg` : `${Math.round(grams / GRAMS_PER_POUND)} lb`;
}

/** From where to where, as wide as it is: the ends are never drawn in. Example: `92 to 127 lb`. */
export function formatMassRange(leastGrams: number, mostGrams: number, system: MassSystem): string {
  const unit = system === 'kg' ? 1000 : GRAMS_PER_POUND;
  return `${Math.floor(leastGrams / unit + 1e-9)} to ${Math.ceil(mostGrams / unit - 1e-9)} ${system === 'kg' ? 'kg' : 'lb'}`;
}
