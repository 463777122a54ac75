import type { ExpectationAsked } from '../biometry/expectedWeight.js';
import type { Mass } from '../measure/mass.js';
import type { WeightReading } from '../domain/capture/weightReading.js';

/**
 * An entry that is looked at: the weight as it stands, what is known of the fish, and what happened around the
 * weighing.
 */
export interface Entry extends ExpectationAsked {
  readonly reading: WeightReading;
  /** Whether the scale was seen to be zeroed with the sling on; undefined where nothing could have told. */
  readonly zeroSeen?: boolean | undefined;
  /** The wet tare of the sling as it is known from the kit. */
  readonly slingGrams?: number | undefined;
  /** The step of the scale used; tells whether the entry could have been read off it. */
  readonly division?: Mass | undefined;
  /** The weight and length that were written last before this one. */
  readonly before?: { readonly grams: number; readonly lengthMm: number | null } | undefined;
  /** What the keeper guessed before the reading. */
  readonly guessGrams?: number | undefined;
}
