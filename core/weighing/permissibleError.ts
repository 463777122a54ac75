import { type ScaleClass } from '../domain/kit/scaleSpec.js';

/**
 * Up to how many divisions a limit of half a division holds, up to how many a whole one, and the most that the class
 * may have.
 */
const STEPS: Readonly<Record<ScaleClass, readonly [half: number, whole: number, most: number]>> = {
  II: [5_000, 20_000, 100_000],
  III: [500, 2_000, 10_000],
  IIII: [50, 200, 1_000],
};

export interface PermissibleError {
  readonly grams: number;
  /** The same as a number of divisions: 0.5, 1 or 1.5, twice that in service. */
  readonly divisions: number;
}

/**
 * The largest error that a scale may show at a load, in grams either way. `use`: at its first verification, or twice
 * that in service. Undefined where the load has more divisions than the class allows. Source: OIML R 76-1 (2006), table
 * 6 and 3.5.2, from memory. Example: a class III scale with a division of 10 g may err by 10 g at 12 kg (1200
 * divisions), by 20 g in service.
 */
export function permissibleError(
  loadGrams: number,
  divisionGrams: number,
  scaleClass: ScaleClass,
  use: 'verification' | 'service' = 'service',
): PermissibleError | undefined {
  const [half, whole, most] = STEPS[scaleClass];
  const count = loadGrams / divisionGrams;
  if (!(count >= 0) || count > most) return undefined;
  const divisions = (count <= half ? 0.5 : count <= whole ? 1 : 1.5) * (use === 'service' ? 2 : 1);
  return { grams: divisions * divisionGrams, divisions };
}
