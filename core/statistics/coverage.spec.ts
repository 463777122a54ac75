import { createRng } from './rng.js';
import { combineDoubts, effectiveFreedom, expandDoubts, type Doubt } from './coverage.js';

const normal = (u: number, freedom = Infinity): Doubt => ({ u, freedom, even: false });
const even = (limit: number): Doubt => ({ u: limit / Math.sqrt(3), freedom: Infinity, even: true });

test('a normal doubt alone is doubled, an even one alone is not widened beyond its limits', () => {
  expect(expandDoubts([normal(1)])).toBeCloseTo(2, 3);
  expect(expandDoubts([even(1)])).toBeCloseTo(0.9545, 4);
  expect(expandDoubts([normal(1, 3)])).toBeCloseTo(3.31, 2);
});

// JCGM 100:2008, H.1.6: nine readings (18 degrees of freedom), and others of 5, 16, 50 and 2 make 16; from memory.
test('degrees of freedom add up as Welch and Satterthwaite have it', () => {
  const doubts = [normal(25, 18), normal(9.7, 25.6), normal(2.9, 50), normal(16.6, 2)];
  expect(Math.round(combineDoubts(doubts))).toBe(32);
  expect(Math.floor(effectiveFreedom(doubts))).toBe(16);
});

test.each([
  ['even among normal ones', [even(1), normal(0.3)]],
  ['two even ones', [even(1), even(0.7)]],
  ['a small even one', [even(0.3), normal(1)]],
  ['five even ones', [even(1), even(1), even(1), even(1), even(1)]],
])('%s: the width holds 95.45 in a hundred of a hundred thousand draws', (_name, doubts: Doubt[]) => {
  const luck = createRng('coverage');
  const width = expandDoubts(doubts);
  const draw = () =>
    doubts.reduce(
      (sum, { u, even: flat }) => sum + (flat ? luck.between(-1, 1) * u * Math.sqrt(3) : u * luck.normal()),
      0,
    );
  const within = Array.from({ length: 100_000 }, draw).filter((x) => Math.abs(x) <= width).length / 100_000;
  expect(within).toBeGreaterThan(0.948);
  expect(within).toBeLessThan(0.963);
});
