import { hideOf } from './hide.js';
import { anatomyOf, heightAt, paintedKind } from '@keeper/core/domain/fish/anatomy';
import { mixRgb, rgb, type Rgb } from './colour.js';
import { clamp, hash2, layeredNoise, smooth, valueNoise } from './noise.js';
import { outlineOf } from './outline.js';
import { dayLight, sceneOf } from './scene.js';

describe('noise', () => {
  const noise = layeredNoise(7, 4);
  test('stays between nothing and one, and is smooth', () => {
    let steepest = 0;
    for (let i = 0; i < 2000; i += 1) {
      const x = i * 0.013;
      const here = noise(x, 0.4);
      expect(here >= 0 && here <= 1).toBe(true);
      steepest = Math.max(steepest, Math.abs(noise(x + 0.001, 0.4) - here));
    }
    expect(steepest).toBeLessThan(0.02);
  });
  test('goes through its grid points', () => {
    expect(valueNoise(3)(5, 9)).toBe(hash2(5, 9, 3));
  });
  test('another seed is another noise', () => {
    expect(layeredNoise(8, 4)(1.3, 2.2)).not.toBe(noise(1.3, 2.2));
  });
});

test('smooth and clamp keep their ends', () => {
  expect([smooth(2, 4, 1), smooth(2, 4, 3), smooth(2, 4, 5)]).toEqual([0, 0.5, 1]);
  expect([clamp(-1), clamp(0.3), clamp(9), clamp(9, 0, 3)]).toEqual([0, 0.3, 1, 3]);
});

test('colours mix as numbers do', () => {
  expect(rgb('#ff0080')).toEqual([1, 0, 128 / 255]);
  expect(mixRgb([0, 0, 0], [1, 0.5, 0], 0.5)).toEqual([0.5, 0.25, 0]);
});

test('an outline covers its inside, not its outside, and half of its edge', () => {
  const square = outlineOf([
    { x: 0, y: 0 },
    { x: 40, y: 0 },
    { x: 40, y: 40 },
    { x: 0, y: 40 },
  ]);
  expect([square.cover(20, 20), square.cover(50, 20), square.cover(0, 0)]).toEqual([1, 0, 0]);
  const edge = square.cover(0, 20);
  expect(edge > 0 && edge < 1).toBe(true);
});

describe('builds', () => {
  test('a deeper fish is deeper, and its nose is as blunt', () => {
    const [slim, deep] = [anatomyOf('carp-common', 0.95), anatomyOf('carp-common', 1.12)];
    expect(heightAt(deep.belly, 0.5)).toBeGreaterThan(heightAt(slim.belly, 0.5));
    expect(heightAt(deep.belly, 0)).toBeLessThan(0.02);
  });
  test.each([
    ['carp', 'mirror', 'carp-mirror'],
    ['carp', 'leather', 'carp-mirror'],
    ['carp', 'linear', 'carp-linear'],
    ['carp', undefined, 'carp-common'],
    ['pike', undefined, 'pike'],
    ['trout', undefined, undefined],
  ] as const)('%s %s is painted as %s', (species, form, kind) => expect(paintedKind(species, form)).toBe(kind));
});

test('colour is shared by both flanks of a fish; the belly is paler than the back', () => {
  const brightness = (side: 'left' | 'right', t: number) => {
    const anatomy = anatomyOf('wels');
    const hide = hideOf({ kind: 'wels', seed: 'a fish', side }, anatomy);
    let sum = 0;
    for (let u = 0.3; u < 0.9; u += 0.005) sum += hide(u, 0.08 * t, t).colour[1];
    return sum / 120;
  };
  for (const side of ['left', 'right'] as const) expect(brightness(side, 0.9)).toBeGreaterThan(brightness(side, -0.9));
  expect(Math.abs(brightness('left', -0.9) - brightness('right', -0.9))).toBeLessThan(0.08);
});

test('noon is brighter than dawn, and an overcast sky takes the sun away', () => {
  expect(dayLight(0.5, 0).sun[1]).toBeGreaterThan(dayLight(0.05, 0).sun[1]);
  expect(dayLight(0.5, 1).sun[1]).toBeLessThan(dayLight(0.5, 0).sun[1]);
  expect(Math.hypot(...dayLight(0.3, 0.5).toLight)).toBeCloseTo(1, 12);
});

test('a mat lies in grass: the corner is green, the middle is not', () => {
  const mat = sceneOf('mat', 'a shot', dayLight(0.5, 0.2), 400, 300);
  const greenness = ([r, g, b]: Rgb) => g - (r + b) / 2;
  const mean = (y: number) =>
    Array.from({ length: 40 }, (_, i) => greenness(mat.background(i * 9 + 12, y))).reduce((a, b) => a + b) / 40;
  expect(mean(4)).toBeGreaterThan(mean(150) + 0.03);
  expect(mat.grounded).toBe(true);
});
