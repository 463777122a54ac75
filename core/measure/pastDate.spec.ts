import { momentStandingFor, parsePastDate } from './pastDate.js';

const HABIT = { dayFirst: true, today: '2026-11-30' };
const said = (text: string, habit = HABIT) => {
  const read = parsePastDate(text, habit);
  return read.ok ? `${read.value.as} ${read.value.from} ${read.value.to}` : read.reason.code;
};

test.each([
  ['14 June 2019', 'day 2019-06-14 2019-06-14'],
  ['14th june 2019', 'day 2019-06-14 2019-06-14'],
  ['June 14, 2019', 'day 2019-06-14 2019-06-14'],
  ['2019-06-14', 'day 2019-06-14 2019-06-14'],
  ['14/6/2019', 'day 2019-06-14 2019-06-14'],
  ['14.06.19', 'day 2019-06-14 2019-06-14'],
  ['3/4/05', 'day 2005-04-03 2005-04-03'],
  ['29 Feb 2020', 'day 2020-02-29 2020-02-29'],
  ['June 2019', 'month 2019-06-01 2019-06-30'],
  ['Feb 2020', 'month 2020-02-01 2020-02-29'],
  ['6/2019', 'month 2019-06-01 2019-06-30'],
  ['Sept 98', 'month 1998-09-01 1998-09-30'],
  ['summer 2019', 'quarter 2019-06-01 2019-08-31'],
  ['winter 2019', 'quarter 2019-12-01 2020-02-29'],
  ['Winter 2019/20', 'quarter 2019-12-01 2020-02-29'],
  ['2019/20', 'season 2019-06-16 2020-03-14'],
  ['season 1999–2000', 'season 1999-06-16 2000-03-14'],
  ['1999/00', 'season 1999-06-16 2000-03-14'],
  ['2019', 'year 2019-01-01 2019-12-31'],
])('%s is %s', (text, is) => expect(said(text)).toBe(is));

test('the keeper’s order decides, unless only one order has such a day', () => {
  const monthFirst = { ...HABIT, dayFirst: false };
  expect(said('3/4/2005', monthFirst)).toBe('day 2005-03-04 2005-03-04');
  expect(said('14/6/2019', monthFirst)).toBe('day 2019-06-14 2019-06-14');
  expect(said('6/14/2019')).toBe('day 2019-06-14 2019-06-14');
  expect(said('12/12/2019', monthFirst)).toBe('day 2019-12-12 2019-12-12');
});

test('two digits are of this century up to this year, else of the last', () => {
  expect(said('1/1/26')).toBe('day 2026-01-01 2026-01-01');
  expect(said('1/1/27')).toBe('day 1927-01-01 1927-01-01');
});

test.each([
  ['', 'measure.pastDateMissing'],
  ['yesterday', 'measure.pastDateNotUnderstood'],
  ['2019/21', 'measure.pastDateNotUnderstood'],
  ['summer 2019/20', 'measure.pastDateNotUnderstood'],
  ['14 June 14 2019', 'measure.pastDateNotUnderstood'],
  ['31 June 2019', 'measure.pastDateNoSuchDay'],
  ['29 Feb 2019', 'measure.pastDateNoSuchDay'],
  ['13/13/2019', 'measure.pastDateNoSuchDay'],
  ['13/2019', 'measure.pastDateNoSuchDay'],
  ['1 December 2026', 'measure.pastDateToCome'],
  ['2027', 'measure.pastDateToCome'],
  ['1899', 'measure.pastDateTooOld'],
])('%s is refused: %s', (text, code) => expect(said(text)).toBe(code));

test('today and this year are not to come', () => {
  expect(said('30 November 2026')).toBe('day 2026-11-30 2026-11-30');
  expect(said('2026')).toBe('year 2026-01-01 2026-12-31');
  expect(said('1900')).toBe('year 1900-01-01 1900-12-31');
});

test('it stands in the order of the book by noon of its first day', () => {
  expect(momentStandingFor({ from: '2019-06-14' })).toBe('2019-06-14T12:00:00.000Z');
});
