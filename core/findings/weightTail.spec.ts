import { LEAST_ABOVE, shareAbove, tailOf } from './weightTail.js';

/** Sixty draws of `scipy.stats.genpareto(-0.15, scale=900)`, seed 4, and what SciPy 1.17.1 makes of them. */
const ABOVE = [
  5.6, 8.1, 40.5, 69.7, 102.2, 153, 158.9, 163.2, 168.7, 174.9, 178.6, 188.2, 195, 215.2, 256.8, 257.6, 392.3, 409.2,
  424.1, 438.3, 444.7, 454.4, 466.2, 487.8, 492.1, 494.1, 588.9, 596.6, 628.4, 632.9, 638.9, 668.8, 672.4, 685.7, 765.3,
  772, 818.6, 820.7, 847.3, 847.4, 873.8, 958.6, 985.7, 1029.3, 1079.2, 1179, 1217, 1239.9, 1401.2, 1546.9, 1563.1,
  1724.2, 1879.8, 2042.2, 2160.1, 2252.9, 2403.6, 2503.7, 2576.8, 2755.4,
];
/** Ninety lighter ones, so that the heaviest two in five are those. */
const BOOK = [...ABOVE.map((by) => 9000 + by), ...Array.from({ length: 90 }, (_, i) => 9000 - 40 * i)];

test('the tail is the one that another program fits', () => {
  const tail = tailOf(BOOK);
  expect(tail?.fromGrams).toBe(9000);
  expect(tail?.above).toHaveLength(60);
  expect(tail?.shape).toBeCloseTo(-0.25748, 3);
  expect(tail?.scaleGrams).toBeCloseTo(1060.844, 0);
  expect(tail?.lnLikelihood).toBeCloseTo(-462.56063, 4);
});

test('a share above has the limits of its profile', () => {
  const tail = tailOf(BOOK);
  if (!tail) throw new Error('There is a tail.');
  const above = shareAbove(tail, 11_500);
  expect(above?.share).toBeCloseTo(0.026648, 4);
  expect(above?.low).toBeCloseTo(0.0061975, 4);
  expect(above?.high).toBeCloseTo(0.0794833, 4);
});

test('nothing is said below the threshold, nor beyond what the fish carry', () => {
  const tail = tailOf(BOOK);
  if (!tail) throw new Error('There is a tail.');
  expect(shareAbove(tail, 8999)).toBeNull();
  expect(shareAbove(tail, 9000)).toEqual({ share: 1, low: 1, high: 1 });
  expect(shareAbove(tail, 11_900)).not.toBeNull();
  expect(shareAbove(tail, 12_600)).toBeNull();
});

test('a tail asks for so many heavy fish, and takes no weight that is none', () => {
  const of = (many: number) => Array.from({ length: many }, (_, i) => 5000 + 100 * i + (i % 7) * 13);
  expect(tailOf(of(LEAST_ABOVE))).toBeNull();
  expect(tailOf(of(LEAST_ABOVE + 1))?.above).toHaveLength(LEAST_ABOVE);
  expect(tailOf([...of(LEAST_ABOVE), Number.NaN, 0, -3])).toBeNull();
  // As many equally heavy ones are no tail.
  expect(tailOf(Array.from({ length: 50 }, () => 8000))).toBeNull();
});
