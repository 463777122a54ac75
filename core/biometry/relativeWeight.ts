import { isMeasure } from '../domain/fish/isMeasure.js';
import type { SpeciesId } from '../domain/fish/species.js';

/** `log10 Ws = intercept + slope log10 TL`, Ws in grams, TL in mm, from `leastMm` on. */
export interface StandardWeight {
  readonly intercept: number;
  readonly slope: number;
  readonly leastMm: number;
  readonly source: string;
}

/** Published standard weights; the numbers are from memory, to be verified. */
export const STANDARD_WEIGHT: Readonly<Partial<Record<SpeciesId, StandardWeight>>> = {
  pike: {
    intercept: -5.437,
    slope: 3.096,
    leastMm: 100,
    source: 'northern pike: Anderson and Neumann (1996), Fisheries Techniques, 2nd ed.',
  },
  carp: {
    intercept: -4.639,
    slope: 2.92,
    leastMm: 200,
    source: 'common carp: Bister, Willis, Brown, Jordan, Neumann, Quist and Guy (2000), NAJFM 20, 570-574',
  },
  trout: {
    intercept: -5.422,
    slope: 3.194,
    leastMm: 140,
    source: 'brown trout, still water: Hyatt and Hubert (2001), NAJFM 21, 1-6',
  },
};

/**
 * The standard weight in grams at a length; undefined where none is published for the kind or the fish is too small for
 * it.
 */
export function standardWeightGrams(species: SpeciesId, lengthMm: number): number | undefined {
  const standard = STANDARD_WEIGHT[species];
  if (!standard || !isMeasure(lengthMm) || lengthMm < standard.leastMm) return undefined;
  return 10 ** (standard.intercept + standard.slope * Math.log10(lengthMm));
}

/**
 * Relative weight in percent: 100 is a fish in good order for its length (Wege and Anderson 1978). `lengthMm` is to the
 * tip, tail pinched. It is no verdict on one fish: see `WS_SPREAD`. Example: a pike of 1000 mm and 7000 g has a
 * relative weight of about 98.
 */
export function relativeWeight(species: SpeciesId, lengthMm: number, grams: number): number | undefined {
  const standard = standardWeightGrams(species, lengthMm);
  return standard === undefined || !isMeasure(grams) ? undefined : (100 * grams) / standard;
}

/**
 * How far relative weights of sound fish lie apart, in points: spawn, sex, and river against still water each move them
 * by about as much (Blackwell, Brown and Willis 2000, Rev. Fish. Sci. 8, 1-44, in outline, from memory).
 */
export const WS_SPREAD = { fish: 10, spawn: 10, sex: 5, river: 8 } as const;
