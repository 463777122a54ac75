import type { CaptureState } from './captureState.js';

/**
 * So long without a tap, and what was measured is hardly the fish: in the air, and in the water (common practice, no
 * source).
 */
export const LONG_GAP_MS = { air: 10 * 60_000, water: 6 * 3_600_000 } as const;

/**
 * Whether a run was left alone for so long that it is asked what became of the fish. Example: 11 minutes after a lift
 * with nothing tapped since. Returns the last tap in ms since the take; undefined while nothing is to be asked.
 */
export function longGapSince({ outcome, marks, lastTapMs, spells }: CaptureState, nowMs: number): number | undefined {
  if (outcome !== 'open' || marks.length === 0) return undefined;
  const inAir = spells.at(-1)?.medium === 'air';
  return nowMs - lastTapMs > LONG_GAP_MS[inAir ? 'air' : 'water'] ? lastTapMs : undefined;
}
