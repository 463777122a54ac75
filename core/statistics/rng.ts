/** A seeded source of numbers in [0, 1): the same seed always gives the same run. */
export interface Rng {
  next(): number;
  between(low: number, high: number): number;
  /** Whole number from low to high, both included. */
  whole(low: number, high: number): number;
  pick<T>(from: readonly T[]): T;
  /** About normal, mean 0 and deviation 1 (the sum of twelve uniform numbers, less six). */
  normal(): number;
}

/** A 32-bit hash of a text (FNV-1a, Fowler, Noll and Vo). */
export function hashText(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

/** Chance from a seed (mulberry32). Example: `chance('fish 1').next()` is the same number each time. */
export function createRng(seed: string): Rng {
  let state = hashText(seed);
  const next = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const between = (low: number, high: number) => low + (high - low) * next();
  return {
    next,
    between,
    whole: (low, high) => Math.floor(between(low, high + 1)),
    pick: <T>(from: readonly T[]): T => {
      if (from.length === 0) throw new RangeError('There is nothing to pick from.');
      return from[Math.floor(next() * from.length)] as T;
    },
    normal: () => Array.from({ length: 12 }, next).reduce((sum, x) => sum + x, 0) - 6,
  };
}
