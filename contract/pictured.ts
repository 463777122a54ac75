import type { Mass } from '@keeper/core/measure/mass';
import type { PastDate } from '@keeper/core/measure/pastDate';
import type { FormId, SpeciesId } from '@keeper/core/domain/fish/species';

/**
 * A fish of the book with when it was on the bank and which pictures it has: what a card is sorted by. Newest first.
 */
export interface PicturedFish {
  readonly captureId: string;
  readonly startedAt: string;
  /** The moment that its log counts from. */
  readonly begunAt: string;
  readonly zone: string | null;
  readonly elapsedMs: number;
  readonly species: SpeciesId | null;
  readonly form: FormId | null;
  readonly kindName: string | null;
  readonly pictures: readonly string[];
  /** How exactly its day is known, where it is remembered. */
  readonly dated: PastDate | null;
  readonly netGrams: number | null;
  /** As it was read. */
  readonly net: Mass | null;
}
