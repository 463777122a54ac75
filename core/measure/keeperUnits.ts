import { GRAMS_PER_POUND, type MassSystem } from './mass.js';

const MM_PER_INCH = 25.4;

/** A size of kit in the keeper's unit, to the nearest whole one. Examples: 1070 mm is `42 in` or `107 cm`. */
export function formatSize(mm: number, habit: 'in' | 'cm'): string {
  return habit === 'in' ? `${Math.round(mm / MM_PER_INCH)} in` : `${Math.round(mm / 10)} cm`;
}

/** A breaking strain in the keeper's unit. Examples: 6.8 kg is `15 lb` or `6.8 kg`. */
export function formatStrain(kg: number, system: MassSystem): string {
  return `${Number(strainIn(kg, system).toFixed(1))} ${system === 'kg' ? 'kg' : 'lb'}`;
}

/** A breaking strain as a number of the keeper's unit, and back. Example: 6.80388555 kg are 15 lb. */
export function strainIn(kg: number, system: MassSystem): number {
  return system === 'kg' ? kg : (kg * 1000) / GRAMS_PER_POUND;
}

export function strainKg(strain: number, system: MassSystem): number {
  return system === 'kg' ? strain : (strain * GRAMS_PER_POUND) / 1000;
}
