import type { FishPose } from '../domain/fish/pose.js';
import { flankArea } from './flankArea.js';
import { roomAround } from './wholeFish.js';

/** A fish of 100 px that lies level, its snout at 0: what is a share of its length is as many pixels. */
const LEVEL: FishPose = { centreX: 50, centreY: 0, lengthPx: 100, turnRad: 0, mirrored: false };

test('looks are spread evenly over the flank, its edges left out', () => {
  const { looks } = flankArea(LEVEL, 'carp-common');
  expect(looks).toHaveLength(64 * 20);
  const [us, ts] = [[...new Set(looks.map(({ u }) => u))], [...new Set(looks.map(({ t }) => t))]];
  expect([us.length, ts.length]).toEqual([64, 20]);
  // 0.92 of its length in 64 columns, 1.72 of its height in 20 rows, each looked at in the middle.
  expect(us[0]).toBeCloseTo(0.04 + 0.46 / 64, 9);
  expect(us.at(-1)).toBeCloseTo(0.96 - 0.46 / 64, 9);
  expect(ts[0]).toBeCloseTo(-0.86 + 0.86 / 20, 9);
  expect(ts.at(-1)).toBeCloseTo(0.86 - 0.86 / 20, 9);
  for (const { u, x } of looks) expect(x).toBeCloseTo(100 * u, 6);
});

test.each([
  [-4.01, 0, 0.04, false],
  [-3.99, 0, 0.04, true],
  [117.99, 0, 0.04, true],
  [118.01, 0, 0.04, false],
  [-10.01, 0, 0.1, false],
  [-9.99, 0, 0.1, true],
  [123.99, 0, 0.1, true],
  [124.01, 0, 0.1, false],
])('%d px along, %d px down, with %d of room: on the body is %s', (x, y, room, is) => {
  expect(flankArea(LEVEL, 'carp-common').covers(x, y, room)).toBe(is);
});

test('over the back and under the belly there is room for fins, more at the tail', () => {
  const area = flankArea(LEVEL, 'carp-common');
  const top = (x: number) => {
    let y = 0;
    while (area.covers(x, y, 0)) y -= 0.1;
    return -y;
  };
  const back = (x: number) =>
    Math.max(...area.outline.slice(0, 25).map((each) => (Math.abs(each.x - x) < 3 ? -each.y : 0)));
  expect(top(50) - back(50)).toBeGreaterThan(2);
  expect(top(50) - back(50)).toBeLessThan(5);
  // At 0.9 of its length it is 0.03 of room, just behind it 0.1.
  expect(top(91) - top(89)).toBeGreaterThan(5);
});

test('a kind without a build of its own is taken for a barbel', () => {
  expect(flankArea(LEVEL, undefined).outline).toEqual(flankArea(LEVEL, 'barbel').outline);
  expect(flankArea(LEVEL, undefined).outline).not.toEqual(flankArea(LEVEL, 'pike').outline);
});

test('the room around a fish is that of its nearest side, and below zero where a part is cut off', () => {
  const outline = [
    { x: 10, y: 30 },
    { x: 80, y: 45 },
  ];
  const around = (of: typeof outline) => roomAround({ outline: of, looks: [], covers: () => true }, 100, 60);
  expect(around(outline)).toBeCloseTo(0.1, 9);
  expect(around(outline.map(({ x, y }) => ({ x: x + 15, y })))).toBeCloseTo(0.05, 9);
  expect(around(outline.map(({ x, y }) => ({ x, y: y - 28 })))).toBeCloseTo(0.02, 9);
  expect(around(outline.map(({ x, y }) => ({ x, y: y + 20 })))).toBeCloseTo(-0.05, 9);
});
