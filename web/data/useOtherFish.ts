import type { OtherFish } from '@keeper/core/care/run/runContext';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { useRecentCaptures } from './useRecentCaptures.js';

/** Where another fish is that is on beside this one; null where there is none. Of several, the one in most need. */
export function useOtherFish(captureId: string): OtherFish | null {
  const others = useRecentCaptures().rows.filter((row) => row.outcome === 'open' && row.captureId !== captureId);
  const places = others.map(placeOf);
  return (['in-air', 'playing', 'in-water'] as const).find((place) => places.includes(place)) ?? null;
}

/** Example: one that was netted and not lifted since is in the water. */
export function placeOf({ spells, marks }: Pick<CaptureSummary, 'spells' | 'marks'>): OtherFish {
  if (spells.at(-1)?.medium === 'air') return 'in-air';
  return marks.some(({ type }) => type !== 'hooked') ? 'in-water' : 'playing';
}
