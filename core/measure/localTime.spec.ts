import { isZone, localTime, momentThere, offsetText } from './localTime.js';

// The clocks of London went back at 01:00 UTC on 25 October 2026 (last Sunday of October; Directive 2000/84/EC for the
// day).
test('the night when clocks go back has an hour twice, each with its own offset', () => {
  expect(localTime('2026-10-25T00:30:00Z', 'Europe/London')).toMatchObject({
    iso: '2026-10-25T01:30:00+01:00',
    isTwice: true,
  });
  expect(localTime('2026-10-25T01:30:00Z', 'Europe/London')).toMatchObject({
    iso: '2026-10-25T01:30:00+00:00',
    isTwice: true,
  });
  expect(localTime('2026-10-25T02:00:00Z', 'Europe/London')?.isTwice).toBe(false);
  expect(localTime('2026-10-24T23:59:59Z', 'Europe/London')?.isTwice).toBe(false);
});

test('a trip abroad keeps the clocks of the place, and the month is the one there', () => {
  expect(localTime('2026-06-30T22:30:00Z', 'Europe/Paris')).toMatchObject({
    iso: '2026-07-01T00:30:00+02:00',
    month: '2026-07',
    day: '2026-07-01',
  });
  expect(localTime('2026-01-01T02:00:00Z', 'America/New_York')).toMatchObject({
    iso: '2025-12-31T21:00:00-05:00',
    month: '2025-12',
  });
  expect(localTime('2026-06-01T00:00:00Z', 'Asia/Kathmandu')?.offsetMin).toBe(345);
});

test('a zone that nobody knows is UTC, an unreadable moment none', () => {
  expect(localTime('2026-06-01T05:00:00.000Z', 'Mere/Hollow')?.iso).toBe('2026-06-01T05:00:00+00:00');
  expect(localTime('2026-06-01T05:00:00.000Z', null)?.iso).toBe('2026-06-01T05:00:00+00:00');
  expect(localTime('', 'Europe/London')).toBeUndefined();
  expect([isZone('Europe/London'), isZone('Mere/Hollow')]).toEqual([true, false]);
  expect([offsetText(0), offsetText(-330), offsetText(60)]).toEqual(['+00:00', '-05:30', '+01:00']);
});

test.each([
  ['2026-06-01T06:00', 'Europe/London', '2026-06-01T05:00:00.000Z'],
  ['2026-01-01T06:00', 'Europe/London', '2026-01-01T06:00:00.000Z'],
  ['2026-10-25T00:59', 'Europe/London', '2026-10-24T23:59:00.000Z'],
  // Twice: the first.
  ['2026-10-25T01:30', 'Europe/London', '2026-10-25T00:30:00.000Z'],
  ['2026-10-25T02:00', 'Europe/London', '2026-10-25T02:00:00.000Z'],
  // Skipped: 01:30 by the clock before is 02:30 by the one after.
  ['2026-03-29T01:30', 'Europe/London', '2026-03-29T01:30:00.000Z'],
  ['2026-03-29T02:00', 'Europe/London', '2026-03-29T01:00:00.000Z'],
  ['2025-12-31T21:00', 'America/New_York', '2026-01-01T02:00:00.000Z'],
  ['2026-06-01T06:00', null, '2026-06-01T06:00:00.000Z'],
])('%s by the clocks of %s is %s', (wall, zone, moment) => {
  expect(momentThere(wall, zone)).toBe(moment);
});
