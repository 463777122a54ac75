import { createRng } from '../statistics/rng.js';
import { halvesOf, rankTest, shiftBetweenHalves, type Pair } from './rankTest.js';

const AIR = [12, 25, 31, 8, 44, 52, 19, 60, 38, 27, 15, 33];
const HELD = [110, 150, 190, 95, 240, 260, 140, 310, 180, 200, 120, 170];
const pairs = (x: readonly number[], y: readonly number[], stratum = 'carp'): Pair[] =>
  x.map((each, i) => ({ x: each, y: y[i] ?? 0, stratum }));

/** `scipy.stats.spearmanr`, and the median of `numpy.subtract.outer` over the halves (SciPy 1.17.1). */
test('ranks go together as another program has them, and the halves lie as far apart', () => {
  const { together, p } = rankTest(pairs(AIR, HELD), createRng('a'));
  expect(together).toBeCloseTo(0.937063, 6);
  expect(p).toBe(0.002);
  expect(shiftBetweenHalves(pairs(AIR, HELD))?.by).toBe(82.5);
});

test('two kinds that differ in both do not go together by that', () => {
  const two = [...pairs([1, 2, 3, 4], [5, 6, 5, 6], 'carp'), ...pairs([11, 12, 13, 14], [56, 55, 56, 55], 'pike')];
  expect(rankTest(two, createRng('b')).together).toBe(0);
  expect(shiftBetweenHalves(two)?.by).toBe(0);
});

test('by chance alone it is as far in about one of twenty', () => {
  const luck = createRng('c');
  const draw = () => Array.from({ length: 25 }, () => luck.next());
  const often = Array.from({ length: 400 }, () => rankTest(pairs(draw(), draw()), luck).p).filter((p) => p <= 0.05);
  expect(often.length).toBeGreaterThan(8);
  expect(often.length).toBeLessThan(34);
});

test('what does not differ goes with nothing, and a half that is empty is no half', () => {
  expect(rankTest(pairs([1, 1, 1], [1, 2, 3]), createRng('d'))).toEqual({ together: 0, p: 1 });
  expect(shiftBetweenHalves(pairs([1, 1, 1], [1, 2, 3]))).toBeNull();
  expect(halvesOf([{ x: 1 }, { x: 2 }, { x: 2 }, { x: 3 }])).toEqual({
    lower: [{ x: 1 }, { x: 2 }, { x: 2 }],
    upper: [{ x: 3 }],
  });
});

test('the limits hold the shift in about nineteen of twenty', () => {
  const luck = createRng('e');
  const held = Array.from({ length: 400 }, () => {
    const of = Array.from({ length: 40 }, (_, i): Pair => ({
      x: i,
      y: 10 * luck.normal() + (i < 20 ? 0 : 7),
      stratum: '',
    }));
    const shift = shiftBetweenHalves(of);
    return shift !== null && shift.low <= 7 && 7 <= shift.high;
  }).filter(Boolean);
  expect(held.length).toBeGreaterThan(368);
  expect(held.length).toBeLessThan(394);
});
