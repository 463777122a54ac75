import type { LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import { besideText } from './besideText.js';

const fish = (day: string, facts: Partial<LinkedFacts> = {}): LinkedFacts => ({
  captureId: day,
  atMs: Date.parse(`${day}T06:00:00Z`),
  elapsedMs: 0,
  species: 'carp',
  waterId: 'a',
  lengthMm: 720,
  grams: 9072,
  ...facts,
});
const habits = { massUnit: 'oz', lengthHabit: 'in' } as const;

test.each([
  ['length', 1.2, '28.3 in now; 4 months before, 27.6 in: it fits well.'],
  ['length', -6, '28.3 in now; 4 months before, 27.6 in: it does not fit.'],
  ['weight', 0.1, '20 lb 0 oz now; 4 months before, 18 lb 12 oz: it may be.'],
  ['water', 0.8, 'The same water.'],
  ['at-once', -6, 'Both were on the bank at the same time: it cannot be.'],
] as const)('%s at %s is said as "%s"', (by, evidence, says) => {
  const than = fish('2026-05-01', { lengthMm: 701, grams: 8505 });
  expect(besideText({ by, evidence, than }, fish('2026-09-01'), habits)).toBe(says);
});

test('another water, and a catch that came later', () => {
  const asked = fish('2026-05-01', { waterId: 'b' });
  expect(besideText({ by: 'water', evidence: -3, than: fish('2026-09-01') }, asked, habits)).toMatch(/do not walk/);
  expect(
    besideText({ by: 'length', evidence: -1, than: fish('2026-09-01') }, asked, { ...habits, lengthHabit: 'cm' }),
  ).toBe('72.0 cm now; 4 months later, 72.0 cm: it hardly fits.');
});
