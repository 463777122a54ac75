import type { Message } from '../measure/message.js';
import { picturesMessage } from './pictureMessages.js';

/** How much of a date leaves the book. */
export const DATE_WAYS = ['season', 'month', 'day', 'none'] as const;
export type DateWay = (typeof DATE_WAYS)[number];

export const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const;
export type Season = (typeof SEASONS)[number];

/**
 * A date as it is shown to others. `month` counts from 0. Below the equator the seasons are the other way round.
 * Example: 12 June 2026 as a season is "Summer 2026"; shown as none it is null.
 */
export function sharedDate(
  { year, month, day }: { readonly year: number; readonly month: number; readonly day: number },
  way: DateWay,
  south = false,
): Message | null {
  if (way === 'none') return null;
  const atMs = Date.UTC(year, month, day);
  if (way === 'day') return picturesMessage('sharedDay', { atMs });
  if (way === 'month') return picturesMessage('sharedMonth', { atMs });
  const season = SEASONS[(Math.floor(((month + 1) % 12) / 3) + (south ? 2 : 0)) % 4] ?? 'winter';
  // December belongs to the winter of the year that follows.
  return picturesMessage('sharedSeason', { season, year, turns: month === 11 });
}
