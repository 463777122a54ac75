import type { SpeciesId } from '@keeper/core/fish/species';

/** A fish that was weighed, as far as other weights are held against it. Newest first. */
export interface WeighedFish {
  readonly captureId: string;
  readonly startedAt: string;
  readonly species: SpeciesId | null;
  readonly lengthMm: number | null;
  readonly grams: number;
  readonly guessGrams: number | null;
}
