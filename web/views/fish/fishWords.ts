import { fishText } from './text.en-GB.js';
import type { GrowthChange } from '@keeper/core/biometry/growth';
import type { Inconsistency, LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import { dayText } from '../../parts/when.js';

/** Example: `Caught 3 times`. */
export function countText(times: number): string {
  return times === 1 ? fishText.caughtOnce : times === 2 ? fishText.caughtTwice : fishText.caughtTimes({ times });
}

/** A stretch of time as one says it of fish. Examples: `14 months`, `5 days`, `3 years`. */
export function betweenText(days: number): string {
  const months = days / 30.44;
  if (days < 1) return fishText.theSameDay;
  if (days < 60) return fishText.days({ count: Math.round(days) });
  if (months < 36) return fishText.months({ count: Math.round(months) });
  return fishText.years({ count: Math.round(days / 365.25) });
}

/**
 * What came and went between the first and the last measure. Example: `Up 1 lb 2 oz (give or take 2 oz) in 14 months`.
 */
export function changeText({ by, u, months }: GrowthChange, textOf: (value: number) => string): string {
  const time = betweenText(months * 30.44);
  if (Math.abs(by) < u) return fishText.aboutTheSameOver({ time, u: textOf(2 * u) });
  return fishText.giveOrTakeIn({ by, by2: textOf(Math.abs(by)), u: textOf(2 * u), time });
}

const DOUBT_WORDS: Readonly<Record<Inconsistency['kind'], string>> = {
  species: fishText.theyWereNotedAs,
  'two-places': fishText.theyWereAtTwo,
  'at-once': fishText.bothWereOnThe,
  shrank: fishText.itWouldHaveShrunk,
  'shot-up': fishText.itWouldHaveShotUp,
  'lost-weight': fishText.itWouldHaveLost,
  'gained-weight': fishText.itWouldHavePut,
};

/** Why two captures are hardly one fish, with the days. */
export function doubtText({ kind, first, second }: Inconsistency): string {
  const day = ({ atMs }: LinkedFacts) => dayText(new Date(atMs).toISOString());
  return fishText.and({ first: day(first), second: day(second), kind: DOUBT_WORDS[kind] });
}
