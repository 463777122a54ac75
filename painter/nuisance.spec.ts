import { createRng } from '@keeper/core/statistics/rng';
import { boardLength } from '@keeper/core/pictures/boardLength';
import { anyNuisance, anyPicture, PAINTED_KINDS } from './anyPicture.js';
import { defocus, shaken, type LightCanvas } from './blur.js';
import { inkOf } from './digits.js';
import { paintPicture } from './paint.js';
import type { PictureOrder } from './pictureOrder.js';
import { dayLight } from './scene.js';

const ORDER: PictureOrder = {
  widthPx: 200,
  heightPx: 150,
  kind: 'barbel',
  fish: 'a fish',
  side: 'left',
  shot: 'a shot',
  girth: 1,
  scene: 'board',
  light: dayLight(0.5, 0.4),
  exposure: 1,
  wetness: 0.5,
  board: { fishMm: 640 },
  pose: {
    lengthPx: 130,
    centreXPx: 98,
    centreYPx: 72,
    yawRad: 0.3,
    pitchRad: -0.2,
    rollRad: 0.1,
    bend: 0,
    mirrored: false,
  },
};

describe('the board', () => {
  const { boardMarks } = paintPicture(ORDER);
  test('its marks run from the stop by tens of centimetres', () => {
    expect(boardMarks.length).toBeGreaterThan(5);
    expect(boardMarks.map(({ atMm }) => atMm)).toEqual(boardMarks.map((_, i) => (boardMarks[0]?.atMm ?? 0) + 100 * i));
  });
  test('they lie as marks of a straight board do, seen by one camera', () => {
    const [nose, tail] = [boardMarks[0], boardMarks.at(-1)];
    if (!nose || !tail) throw new Error('No marks were painted.');
    const read = boardLength({ marks: boardMarks, nose: nose.pixel, tail: tail.pixel, tapPx: 0.01 });
    expect(read.ok && read.value.lengthMm).toBeCloseTo(tail.atMm - nose.atMm, 3);
  });
  test('on a right flank it runs the other way', () => {
    const right = paintPicture({ ...ORDER, side: 'right', pose: { ...ORDER.pose, mirrored: true } }).boardMarks;
    expect((right.at(-1)?.pixel.x ?? 0) < (right[0]?.pixel.x ?? 0)).toBe(true);
    expect((boardMarks.at(-1)?.pixel.x ?? 0) > (boardMarks[0]?.pixel.x ?? 0)).toBe(true);
  });
});

test('numerals have their ink where they should', () => {
  expect(inkOf(7, 0, 0.1)).toBe(true);
  expect(inkOf(7, -0.35, 0.9)).toBe(false);
  expect(inkOf(1, 0, 0.95)).toBe(true);
  // Two digits stand beside each other: the one, then the zero with a hole.
  expect(inkOf(10, -0.5, 0.5)).toBe(true);
  expect(inkOf(10, 0.3, 0.5)).toBe(false);
  expect(inkOf(10, 3, 0.5)).toBe(false);
});

function point(): LightCanvas {
  const data = new Float32Array(41 * 41 * 3);
  data.fill(30, (20 * 41 + 20) * 3, (20 * 41 + 20) * 3 + 3);
  return { data, widthPx: 41, heightPx: 41 };
}

function spreadOf({ data }: LightCanvas): { sum: number; acrossPx: number; downPx: number } {
  let [sum, across, down] = [0, 0, 0];
  for (let y = 0; y < 41; y += 1)
    for (let x = 0; x < 41; x += 1) {
      const value = data[(y * 41 + x) * 3] ?? 0;
      sum += value;
      across += value * (x - 20) ** 2;
      down += value * (y - 20) ** 2;
    }
  return { sum, acrossPx: Math.sqrt(across / sum), downPx: Math.sqrt(down / sum) };
}

describe('what goes wrong', () => {
  test.each([1, 2.3, 4])('out of focus by %f px spreads a point by that much, and loses no light', (deviationPx) => {
    const canvas = point();
    defocus(canvas, deviationPx);
    const { sum, acrossPx, downPx } = spreadOf(canvas);
    expect(sum).toBeCloseTo(30, 2);
    expect(acrossPx).toBeCloseTo(deviationPx, 0);
    expect(Math.abs(acrossPx / deviationPx - 1)).toBeLessThan(0.08);
    expect(downPx).toBeCloseTo(acrossPx, 3);
  });
  test('shaken sideways it is smeared sideways alone', () => {
    const canvas = point();
    shaken(canvas, 12, 0);
    const { sum, acrossPx, downPx } = spreadOf(canvas);
    expect(sum).toBeCloseTo(30, 2);
    expect(acrossPx).toBeCloseTo(12 / Math.sqrt(12), 0);
    expect(downPx).toBeLessThan(0.2);
  });
  test('next to nothing changes nothing', () => {
    const canvas = point();
    defocus(canvas, 0.1);
    shaken(canvas, 0.2, 1);
    expect(canvas.data).toEqual(point().data);
  });
  test('it is written beside the picture', () => {
    const nuisance = { blur: 0.003, handOver: 'gill' as const, noseShadow: true };
    expect(paintPicture({ ...ORDER, nuisance }).nuisance).toMatchObject({ ...nuisance, glare: 0, clutter: 0 });
  });
  test('the same draw goes wrong in the same way, and draws differ', () => {
    expect(anyNuisance(createRng('a'))).toEqual(anyNuisance(createRng('a')));
    const drawn = Array.from({ length: 200 }, (_, i) => anyNuisance(createRng(`draw ${i}`)));
    for (const what of ['noseShadow', 'handOver', 'glare', 'clutter', 'shake'] as const) {
      const wrong = drawn.filter((each) => Boolean(each[what])).length;
      expect(wrong).toBeGreaterThan(10);
      expect(wrong).toBeLessThan(120);
    }
  });
});

test('any picture has its fish in it, of every kind, on every scene', () => {
  const orders = Array.from({ length: 120 }, (_, i) => anyPicture(createRng(`any ${i}`), `any ${i}`));
  expect(new Set(orders.map(({ kind }) => kind))).toEqual(new Set(PAINTED_KINDS));
  expect(new Set(orders.map(({ scene }) => scene))).toEqual(new Set(['mat', 'held', 'board']));
  for (const { pose, widthPx, heightPx, scene, board } of orders) {
    expect(pose.centreXPx - pose.lengthPx / 2).toBeGreaterThan(-0.05 * widthPx);
    expect(pose.centreXPx + pose.lengthPx / 2).toBeLessThan(1.05 * widthPx);
    expect(pose.centreYPx > 0 && pose.centreYPx < heightPx).toBe(true);
    expect(board !== undefined).toBe(scene === 'board');
  }
});
