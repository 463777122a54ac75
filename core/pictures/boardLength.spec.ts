import { createRng } from '../statistics/rng.js';
import { boardLength, lengthByReference, parallaxMm, type BoardMark, type BoardTaps } from './boardLength.js';
import type { Pixel } from '../geometry/pixel.js';

/** A board seen at an angle: one pixel a millimetre at its beginning, and less and less further on. */
const seen = (atMm: number): Pixel => {
  const s = atMm / (1 + 0.0004 * atMm);
  return { x: 100 + 0.8 * s, y: 200 + 0.6 * s };
};
const mark = (atMm: number): BoardMark => ({ atMm, pixel: seen(atMm) });
const taps = (marks: readonly BoardMark[], nose: Pixel, tail: Pixel): BoardTaps => ({ marks, nose, tail, tapPx: 1.5 });
const read = (of: BoardTaps) => {
  const reading = boardLength(of);
  if (!reading.ok) throw new Error(reading.message.code);
  return reading.value;
};

test('square on it is a ruler', () => {
  const flat = (atMm: number) => ({ atMm, pixel: { x: atMm, y: 40 } });
  const { lengthMm, uMm, foreshortening, residualsMm } = read(
    taps([0, 500, 1000].map(flat), { x: 0, y: 40 }, { x: 800, y: 40 }),
  );
  expect(lengthMm).toBeCloseTo(800, 6);
  expect(foreshortening).toBeCloseTo(1, 6);
  for (const residual of residualsMm) expect(residual).toBeCloseTo(0, 6);
  // Two taps of 1.5 px alone are 2.1 mm; the marks add to that.
  expect(uMm).toBeGreaterThan(Math.SQRT2 * 1.5);
  expect(uMm).toBeLessThan(4);
});

test('at an angle three marks are enough, where a plain ruler is far off', () => {
  const { lengthMm, foreshortening } = read(taps([100, 300, 700].map(mark), seen(0), seen(640)));
  expect(lengthMm).toBeCloseTo(640, 4);
  const plain =
    (Math.hypot(seen(640).x - seen(0).x, seen(640).y - seen(0).y) * 600) /
    Math.hypot(seen(700).x - seen(100).x, seen(700).y - seen(100).y);
  expect(Math.abs(plain - 640)).toBeGreaterThan(20);
  expect(foreshortening).toBeGreaterThan(1.3);
});

test('which end is the nose, and a nose beside the line, change nothing', () => {
  const marks = [0, 200, 400, 600].map(mark);
  const straight = read(taps(marks, seen(50), seen(540))).lengthMm;
  expect(read(taps(marks, seen(540), seen(50))).lengthMm).toBeCloseTo(straight, 9);
  const beside = { x: seen(50).x - 0.6 * 30, y: seen(50).y + 0.8 * 30 };
  expect(read(taps(marks, beside, seen(540))).lengthMm).toBeCloseTo(straight, 6);
});

test('marks far from the tail leave more doubt than marks around it', () => {
  const near = read(taps([0, 350, 700].map(mark), seen(0), seen(680))).uMm;
  const far = read(taps([0, 50, 100].map(mark), seen(0), seen(680))).uMm;
  expect(far).toBeGreaterThan(4 * near);
});

test.each([
  ['two marks', [mark(0), mark(500)], 'boardTooFewMarks'],
  ['the same mark three times', [mark(100), mark(100), mark(100)], 'boardTooFewMarks'],
  ['marks in one place', [0, 100, 200].map((atMm) => ({ atMm, pixel: { x: 5, y: 5 } })), 'boardMarksNoLine'],
  [
    'a board that folds back',
    [
      { atMm: 0, pixel: { x: 0, y: 0 } },
      { atMm: 100, pixel: { x: 900, y: 0 } },
      { atMm: 200, pixel: { x: 100, y: 0 } },
    ],
    'boardMarksNoLine',
  ],
  [
    'a mark that was another',
    [...[0, 100, 200, 300, 500, 600].map(mark), { atMm: 410, pixel: seen(460) }],
    'boardMarkOff',
  ],
  ['nose and tail in one place', [0, 300, 600].map(mark), 'boardNoLength'],
])('%s: said, not measured', (name, marks, sentence) => {
  const tail = name.startsWith('nose') ? seen(10) : seen(540);
  const reading = boardLength(taps(marks, seen(10), tail));
  expect(reading.ok).toBe(false);
  if (!reading.ok) expect(reading.message.code).toBe(`pictures.${sentence}`);
});

describe('with something of known length beside it', () => {
  const reel = {
    lengthMm: 100,
    ends: [
      { x: 0, y: 0 },
      { x: 200, y: 0 },
    ] as const,
  };
  const fish = { nose: { x: 0, y: 300 }, tail: { x: 1600, y: 300 }, tapPx: 1.5 };
  test('the scale is taken over, with the doubt of a camera off square', () => {
    const reading = lengthByReference(reel, fish);
    if (!reading.ok) throw new Error(reading.message.code);
    expect(reading.value.lengthMm).toBeCloseTo(800, 9);
    const square = lengthByReference(reel, { ...fish, tiltRad: 0 });
    expect(square.ok && square.value.uMm).toBeCloseTo(800 * Math.SQRT2 * 1.5 * Math.hypot(1 / 200, 1 / 1600), 9);
    expect(reading.value.uMm).toBeGreaterThan(20);
  });
  test('something too short measures nothing', () =>
    expect(
      lengthByReference(
        {
          ...reel,
          ends: [
            { x: 0, y: 0 },
            { x: 4, y: 0 },
          ],
        },
        fish,
      ).ok,
    ).toBe(false));
});

test('parallax follows similar triangles', () => {
  expect(parallaxMm(700, 30, 1200)).toBeCloseTo(17.5, 12);
  expect(parallaxMm(700, 0, 1200)).toBe(0);
  expect(() => parallaxMm(700, 50, 40)).toThrow(RangeError);
});

describe('something of known length in the picture', () => {
  const reel = (px: number) =>
    lengthByReference(
      {
        lengthMm: 100,
        ends: [
          { x: 0, y: 0 },
          { x: px, y: 0 },
        ],
      },
      { nose: { x: 0, y: 50 }, tail: { x: 800, y: 50 }, tapPx: 2 },
    );
  test('is taken from four times what a tap is off by', () => {
    expect(reel(7.9).ok).toBe(false);
    expect(reel(8)).toMatchObject({ ok: true, value: { lengthMm: 10_000 } });
  });
  test('a fish without length is none', () => {
    const point = { x: 1, y: 1 };
    const none = lengthByReference(
      { lengthMm: 100, ends: [point, { x: 90, y: 1 }] },
      { nose: point, tail: point, tapPx: 2 },
    );
    expect(none.ok).toBe(false);
  });
});

test('where the board lies in the picture changes nothing', () => {
  const moved = (x: number, y: number) => {
    const at = (mm: number) => ({ x: seen(mm).x + x, y: seen(mm).y + y });
    return read(
      taps(
        [0, 200, 400, 600].map((atMm) => ({ atMm, pixel: at(atMm) })),
        at(50),
        at(540),
      ),
    );
  };
  expect(moved(3000, -900).lengthMm).toBeCloseTo(moved(0, 0).lengthMm, 6);
  expect(moved(3000, -900).uMm).toBeCloseTo(moved(0, 0).uMm, 6);
});

test('marks that all lie on one place are no board', () => {
  const at = { x: 10, y: 10 };
  const heap = [0, 100, 200].map((atMm) => ({ atMm, pixel: at }));
  expect(boardLength(taps(heap, at, { x: 400, y: 10 })).ok).toBe(false);
});

// The doubt that is said, beside the scatter of lengths when every tap is off by what taps are off by (Monte Carlo,
// JCGM 101:2008, 5.9).
test.each([
  ['marks around the fish', [0, 200, 400, 600, 700], 50, 640],
  ['marks before the tail', [0, 100, 200, 300, 400], 20, 560],
])('said doubt is the scatter of taps: %s', (_, at, nose, tail) => {
  const luck = createRng(`taps ${nose}`);
  const off = ({ x, y }: Pixel): Pixel => ({ x: x + 1.5 * luck.normal(), y: y + 1.5 * luck.normal() });
  const readings = Array.from({ length: 3000 }, () =>
    read(
      taps(
        at.map((atMm) => ({ atMm, pixel: off(seen(atMm)) })),
        off(seen(nose)),
        off(seen(tail)),
      ),
    ),
  );
  const lengths = readings.map(({ lengthMm }) => lengthMm);
  const mean = lengths.reduce((sum, each) => sum + each, 0) / lengths.length;
  const sd = Math.sqrt(lengths.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (lengths.length - 1));
  expect(mean).toBeCloseTo(tail - nose, 0);
  const said = readings.reduce((sum, { uMm }) => sum + uMm, 0) / readings.length;
  expect(said / sd).toBeGreaterThan(0.94);
  expect(said / sd).toBeLessThan(1.06);
});
