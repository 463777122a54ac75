import { FIRST_YEAR, isMoment, LAST_YEAR, utcOf } from './moment.js';

// ISO 8601-1:2019, 5.4: extended format, with the zone that a moment needs.
test.each([
  ['2026-06-01T05:00:00.000Z', '2026-06-01T05:00:00.000Z'],
  ['2026-06-01T05:00Z', '2026-06-01T05:00:00.000Z'],
  ['2026-06-01T06:00+01:00', '2026-06-01T05:00:00.000Z'],
  ['2026-06-01T06:00+0100', '2026-06-01T05:00:00.000Z'],
  ['2026-06-01T00:30:15-05:30', '2026-06-01T06:00:15.000Z'],
  ['2026-06-01T05:00:00.5Z', '2026-06-01T05:00:00.500Z'],
  ['2026-06-01T05:00:00.123456789Z', '2026-06-01T05:00:00.123Z'],
  ['2024-02-29T23:59:59Z', '2024-02-29T23:59:59.000Z'],
  ['2026-12-31T23:59:59+14:59', '2026-12-31T09:00:59.000Z'],
  ['2026-01-01T00:00Z', '2026-01-01T00:00:00.000Z'],
])('%s is %s', (written, utc) => {
  expect(utcOf(written)).toBe(utc);
  expect(isMoment(written)).toBe(true);
});

test.each([
  ['no text', 1_780_290_000_000],
  ['nothing', undefined],
  ['no zone', '2026-06-01T05:00:00'],
  ['a day alone', '2026-06-01'],
  ['no day of June', '2026-06-31T05:00Z'],
  ['no leap year', '2026-02-29T05:00Z'],
  ['month 0', '2026-00-10T05:00Z'],
  ['month 13', '2026-13-10T05:00Z'],
  ['day 0', '2026-06-00T05:00Z'],
  ['hour 24', '2026-06-01T24:00Z'],
  ['minute 60', '2026-06-01T05:60Z'],
  ['second 60', '2026-06-01T05:00:60Z'],
  ['a zone of fifteen hours', '2026-06-01T05:00+15:00'],
  ['a zone of sixty minutes', '2026-06-01T05:00+01:60'],
  ['ten places of a second', '2026-06-01T05:00:00.1234567891Z'],
  ['no places of a second', '2026-06-01T05:00:00.Z'],
  ['something before it', 'on 2026-06-01T05:00Z'],
  ['something after it', '2026-06-01T05:00Z or so'],
  ['a week date', '2026-W23-1T05:00Z'],
  ['an ordinal date', '2026-152T05:00Z'],
  ['three digits of a year', '206-06-01T05:00Z'],
  ['one digit of a month', '2026-6-01T05:00Z'],
  ['a letter in the hour', '2026-06-01T0x:00Z'],
])('%s is no moment', (_what, written) => {
  expect(utcOf(written)).toBeUndefined();
  expect(isMoment(written)).toBe(false);
});

test.each([
  [`${FIRST_YEAR}-01-01T00:00Z`, true],
  [`${FIRST_YEAR}-01-01T00:00+00:01`, false],
  [`${LAST_YEAR}-12-31T23:59:59Z`, true],
  [`${LAST_YEAR}-12-31T23:59:59-00:01`, false],
])('the years of the book are those of UTC: %s is in it: %s', (written, is) => {
  expect(isMoment(written)).toBe(is);
});
