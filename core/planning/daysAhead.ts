import type { DayOfYear } from '../domain/water/season.js';
import { DAY_MS } from '../measure/timeSpan.js';

/** A day of the keeper's own calendar. */
export type CalendarDay = DayOfYear & { readonly year: number };
/** Which day it is at a moment: time zones are not known here. */
export type Calendar = (atMs: number) => CalendarDay;

/** So many days of a long outing are looked at. */
const MOST_DAYS = 14;

/**
 * The days after that of `momentMs` until `toMs`, each once, at most thirteen of them. Example: from Friday evening to
 * Sunday morning they are Saturday and Sunday.
 */
export function daysAhead(momentMs: number, toMs: number, calendar: Calendar): CalendarDay[] {
  const looks = Math.max(0, Math.min(MOST_DAYS, Math.ceil((toMs - momentMs) / DAY_MS) + 1));
  const all = Array.from({ length: looks }, (_, i) => calendar(Math.min(toMs, momentMs + i * DAY_MS)));
  return all.filter((day, i) => {
    const before = all[i - 1];
    return before !== undefined && dayText(day) !== dayText(before);
  });
}

/** Example: `2026-07-05`. */
export function dayText({ year, month, day }: CalendarDay): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${year}-${two(month)}-${two(day)}`;
}
