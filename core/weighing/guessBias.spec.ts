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
