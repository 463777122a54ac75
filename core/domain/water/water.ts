import type { WaterRules } from './rules.js';

/** What kind of water it is, in the keeper's words. */
export type WaterKind = 'lake' | 'pit' | 'river' | 'canal' | 'reservoir' | 'pond';

export const WATER_KINDS: readonly WaterKind[] = ['lake', 'pit', 'river', 'canal', 'reservoir', 'pond'];

/** A place, in degrees (WGS 84). Secret unless the keeper says otherwise. */
export interface Position {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** A water that the keeper fishes. */
export interface Water {
  readonly id: string;
  readonly name: string;
  readonly kind: WaterKind;
  readonly position: Position | null;
  /** Above the sea; null when not known, and then taken as none. */
  readonly altitudeM: number | null;
  /** Practical salinity; 0 in fresh water. */
  readonly salinity: number;
  readonly rules: WaterRules;
  readonly note: string | null;
}
