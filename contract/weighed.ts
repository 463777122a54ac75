import type { SpeciesId } from '@keeper/core/domain/fish/species';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';

/** A fish that was weighed, as far as other weights are compared with it. Newest first. */
export interface WeighedFish {
  readonly captureId: string;
  readonly startedAt: string;
  readonly species: SpeciesId | null;
  readonly waterId: string | null;
  readonly fishId: string | null;
  /** The keeper whose fish it is; null for a guest's. */
  readonly keeperId: string | null;
  readonly lengthMm: number | null;
  readonly grams: number;
  readonly guessGrams: number | null;
  /** How it was weighed; only of the heaviest of each kind, which others are compared with. */
  readonly weighing?: WeightReading;
}
