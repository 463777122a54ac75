import { guessUnits } from './guessUnits.js';

test.each([
  ['en-GB', 'oz', 'in', 'C'],
  ['en-IE', 'oz', 'in', 'C'],
  ['en-US', 'oz', 'in', 'F'],
  ['en', 'oz', 'in', 'F'],
  ['de', 'g', 'cm', 'C'],
  ['fr-FR', 'g', 'cm', 'C'],
])('%s: %s, %s, %s', (language, massUnit, lengthHabit, tempHabit) =>
  expect(guessUnits(language)).toEqual({ massUnit, lengthHabit, tempHabit }),
);
