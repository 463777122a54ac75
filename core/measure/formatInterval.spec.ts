import fc from 'fast-check';
import { formatDoubt, formatInterval } from './formatInterval.js';

test.each([
  [10_744, 75, '23 lb 11.0 oz', '2.7 oz', '10.744 kg', '75 g'],
  [10_744, 330, '23 lb 11 oz', '12 oz', '10.74 kg', '330 g'],
  [44_083, 895, '97 lb 3 oz', '2 lb 0 oz', '44.08 kg', '900 g'],
  [850, 20, '1 lb 14.0 oz', '0.8 oz', '850 g', '20 g'],
  [-85, 20, '−3.0 oz', '0.8 oz', '−85 g', '20 g'],
])('%d g give or take %d g in both families', (grams, expanded, pounds, ounces, kilograms, inGrams) => {
  expect(formatInterval(grams, expanded, 'lb-oz')).toEqual({ value: pounds, doubt: ounces });
  expect(formatInterval(grams, expanded, 'kg')).toEqual({ value: kilograms, doubt: inGrams });
});

test('a doubt of 895 g is two pounds, not one pound and sixteen ounces; the digits turn just there', () => {
  expect(formatDoubt(895, 'lb-oz')).toBe('2 lb 0 oz');
  expect(formatDoubt(3 * 28.3495 - 0.1, 'lb-oz')).toBe('3.0 oz');
  expect(formatDoubt(3 * 28.3496, 'lb-oz')).toBe('4 oz');
  expect(formatDoubt(99.5, 'kg')).toBe('100 g');
  expect(formatDoubt(991, 'kg')).toBe('1.00 kg');
});

test('no weight ever shows sixteen ounces, and no doubt is said smaller than it is', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 60_000, noNaN: true }),
      fc.double({ min: 0.1, max: 5000, noNaN: true }),
      (g, u) => {
        for (const system of ['lb-oz', 'kg'] as const) {
          const { value, doubt } = formatInterval(g, u, system);
          expect(`${value} ${doubt}`).not.toMatch(/\b16(\.\d)? oz|NaN|1000 g/);
          const parts = /^(?:(\d+) lb )?([\d.]+) (oz|g|kg)$/.exec(doubt);
          const said =
            parts?.[3] === 'oz'
              ? (Number(parts[1] ?? 0) * 16 + Number(parts[2])) * 28.349523125
              : Number(parts?.[2]) * (parts?.[3] === 'kg' ? 1000 : 1);
          expect(said).toBeGreaterThanOrEqual(u - 1e-6);
        }
      },
    ),
  );
});
