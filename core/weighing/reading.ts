import { subtractTare, type Mass } from '../measure/mass.js';
import { accept, type Answer } from '../measure/answer.js';

/** `zeroed`: scale zeroed with the wet sling on the hook, the reading is the weight. `gross-minus-tare`: the sling is taken off by sum. */
export type WeighMethod = 'zeroed' | 'gross-minus-tare';

export const WEIGH_METHODS: readonly WeighMethod[] = ['zeroed', 'gross-minus-tare'];

/** A weighing exactly as it was read. The net weight is always worked out, never stored in its place. */
export interface WeightReading {
  readonly asRead: Mass;
  readonly method: WeighMethod;
  /** The sling as wet as it was; only with `gross-minus-tare`. May be missing: then the net is not known. */
  readonly tare?: Mass;
  /** The weight as it was typed, where it was typed. */
  readonly written?: string;
}

/**
 * The fish's own weight, exact in the unit read; undefined when a gross reading still waits for its tare.
 * Example: a zeroed reading of 379 oz has a net of 379 oz.
 */
export function netWeight(reading: WeightReading): Answer<Mass> | undefined {
  if (reading.method === 'zeroed') return accept(reading.asRead);
  return reading.tare && subtractTare(reading.asRead, reading.tare);
}
