import { poundsOunces } from '../measure/mass.js';
import { scaleRange } from './scaleRange.js';

const scale = { capacity: poundsOunces(60, 0), leastLoad: poundsOunces(2, 0) };

test.each([
  [1, 15, 'under'],
  [2, 0, 'within'],
  [59, 15, 'within'],
  [60, 0, 'at-end'],
])('%i lb %i oz is %s', (pounds, ounces, range) => expect(scaleRange(poundsOunces(pounds, ounces), scale)).toBe(range));

test('of a scale that nobody described every reading is within', () => {
  expect(scaleRange(poundsOunces(300, 0), {})).toBe('within');
  expect(scaleRange(poundsOunces(0, 1), { capacity: null, leastLoad: null })).toBe('within');
});
