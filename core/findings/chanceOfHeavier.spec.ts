import { LEAST_ON_OUTINGS, chanceOfHeavier } from './chanceOfHeavier.js';
import { shareAbove, tailOf } from './weightTail.js';

const BOOK = Array.from({ length: 100 }, (_, i) => 6000 + 60 * i + ((i * 37) % 11) * 10);
const tail = tailOf(BOOK);
if (!tail) throw new Error('There is a tail.');
/** So many outings with one fish of the tail each, the others without. */
const outings = (all: number, fish: number) => Array.from({ length: all }, (_, i) => (i < fish ? 1 : 0));

test('the chance is that of as many trips at the rate and the share', () => {
  const grams = tail.fromGrams + 1500;
  const share = shareAbove(tail, grams)?.share ?? NaN;
  const chance = chanceOfHeavier(tail, outings(100, 30), grams, 10);
  expect(chance?.share).toBeCloseTo(1 - Math.exp(-10 * 0.3 * share), 10);
  expect(chance?.low).toBeLessThan(chance?.share ?? 0);
  expect(chance?.high).toBeGreaterThan(chance?.share ?? 1);
});

test('at the threshold the doubt is that of the rate alone', () => {
  const chance = chanceOfHeavier(tail, outings(400, 100), tail.fromGrams, 1);
  // Student's factor of 399 is 1.966; of a hundred fish that come evenly the standard error is a tenth.
  expect(chance?.high).toBeCloseTo(1 - Math.exp(-0.25 * Math.exp(0.1966)), 3);
  expect(chance?.low).toBeCloseTo(1 - Math.exp(-0.25 * Math.exp(-0.1966)), 3);
});

test('fish that come several on a day tell less of how often they come', () => {
  const heaped = Array.from({ length: 100 }, (_, i) => (i < 10 ? 3 : 0));
  const even = chanceOfHeavier(tail, outings(100, 30), tail.fromGrams, 10);
  const uneven = chanceOfHeavier(tail, heaped, tail.fromGrams, 10);
  expect(uneven?.share).toBe(even?.share);
  expect(uneven?.low).toBeLessThan(even?.low ?? 0);
});

test('nothing is said of too few', () => {
  expect(chanceOfHeavier(tail, outings(50, LEAST_ON_OUTINGS - 1), tail.fromGrams, 10)).toBeNull();
  expect(chanceOfHeavier(tail, outings(50, LEAST_ON_OUTINGS), tail.fromGrams, 10)).not.toBeNull();
  expect(chanceOfHeavier(tail, outings(50, 20), 60_000, 10)).toBeNull();
  expect(chanceOfHeavier(tail, [], tail.fromGrams, 10)).toBeNull();
});
