import type { Rng } from '../statistics/rng.js';
import { shuffle } from '../statistics/shuffle.js';
import { IS_WITHIN } from './factors.js';
import type { Course, FactorTable } from './factorTable.js';

/** How far each level is from what chance alone would bring, and how often chance brings as much for any of them. */
export interface Unlikelihood {
  readonly z: readonly number[];
  readonly p: number;
}

/** So many shuffles at most, and so many that come as far before the answer is clear. */
const MOST_SHUFFLES = 499;
const ENOUGH_AS_FAR = 20;

/**
 * How often chance alone brings a level as far from the others. Where a factor changes within a day each outing's
 * fish keep their distances and are moved round its rod-hours as one; else the outings of a water change places among
 * its levels: so that a lucky day is one piece of evidence, however many fish it brought. Shuffling ends early where
 * the answer is clear (Besag and Clifford 1991, Biometrika 78, 301-304). Example: a factor that makes no
 * difference has a `p` that lies anywhere between 0 and 1, each as often.
 */
export function unlikelihoodOf(table: FactorTable, luck: Rng): Unlikelihood {
  const levels = table.levels.length;
  const strata = table.strata.map(stratumOf);
  const seen = tally(strata, levels);
  const z = zOf(seen.counts, seen);
  const farthest = Math.max(0, ...z.map(Math.abs));
  if (farthest === 0) return { z, p: 1 };
  const shuffled = IS_WITHIN[table.factor] ? turner(table, seen, luck) : placeChanger(strata, levels, luck);
  let asFar = 0;
  for (let n = 1; n <= MOST_SHUFFLES; n += 1) {
    if (Math.max(...shuffled().map(Math.abs)) >= farthest - 1e-9) asFar += 1;
    if (asFar >= ENOUGH_AS_FAR) return { z, p: asFar / n };
  }
  return { z, p: (asFar + 1) / (MOST_SHUFFLES + 1) };
}

/** The outings of one stratum, each with its fish and its hours at the level where it stands. */
interface Stratum {
  readonly places: Uint16Array;
  readonly fish: readonly number[];
  readonly hours: readonly number[];
  readonly allFish: number;
  readonly allHours: number;
}

function stratumOf(parts: FactorTable['strata'][number]): Stratum {
  const [fish, hours] = [parts.map((part) => part.fish), parts.map((part) => part.hours)];
  const sum = (of: readonly number[]) => of.reduce((all, each) => all + each, 0);
  const places = Uint16Array.from(parts, ({ level }) => level);
  return { places, fish, hours, allFish: sum(fish), allHours: sum(hours) };
}

interface Expected {
  readonly mean: Float64Array;
  readonly variance: Float64Array;
}

/** Fish at each level, and how many it would be by its share of the rod-hours of its stratum. */
function tally(strata: readonly Stratum[], levels: number): Expected & { readonly counts: Float64Array } {
  const [counts, mean, variance, share] = emptySums(levels);
  for (const { places, fish, hours, allFish, allHours } of strata) {
    share.fill(0);
    places.forEach((level, i) => {
      counts[level] = (counts[level] ?? 0) + (fish[i] ?? 0);
      share[level] = (share[level] ?? 0) + (hours[i] ?? 0) / allHours;
    });
    share.forEach((of, level) => {
      mean[level] = (mean[level] ?? 0) + allFish * of;
      variance[level] = (variance[level] ?? 0) + allFish * of * (1 - of);
    });
  }
  return { counts, mean, variance };
}

function emptySums(levels: number): [Float64Array, Float64Array, Float64Array, Float64Array] {
  const sums = () => new Float64Array(levels);
  return [sums(), sums(), sums(), sums()];
}

function zOf(counts: Float64Array, { mean, variance }: Expected): number[] {
  return Array.from(counts, (count, level) => {
    const spread = variance[level] ?? 0;
    return spread > 0 ? (count - (mean[level] ?? 0)) / Math.sqrt(spread) : 0;
  });
}

/** Turns the fish of each outing round its rod-hours, all by one random part of them. */
function turner({ courses, levels }: FactorTable, expected: Expected, luck: Rng): () => number[] {
  const turns = courses.filter(({ fish }) => fish.some((count) => count > 0)).map(turnOf);
  return () => {
    const counts = new Float64Array(levels.length);
    for (const { ends, total, fishAt, course } of turns) {
      const by = luck.next() * total;
      for (const at of fishAt) {
        const to = (at + by) % total;
        const level = course.levels[firstAbove(ends, to)] ?? 0;
        counts[level] = (counts[level] ?? 0) + 1;
      }
    }
    return zOf(counts, expected);
  };
}

/** The place of the first end that is above; the last where none is. */
function firstAbove(ends: Float64Array, at: number): number {
  let [low, high] = [0, ends.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((ends[middle] ?? 0) > at) high = middle;
    else low = middle + 1;
  }
  return low;
}

function turnOf(course: Course) {
  let total = 0;
  const fishAt: number[] = [];
  const ends = course.hours.map((hours, i) => {
    const from = total;
    total += hours;
    // Several of one hour stay together: a shoal is one piece of evidence.
    for (let n = 0; n < (course.fish[i] ?? 0); n += 1) fishAt.push(from + hours / 2);
    return total;
  });
  return { ends: Float64Array.from(ends), total, fishAt, course };
}

/** Lets the outings of each water change places among its levels, each with its fish and its hours. */
function placeChanger(strata: readonly Stratum[], levels: number, luck: Rng): () => number[] {
  return () => {
    for (const { places } of strata) shuffle(places, luck);
    const told = tally(strata, levels);
    return zOf(told.counts, told);
  };
}
