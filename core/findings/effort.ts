import { HOUR_MS } from '../measure/timeSpan.js';
import type { Position } from '../domain/water/water.js';
import { lightChanges } from './light.js';
import type { FishingRecord, FishTaken, HourOfOuting, OutingFished, RodStretch } from './fishingRecord.js';

/** At most one hour of one rod: the smallest piece of fishing that anything is said of. */
export interface RodHour {
  readonly atMs: number;
  readonly hours: number;
  readonly stretch: RodStretch;
  readonly how: HourOfOuting | null;
  /** How it had been some hours before; null where nobody knows. */
  readonly before: HourOfOuting | null;
}

/** An outing as a row of rod-hours, in the order of their time, with the fish that took in each. */
export interface OutingEffort {
  readonly outing: OutingFished;
  readonly position: Position | null;
  readonly rodHours: readonly RodHour[];
  readonly fish: readonly number[];
  /** Which fish they are, and in which of the rod-hours each took. */
  readonly taken: readonly { readonly captureId: string; readonly at: number }[];
}

/** What the record comes to, and what of it nothing can be said with. */
export interface Effort {
  readonly outings: readonly OutingEffort[];
  readonly rodHours: number;
  readonly fish: number;
  readonly blanks: number;
  /** Outings on which no rod was tapped: how long they fished is not known. */
  readonly withoutRods: number;
  /** Fish that took when no rod of an outing was out, or of which the hour is not known. */
  readonly fishOutside: number;
}

/** So long before lies what a trend is taken from. */
export const TREND_MS = 3 * HOUR_MS;
/** A tap comes a little before its rod is out by the clock, or after it is in. */
const SLACK_MS = 10 * 60_000;

/**
 * Cuts the rods' time into rod-hours and puts each fish into its own. A fish whose rod is not told goes to a rod that
 * was out then, one with its bait first. Example: two rods from 6 to 8 are four rod-hours.
 */
export function effortOf({ outings, fish, positions }: FishingRecord): Effort {
  const byOuting = new Map<string, FishTaken[]>();
  for (const each of fish) {
    if (each.outingId === null) continue;
    const there = byOuting.get(each.outingId);
    if (there) there.push(each);
    else byOuting.set(each.outingId, [each]);
  }
  const told = outings.map((outing) => {
    const position = outing.waterId === null ? null : (positions[outing.waterId] ?? null);
    return effortOfOuting(outing, position, byOuting.get(outing.outingId) ?? []);
  });
  const fished = told.filter(({ rodHours }) => rodHours.length > 0);
  const counted = fished.reduce((sum, each) => sum + total(each.fish), 0);
  return {
    outings: fished,
    rodHours: fished.reduce((sum, { rodHours }) => sum + rodHours.reduce((all, { hours }) => all + hours, 0), 0),
    fish: counted,
    blanks: fished.filter((each) => total(each.fish) === 0).length,
    withoutRods: told.length - fished.length,
    fishOutside: fish.length - counted,
  };
}

function effortOfOuting(outing: OutingFished, position: Position | null, fish: readonly FishTaken[]): OutingEffort {
  const rodHours = outing.stretches
    .flatMap((stretch) => cutUp(stretch, outing.hours, position))
    .sort((a, b) => a.atMs - b.atMs || a.stretch.rod - b.stretch.rod);
  const counts = rodHours.map(() => 0);
  const taken: { captureId: string; at: number }[] = [];
  for (const each of fish) {
    const at = rodHourOf(each, rodHours);
    if (at === undefined) continue;
    counts[at] = (counts[at] ?? 0) + 1;
    taken.push({ captureId: each.captureId, at });
  }
  return { outing, position, rodHours, fish: counts, taken };
}

/** Cut at whole hours, and where the light changes. */
function cutUp(stretch: RodStretch, hours: readonly HourOfOuting[], position: Position | null): RodHour[] {
  const cut: RodHour[] = [];
  for (let atMs = stretch.fromMs; atMs < stretch.toMs;) {
    const hourMs = (Math.floor(atMs / HOUR_MS) + 1) * HOUR_MS;
    const changes = position ? lightChanges(atMs, position) : [];
    const endMs = Math.min(stretch.toMs, hourMs, ...changes.filter((changeMs) => changeMs > atMs));
    const how = newestBy(hours, atMs);
    cut.push({ atMs, hours: (endMs - atMs) / HOUR_MS, stretch, how, before: newestBy(hours, atMs - TREND_MS) });
    atMs = endMs;
  }
  return cut;
}

function newestBy(hours: readonly HourOfOuting[], atMs: number): HourOfOuting | null {
  return hours.findLast((hour) => hour.atMs <= atMs) ?? null;
}

function rodHourOf({ atMs, rod, bait }: FishTaken, rodHours: readonly RodHour[]): number | undefined {
  if (atMs === null) return undefined;
  const isThen = ({ atMs: from, hours }: RodHour) =>
    from - SLACK_MS <= atMs && atMs < from + hours * HOUR_MS + SLACK_MS;
  const isIn = ({ atMs: from, hours }: RodHour) => from <= atMs && atMs < from + hours * HOUR_MS;
  const best = rodHours
    .flatMap((each, at) => {
      if (!isThen(each)) return [];
      const fits = 4 * Number(isIn(each)) + 2 * Number(rod === each.stretch.rod) + Number(bait === each.stretch.bait);
      return [{ at, fits }];
    })
    .sort((a, b) => b.fits - a.fits || a.at - b.at)[0];
  return best?.at;
}

function total(counts: readonly number[]): number {
  return counts.reduce((sum, count) => sum + count, 0);
}
