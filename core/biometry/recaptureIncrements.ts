import type { RecaptureIncrement } from './fabens.js';
import type { KnownFish } from '../domain/identity/knownFish.js';
import { YEAR_MS } from '../measure/timeSpan.js';

/** Sooner again, two tapes differ by more than the fish grew. */
const LEAST_YEARS = 0.25;

/**
 * The known fish of one water that were measured twice, each once: from the first length there to the last. Units: mm
 * and years. Example: a fish measured in May and in September two years later is one pair of 2.3 years.
 */
export function recaptureIncrements(fish: readonly KnownFish[], waterId: string): RecaptureIncrement[] {
  return fish.flatMap(({ captures }) => {
    const measured = captures.filter((each) => each.waterId === waterId && each.lengthMm !== null && each.startedAt);
    const [first, last] = [measured[0], measured.at(-1)];
    if (!first || !last) return [];
    const years = (Date.parse(last.startedAt ?? '') - Date.parse(first.startedAt ?? '')) / YEAR_MS;
    return years < LEAST_YEARS ? [] : [{ firstMm: first.lengthMm ?? 0, secondMm: last.lengthMm ?? 0, years }];
  });
}
