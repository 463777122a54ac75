import { dateFormat } from '../text/language.js';
import { partsText } from './text.en-GB.js';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { localTime } from '@keeper/core/measure/localTime';
import type { PastDate } from '@keeper/core/measure/pastDate';

// Made once: a register writes thousands of days, and making one of these takes longer than a hundred of its answers.
const WHEN = dateFormat({ weekday: 'short', day: 'numeric', month: 'long' });
const WHEN_OF_A_YEAR = dateFormat({ weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' });
const DAY = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const WEEKDAY = dateFormat({ weekday: 'long', day: 'numeric', month: 'long' });
const TIME = dateFormat({ hour: '2-digit', minute: '2-digit' });
const MONTH = dateFormat({ month: 'long', year: 'numeric' });
const SHORT_MONTH = dateFormat({ month: 'short', year: 'numeric', timeZone: 'UTC' });

const CALENDAR_DAY = 'YYYY-MM-DD';

/** What has no time, a catch of which not all has come, is written as such. */
const said = (how: Intl.DateTimeFormat, date: Date) =>
  Number.isNaN(date.getTime()) ? partsText.anUnknownDay : how.format(date);

/**
 * A date as one writes it in a book. The year is said only when it is not this one. With the zone of the place it is by
 * the clocks there, and the offset is said where they are not those of this device, or showed that hour twice.
 * Examples: `Sat 6 June, 05:12`; `Sun 25 October, 01:30 (UTC+1)`.
 */
export function whenText(iso: string, now = new Date(), zone?: string | null): string {
  const date = new Date(iso);
  if (Number.isNaN(date.getTime())) return said(WHEN, date);
  const there = zone ? localTime(iso, zone) : undefined;
  if (there && (there.isTwice || there.offsetMin !== -date.getTimezoneOffset())) {
    // The clocks there, as if they were those of this device.
    const shown = new Date(`${there.iso.slice(0, 19)}`);
    return partsText.utc({ shown: whenText(shown.toISOString(), now), offsetMin: offsetWords(there.offsetMin) });
  }
  const day = (date.getFullYear() === now.getFullYear() ? WHEN : WHEN_OF_A_YEAR).format(date);
  return `${day.replace(/^(\w+),/, '$1')}, ${timeText(date)}`;
}

/** Examples: `+1`, `−5`, `+5:45`, nothing for UTC itself. */
function offsetWords(minutes: number): string {
  if (minutes === 0) return '';
  const [hours, rest] = [Math.floor(Math.abs(minutes) / 60), Math.abs(minutes) % 60];
  return `${minutes < 0 ? '−' : '+'}${hours}${rest === 0 ? '' : `:${String(rest).padStart(2, '0')}`}`;
}

/**
 * A day of the calendar, or the day of a moment by the clocks of its place, written out: what was at half past midnight
 * of a summer's day is of that day. Examples: `2026-10-19` → `19 October 2026`; `2026-06-10T23:30:00Z` in London → `11
 * June 2026`.
 */
export function dayText(day: string, zone?: string | null): string {
  const calendar = day.length === CALENDAR_DAY.length ? day : zone ? localTime(day, zone)?.day : undefined;
  return said(DAY, new Date(calendar === undefined ? day : `${calendar}T12:00:00`));
}

/** When a fish was taken: the moment, or the day as exactly as it is remembered. Examples: `June 2019`; `2019/20`. */
export function takenText({ startedAt, zone, dated }: Pick<CaptureState, 'startedAt' | 'zone' | 'dated'>): string {
  return dated ? pastDateText(dated) : whenText(startedAt ?? '', undefined, zone);
}

/** A day of the past as exactly as it is known. */
export function pastDateText({ as, from, to }: PastDate): string {
  const year = Number(from.slice(0, 4));
  switch (as) {
    case 'day':
      return dayText(from);
    case 'month':
      return monthText(`${from}T12:00:00`);
    case 'quarter':
      return partsText.quarterOf({ month: Number(from.slice(5, 7)), year });
    case 'season':
      return partsText.seasonOf({ year, next: to.slice(2, 4) });
    case 'year':
      return String(year);
  }
}

/** A day of this year with its weekday, written out. Example: `Saturday 6 June`. */
export function weekdayText(date: Date): string {
  return said(WEEKDAY, date);
}

/** Example: `05:12`. */
export function timeText(date: Date): string {
  return said(TIME, date);
}

/** Whether a moment has been; what is no moment has not. */
export function isPast(atMs: number): boolean {
  return atMs <= Date.now();
}

/** Heads a stretch of the book. Example: `June 2026`. */
export function monthText(iso: string): string {
  return said(MONTH, new Date(iso));
}

/** A month beneath a plot. Example: `Jan 2026`. */
export function shortMonthText(atMs: number): string {
  return SHORT_MONTH.format(atMs);
}

/** A moment as a `datetime-local` field wants it, in the keeper's own time. Example: `2026-07-15T05:30`. */
export function localInput(atMs: number): string {
  const date = new Date(atMs);
  const two = (value: number) => String(value).padStart(2, '0');
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  return `${day}T${two(date.getHours())}:${two(date.getMinutes())}`;
}

/**
 * The moment of a `datetime-local` field, NaN where it has none. A field that shows what it showed before means that
 * moment itself: the seconds it does not show are not lost.
 */
export function readLocalInput(typed: string, wasMs: number): number {
  return typed === localInput(wasMs) ? wasMs : Date.parse(typed);
}
