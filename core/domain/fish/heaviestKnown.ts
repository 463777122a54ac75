import type { SpeciesId } from './species.js';

/**
 * The heaviest that any fish of a kind is known to have been, with room above, in kg: what is heavier was read or
 * written wrongly. From memory of published record lists and of Froese and Pauly, FishBase.
 */
const HEAVIEST_KG: Readonly<Partial<Record<SpeciesId, number>>> = {
  carp: 55,
  pike: 35,
  barbel: 14,
  wels: 310,
  tench: 9,
  bream: 13,
  chub: 9,
  zander: 22,
  perch: 6,
  trout: 50,
};

/** Whether a weight is more than any fish of its kind is known to have. Example: a carp of 181 kg is. */
export function isBeyondKnown(species: SpeciesId | null, grams: number | null): boolean {
  const mostKg = species === null ? undefined : HEAVIEST_KG[species];
  return mostKg !== undefined && grams !== null && grams > mostKg * 1000;
}
