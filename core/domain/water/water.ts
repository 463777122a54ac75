import type { Message } from '../../measure/message.js';
import { waterMessage } from './waterMessages.js';
import type { WaterPractices } from '../practice/practicesAt.js';
import type { WaterRules } from './rules.js';

/** What kind of water it is, in the keeper's words. */
export type WaterKind = 'lake' | 'pit' | 'river' | 'canal' | 'reservoir' | 'pond';

export const WATER_KINDS: readonly WaterKind[] = ['lake', 'pit', 'river', 'canal', 'reservoir', 'pond'];

export const WATER_KIND_WORDS: Readonly<Record<WaterKind, Message>> = {
  lake: waterMessage('kindLake'),
  pit: waterMessage('kindPit'),
  river: waterMessage('kindRiver'),
  canal: waterMessage('kindCanal'),
  reservoir: waterMessage('kindReservoir'),
  pond: waterMessage('kindPond'),
};

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
  /** The keeper's own ways here, where they differ from those of everywhere else. */
  readonly practices?: WaterPractices | null;
  /** The country that it lies in, by its two letters (ISO 3166-1); it says which number helps. */
  readonly country?: string | null;
  /** Where helpers are met, in words that can be read out on the telephone. As secret as the position. */
  readonly meetingPoint?: string | null;
  readonly note: string | null;
}
