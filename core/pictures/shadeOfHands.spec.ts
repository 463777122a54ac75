import type { FishPose } from '../domain/fish/pose.js';
import type { Plane, Planes } from '../image/raster.js';
import { flankArea } from './flankArea.js';
import { handOcclusion } from './handOcclusion.js';
import { noseShadowStops } from './noseShadow.js';

const [WIDTH, HEIGHT] = [400, 200];
/** A fish of 300 px that lies level in the middle of the picture. */
const LEVEL: FishPose = { centreX: 200, centreY: 100, lengthPx: 300, turnRad: 0, mirrored: false };
const AREA = flankArea(LEVEL, 'carp-common');

function plane(of: (u: number) => number): Plane {
  const data = new Float32Array(WIDTH * HEIGHT);
  for (let i = 0; i < data.length; i += 1) data[i] = of(((i % WIDTH) - 50) / 300);
  return { widthPx: WIDTH, heightPx: HEIGHT, data };
}

/** A grey fish with something redder and yellower between two places of its length. */
function held(from: number, to: number, { red = 0.3, yellow = 0.3, bright = 100 } = {}): Planes {
  const isHand = (u: number) => u >= from && u < to;
  return {
    light: plane((u) => (isHand(u) ? bright : 100)),
    redness: plane((u) => (isHand(u) ? red * bright : 0)),
    yellowness: plane((u) => (isHand(u) ? yellow * bright : 0)),
  };
}

test('a bare flank has no hand on it', () => {
  expect(handOcclusion(held(2, 3), AREA)).toEqual({ gill: 0, flank: 0 });
});

test('a hand on the gill cover is told apart from one behind it', () => {
  const gill = handOcclusion(held(0.15, 0.3), AREA);
  expect(gill.gill).toBeGreaterThan(0.9);
  expect(gill.flank).toBe(0);
  const behind = handOcclusion(held(0.3, 0.45), AREA);
  expect(behind.gill).toBe(0);
  // A quarter of what is looked at between 0.3 and 0.88.
  expect(behind.flank).toBeGreaterThan(0.2);
  expect(behind.flank).toBeLessThan(0.32);
});

test.each([
  ['hardly redder', { red: 0.12 }, false],
  ['redder', { red: 0.14 }, true],
  ['red, not yellow: a glove or a float', { red: 0.3, yellow: 0.09 }, false],
  ['a little yellow', { red: 0.3, yellow: 0.11 }, true],
  ['yellow above all: weed or a fin', { red: 0.2, yellow: 0.45 }, false],
  ['about as yellow as a hand gets', { red: 0.2, yellow: 0.43 }, true],
  ['too dark to tell', { bright: 39 }, false],
  ['just light enough', { bright: 42 }, true],
])('%s: a hand is %s', (_, look, is) => {
  expect(handOcclusion(held(0.4, 0.6, look), AREA).flank > 0).toBe(is);
});

test('a fish that is as warm all along is no hand', () => {
  expect(handOcclusion(held(-1, 2), AREA).flank).toBe(0);
});

test('an edge of shadow across the nose is measured in stops', () => {
  const lit = (shade: number) => plane((u) => (u < 0.12 ? 200 * shade : 200));
  expect(noseShadowStops(lit(1), LEVEL)).toBeCloseTo(0, 6);
  expect(noseShadowStops(lit(1 / 2), LEVEL)).toBeCloseTo(1, 1);
  expect(noseShadowStops(lit(1 / 4), LEVEL)).toBeCloseTo(2, 1);
  // It is as hard when the nose is in the light and the head in the dark.
  expect(
    noseShadowStops(
      plane((u) => (u < 0.12 ? 200 : 50)),
      LEVEL,
    ),
  ).toBeCloseTo(2, 1);
});

test('what lies ahead of the nose is no shadow on it', () => {
  expect(
    noseShadowStops(
      plane((u) => (u < -0.06 ? 20 : 200)),
      LEVEL,
    ),
  ).toBeLessThan(0.2);
});
