import { LEARNED } from '../../spec/learned.js';
import { flankPicture, pattern } from '../../spec/flankPicture.js';
import { plainAnatomy } from '../../domain/fish/anatomy.js';
import { LANDMARKS } from '../../domain/fish/landmarks.js';
import { planesOf } from '../../image/raster.js';
import { flankFrame } from './flankFrame.js';
import { flankMap } from '../registration/flankMap.js';
import { frameBend, inFrame, led, placeAt, pointsOff } from './refineFrame.js';

const KIND = 'carp-mirror';
const { raster, landmarks } = flankPicture(pattern('a'), KIND, { turnRad: 0.3 });
const map = flankMap(landmarks, KIND);
const NO_BEND = Array.from({ length: 12 }, () => 0);

test('a frame without a bend is where it was, and a bend moves the end of the flank by what it says', () => {
  const { fromU, fromV, cell, columns, rows } = flankFrame(KIND);
  const [endU, midV] = [fromU + columns * cell, fromV + (rows * cell) / 2];
  for (const [u, v] of [
    [fromU, fromV],
    [0.6, 0],
    [endU, midV],
  ] as const) {
    const [bent, plain] = [frameBend(map, NO_BEND, KIND)(u, v), map(u, v)];
    expect(bent.x).toBeCloseTo(plain.x, 9);
    expect(bent.y).toBeCloseTo(plain.y, 9);
  }
  // Along by a hundredth at the tail's end, none in the middle: the second term is that of x.
  const stretched = frameBend(map, [0, 0.01, ...NO_BEND.slice(2)], KIND);
  const off = inFrame(map, { u: endU, v: midV }, stretched(endU, midV));
  expect(off.u).toBeCloseTo(0.01, 4);
  expect(off.v).toBeCloseTo(0, 4);
  const middle = inFrame(map, { u: (fromU + endU) / 2, v: midV }, stretched((fromU + endU) / 2, midV));
  expect(middle.u).toBeCloseTo(0, 6);
});

test('beyond the flank a bend does not run away', () => {
  const bent = frameBend(map, [0, 0, 0, 0.02, ...NO_BEND.slice(4)], KIND);
  const off = inFrame(map, { u: 3, v: 0 }, bent(3, 0));
  expect(Math.abs(off.u)).toBeLessThan(0.04);
});

test('the place of a pixel is found again', () => {
  const bent = frameBend(map, [0, 0.01, 0, 0.008, 0, 0, 0.004, 0, 0.01, 0, 0.006, 0], KIND);
  const at = { u: 0.71, v: -0.06 };
  const found = placeAt(bent, bent(at.u, at.v), { u: 0.68, v: -0.03 });
  expect(found.u).toBeCloseTo(at.u, 4);
  expect(found.v).toBeCloseTo(at.v, 4);
});

test('points say how far they lie off those of the build, by turns along and across', () => {
  const built = plainAnatomy(KIND).landmarks;
  const eye = LANDMARKS.indexOf('eye');
  const there = map(built.eye.u + 0.02, built.eye.v - 0.01);
  const off = pointsOff({ ...landmarks, eye: there }, map, KIND);
  expect(off).toHaveLength(12);
  expect(off[2 * eye]).toBeCloseTo(0.02, 4);
  expect(off[2 * eye + 1]).toBeCloseTo(-0.01, 4);
});

test('the more is to be mended, the less is believed', () => {
  const { near } = LEARNED.frameOf(KIND);
  const planes = planesOf(raster);
  const moved = (usualMend: number) => {
    const { landmarks: at, trust } = led(planes, landmarks, KIND, near, usualMend);
    const far = LANDMARKS.map((name) => Math.hypot(at[name].x - landmarks[name].x, at[name].y - landmarks[name].y));
    return { trust, far: Math.max(...far) };
  };
  const [free, held] = [moved(Infinity), moved(0.002)];
  expect(free.trust).toBe(1);
  expect(held.trust).toBeLessThan(1);
  expect(held.far).toBeLessThan(free.far);
});
