import { LEARNED } from '../../spec/learned.js';
import { flankPicture, pattern } from '../../spec/flankPicture.js';
import { identityWarp } from './refineWarp.js';
import { flankFrame } from '../landmarks/flankFrame.js';
import { flatFlank } from './flatFlank.js';

const KIND = 'carp-mirror';

test('a flank lies flat whichever way it was held, and nothing lies beside the body', () => {
  const flat = (turnRad: number, shift = identityWarp()) => {
    const { raster, landmarks } = flankPicture(pattern('a'), KIND, { turnRad });
    return flatFlank(raster, landmarks, KIND, 2, LEARNED, { shift });
  };
  const { columns, rows } = flankFrame(KIND);
  const level = flat(0);
  expect([level.widthPx, level.heightPx]).toEqual([2 * columns, 2 * rows]);
  // The corner above the tail is beside the body, the middle is on it.
  expect(level.data[4 * (level.widthPx - 1) + 3]).toBe(0);
  const off = (a: typeof level, b: typeof level) => {
    const seen = [...a.data.keys()].filter((i) => i % 4 === 0 && a.data[i + 3] === 255 && b.data[i + 3] === 255);
    expect(seen.length).toBeGreaterThan(4000);
    return seen.reduce((sum, i) => sum + Math.abs((a.data[i] ?? 0) - (b.data[i] ?? 0)), 0) / seen.length;
  };
  expect(off(level, flat(0.4))).toBeLessThan(5);
  expect(off(level, flat(0, identityWarp().fill(4, 0, 1)))).toBeGreaterThan(6);
});

test('a mark that was set by hand lies on the flat flank where its scale is seen', () => {
  const { raster, landmarks } = flankPicture(pattern('a'), KIND, { turnRad: 0.2 });
  const mark = { u: 0.6, v: -0.05 };
  const [plain] = flatFlank(raster, landmarks, KIND, 2, LEARNED, { marks: [mark] }).marks;
  // The frame settles: a little off where the six points alone have it, and no more.
  expect(Math.hypot((plain?.u ?? NaN) - mark.u, (plain?.v ?? NaN) - mark.v)).toBeLessThan(0.03);
  const shift = identityWarp().fill(3, 0, 1);
  const [laid] = flatFlank(raster, landmarks, KIND, 2, LEARNED, { marks: [mark], shift }).marks;
  expect(laid?.u).toBeCloseTo((plain?.u ?? NaN) - 3 * flankFrame(KIND).cell, 5);
  expect(laid?.v).toBeCloseTo(plain?.v ?? NaN, 5);
});
