import { createRng } from '../statistics/rng.js';
import { smoothed } from './gaussian.js';
import { cutOut, lightOf, planesOf, sampled, shrunkRaster, type Plane, type Raster } from './raster.js';
import { edgeBlurPx } from './sharpness.js';

const plain = (widthPx: number, heightPx: number, colour: readonly number[]): Raster => ({
  widthPx,
  heightPx,
  channels: 4,
  data: Uint8Array.from({ length: widthPx * heightPx * 4 }, (_, i) => colour[i % 4] ?? 0),
});

test('a smaller copy keeps proportion and mean colour', () => {
  const small = shrunkRaster(plain(400, 300, [10, 120, 240, 255]), 128);
  expect([small.widthPx, small.heightPx, small.channels]).toEqual([128, 96, 3]);
  expect([...small.data.subarray(0, 3)]).toEqual([10, 120, 240]);
  const checked: Raster = {
    widthPx: 64,
    heightPx: 64,
    channels: 3,
    data: Uint8Array.from({ length: 64 * 64 * 3 }, (_, i) => (Math.floor(i / 3) % 2) * 200),
  };
  expect([...shrunkRaster(checked, 16).data].every((value) => value === 100)).toBe(true);
});

test('brightness and opponent colours', () => {
  const { light, redness, yellowness } = planesOf(plain(2, 2, [200, 100, 50, 255]));
  expect(light.data[0]).toBeCloseTo(0.299 * 200 + 0.587 * 100 + 0.114 * 50, 4);
  expect([redness.data[3], yellowness.data[3]]).toEqual([100, 100]);
  expect(lightOf(plain(1, 1, [255, 255, 255, 255])).data[0]).toBeCloseTo(255, 3);
});

const ramp: Plane = {
  widthPx: 5,
  heightPx: 4,
  data: Float32Array.from({ length: 20 }, (_, i) => (i % 5) + 10 * Math.floor(i / 5)),
};

test('between pixels values are joined straight, and the edge goes on', () => {
  expect(sampled(ramp, 1.5, 2.25)).toBeCloseTo(24, 6);
  expect(sampled(ramp, -9, 0)).toBeCloseTo(0, 6);
  expect(sampled(ramp, 99, 99)).toBeCloseTo(34, 1);
});

test('a cut holds what was asked for, and says where it lay', () => {
  const { plane, left, top } = cutOut(ramp, [
    { x: 1.2, y: 0.9 },
    { x: 3, y: 99 },
  ]);
  expect([left, top, plane.widthPx, plane.heightPx]).toEqual([1, 0, 3, 4]);
  expect(plane.data[4]).toBe(12);
});

test('smoothing keeps the sum and spreads a point by its deviation', () => {
  const point: Plane = { widthPx: 61, heightPx: 61, data: new Float32Array(61 * 61) };
  point.data[30 * 61 + 30] = 1000;
  const soft = smoothed(point, 3);
  let [sum, spread] = [0, 0];
  for (const [i, value] of soft.data.entries()) {
    sum += value;
    spread += value * ((i % 61) - 30) ** 2;
  }
  expect(sum).toBeCloseTo(1000, 1);
  expect(Math.sqrt(spread / sum)).toBeCloseTo(3, 1);
});

/** Grey bars with edges blurred by a known bell curve. */
function bars(blurPx: number, upright = true): Plane {
  const sharp: Plane = { widthPx: 240, heightPx: 240, data: new Float32Array(240 * 240) };
  const luck = createRng('bars');
  const tones = Array.from({ length: 8 }, () => luck.between(20, 230));
  for (let i = 0; i < sharp.data.length; i += 1) {
    const along = upright ? i % 240 : Math.floor(i / 240);
    sharp.data[i] = tones[Math.floor(along / 30)] ?? 0;
  }
  return blurPx > 0 ? smoothed(sharp, blurPx) : sharp;
}

describe('width of edges', () => {
  // By construction: an ideal step blurred by a bell curve of known deviation.
  test.each([1.5, 2.5, 4])('a blur of %f px is told as such', (blurPx) => {
    for (const upright of [true, false]) {
      const told = edgeBlurPx(bars(blurPx, upright)) ?? NaN;
      expect(Math.abs(told - blurPx)).toBeLessThan(0.15 * blurPx + 0.2);
    }
  });
  test('it grows with the blur and does not care for contrast', () => {
    const told = [0, 1, 2, 3, 4, 5].map((blurPx) => edgeBlurPx(bars(blurPx)) ?? NaN);
    for (let i = 1; i < told.length; i += 1) expect(told[i]).toBeGreaterThan(told[i - 1] ?? Infinity);
    const sharp = bars(2);
    const faint = { ...sharp, data: sharp.data.map((value) => 100 + value * 0.5) };
    expect(edgeBlurPx(faint)).toBeCloseTo(edgeBlurPx(sharp) ?? NaN, 1);
  });
  test('where there are no edges it says nothing', () =>
    expect(edgeBlurPx({ widthPx: 50, heightPx: 50, data: new Float32Array(2500).fill(90) })).toBeUndefined());
});
