import { sharedDate } from './sharedDate.js';

const june = { year: 2026, month: 5, day: 12 };

test.each([
  ['season', 'Summer 2026'],
  ['month', 'June 2026'],
  ['day', '12 June 2026'],
  ['none', ''],
] as const)('as %s it is "%s"', (way, says) => expect(sharedDate(june, way)).toBe(says));

test.each([
  [2, 'Spring 2026'],
  [8, 'Autumn 2026'],
  [11, 'Winter 2026/27'],
  [0, 'Winter 2026'],
])('month %i', (month, says) => expect(sharedDate({ ...june, month }, 'season')).toBe(says));

test('below the equator June is winter', () => expect(sharedDate(june, 'season', true)).toBe('Winter 2026'));
