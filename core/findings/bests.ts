import { isBeyondKnown } from '../domain/fish/heaviestKnown.js';
import type { MeasuredFish } from '../domain/capture/measuredFish.js';

/** What bests are told by. */
export const BEST_BY = ['kind', 'water', 'year', 'month', 'keeper'] as const;
export type BestBy = (typeof BEST_BY)[number];

/** What makes a fish the best. */
export type BestIn = 'weight' | 'length';

/** The best of one water, year, month or keeper, the best first. */
export interface BestGroup {
  /** An id, a year, a month from 1 to 12, or a species. */
  readonly key: string;
  readonly fish: readonly MeasuredFish[];
}

/** One step of how a best grew: better than every one before it. */
export interface Rung {
  readonly fish: MeasuredFish;
  /** By how much, in g or mm; null of the first. */
  readonly by: number | null;
}

/**
 * The best fish that were let go, the best groups first; a fish without what it is grouped by is in none. Each known
 * fish may stand more than once: every capture is one. One that is heavier than its kind is known to be stands aside.
 * Example: top 3 by water gives three of each water at most.
 */
export function bestsOf(
  fish: readonly MeasuredFish[],
  { by, best, top }: { by: BestBy; best: BestIn; top: number },
): readonly BestGroup[] {
  const groups = new Map<string, MeasuredFish[]>();
  for (const each of fish) {
    const key = keyOf(each, by);
    if (key === null || !isCounted(each, best)) continue;
    const there = groups.get(key);
    if (there) there.push(each);
    else groups.set(key, [each]);
  }
  const sorted = [...groups].map(([key, of]): BestGroup => ({ key, fish: of.sort(byBest(best)).slice(0, top) }));
  if (by === 'year') return sorted.sort((a, b) => Number(b.key) - Number(a.key));
  if (by === 'month') return sorted.sort((a, b) => Number(a.key) - Number(b.key));
  return sorted.sort((a, b) => sizeOf(b.fish[0], best) - sizeOf(a.fish[0], best));
}

/**
 * How a best grew, the first first. A fish of which only the year is known counts at its end: it is given no step that
 * another may have taken before. Example: 5, 4 and 6 kg are two rungs, the second by 1 kg.
 */
export function ladderOf(fish: readonly MeasuredFish[], best: BestIn): readonly Rung[] {
  const rungs: Rung[] = [];
  const counted = fish.filter((each) => isCounted(each, best));
  for (const each of counted.toSorted((a, b) => (lastDayOf(a) < lastDayOf(b) ? -1 : 1))) {
    const top = rungs.at(-1);
    const by = top ? sizeOf(each, best) - sizeOf(top.fish, best) : null;
    if (by === null || by > 0) rungs.push({ fish: each, by });
  }
  return rungs;
}

/** The last day that it can be, as it sorts. */
export function lastDayOf({ dated, startedAt }: MeasuredFish): string {
  return dated === null ? (startedAt ?? '') : `${dated.to}T24`;
}

function isCounted(fish: MeasuredFish, best: BestIn): boolean {
  return fish.outcome === 'released' && sizeOf(fish, best) > 0 && !isBeyondKnown(fish.species, fish.netGrams);
}

function sizeOf(fish: MeasuredFish | undefined, best: BestIn): number {
  return (best === 'weight' ? fish?.netGrams : fish?.lengthMm) ?? 0;
}

function byBest(best: BestIn): (a: MeasuredFish, b: MeasuredFish) => number {
  return (a, b) => sizeOf(b, best) - sizeOf(a, best) || (lastDayOf(a) < lastDayOf(b) ? -1 : 1);
}

/** A month is known where the day or the month was written down. */
function keyOf({ species, waterId, keeperId, dated, startedAt }: MeasuredFish, by: BestBy): string | null {
  const from = dated?.from ?? startedAt;
  switch (by) {
    case 'kind':
      return species;
    case 'water':
      return waterId;
    case 'keeper':
      return keeperId;
    case 'year':
      return from?.slice(0, 4) ?? null;
    case 'month':
      if (from === null || (dated !== null && dated.from.slice(0, 7) !== dated.to.slice(0, 7))) return null;
      return String(Number(from.slice(5, 7)));
  }
}
