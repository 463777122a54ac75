import { sharedDate } from './sharedDate.js';

const june = { year: 2026, month: 5, day: 12 };
const atMs = Date.UTC(2026, 5, 12);

test.each([
  ['month', { code: 'pictures.sharedMonth', values: { atMs } }],
  ['day', { code: 'pictures.sharedDay', values: { atMs } }],
  ['none', null],
] as const)('as %s it is %j', (way, message) => expect(sharedDate(june, way)).toEqual(message));

test.each([
  [1, 'winter', false],
  [2, 'spring', false],
  [4, 'spring', false],
  [5, 'summer', false],
  [8, 'autumn', false],
  [10, 'autumn', false],
  [11, 'winter', true],
  [0, 'winter', false],
])('month %i is %s', (month, season, turns) =>
  expect(sharedDate({ ...june, month }, 'season')?.values).toEqual({ season, year: 2026, turns }),
);

test('below the equator June is winter', () =>
  expect(sharedDate(june, 'season', true)?.values).toMatchObject({ season: 'winter' }));
