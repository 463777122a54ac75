import { goalsIn } from './goalsIn.js';

test('an angler looks up to whole pounds and then fives, or to kilograms as round', () => {
  const pounds = goalsIn('lb-oz').map((grams) => grams / 453.59237);
  expect(pounds.slice(16, 21)).toEqual([18, 19, 20, 25, 30].map((each): unknown => expect.closeTo(each, 9)));
  expect(pounds.at(-1)).toBeCloseTo(220, 9);
  expect(
    goalsIn('kg')
      .filter((grams) => grams >= 7000)
      .slice(0, 4),
  ).toEqual([7000, 7500, 10_000, 12_500]);
});
