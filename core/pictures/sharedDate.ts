/** How much of a date leaves the book. */
export const DATE_WAYS = ['season', 'month', 'day', 'none'] as const;
export type DateWay = (typeof DATE_WAYS)[number];

const SEASONS = ['Winter', 'Spring', 'Summer', 'Autumn'] as const;

/**
 * A date as it is shown to others. `month` counts from 0. Below the equator the seasons are the other way round.
 * Example: 12 June 2026 as a season is "Summer 2026".
 */
export function sharedDate(
  { year, month, day }: { readonly year: number; readonly month: number; readonly day: number },
  way: DateWay,
  south = false,
): string {
  if (way === 'none') return '';
  const date = new Date(Date.UTC(year, month, day));
  if (way === 'season') {
    const season = SEASONS[(Math.floor(((month + 1) % 12) / 3) + (south ? 2 : 0)) % 4] ?? '';
    // December belongs to the winter of the year that follows.
    return `${season} ${month === 11 ? `${year}/${(year + 1) % 100}` : year}`;
  }
  return date.toLocaleDateString('en-GB', {
    timeZone: 'UTC',
    ...(way === 'day' && { day: 'numeric' }),
    month: 'long',
    year: 'numeric',
  });
}
