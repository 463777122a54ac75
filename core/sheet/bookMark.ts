import type { Imported } from '../domain/capture/imported.js';
import type { SpeciesId } from '../domain/fish/species.js';

/** A fish that is in the book, as far as another is told from it. */
export interface BookMark {
  readonly captureId: string;
  /** The day of the take, or the first that it may have been: `YYYY-MM-DD`. */
  readonly day: string;
  readonly waterId: string | null;
  readonly species: SpeciesId | null;
  readonly grams: number | null;
  readonly lengthMm: number | null;
  /** Of a fish that came in with a sheet: which import, and the key of its row. */
  readonly imported: Imported | null;
}
