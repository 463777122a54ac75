import { HOUR_MS, MINUTE_MS } from './timeSpan.js';

/** A moment as the clocks of a place showed it. */
export interface LocalTime {
  /** ISO 8601 with the offset of that place at that moment, such as `2026-10-25T01:30:00+01:00`. */
  readonly iso: string;
  /** `YYYY-MM-DD` and `YYYY-MM` there. */
  readonly day: string;
  readonly month: string;
  readonly offsetMin: number;
  /** The same reading of the clock comes twice that day, for the clocks were put back. */
  readonly isTwice: boolean;
}

const formats = new Map<string, Intl.DateTimeFormat | undefined>();

/**
 * Whether a name is one of a time zone (IANA) or an offset that can be worked with. Example: `Europe/London`, `+02:00`.
 */
export function isZone(zone: string): boolean {
  return formatOf(zone) !== undefined;
}

/**
 * What the clocks of a place showed at a moment. A zone that is not known, or none, is UTC. An unreadable moment is
 * undefined. Example: 01:30 UTC on 25 October 2026 in London is 01:30 again, for the second time.
 */
export function localTime(iso: string, zone: string | null | undefined): LocalTime | undefined {
  const atMs = Date.parse(iso);
  if (Number.isNaN(atMs)) return undefined;
  const offset = (ms: number) => offsetMin(ms, zone ?? 'UTC');
  const here = offset(atMs);
  const wallMs = atMs + here * MINUTE_MS;
  const wall = new Date(wallMs).toISOString();
  const isTwice = [-HOUR_MS, HOUR_MS].some((by) => atMs + by + offset(atMs + by) * MINUTE_MS === wallMs);
  return {
    iso: `${wall.slice(0, 19)}${offsetText(here)}`,
    day: wall.slice(0, 10),
    month: wall.slice(0, 7),
    offsetMin: here,
    isTwice,
  };
}

/** An offset as ISO 8601 writes it. Example: 60 is `+01:00`. */
export function offsetText(minutes: number): string {
  const two = (value: number) => String(value).padStart(2, '0');
  const size = Math.abs(minutes);
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(size / 60))}:${two(size % 60)}`;
}

/**
 * No place moves its clocks twice within so many days: where the offset at both ends is the same, it holds between
 * them.
 */
const WINDOW_MS = 8 * 24 * HOUR_MS;
const MOST_WINDOWS = 5000;
/** By zone and window: the offset that holds in it, or null where the clocks move. */
const windows = new Map<string, number | null>();

function offsetMin(atMs: number, zone: string): number {
  const window = Math.floor(atMs / WINDOW_MS);
  const key = `${zone} ${window}`;
  let holds = windows.get(key);
  if (holds === undefined) {
    const [from, to] = [window, window + 1].map((each) => offsetAt(each * WINDOW_MS, zone));
    holds = from !== undefined && from === to ? from : null;
    if (windows.size >= MOST_WINDOWS) windows.clear();
    windows.set(key, holds);
  }
  return holds ?? offsetAt(atMs, zone);
}

function offsetAt(atMs: number, zone: string): number {
  const format = formatOf(zone);
  if (!format) return 0;
  const parts = Object.fromEntries(format.formatToParts(atMs).map(({ type, value }) => [type, Number(value)]));
  const { year = 0, month = 1, day = 1, hour = 0, minute = 0, second = 0 } = parts;
  const wallMs = Date.UTC(year, month - 1, day, hour, minute, second);
  return Math.round((wallMs - Math.floor(atMs / 1000) * 1000) / MINUTE_MS);
}

// Making a format takes longer than a hundred of its answers.
function formatOf(zone: string): Intl.DateTimeFormat | undefined {
  if (!formats.has(zone)) {
    try {
      const how = {
        year: 'numeric',
        month: 'numeric',
        day: 'numeric',
        hour: 'numeric',
        minute: 'numeric',
        second: 'numeric',
      } as const;
      formats.set(zone, new Intl.DateTimeFormat('en-GB', { ...how, hourCycle: 'h23', timeZone: zone }));
    } catch {
      formats.set(zone, undefined);
    }
  }
  return formats.get(zone);
}

/**
 * The moment at which the clocks of a place showed a time: the first of two where they showed it twice, and the moment
 * that they would have come to where they skipped it.
 *
 * @param wall `YYYY-MM-DDTHH:MM`, with seconds perhaps
 * @example momentThere('2026-06-01T06:00', 'Europe/London') // '2026-06-01T05:00:00.000Z'
 */
export function momentThere(wall: string, zone: string | null | undefined): string {
  const wallMs = Date.parse(`${wall}Z`);
  const offsetMs = (atMs: number) => offsetMin(atMs, zone ?? 'UTC') * MINUTE_MS;
  // Of the offsets before and after the clocks moved, the earlier moment that shows what is asked for.
  const before = wallMs - offsetMs(wallMs - 12 * HOUR_MS);
  const after = wallMs - offsetMs(wallMs + 12 * HOUR_MS);
  const shows = (atMs: number) => atMs + offsetMs(atMs) === wallMs;
  return new Date(shows(before) || !shows(after) ? before : after).toISOString();
}
