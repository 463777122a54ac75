import { HOUR_MS } from '../../measure/timeSpan.js';
import type { KitItem } from './kit.js';

/**
 * Kit is dry for so long before another water sees it ("check, clean, dry", the guidance of the British non-native
 * species secretariat, from memory).
 */
export const DRY_HOURS = 48;

/** How wet a thing is that was last used at a water: dry or dipped since, drying with so long to go, or wet. */
export type Wetness =
  { readonly is: 'clean' } | { readonly is: 'drying'; readonly leftMs: number } | { readonly is: 'wet' };

/**
 * How a thing stands since it was last wet. The hours count from when it was hung up, and once they are over it still
 * wants a hand on it: only what was found dry, or dipped, is clean. Example: hung up ten hours ago, it has 38 to go.
 */
export function wetnessOf(
  { lastWater, disinfected, dryingSince }: Pick<KitItem, 'lastWater' | 'disinfected' | 'dryingSince'>,
  nowMs: number,
): Wetness {
  if (!lastWater || (disinfected && disinfected.at >= lastWater.at)) return { is: 'clean' };
  if (!dryingSince || dryingSince < lastWater.at) return { is: 'wet' };
  const passedMs = Math.max(0, nowMs - Date.parse(dryingSince));
  return { is: 'drying', leftMs: Math.max(0, DRY_HOURS * HOUR_MS - passedMs) };
}
