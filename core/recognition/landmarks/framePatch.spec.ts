import { flankPicture, pattern } from '../../spec/flankPicture.js';
import { planesOf } from '../../image/raster.js';
import { flankMap } from '../registration/flankMap.js';
import { framePatch, framePatchSize } from './framePatch.js';

const KIND = 'carp-mirror';

function patchOf(taken: Parameters<typeof flankPicture>[2] = {}, of = pattern('a')) {
  const { raster, landmarks } = flankPicture(of, KIND, taken);
  return framePatch(planesOf(raster), flankMap(landmarks, KIND), KIND);
}

/** How far apart two patches are, in deviations of the first. */
function apart(a: Float32Array, b: Float32Array): number {
  const mean = a.reduce((sum, x) => sum + x, 0) / a.length;
  const varies = a.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  return Math.sqrt(a.reduce((sum, x, i) => sum + (x - (b[i] ?? NaN)) ** 2, 0) / varies);
}

test('a patch has its numbers, the same however the fish lies in the picture and however bright it is', () => {
  const level = patchOf();
  expect(level).toHaveLength(framePatchSize(KIND));
  expect(framePatchSize(KIND)).toBe(2530);
  for (const taken of [{ turnRad: 0.6 }, { turnRad: Math.PI }, { mirrored: true }, { gain: 0.7 }])
    expect(apart(level, patchOf(taken))).toBeLessThan(0.3);
  expect(apart(level, patchOf({}, pattern('b')))).toBeGreaterThan(0.4);
});

test('a frame that lies a little off sees nearly the same, one that lies far off something else', () => {
  const { raster, landmarks } = flankPicture(pattern('a'), KIND);
  const map = flankMap(landmarks, KIND);
  const moved = (by: number) => framePatch(planesOf(raster), (u, v) => map(u + by, v), KIND);
  const [none, little, far] = [moved(0), moved(0.004), moved(0.05)];
  expect(apart(none, little)).toBeGreaterThan(0);
  expect(apart(none, little)).toBeLessThan(0.5 * apart(none, far));
});
