import { LEARNED } from '@keeper/core/spec/learned';
import { createRng } from '@keeper/core/statistics/rng';
import { findFish, followFish } from '@keeper/core/recognition/finder/findFish';
import { isMirrored, poseOf } from '@keeper/core/domain/fish/pose';
import { LANDMARKS } from '@keeper/core/domain/fish/landmarks';
import { planesOf } from '@keeper/core/image/raster';
import { lesson } from './lessons.js';
import { NormalEquations } from './ridge.js';
import { errorOf } from './trainFinder.js';

const { finder: model } = LEARNED;
const UNSEEN = Array.from({ length: 4 }, (_, i) => lesson(`unseen ${i}`));

test('fish of pictures that it has not learned from are found to three hundredths of their length, as a rule', () => {
  const errors = UNSEEN.map(({ raster, landmarks }) => {
    const found = findFish(planesOf(raster), model);
    return found ? errorOf(found.landmarks, landmarks) : Infinity;
  }).toSorted((a, b) => a - b);
  expect(errors[1]).toBeLessThan(0.03);
  expect(errors[2]).toBeLessThan(0.08);
});

test('the quality of a find falls with its error, and where there is no fish none is found', () => {
  const { raster, landmarks } = UNSEEN[0] as (typeof UNSEEN)[number];
  const found = findFish(planesOf(raster), model);
  expect(found?.quality).toBeGreaterThan(0.5);
  expect(found?.mirrored).toBe(isMirrored(landmarks));
  const luck = createRng('nothing');
  const data = Uint8ClampedArray.from({ length: raster.data.length }, () => luck.whole(80, 150));
  expect(findFish(planesOf({ ...raster, data }), model)?.quality ?? 0).toBeLessThan(0.45);
});

test('from frame to frame it is followed, and found to be lost', () => {
  const { raster } = UNSEEN[1] as (typeof UNSEEN)[number];
  const planes = planesOf(raster);
  const found = findFish(planes, model);
  if (!found) throw new Error('The fish was not found.');
  const followed = followFish(planes, model, found);
  for (const name of LANDMARKS) {
    expect(
      Math.hypot(
        (followed?.landmarks[name].x ?? NaN) - found.landmarks[name].x,
        (followed?.landmarks[name].y ?? NaN) - found.landmarks[name].y,
      ),
    ).toBeLessThan(6);
  }
  const blank = planesOf({ ...raster, data: new Uint8ClampedArray(raster.data.length).fill(90) });
  expect(followFish(blank, model, found)).toBeUndefined();
});

test('ridge regression finds the weights that made the numbers, drawn a little towards nothing', () => {
  const luck = createRng('ridge');
  const sum = new NormalEquations(4, 2);
  for (let i = 0; i < 400; i += 1) {
    const x = Float32Array.from({ length: 3 }, () => luck.normal());
    const [a, b, c] = x as unknown as [number, number, number];
    sum.add(x, [2 * a - b + 0.5, 3 * c - 1]);
  }
  // By outputs: 2a - b + 0.5, and 3c - 1; the constant is not drawn.
  const close = [2, 0, -1, 0, 0, 3, 0.5, -1];
  for (const [i, weight] of sum.solve(1e-6).entries()) expect(weight).toBeCloseTo(close[i] ?? NaN, 3);
});

test('a pose says where snout and fork are', () => {
  const pose = poseOf({ snout: { x: 10, y: 20 }, fork: { x: 10, y: 120 } }, false);
  expect(pose).toMatchObject({ centreX: 10, centreY: 70, lengthPx: 100 });
  expect(pose.turnRad).toBeCloseTo(Math.PI / 2, 12);
});

test.each([
  [1, 1],
  [2, 1],
  [64, 48],
])(
  'in a picture of one colour of %d by %d pixels there is no fish, and no place that is no number',
  (widthPx, heightPx) => {
    const data = new Uint8ClampedArray(widthPx * heightPx * 4).fill(120);
    const found = findFish(planesOf({ widthPx, heightPx, channels: 4, data }), model);
    for (const { x, y } of Object.values(found?.landmarks ?? {})) expect([x, y].every(Number.isFinite)).toBe(true);
    if (widthPx < 3) expect(found).toBeUndefined();
  },
);
