import type { SpeciesId } from '../domain/fish/species.js';
import type { Position } from '../domain/water/water.js';

/** A stretch of time that one rod fished one way. */
export interface RodStretch {
  readonly rod: number;
  readonly fromMs: number;
  readonly toMs: number;
  readonly swimId: string | null;
  readonly rig: string | null;
  readonly bait: string | null;
}

/** How it was at the beginning of an hour; null where nobody knows. */
export interface HourOfOuting {
  readonly atMs: number;
  readonly waterC: number | null;
  /** Reduced to sea level. */
  readonly pressureHpa: number | null;
  readonly windMs: number | null;
  readonly cloudOctas: number | null;
}

/** An outing that took place, with all the time that its rods fished. */
export interface OutingFished {
  readonly outingId: string;
  readonly waterId: string | null;
  readonly fromMs: number;
  readonly expected: readonly SpeciesId[];
  readonly stretches: readonly RodStretch[];
  readonly hours: readonly HourOfOuting[];
}

/** A fish that took, landed or lost. */
export interface FishTaken {
  readonly captureId: string;
  readonly outingId: string | null;
  readonly waterId: string | null;
  /** Null where only its day is known. */
  readonly atMs: number | null;
  readonly species: SpeciesId | null;
  readonly rod: number | null;
  readonly swimId: string | null;
  readonly bait: string | null;
  readonly keeperId: string | null;
  /** The known fish that it is; null where nobody has said. */
  readonly fishId: string | null;
}

/** All that findings rest on. */
export interface FishingRecord {
  readonly outings: readonly OutingFished[];
  readonly fish: readonly FishTaken[];
  /** Where the waters are, as far as that is known: the light of an hour depends on it. */
  readonly positions: Readonly<Record<string, Position>>;
}
