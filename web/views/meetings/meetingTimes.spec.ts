import { meetingTimes } from './meetingTimes.js';

const at = (local: string) => new Date(local).toISOString();

test('a day is said with its hours, several by their days, and midnight belongs to the day that begins', () => {
  const aDay = { fromAt: at('2026-06-10T00:00'), toAt: at('2026-06-10T20:00') };
  expect(meetingTimes(aDay)).toBe('10 June 2026, 00:00 to 20:00');
  expect(meetingTimes({ ...aDay, toAt: at('2026-06-11T00:00') })).toBe('10 June 2026 to 11 June 2026');
});
