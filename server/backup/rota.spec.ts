import { isBackupDue, keptBackups } from './rota.js';

const day = (iso: string) => Date.parse(`${iso}T03:00:00Z`);
/** One every night for so many nights, the last on 30 November 2026, a Monday. */
const nightly = (nights: number) => Array.from({ length: nights }, (_, i) => day('2026-11-30') - i * 24 * 3600_000);
const days = (kept: ReadonlySet<number>) =>
  [...kept].sort((a, b) => b - a).map((ms) => new Date(ms).toISOString().slice(0, 10));

test('the newest of seven days, four weeks and twelve months stay', () => {
  expect(days(keptBackups(nightly(500)))).toEqual([
    ...['2026-11-30', '2026-11-29', '2026-11-28', '2026-11-27', '2026-11-26', '2026-11-25', '2026-11-24'],
    // Sundays, the last days of their weeks.
    ...['2026-11-22', '2026-11-15'],
    ...['2026-10-31', '2026-09-30', '2026-08-31', '2026-07-31', '2026-06-30', '2026-05-31', '2026-04-30'],
    ...['2026-03-31', '2026-02-28', '2026-01-31', '2025-12-31'],
  ]);
});

test('nothing goes while there are few, and what was skipped takes nobody’s place', () => {
  expect(keptBackups(nightly(7)).size).toBe(7);
  const rare = [day('2026-11-30'), day('2025-05-01'), day('2019-05-01')];
  expect([...keptBackups(rare)].sort()).toEqual([...rare].sort());
  expect(keptBackups([]).size).toBe(0);
});

test('of two on one day the newer stays', () => {
  const [early, late] = [day('2026-11-30'), day('2026-11-30') + 1000];
  expect([...keptBackups([early, late])]).toEqual([late]);
});

test('one is due once a night has passed, by the clocks of the machine', () => {
  const night = new Date(2026, 10, 30, 3, 0, 0, 0);
  const before = new Date(night.getTime() - 1);
  expect(isBackupDue(null, night)).toBe(true);
  expect(isBackupDue(before.getTime(), before)).toBe(false);
  expect(isBackupDue(before.getTime(), night)).toBe(true);
  expect(isBackupDue(night.getTime(), new Date(2026, 11, 1, 2, 59, 59, 999))).toBe(false);
  expect(isBackupDue(night.getTime(), new Date(2026, 11, 1, 3))).toBe(true);
});
