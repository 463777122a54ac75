import { effortOf } from './effort.js';
import { levelOf, type Factor } from './factors.js';
import type { FishingRecord } from './fishingRecord.js';

/** What a level of a factor rests on: its fish, and its outings, each with whether it was a blank there. */
export interface BehindLevel {
  readonly fish: readonly string[];
  readonly outings: readonly { readonly outingId: string; readonly fromMs: number; readonly isBlank: boolean }[];
}

/** The fish and the outings behind a level, the newest first. Example: of a bait that was never used there are none. */
export function behindLevel(record: FishingRecord, factor: Factor, level: string): BehindLevel {
  const behind = effortOf(record).outings.flatMap((effort) => {
    const here = effort.rodHours.map((rodHour) => levelOf(factor, rodHour, effort) === level);
    if (!here.includes(true)) return [];
    const fish = effort.taken.flatMap(({ captureId, at }) => (here[at] ? [captureId] : []));
    const { outingId, fromMs } = effort.outing;
    return [{ outingId, fromMs, fish, isBlank: fish.length === 0 }];
  });
  const newest = behind.toSorted((a, b) => b.fromMs - a.fromMs);
  return {
    fish: newest.flatMap(({ fish }) => fish),
    outings: newest.map(({ fish: _fish, ...outing }) => outing),
  };
}
