import { guessBiasBySize, guessBias, type Guess } from './guessBias.js';

const guess = (readGrams: number, share: number): Guess => ({
  species: 'carp',
  readGrams,
  guessGrams: readGrams * share,
});

test('an eye that is always a tenth too heavy has a bias and no spread', () => {
  const eye = guessBias([guess(5000, 1.1), guess(9000, 1.1), guess(12_000, 1.1)]);
  expect(eye).toMatchObject({ count: 3 });
  expect(eye?.bias).toBeCloseTo(0.1, 6);
  expect(eye?.spread).toBeCloseTo(0, 6);
  expect(eye?.off).toBeCloseTo(0.1, 6);
});

test('half and double weigh the same', () => {
  expect(guessBias([guess(5000, 2), guess(5000, 0.5)])?.bias).toBeCloseTo(0, 9);
  expect(guessBias([])).toBeUndefined();
});

test('sizes are judged apart', () => {
  const sizes = guessBiasBySize([guess(4000, 1.2), guess(12_000, 0.9), guess(14_000, 0.9)], [5000, 10_000, 15_000]);
  expect(sizes.map(({ fromGrams, eye }) => [fromGrams, eye.count])).toEqual([
    [0, 1],
    [10_000, 2],
  ]);
});

// By hand: ln 1.1 = 0.0953 and ln 1.3 = 0.2624; their mean 0.1788, their deviation 0.1181.
test('two guesses have a spread about their bias, and lie off by what lies between them', () => {
  const eye = guessBias([guess(5000, 1.1), guess(9000, 1.3)]);
  expect(eye?.bias).toBeCloseTo(0.1958, 4);
  expect(eye?.spread).toBeCloseTo(0.1254, 4);
  expect(eye?.off).toBeCloseTo(0.2, 9);
  expect(guessBias([guess(5000, 1.3)])).toMatchObject({ count: 1, spread: 0 });
  expect(guessBias([])).toBeUndefined();
});

test('how far off it is, is the middle one, however they stand', () => {
  expect(guessBias([guess(1, 2), guess(1, 1.1), guess(1, 0.9)])?.off).toBeCloseTo(0.1, 9);
});

test('a weight at an edge belongs to the size above it', () => {
  const sizes = guessBiasBySize([guess(4999, 1), guess(5000, 1), guess(9999, 1), guess(10_000, 1)], [5000, 10_000]);
  expect(sizes.map(({ fromGrams, toGrams, eye }) => [fromGrams, toGrams, eye.count])).toEqual([
    [0, 5000, 1],
    [5000, 10_000, 2],
    [10_000, Infinity, 1],
  ]);
});
