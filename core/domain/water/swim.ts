import type { Message } from '../../measure/message.js';
import { waterMessage } from './waterMessages.js';
import type { Fixture } from './plan.js';
import type { Position } from './water.js';

export const BANK_KINDS = ['grass', 'gravel', 'platform', 'boat', 'wading'] as const;
/** What one stands on. */
export type BankKind = (typeof BANK_KINDS)[number];

export const HAZARDS = ['stones', 'power-line', 'steep-edge', 'traffic'] as const;
/** What can hurt fish or people here. `traffic`: people and dogs who pass. */
export type Hazard = (typeof HAZARDS)[number];

export const HAZARD_WORDS: Readonly<Record<Hazard, Message>> = {
  stones: waterMessage('hazardStones'),
  'power-line': waterMessage('hazardPowerLine'),
  'steep-edge': waterMessage('hazardSteepEdge'),
  traffic: waterMessage('hazardTraffic'),
};

/** A place on a water from which it is fished. */
export interface Swim {
  readonly id: string;
  readonly waterId: string;
  readonly name: string;
  readonly position: Position | null;
  /** Where one looks over the water, degrees clockwise from north. */
  readonly facingDeg: number;
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly fixtures: readonly Fixture[];
  readonly note: string | null;
}

export const BANK_WORDS: Readonly<Record<BankKind, Message>> = {
  grass: waterMessage('bankGrass'),
  gravel: waterMessage('bankGravel'),
  platform: waterMessage('bankPlatform'),
  boat: waterMessage('bankBoat'),
  wading: waterMessage('bankWading'),
};

/** The winds of the compass to the eighth, clockwise from north. */
export const COMPASS = ['north', 'northEast', 'east', 'southEast', 'south', 'southWest', 'west', 'northWest'] as const;

/** A bearing to the eighth. Example: that of 95 degrees is said `east`. */
export function compassMessage(bearingDeg: number): Message {
  return waterMessage(COMPASS[Math.round((((bearingDeg % 360) + 360) % 360) / 45) % 8] ?? 'north');
}
