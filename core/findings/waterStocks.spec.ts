import { UNTOLD_FISH, type FishTaken } from './fishingRecord.js';
import { waterStocks } from './waterStocks.js';

let n = 0;
const taken = (day: number, fishId: string | null, more: Partial<FishTaken> = {}): FishTaken => ({
  ...UNTOLD_FISH,
  captureId: `c${(n += 1)}`,
  waterId: 'mere',
  atMs: Date.UTC(2026, 4, day, 6),
  species: 'carp',
  fishId,
  ...more,
});

test('a kind of a water is counted by its catches that were told apart, and the others are said', () => {
  const fish = [
    taken(1, 'a'),
    taken(2, 'a'),
    taken(3, 'b'),
    taken(4, null),
    taken(5, 'p', { species: 'pike' }),
    taken(6, 'p', { species: 'pike' }),
    taken(7, 'a', { waterId: 'pit' }),
  ];
  expect(waterStocks({ fish })).toMatchObject([
    { waterId: 'mere', species: 'carp', untold: 1, found: { catches: 3, met: 2, recaptures: 1 } },
    { waterId: 'mere', species: 'pike', untold: 0, found: { catches: 2, met: 1, recaptures: 1 } },
  ]);
});

test.each([
  [1, true],
  [2, false],
])('with %d of its catches not told apart beside four a stock is told: %s', (untold, isTold) => {
  const fish = ['a', 'a', 'b', 'c'].map((fishId, day) => taken(day + 1, fishId));
  const [stock] = waterStocks({ fish: [...fish, ...Array.from({ length: untold }, () => taken(9, null))] });
  expect(stock?.isTold).toBe(isTold);
});

test('where none was met again, or water, kind or day is not known, there is nothing to count', () => {
  expect(waterStocks({ fish: [] })).toEqual([]);
  expect(waterStocks({ fish: [taken(1, 'a'), taken(2, 'b')] })).toEqual([]);
  for (const unknown of [{ waterId: null }, { species: null }, { atMs: null }])
    expect(waterStocks({ fish: [taken(1, 'a'), taken(2, 'a', unknown)] })).toEqual([]);
});
