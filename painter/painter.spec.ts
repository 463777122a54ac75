import { anatomyOf, heightAt, type LandmarkName, type PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { createRng } from '@keeper/core/statistics/rng';
import { paintPicture } from './paint.js';
import type { PictureOrder } from './pictureOrder.js';
import { projection, type Pose } from './pose.js';
import { dayLight } from './scene.js';

const KINDS: readonly PaintedKind[] = ['carp-common', 'carp-mirror', 'carp-linear', 'pike', 'barbel', 'wels'];

const pose: Pose = {
  lengthPx: 130,
  centreXPx: 80,
  centreYPx: 60,
  yawRad: 0.2,
  pitchRad: 0.1,
  rollRad: -0.05,
  bend: 0.03,
  mirrored: false,
};

const order = (more: Partial<PictureOrder> = {}): PictureOrder => ({
  widthPx: 160,
  heightPx: 120,
  kind: 'carp-mirror',
  fish: 'a fish',
  side: 'left',
  shot: 'a shot',
  girth: 1,
  scene: 'mat',
  light: dayLight(0.5, 0.3),
  pose,
  exposure: 1,
  wetness: 1,
  ...more,
});

/** Mean difference of two pictures over the flank, in steps of 256. */
function differenceOnFlank(a: PictureOrder, b: PictureOrder): number {
  const [first, second] = [paintPicture(a), paintPicture(b)];
  let sum = 0;
  let count = 0;
  for (let y = 48; y < 72; y += 1) {
    for (let x = 55; x < 110; x += 1) {
      const i = (y * 160 + x) * 3;
      sum += Math.abs((first.rgb[i] as number) - (second.rgb[i] as number));
      count += 1;
    }
  }
  return sum / count;
}

test('the same order paints the same picture', () => {
  expect(Buffer.compare(Buffer.from(paintPicture(order()).rgb), Buffer.from(paintPicture(order()).rgb))).toBe(0);
});

describe.each(KINDS)('%s', (kind) => {
  test('has a pattern of its own on each flank, and no two fish share one', () => {
    const again = differenceOnFlank(order({ kind }), order({ kind, shot: 'another shot' }));
    const otherSide = differenceOnFlank(order({ kind }), order({ kind, side: 'right' }));
    const otherFish = differenceOnFlank(order({ kind }), order({ kind, fish: 'another fish' }));
    // Another shot of the same flank differs by grain and water film only.
    expect(otherSide).toBeGreaterThan(again);
    expect(otherFish).toBeGreaterThan(again);
  });

  test('has its landmarks on the body and in the picture', () => {
    const anatomy = anatomyOf(kind);
    const { landmarksPx } = paintPicture(order({ kind }));
    for (const name of ['snout', 'eye', 'dorsal', 'pelvic', 'anal', 'fork'] as LandmarkName[]) {
      const { u, v } = anatomy.landmarks[name];
      const half = heightAt(v < 0 ? anatomy.back : anatomy.belly, u);
      expect(Math.abs(v)).toBeLessThanOrEqual(half * 1.15 + 0.001);
      const { x, y } = landmarksPx[name];
      expect(x > 0 && x < 160 && y > 0 && y < 120).toBe(true);
    }
  });
});

test('picture and skin are inverse to each other, for any pose', () => {
  const luck = createRng('poses');
  for (let i = 0; i < 200; i += 1) {
    const view = projection(anatomyOf('carp-common', luck.between(0.9, 1.12)), {
      ...pose,
      yawRad: luck.between(-0.43, 0.43),
      pitchRad: luck.between(-0.4, 0.4),
      rollRad: luck.between(-3, 3),
      bend: luck.between(-0.05, 0.05),
      mirrored: luck.next() < 0.5,
    });
    const point = { u: luck.between(0.15, 0.9), v: luck.between(-0.03, 0.03) };
    const { x, y } = view.toPicture(point);
    const back = view.toSkin(x, y);
    expect(back.u).toBeCloseTo(point.u, 2);
    expect(back.v).toBeCloseTo(point.v, 2);
  }
});

test('on a right flank the head points right', () => {
  const left = paintPicture(order()).landmarksPx;
  const right = paintPicture(order({ pose: { ...pose, mirrored: true } })).landmarksPx;
  expect(left.snout.x).toBeLessThan(left.fork.x);
  expect(right.snout.x).toBeGreaterThan(right.fork.x);
});

test('chance is repeatable and about normal where it says so', () => {
  const many = Array.from(
    { length: 4000 },
    (
      (luck) => () =>
        luck.normal()
    )(createRng('normal')),
  );
  const mean = many.reduce((sum, x) => sum + x, 0) / many.length;
  const spread = Math.sqrt(many.reduce((sum, x) => sum + (x - mean) ** 2, 0) / many.length);
  expect(Math.abs(mean)).toBeLessThan(0.05);
  expect(Math.abs(spread - 1)).toBeLessThan(0.05);
  expect(createRng('a').next()).toBe(createRng('a').next());
});
