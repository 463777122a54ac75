import { takenMs } from './card.js';

jest.mock('exifr', () => ({}));

test.each([
  ['2026:06:01 05:33:10', '+01:00', '2026-06-01T04:33:10.000Z'],
  ['2026:06:01 05:33:10', '-03:30', '2026-06-01T09:03:10.000Z'],
  ['2026:06:01 05:33:10', '+00:00', '2026-06-01T05:33:10.000Z'],
])('%s at %s', (date, zone, utc) => expect(new Date(takenMs(date, zone) ?? NaN).toISOString()).toBe(utc));

test('without a zone it is the time of this device', () =>
  expect(takenMs('2026:06:01 05:33:10', '')).toBe(new Date(2026, 5, 1, 5, 33, 10).getTime()));

test.each(['', '    :  :     :  :  ', '0000:00:00 00:00:00', '2026-06-01', '2026:13:41 25:61:61'])(
  'no date is made of "%s"',
  (date) => expect(takenMs(date, '')).toBeNull(),
);
