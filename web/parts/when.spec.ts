import { dayText, localInput, monthText, readLocalInput, shortMonthText, timeText, whenText } from './when.js';

const now = new Date(2026, 10, 24);

test('the year is said only when it is not this one', () => {
  expect(whenText(new Date(2026, 5, 6, 5, 12).toISOString(), now)).toBe('Sat 6 June, 05:12');
  expect(whenText(new Date(2024, 5, 6, 17, 2).toISOString(), now)).toBe('Thu 6 June 2024, 17:02');
});

test('months head the book, times are of the day', () => {
  expect(monthText(new Date(2025, 0, 31).toISOString())).toBe('January 2025');
  expect(timeText(new Date(2026, 5, 6, 0, 5))).toBe('00:05');
  // By UTC, as the ticks of a plot are set: the first moment of a year is of that year everywhere.
  expect(shortMonthText(Date.UTC(2025, 0, 1))).toBe('Jan 2025');
});

test('a day of the calendar stays that day in every zone', () => {
  expect(dayText('2026-10-19')).toBe('19 October 2026');
});

test('a moment is of the day that its place had, in the night too', () => {
  expect(dayText('2026-06-10T22:59:59Z', 'Europe/London')).toBe('10 June 2026');
  expect(dayText('2026-06-10T23:00:00Z', 'Europe/London')).toBe('11 June 2026');
  expect(dayText(new Date(2026, 5, 11, 0, 30).toISOString())).toBe('11 June 2026');
});

test('what has no time is said to have none, and no page is lost for it', () => {
  expect(dayText('')).toBe('an unknown day');
  expect(whenText('not yet')).toBe('an unknown day');
  expect(monthText('')).toBe('an unknown day');
  expect(timeText(new Date(NaN))).toBe('an unknown day');
});

test('a field of day and time that nobody changed keeps the seconds it does not show', () => {
  const wasMs = new Date(2026, 5, 6, 5, 12, 40, 7).getTime();
  expect(localInput(wasMs)).toBe('2026-06-06T05:12');
  expect(readLocalInput('2026-06-06T05:12', wasMs)).toBe(wasMs);
  expect(readLocalInput('2026-06-06T05:13', wasMs)).toBe(new Date(2026, 5, 6, 5, 13).getTime());
  expect(readLocalInput('', wasMs)).toBeNaN();
});
