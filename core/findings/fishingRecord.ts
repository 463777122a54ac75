import type { HookEnd } from '../domain/capture/captureState.js';
import type { Leaving } from '../domain/capture/event.js';
import type { HookHold, LossReason } from '../domain/capture/rodFacts.js';
import type { SpeciesId } from '../domain/fish/species.js';
import type { RodSign } from '../domain/outing/rods.js';
import type { Position } from '../domain/water/water.js';

/** A stretch of time that one rod fished one way. */
export interface RodStretch {
  readonly rod: number;
  readonly fromMs: number;
  readonly toMs: number;
  readonly swimId: string | null;
  readonly rig: string | null;
  readonly bait: string | null;
  /** How far out the bait lay; null where nobody said. */
  readonly distanceM: number | null;
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
  readonly missed: readonly RodMiss[];
}

/** What a take was on: names of the keeper's own; null where nobody said. */
export interface TackleTold {
  readonly rig: string | null;
  /** Size and barb, as `6 barbless`. */
  readonly hook: string | null;
  readonly bait: string | null;
}

/** A take that brought no fish, and of which the book has no page. */
export interface RodMiss extends TackleTold {
  readonly kind: RodSign['kind'];
  readonly loss: LossReason | null;
}

/** A fish that took, landed or lost. */
export interface FishTaken extends TackleTold {
  readonly captureId: string;
  readonly outingId: string | null;
  readonly waterId: string | null;
  /** Null where only its day is known. */
  readonly atMs: number | null;
  readonly species: SpeciesId | null;
  readonly rod: number | null;
  readonly swimId: string | null;
  readonly keeperId: string | null;
  /** The known fish that it is; null where nobody has said. */
  readonly fishId: string | null;
  readonly outcome: 'released' | 'lost' | 'died';
  /** It was tapped on the bank: of a notebook nobody knows what was lost. */
  readonly isFromBank: boolean;
  readonly loss: LossReason | null;
  readonly hookHold: HookHold | null;
  readonly hookEnd: HookEnd | null;
  readonly netGrams: number | null;
  readonly lengthMm: number | null;
  /** How it was handled; null of one that was lost, and where it was not tapped beside the fish. */
  readonly handled: FishHandled | null;
}

/** How a fish was handled, and how it was when it left; null where that was not told. */
export interface FishHandled {
  readonly fightMs: number;
  /** Null where a lift was not tapped to its end. */
  readonly airMs: number | null;
  /** Held upright until it left. */
  readonly heldMs: number | null;
  /** In the water again between two things that were done to it. */
  readonly restedMs: number;
  /** Gill beats a minute, at the last count. */
  readonly gillBeat: number | null;
  readonly leaving: Leaving | null;
  readonly waterC: number | null;
  readonly openWounds: number;
}

/** All that findings rest on. */
export interface FishingRecord {
  readonly outings: readonly OutingFished[];
  readonly fish: readonly FishTaken[];
  /** Where the waters are, as far as that is known: the light of an hour depends on it. */
  readonly positions: Readonly<Record<string, Position>>;
}

/** A fish that was let go and of which nothing is told: what invented books begin from. */
export const UNTOLD_FISH: FishTaken = {
  captureId: '',
  outingId: null,
  waterId: null,
  atMs: null,
  species: null,
  rod: null,
  swimId: null,
  keeperId: null,
  fishId: null,
  outcome: 'released',
  isFromBank: true,
  rig: null,
  hook: null,
  bait: null,
  loss: null,
  hookHold: null,
  hookEnd: null,
  netGrams: null,
  lengthMm: null,
  handled: null,
};
