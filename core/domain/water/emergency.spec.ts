import { COUNTRIES, emergencyNumber } from './emergency.js';

// Directive (EU) 2018/1972, article 109: 112 in every member state.
test.each(['AT', 'BE', 'CZ', 'DE', 'ES', 'FR', 'IE', 'IT', 'NL', 'PL', 'PT', 'SE'])('%s answers 112', (country) => {
  expect(emergencyNumber(country)).toBe('112');
});

// From memory.
test.each([
  ['GB', '999'],
  ['US', '911'],
  ['AU', '000'],
  ['NZ', '111'],
])('%s answers %s', (country, number) => {
  expect(emergencyNumber(country)).toBe(number);
});

test('where no country is named, or one that is not known, it is what mobile telephones take everywhere', () => {
  for (const country of [null, undefined, '', 'XX']) expect(emergencyNumber(country)).toBe('112');
});

test('each country is there once, in order', () => {
  expect(new Set(COUNTRIES).size).toBe(COUNTRIES.length);
  expect([...COUNTRIES].sort()).toEqual([...COUNTRIES]);
});
