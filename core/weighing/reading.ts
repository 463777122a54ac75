import { subtractTare, type Mass } from '../measure/mass.js';
import { accept, type Answer } from '../measure/answer.js';

/** `zeroed`: scale zeroed with the wet sling on the hook, the reading is the weight. `gross-minus-tare`: the sling is taken off by sum. */
export type WeighMethod = 'zeroed' | 'gross-minus-tare';

export const WEIGH_METHODS: readonly WeighMethod[] = ['zeroed', 'gross-minus-tare'];

/** How a reading came in: from a connected scale, set by thumb beside it, typed afterwards, or read off a picture of the dial. */
export const READING_WAYS = ['live', 'set', 'typed', 'dial'] as const;
export type ReadingWay = (typeof READING_WAYS)[number];

/** What carried the scale: a hook, bar or tripod; or a hand. */
export const SCALE_SUPPORTS = ['hung', 'held'] as const;
export type ScaleSupport = (typeof SCALE_SUPPORTS)[number];

/** A weighing exactly as it was read. The net weight is always worked out, never stored in its place. */
export interface WeightReading {
  readonly asRead: Mass;
  readonly method: WeighMethod;
  /** The sling as wet as it was; only with `gross-minus-tare`. May be missing: then the net is not known. */
  readonly tare?: Mass;
  /** The weight as it was typed, where it was typed. */
  readonly written?: string;
  /** What a connected scale sent, before it was brought to the division that it shows. */
  readonly sent?: Mass;
  readonly way?: ReadingWay;
  /** Which scales and which sling of the kit. */
  readonly scalesId?: string;
  readonly slingId?: string;
  readonly support?: ScaleSupport;
  /** When the scale was set to zero with the wet sling on, or the tare was taken. */
  readonly zeroedAt?: string;
  /** When it was read. */
  readonly readAt?: string;
  /** How far the readings of a connected scale disagreed, as a standard uncertainty. */
  readonly steadyGrams?: number;
  /**
   * What the scale showed with the empty wet sling on it once the fish was away: about nothing when it was zeroed with it (below nothing if
   * the sling had become lighter), about the tare by the other school.
   */
  readonly slingAfter?: Mass;
}

/**
 * The fish's own weight, exact in the unit read; undefined when a gross reading still waits for its tare.
 * Example: a zeroed reading of 379 oz has a net of 379 oz.
 */
export function netWeight(reading: WeightReading): Answer<Mass> | undefined {
  if (reading.method === 'zeroed') return accept(reading.asRead);
  return reading.tare && subtractTare(reading.asRead, reading.tare);
}
