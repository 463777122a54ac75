import { createRng } from '../../statistics/rng.js';
import { mergeWeights, readWeights, writeWeights } from './weightsFile.js';

const luck = createRng('weights');
const drawn = (count: number) => Float32Array.from({ length: count }, () => luck.normal());
const largestOf = (weights: Float32Array) => weights.reduce((most, each) => Math.max(most, Math.abs(each)), 0);
const [fine, coarse] = [drawn(1001), drawn(400)];
coarse[399] = 0.125;
const file = writeWeights([
  { name: 'fine', weights: fine, bytes: 2, hasConstant: false },
  { name: 'coarse', weights: coarse, bytes: 1, hasConstant: true },
  { name: 'none', weights: new Float32Array(3), bytes: 2, hasConstant: false },
]);

test.each([
  ['fine', fine, 32767],
  ['coarse', coarse, 127],
] as const)('%s weights come out within half a step of what went in', (name, weights, steps) => {
  const again = readWeights(file).get(name);
  expect(again).toHaveLength(weights.length);
  const halfAStep = largestOf(weights) / steps / 2;
  for (const [i, weight] of weights.entries())
    expect(Math.abs((again?.[i] ?? NaN) - weight)).toBeLessThanOrEqual(halfAStep * 1.001);
});

test('a constant is kept whole, and nothing stays nothing', () => {
  expect(readWeights(file).get('coarse')?.[399]).toBe(0.125);
  expect(readWeights(file).get('none')).toEqual(new Float32Array(3));
});

test('bytes that are no such file, or not all of one, are refused', () => {
  expect(() => readWeights(new Uint8Array(3))).toThrow('no file of weights');
  expect(() => readWeights(new Uint8Array([9, 0, 0, 0, 91]))).toThrow('no file of weights');
  expect(() => readWeights(file.subarray(0, file.length - 1))).toThrow('ends within none');
  // A part of a larger buffer is read from where it begins.
  const within = new Uint8Array(file.length + 5);
  within.set(file, 5);
  expect(readWeights(within.subarray(5)).get('fine')).toEqual(readWeights(file).get('fine'));
});

test('what is learned anew takes the place of what was learned, and the rest stays to the last bit', () => {
  const anew = writeWeights([{ name: 'coarse', weights: drawn(9), bytes: 1, hasConstant: false }]);
  const merged = readWeights(mergeWeights(file, anew));
  expect([...merged.keys()].toSorted()).toEqual(['coarse', 'fine', 'none']);
  expect(merged.get('coarse')).toEqual(readWeights(anew).get('coarse'));
  expect(merged.get('fine')).toEqual(readWeights(file).get('fine'));
});
