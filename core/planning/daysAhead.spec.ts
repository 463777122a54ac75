import { DAY_MS, HOUR_MS } from '../measure/timeSpan.js';
import { daysAhead, dayText } from './daysAhead.js';

const calendar = (atMs: number) => {
  const date = new Date(atMs);
  return { year: date.getUTCFullYear(), month: date.getUTCMonth() + 1, day: date.getUTCDate() };
};
const FRIDAY_EVENING = Date.UTC(2026, 6, 3, 20);

test.each([
  ['not until midnight', FRIDAY_EVENING + 4 * HOUR_MS - 1, []],
  ['to the very midnight', FRIDAY_EVENING + 4 * HOUR_MS, ['2026-07-04']],
  ['to the same hour next day', FRIDAY_EVENING + DAY_MS, ['2026-07-04']],
  ['to Sunday morning', FRIDAY_EVENING + 36 * HOUR_MS, ['2026-07-04', '2026-07-05']],
  ['into the past', FRIDAY_EVENING - DAY_MS, []],
  ['long into the past', FRIDAY_EVENING - 9 * DAY_MS, []],
])('%s', (_how, toMs, days) => {
  expect(daysAhead(FRIDAY_EVENING, toMs, calendar).map(dayText)).toEqual(days);
});

test('a very long outing is looked at for a fortnight', () => {
  expect(daysAhead(FRIDAY_EVENING, FRIDAY_EVENING + 12 * DAY_MS, calendar)).toHaveLength(12);
  expect(daysAhead(FRIDAY_EVENING, FRIDAY_EVENING + 13 * DAY_MS, calendar)).toHaveLength(13);
  expect(daysAhead(FRIDAY_EVENING, FRIDAY_EVENING + 60 * DAY_MS, calendar)).toHaveLength(13);
});
