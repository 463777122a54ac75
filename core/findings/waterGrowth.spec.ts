import { YEAR_MS } from '../measure/timeSpan.js';
import { UNTOLD_FISH, type FishTaken } from './fishingRecord.js';
import { LEAST_YEARS_APART, waterGrowthOf } from './waterGrowth.js';

const twice = (fishId: string, gained: number, years = 1): FishTaken[] => [
  { ...UNTOLD_FISH, fishId, atMs: years * YEAR_MS, netGrams: 9000 + gained },
  { ...UNTOLD_FISH, fishId, atMs: (years * YEAR_MS) / 2, netGrams: 20_000 },
  { ...UNTOLD_FISH, fishId, atMs: 0, netGrams: 9000 },
];
const FOUR = [500, 700, 900, 1100].flatMap((gained) => twice(`f${gained}`, gained));

/** `scipy.stats.t.interval(0.95, 3, 800, scipy.stats.sem([500, 700, 900, 1100]))`: 389 to 1211 (SciPy 1.17.1). */
test('the mean growth of the fish, each from its first weighing to its last, with Student’s limits', () => {
  expect(waterGrowthOf(FOUR)).toEqual({
    fish: 4,
    gramsAYear: 800,
    low: expect.closeTo(389.15, 1),
    high: expect.closeTo(1210.85, 1),
  });
});

test('three fish are too few, and months too short', () => {
  expect(waterGrowthOf(FOUR.slice(3))).toBeNull();
  const soon = (years: number) => waterGrowthOf([...FOUR.slice(3), ...twice('soon', 100, years)]);
  expect(soon(LEAST_YEARS_APART - 0.01)).toBeNull();
  expect(soon(LEAST_YEARS_APART + 0.01)?.fish).toBe(4);
  expect(waterGrowthOf([...FOUR.slice(3), { ...UNTOLD_FISH, netGrams: 3, atMs: 0 }])).toBeNull();
});
