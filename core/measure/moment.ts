/** No fish of this book was caught before, and no clock is right that shows a later year. */
export const FIRST_YEAR = 1900;
export const LAST_YEAR = 2199;

const MOMENT = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)(?::(\d\d)(?:\.\d{1,9})?)?(?:Z|[+-](\d\d):?(\d\d))$/;

/**
 * A moment as the book keeps it: UTC, to the millisecond. Undefined for what is no day of the calendar, lies outside
 * the years of the book or says no zone; week dates and ordinal dates are not read. ISO 8601-1:2019, 5.4, extended
 * format.
 *
 * @example utcOf('2026-06-01T06:00+01:00') // '2026-06-01T05:00:00.000Z'
 */
export function utcOf(value: unknown): string | undefined {
  const parts = typeof value === 'string' ? MOMENT.exec(value) : null;
  if (!parts) return undefined;
  const [year = 0, month = 0, day = 0, hour = 0, minute = 0, second = 0, zoneHour = 0, zoneMinute = 0] = parts
    .slice(1)
    .map((part) => Number(part ?? 0));
  const isDay = new Date(Date.UTC(year, month - 1, day)).getUTCDate() === day && month >= 1 && month <= 12;
  if (!isDay || hour > 23 || minute > 59 || second > 59 || zoneHour > 14 || zoneMinute > 59) return undefined;
  const date = new Date(value as string);
  const inUtc = date.getUTCFullYear();
  return inUtc >= FIRST_YEAR && inUtc <= LAST_YEAR ? date.toISOString() : undefined;
}

/** Whether a value is a moment. Example: the 31st of June is none. */
export function isMoment(value: unknown): value is string {
  return utcOf(value) !== undefined;
}
