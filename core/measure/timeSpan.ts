/** Spans of time in ms. A year is the mean one of the Julian calendar: 365.25 days. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;
export const YEAR_MS = 365.25 * DAY_MS;
