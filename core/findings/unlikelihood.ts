import type { Rng } from '../statistics/rng.js';
import { IS_WITHIN } from './factors.js';
import type { Course, FactorTable } from './factorTable.js';

/** How far each level is from what chance alone would bring, and how often chance brings as much for any of them. */
export interface Unlikelihood {
  readonly z: readonly number[];
  readonly p: number;
}

/** So many shuffles at most, and so many that come as far before the answer is clear. */
const MOST_SHUFFLES = 999;
const ENOUGH_AS_FAR = 20;

/**
 * How often chance alone brings a level as far from the others. Where a factor changes within a day each outing's
 * fish keep their distances and are moved round its rod-hours as one; else the outings of a water change places among
 * its levels: so that a lucky day is one piece of evidence, however many fish it brought. Shuffling ends early where
 * the answer is clear (Besag and Clifford 1991, Biometrika 78, 301-304). Example: a factor that makes no
 * difference has a `p` that lies anywhere between 0 and 1, each as often.
 */
export function unlikelihoodOf(table: FactorTable, luck: Rng): Unlikelihood {
  const { levels, strata } = table;
  const expected = expectedOf(table);
  const observed = countsOf(strata, levels.length);
  const z = zOf(observed, expected);
  const farthest = Math.max(0, ...z.map(Math.abs));
  if (farthest === 0) return { z, p: 1 };
  const shuffled = IS_WITHIN[table.factor] ? turner(table, expected, luck) : placeChanger(table, luck);
  let asFar = 0;
  for (let n = 1; n <= MOST_SHUFFLES; n += 1) {
    if (Math.max(...shuffled().map(Math.abs)) >= farthest - 1e-9) asFar += 1;
    if (asFar >= ENOUGH_AS_FAR) return { z, p: asFar / n };
  }
  return { z, p: (asFar + 1) / (MOST_SHUFFLES + 1) };
}

interface Expected {
  readonly mean: readonly number[];
  readonly variance: readonly number[];
}

/** Fish at each level were they to fall to it by its share of the rod-hours of its stratum. */
function expectedOf({ levels, strata }: FactorTable): Expected {
  const mean = levels.map(() => 0);
  const variance = levels.map(() => 0);
  for (const parts of strata) {
    const fish = parts.reduce((sum, part) => sum + part.fish, 0);
    const hours = parts.reduce((sum, part) => sum + part.hours, 0);
    const share = levels.map(() => 0);
    for (const part of parts) share[part.level] = (share[part.level] ?? 0) + part.hours / hours;
    share.forEach((of, level) => {
      mean[level] = (mean[level] ?? 0) + fish * of;
      variance[level] = (variance[level] ?? 0) + fish * of * (1 - of);
    });
  }
  return { mean, variance };
}

function countsOf(strata: FactorTable['strata'], levels: number): number[] {
  const counts = new Array<number>(levels).fill(0);
  for (const parts of strata) for (const { level, fish } of parts) counts[level] = (counts[level] ?? 0) + fish;
  return counts;
}

function zOf(counts: readonly number[], { mean, variance }: Expected): number[] {
  return counts.map((count, level) => {
    const spread = variance[level] ?? 0;
    return spread > 0 ? (count - (mean[level] ?? 0)) / Math.sqrt(spread) : 0;
  });
}

/** Turns the fish of each outing round its rod-hours, all by one random part of them. */
function turner({ courses, levels }: FactorTable, expected: Expected, luck: Rng): () => number[] {
  const turns = courses.filter(({ fish }) => fish.some((count) => count > 0)).map(turnOf);
  return () => {
    const counts = new Array<number>(levels.length).fill(0);
    for (const { ends, total, fishAt, course } of turns) {
      const by = luck.next() * total;
      for (const at of fishAt) {
        const to = (at + by) % total;
        let i = 0;
        while (i < ends.length - 1 && (ends[i] ?? 0) <= to) i += 1;
        const level = course.levels[i] ?? 0;
        counts[level] = (counts[level] ?? 0) + 1;
      }
    }
    return zOf(counts, expected);
  };
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
  return { ends, total, fishAt, course };
}

/** Lets the outings of each water change places among its levels, each with its fish and its hours. */
function placeChanger({ strata, levels }: FactorTable, luck: Rng): () => number[] {
  const drawn = strata.map((parts) => ({
    places: Uint16Array.from(parts, ({ level }) => level),
    fish: Float64Array.from(parts, ({ fish }) => fish),
    hours: Float64Array.from(parts, ({ hours }) => hours),
    allFish: parts.reduce((sum, { fish }) => sum + fish, 0),
    allHours: parts.reduce((sum, { hours }) => sum + hours, 0),
  }));
  const [counts, mean, variance, at] = [levels, levels, levels, levels].map((of) => new Float64Array(of.length)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  return () => {
    for (const sums of [counts, mean, variance]) sums.fill(0);
    for (const { places, fish, hours, allFish, allHours } of drawn) {
      shuffle(places, luck);
      at.fill(0);
      places.forEach((level, i) => {
        counts[level] = (counts[level] ?? 0) + (fish[i] ?? 0);
        at[level] = (at[level] ?? 0) + (hours[i] ?? 0) / allHours;
      });
      at.forEach((of, level) => {
        mean[level] = (mean[level] ?? 0) + allFish * of;
        variance[level] = (variance[level] ?? 0) + allFish * of * (1 - of);
      });
    }
    return zOf([...counts], { mean: [...mean], variance: [...variance] });
  };
}

function shuffle(places: Uint16Array, luck: Rng): void {
  for (let i = places.length - 1; i > 0; i -= 1) {
    const j = Math.floor(luck.next() * (i + 1));
    const kept = places[i] ?? 0;
    places[i] = places[j] ?? 0;
    places[j] = kept;
  }
}
