import { nameDate } from './nameDate.js';
import { nameWeight } from './nameWeight.js';

const habit = { dayFirst: true, today: '2026-06-10' };

test.each([
  ['IMG_20190614_051233.jpg', '2019-06-14', '05:12:33'],
  ['IMG-20190614-WA0007.jpg', '2019-06-14', null],
  ['20190614051233.jpg', undefined, undefined],
  ['2019-06-14 05.12.33.jpg', '2019-06-14', '05:12:33'],
  ['2019-06-14 at 05.12.jpg', '2019-06-14', '05:12:00'],
  ['Photo 2019_06_14 24.00.jpg', '2019-06-14', null],
  ['14.6.2019 mirror 23lb.jpg', '2019-06-14', null],
  ['03-04-19 pike.jpg', '2019-04-03', null],
  ['14th June 2019.jpg', '2019-06-14', null],
  ['mirror_14_June_2019_23lb.jpg', '2019-06-14', null],
  ['2019/June/14 June 2019/DSC_0001.JPG', '2019-06-14', null],
  ['2018-01-01/IMG_20190614_051233.jpg', '2019-06-14', '05:12:33'],
  // No such day, or still to come.
  ['2019-02-31.jpg', undefined, undefined],
  ['2026-06-11.jpg', undefined, undefined],
  ['2026-06-10.jpg', '2026-06-10', null],
  ['DSC_0001.JPG', undefined, undefined],
  ['1234567890123.jpg', undefined, undefined],
])('%s is of %s, %s', (path, day, time) => {
  expect(nameDate(path, habit)).toEqual(day === undefined ? undefined : { day, time });
});

test('which of two numbers is the day follows the keeper’s dates', () => {
  expect(nameDate('03-04-19.jpg', { ...habit, dayFirst: false })?.day).toBe('2019-03-04');
});

test.each([
  ['Mirror 23lb 11oz.jpg', 10_744.5],
  ['23-lb.jpg', 10_432.6],
  ['mirror_23lb11oz', 10_744.5],
  ['pike 8,45 kg', 8450],
  ['12kg', 12_000],
  ['IMG_20190614', undefined],
  ['album 12', undefined],
])('the weight in %s is %s g', (name, grams) => {
  const read = nameWeight(name);
  if (grams === undefined) expect(read).toBeUndefined();
  else expect(read).toBeCloseTo(grams, 0);
});
