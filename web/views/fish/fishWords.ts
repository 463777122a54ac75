import type { GrowthChange } from '@keeper/core/biometry/growth';
import type { Inconsistency, LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import { dayText } from '../../parts/when.js';

/** Example: `Caught 3 times`. */
export function countText(times: number): string {
  return times === 1 ? 'Caught once' : times === 2 ? 'Caught twice' : `Caught ${times} times`;
}

/** A stretch of time as one says it of fish. Examples: `14 months`, `5 days`, `3 years`. */
export function betweenText(days: number): string {
  const months = days / 30.44;
  if (days < 1) return 'the same day';
  if (days < 60) return plural(Math.round(days), 'day');
  if (months < 36) return plural(Math.round(months), 'month');
  return plural(Math.round(days / 365.25), 'year');
}

function plural(count: number, of: string): string {
  return `${count} ${of}${count === 1 ? '' : 's'}`;
}

/**
 * What came and went between the first and the last measure. Example: `Up 1 lb 2 oz (give or take 2 oz) in 14 months`.
 */
export function changeText({ by, u, months }: GrowthChange, textOf: (value: number) => string): string {
  const time = betweenText(months * 30.44);
  if (Math.abs(by) < u) return `About the same over ${time} (give or take ${textOf(2 * u)})`;
  return `${by > 0 ? 'Up' : 'Down'} ${textOf(Math.abs(by))} (give or take ${textOf(2 * u)}) in ${time}`;
}

const DOUBT_WORDS: Readonly<Record<Inconsistency['kind'], string>> = {
  species: 'they were noted as fish of two kinds',
  'two-places': 'they were at two waters, and fish do not walk',
  'at-once': 'both were on the bank at the same time',
  shrank: 'it would have shrunk: fish do not',
  'shot-up': 'it would have grown faster than big fish do',
  'lost-weight': 'it would have lost more than spawning or a winter takes',
  'gained-weight': 'it would have put on more than a season gives',
};

/** Why two captures are hardly one fish, with the days. */
export function doubtText({ kind, first, second }: Inconsistency): string {
  const day = ({ atMs }: LinkedFacts) => dayText(new Date(atMs).toISOString());
  return `${day(first)} and ${day(second)}: ${DOUBT_WORDS[kind]}.`;
}
