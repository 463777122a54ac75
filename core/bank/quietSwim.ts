import { chanceOfNone } from '../statistics/poisson.js';
import type { Message } from '../measure/message.js';
import { HOUR_MS } from '../measure/timeSpan.js';
import { rodTimeMs, type RodSpell } from '../domain/outing/rods.js';
import { bankMessage } from './bankMessages.js';

/** No swim is left before it had so long to settle (common practice, no source). */
export const FAIR_WAIT_MS = 2 * HOUR_MS;
/** Fewer rod-hours of one's own than this say nothing of a place. */
export const LEAST_OWN_ROD_MS = 10 * HOUR_MS;
/** A quiet time that comes of chance less often than this is worth a move (common practice, no source). */
export const MOVE_BELOW = 0.2;

/** What was seen before: signs are fish, runs dropped, bites missed and fish lost. */
export interface OwnRate {
  readonly signs: number;
  readonly rodMs: number;
}

interface QuietInput {
  readonly rods: readonly RodSpell[];
  /** The last sign of this outing on any rod; null while there was none. */
  readonly lastSignMs: number | null;
  /** A predator was seen after a fish since this swim was taken. */
  readonly predatorFollowed: boolean;
  /** When this swim was taken; null where it was never said. */
  readonly hereSinceMs: number | null;
  /** One's own earlier outings, of this swim and of the whole water. */
  readonly ownOfSwim: OwnRate;
  readonly ownOfWater: OwnRate;
  readonly nowMs: number;
}

/** Whether to move, and the sentence and reason for it. */
export interface QuietSwim {
  readonly move: boolean;
  readonly says: Message;
  readonly reason: Message | null;
}

/**
 * Whether a quiet swim is worth leaving, by one's own rate here. Null while no rod is out, and before a fair wait;
 * after a predator has followed a fish at once. Example: quiet for six rod-hours, where one's own rate is a sign in
 * two, comes by chance 1 time in 18: move.
 */
export function quietSwim(input: QuietInput): QuietSwim | null {
  const { rods, lastSignMs, predatorFollowed, hereSinceMs, ownOfSwim, ownOfWater, nowMs } = input;
  if (predatorFollowed) {
    return { move: true, says: bankMessage('moveAfterPredator'), reason: bankMessage('moveAfterPredatorReason') };
  }
  const out = rods.filter(({ toMs }) => toMs === null);
  if (out.length === 0) return null;
  const sinceMs = Math.max(lastSignMs ?? -Infinity, hereSinceMs ?? -Infinity, firstCastMs(rods));
  const quietMs = Math.max(0, nowMs - sinceMs);
  if (quietMs < FAIR_WAIT_MS) return null;
  const here = ownOfSwim.rodMs >= LEAST_OWN_ROD_MS ? 'swim' : 'water';
  const own = here === 'swim' ? ownOfSwim : ownOfWater;
  if (own.rodMs < LEAST_OWN_ROD_MS) {
    return { move: false, says: bankMessage('quietUnknown', { rodMs: own.rodMs }), reason: null };
  }
  const chance = chanceOfNone(own.signs, own.rodMs, rodTimeMs(rods, nowMs, sinceMs));
  const move = chance < MOVE_BELOW;
  return {
    move,
    says: bankMessage(move ? 'quietMove' : 'quietUsual', { quietMs, rods: out.length, chance }),
    reason: bankMessage('quietReason', { ownSigns: own.signs, ownRodMs: own.rodMs, here }),
  };
}

function firstCastMs(rods: readonly RodSpell[]): number {
  return rods.reduce((first, { fromMs }) => Math.min(first, fromMs), Infinity);
}
