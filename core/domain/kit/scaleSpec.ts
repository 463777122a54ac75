import type { Mass } from '../../measure/mass.js';

/** A known mass that was hung on a scale, and what the scale showed. */
export interface CheckPoint {
  /** A mass whose value is known, or a volume of water worked out by `shownWaterGrams`. */
  readonly how: 'known-mass' | 'water';
  readonly trueGrams: number;
  /** Standard uncertainty of it. */
  readonly uGrams: number;
  readonly shown: Mass;
}

/** One session with known masses. */
export interface ScaleCheck {
  readonly at: string;
  readonly points: readonly CheckPoint[];
}

/** What is asked of a scale to stand behind its weights. */
export interface ScaleSpec {
  /** The step that it shows, such as 1 oz or 10 g. */
  readonly division: Mass;
  readonly scaleClass: ScaleClass;
  readonly checks: readonly ScaleCheck[];
  /** The most that it bears, and the least that it is good for; null or absent where nobody said. */
  readonly capacity?: Mass | null;
  readonly leastLoad?: Mass | null;
}

/**
 * Classes of weighing instruments: `III` is medium accuracy, `IIII` ordinary accuracy; hanging scales are the one or
 * the other.
 */
export const SCALE_CLASSES = ['II', 'III', 'IIII'] as const;

export type ScaleClass = (typeof SCALE_CLASSES)[number];
