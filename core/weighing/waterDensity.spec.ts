import { shownWaterGrams, waterDensity } from './waterDensity.js';

// CRC Handbook of Chemistry and Physics, density of water, from memory.
test.each([
  [4, 0.99997],
  [10, 0.9997],
  [20, 0.99821],
  [25, 0.99705],
  [30, 0.99565],
])('at %d degrees C a millilitre weighs %d g', (tempC, density) => {
  expect(waterDensity(tempC)).toBeCloseTo(density, 5);
});

test('a bottle shows less than its water weighs: the air carries a gram in a litre', () => {
  expect(shownWaterGrams(1000, 20)).toBeCloseTo(997.16, 2);
  expect(() => waterDensity(60)).toThrow(/0 to 40/);
});
