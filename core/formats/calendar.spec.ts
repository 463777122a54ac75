import { NO_RULES } from '../domain/water/rules.js';
import { DAY_MS } from '../measure/timeSpan.js';
import { enGB } from '../text/en-GB/catalogue.js';
import { sayIn } from '../text/texts.js';
import { calendarOf, type CalendarBook } from './calendar.js';

const NOW = Date.parse('2026-11-30T12:00:00Z');
const NONE: CalendarBook = { waters: [], swims: [], kit: [], outings: [] };
const say = sayIn(enGB);
const told = (book: Partial<CalendarBook>) =>
  calendarOf({ ...NONE, ...book }, NOW).map(({ uid: _uid, title, ...rest }) => ({ ...rest, says: say(title) }));
const season = (from: [number, number], to: [number, number], species: ('pike' | 'carp')[] = []) => ({
  from: { month: from[0], day: from[1] },
  to: { month: to[0], day: to[1] },
  species,
});
const water = (...closedSeasons: ReturnType<typeof season>[]) => ({
  id: 'w1',
  name: 'Harrowmere',
  rules: { ...NO_RULES, closedSeasons },
  retired: false,
});

test('closed seasons come back every year, also over the new year', () => {
  expect(told({ waters: [water(season([3, 15], [6, 15], ['pike', 'carp']), season([11, 1], [2, 29]))] })).toEqual([
    { fromDay: '2026-03-15', toDay: '2026-06-15', yearly: true, says: 'Harrowmere: closed for pike and carp' },
    { fromDay: '2026-11-01', toDay: '2027-02-28', yearly: true, says: 'Harrowmere: closed' },
  ]);
  expect(told({ waters: [{ ...water(season([3, 15], [6, 15])), retired: true }] })).toEqual([]);
});

test('a season of one day is that day', () => {
  expect(told({ waters: [water(season([6, 15], [6, 15]))] })).toMatchObject([
    { fromDay: '2026-06-15', toDay: '2026-06-15' },
  ]);
});

const outing = (toMs: number, more = {}) => ({
  outingId: 'o1',
  waterId: 'w1',
  swimId: 's1',
  fromMs: toMs - 3_600_000,
  toMs,
  calledOff: false,
  ...more,
});

test.each([
  [NOW - 60 * DAY_MS, 0],
  [NOW - 60 * DAY_MS + 1, 1],
  [NOW + 400 * DAY_MS, 1],
])('an outing until %d stands there %d times', (toMs, count) => {
  expect(told({ outings: [outing(toMs)] })).toHaveLength(count);
});

test('an outing is said by swim and water, as far as they are known; one that was called off is none', () => {
  const book = { waters: [water()], swims: [{ id: 's1', name: 'Reed gate' }] };
  expect(told({ ...book, outings: [outing(NOW)] })).toMatchObject([{ says: 'Outing: Reed gate, Harrowmere' }]);
  expect(told({ outings: [outing(NOW)] })).toMatchObject([{ says: 'Outing' }]);
  expect(told({ outings: [outing(NOW, { calledOff: true })] })).toEqual([]);
});

const thing = {
  id: 'k1',
  name: 'Green dial',
  inDateUntil: null,
  checkedAt: null,
  scale: null,
  retired: false,
} as const;

test('licences, care kits and checks of scales stand on the day on which they are due', () => {
  const checked = { ...thing, kind: 'scales', checkedAt: '2026-06-01T08:00:00.000Z' } as const;
  expect(told({ kit: [{ ...thing, kind: 'licence', inDateUntil: '2027-03-31' }] })).toEqual([
    { fromDay: '2027-03-31', toDay: '2027-03-31', yearly: false, says: 'Last day of Green dial' },
  ]);
  expect(told({ kit: [{ ...thing, kind: 'care', inDateUntil: '2027-03-31' }] })).toMatchObject([
    { says: 'Last day in date: Green dial' },
  ]);
  // 182 days after the first of June.
  expect(told({ kit: [checked] })).toMatchObject([
    { fromDay: '2026-11-30', says: 'Check Green dial against a known mass' },
  ]);
  expect(
    told({
      kit: [
        { ...checked, retired: true },
        { ...thing, kind: 'scales' },
      ],
    }),
  ).toEqual([]);
});

test('the same entry has the same id, and no two have one', () => {
  const book = {
    waters: [water(season([3, 15], [6, 15]), season([3, 15], [6, 15], ['pike']))],
    outings: [outing(NOW)],
  };
  const uids = (nowMs: number) => calendarOf({ ...NONE, ...book }, nowMs).map(({ uid }) => uid);
  expect(new Set(uids(NOW)).size).toBe(3);
  expect(uids(NOW)).toEqual(uids(NOW + DAY_MS));
});
