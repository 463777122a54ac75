import type { CaptureSummary } from '../../domain/capture/summary.js';
import type { SpeciesId } from '../../domain/fish/species.js';
import { YEAR_MS } from '../../measure/timeSpan.js';

/** What is asked of a capture to see whether it can be the same fish as another. */
export interface LinkedFacts {
  readonly captureId: string;
  readonly atMs: number;
  /** How long it was on the bank. */
  readonly elapsedMs: number;
  readonly species: SpeciesId | null;
  readonly waterId: string | null;
  readonly lengthMm: number | null;
  readonly grams: number | null;
}

/** Of a line of the book. */
export function linkedFacts(capture: CaptureSummary): LinkedFacts {
  const { captureId, startedAt, elapsedMs, species, waterId, lengthMm, netGrams } = capture;
  return { captureId, atMs: Date.parse(startedAt ?? ''), elapsedMs, species, waterId, lengthMm, grams: netGrams };
}

/** Why two captures are hardly of one fish. */
export interface Inconsistency {
  readonly kind: 'species' | 'two-places' | 'at-once' | 'shrank' | 'shot-up' | 'lost-weight' | 'gained-weight';
  readonly first: LinkedFacts;
  readonly second: LinkedFacts;
}

/** What two tapes differ by on one fish, and the most that big fish grow in a year (common practice, no source). */
const TAPE_MM = 30;
const MOST_GROWTH_MM = 110;
/**
 * The most that a fish loses by spawning and in winter, and gains by season and in a year (common practice, no source).
 */
const MOST_LOST = 0.22;
const MOST_GAINED = { season: 0.22, year: 0.35 };
/** A fish that is carried from water to water is rare; on one day it cannot swim far. */
const AT_ONCE_MS = 10 * 60_000;

/**
 * What speaks against captures being of one fish: another kind, two waters, twice at once, shrinking, growing or losing
 * too much. `captures` in any order; each is compared with the next in time, and lengths against the longest before. An
 * empty list is no proof: it only fits. Example: 720 mm in May and 610 mm in September is a fish that shrank.
 */
export function consistencyChecks(captures: readonly LinkedFacts[]): Inconsistency[] {
  const sorted = captures.toSorted((a, b) => a.atMs - b.atMs);
  return sorted.slice(1).flatMap((second, i) => {
    const first = sorted[i];
    if (!first) return [];
    const longest = sorted
      .slice(0, i + 1)
      .filter(({ lengthMm }) => lengthMm !== null)
      .reduce((a, b) => ((b.lengthMm ?? 0) > (a.lengthMm ?? 0) ? b : a), first);
    const kinds = [...ofPair(first, second), ...ofLength(longest, second)];
    return kinds;
  });
}

function ofPair(first: LinkedFacts, second: LinkedFacts): Inconsistency[] {
  const found: Inconsistency['kind'][] = [];
  const years = (second.atMs - first.atMs) / YEAR_MS;
  if (first.species && second.species && first.species !== second.species) found.push('species');
  if (first.waterId && second.waterId && first.waterId !== second.waterId) found.push('two-places');
  if (second.atMs < first.atMs + Math.max(AT_ONCE_MS, first.elapsedMs)) found.push('at-once');
  if (first.grams && second.grams) {
    const by = second.grams / first.grams - 1;
    if (by < -MOST_LOST) found.push('lost-weight');
    if (by > MOST_GAINED.season + MOST_GAINED.year * years) found.push('gained-weight');
  }
  return found.map((kind) => ({ kind, first, second }));
}

function ofLength(first: LinkedFacts, second: LinkedFacts): Inconsistency[] {
  if (!first.lengthMm || !second.lengthMm) return [];
  const years = (second.atMs - first.atMs) / YEAR_MS;
  const by = second.lengthMm - first.lengthMm;
  if (by < -TAPE_MM) return [{ kind: 'shrank', first, second }];
  return by > TAPE_MM + MOST_GROWTH_MM * years ? [{ kind: 'shot-up', first, second }] : [];
}
