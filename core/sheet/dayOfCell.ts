import { parsePastDate } from '../measure/pastDate.js';
import { DAY_MS } from '../measure/timeSpan.js';

/** Day 0 of a table program counts as 30 December 1899, once its 29 February 1900 that never was is behind. */
const SERIAL_DAY_0_MS = Date.UTC(1899, 11, 30);
/** From 1927 to 2064: a number of a day of somebody's fishing, and of no year. */
const SERIAL = /^[1-5]\d{4}(\.\d+)?$/;

/** Of a day with its hour the day; of the number of a day its date. Example: `43630.25` is `2019-06-14`. */
export function dayOfCell(written: string): string {
  const text = written.trim();
  if (SERIAL.test(text))
    return new Date(SERIAL_DAY_0_MS + Math.floor(Number(text)) * DAY_MS).toISOString().slice(0, 10);
  return text.replace(/[T ]\d{1,2}:\d{2}(:\d{2}(\.\d+)?)?\s*(am|pm|Z)?$/i, '').trim();
}

/**
 * Whether a cell says when a fish was caught, in whatever order its day is written: without that a row is no fish, and
 * nothing that it names is asked about. `today` as `YYYY-MM-DD`. Example: `Permits` does not.
 */
export function saysWhen(written: string, today: string): boolean {
  const day = dayOfCell(written);
  return [true, false].some((dayFirst) => parsePastDate(day, { dayFirst, today }).ok);
}
