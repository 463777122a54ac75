import { wintersWithin, yearsWithin } from './wintersWithin.js';

const day = (text: string) => Date.parse(`${text}T00:00:00Z`);
const texts = (of: readonly (readonly number[])[]) =>
  of.map((pair) => pair.map((at) => new Date(at).toISOString().slice(0, 10)));

test('winters run from December to the end of February, as far as they are within', () => {
  expect(texts(wintersWithin(day('2024-06-01'), day('2026-01-10')))).toEqual([
    ['2024-12-01', '2025-03-01'],
    ['2025-12-01', '2026-01-10'],
  ]);
  expect(texts(wintersWithin(day('2025-02-10'), day('2025-08-01')))).toEqual([['2025-02-10', '2025-03-01']]);
  expect(wintersWithin(day('2025-04-01'), day('2025-10-01'))).toEqual([]);
});

test('south of the equator they run from June to the end of August', () => {
  expect(texts(wintersWithin(day('2025-01-01'), day('2026-01-10'), true))).toEqual([['2025-06-01', '2025-09-01']]);
  expect(texts(wintersWithin(day('2025-06-10'), day('2025-07-01'), true))).toEqual([['2025-06-10', '2025-07-01']]);
});

test('the axis is written on at the turns of the years, or at both ends where there is none', () => {
  expect(texts([yearsWithin(day('2024-06-01'), day('2026-02-10'))])).toEqual([['2025-01-01', '2026-01-01']]);
  expect(texts([yearsWithin(day('2025-04-01'), day('2025-10-01'))])).toEqual([['2025-04-01', '2025-10-01']]);
});
