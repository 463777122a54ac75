import type { MeasuredFish } from '../domain/capture/measuredFish.js';
import { bestsOf, ladderOf } from './bests.js';

let n = 0;
const fish = (startedAt: string, netGrams: number | null, more: Partial<MeasuredFish> = {}): MeasuredFish => ({
  captureId: `c${(n += 1)}`,
  startedAt: `${startedAt}T06:00:00.000Z`,
  dated: null,
  zone: null,
  outcome: 'released',
  species: 'carp',
  waterId: 'mere',
  fishId: null,
  keeperId: 'me',
  length: null,
  lengthMm: null,
  net: null,
  netGrams,
  girthMm: null,
  overScaleGrams: null,
  pictures: [],
  putForward: [],
  ...more,
});
const year = (of: number) => ({ as: 'year' as const, from: `${of}-01-01`, to: `${of}-12-31` });
const BOOK = [
  fish('2022-05-01', 5000),
  fish('2022-06-01', 4000, { waterId: 'pit' }),
  fish('2023-05-02', 6000, { lengthMm: 700 }),
  fish('2023-07-01', null, { lengthMm: 900 }),
  fish('2023-08-01', 9000, { outcome: 'died' }),
  fish('2023-09-01', 181_000),
  fish('2024-01-01', 5500, { species: 'pike', waterId: null, keeperId: null }),
];
const grams = (of: readonly { readonly netGrams: number | null }[]) => of.map(({ netGrams }) => netGrams);

test('bests are told by kind, water, year, month and keeper; a dead fish and one without a weight are none', () => {
  const told = (by: Parameters<typeof bestsOf>[1]['by']) =>
    bestsOf(BOOK, { by, best: 'weight', top: 2 }).map(({ key, fish: of }) => [key, ...grams(of)]);
  expect(told('kind')).toEqual([
    ['carp', 6000, 5000],
    ['pike', 5500],
  ]);
  expect(told('water')).toEqual([
    ['mere', 6000, 5000],
    ['pit', 4000],
  ]);
  expect(told('year')).toEqual([
    ['2024', 5500],
    ['2023', 6000],
    ['2022', 5000, 4000],
  ]);
  expect(told('month').map(([key]) => key)).toEqual(['1', '5', '6']);
  expect(told('keeper')).toEqual([['me', 6000, 5000]]);
  expect(bestsOf(BOOK, { by: 'kind', best: 'length', top: 1 })[0]?.fish[0]?.lengthMm).toBe(900);
});

test('a month is that of a fish whose month is known', () => {
  const of = [
    fish('2020-01-01', 3000, { dated: year(2020) }),
    fish('2020-05-01', 2000, { dated: { as: 'month', from: '2020-05-01', to: '2020-05-31' } }),
  ];
  expect(bestsOf(of, { by: 'month', best: 'weight', top: 1 }).map(({ key }) => key)).toEqual(['5']);
});

test('a best grows by those that beat all before, as far as it is known what was before', () => {
  const rungs = ladderOf([...BOOK, fish('2022-01-01', 5800, { dated: year(2022) })], 'weight');
  expect(rungs.map(({ fish: of, by }) => [of.netGrams, by])).toEqual([
    [5000, null],
    [5800, 800],
    [6000, 200],
  ]);
  // As heavy is no rung.
  expect(ladderOf([fish('2022-05-01', 5000), fish('2022-05-02', 5000)], 'weight')).toHaveLength(1);
  expect(ladderOf([], 'weight')).toEqual([]);
});
