import { createRng } from '@keeper/core/statistics/rng';
import { DAY_MS, HOUR_MS } from '@keeper/core/measure/timeSpan';
import { SWIMS } from './bank.js';
import { demoIds } from './ids.js';

/** A morning or an evening of this keeper's at one water. */
export interface Session {
  readonly outingId: string;
  readonly waterId: string;
  readonly swimId: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Makes further ids of it, always the same. */
  readonly nextId: () => string;
}

/** From the last of the night until noon, or from the afternoon until late. */
const MORNING_H = { from: 3.5, to: 12.5 } as const;
const EVENING_H = { from: 14, to: 24.5 } as const;

/**
 * The session that a moment falls into. `boathouse`: how often this keeper sits at the first swim of a water that has
 * two. Where fish were had that is more often than where none were: the first swim of Harrowmere is the better one.
 */
export function sessionAt(waterId: string, atMs: number, boathouse: number): Session {
  const dayMs = Math.floor(atMs / DAY_MS) * DAY_MS;
  const { from, to } = (atMs - dayMs) / HOUR_MS < 12.5 ? MORNING_H : EVENING_H;
  const fromMs = dayMs + from * HOUR_MS;
  const seed = `session at ${waterId} from ${fromMs}`;
  const nextId = demoIds(seed, fromMs);
  const swims = SWIMS.filter((swim) => swim.waterId === waterId);
  const swim = (createRng(seed).next() < boathouse ? swims[0] : swims.at(-1)) ?? SWIMS[0];
  return { outingId: nextId(), waterId, swimId: swim?.id ?? '', fromMs, toMs: dayMs + to * HOUR_MS, nextId };
}
