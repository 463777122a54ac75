import { flankPicture, pattern } from '../spec/flankPicture.js';
import { comparePrints } from './comparePrints.js';
import { flankPrint, PRINT_COLUMNS, PRINT_ROWS, UNKNOWN, type FlankPrint } from './flankPrint.js';

const KIND = 'carp-mirror';
type Taken = Parameters<typeof flankPicture>[2];
const made = new Map<string, FlankPrint>();
function print(name: string, taken: Taken = {}, side: 'left' | 'right' = 'left'): FlankPrint {
  const key = JSON.stringify([name, taken, side]);
  const known = made.get(key) ?? printOf(name, taken, side);
  made.set(key, known);
  return known;
}

function printOf(name: string, taken: Taken, side: 'left' | 'right'): FlankPrint {
  const { raster, landmarks } = flankPicture(pattern(name), KIND, taken);
  return flankPrint(raster, landmarks, side, KIND);
}
const likeness = (a: FlankPrint, b: FlankPrint) => comparePrints(a, b).score;

test('a print is small, and alike with itself', () => {
  const one = print('a');
  expect(one.cells).toHaveLength(PRINT_COLUMNS * PRINT_ROWS);
  expect(one.cells.length).toBeLessThan(8192);
  expect(likeness(one, one)).toBeCloseTo(1, 6);
});

test.each<[string, Taken]>([
  ['turned', { turnRad: 0.5 }],
  ['upside down', { turnRad: Math.PI }],
  ['smaller', { lengthPx: 150 }],
  ['darker', { gain: 0.5 }],
  ['tapped a hundredth off', { miss: 0.01 }],
  ['all of it', { turnRad: -0.3, lengthPx: 180, gain: 1.4, miss: 0.008 }],
])('the same flank is alike, %s, and another is not', (_, taken) => {
  const seen = print('a', taken);
  expect(likeness(print('a'), seen)).toBeGreaterThan(0.6);
  expect(likeness(print('b'), seen)).toBeLessThan(0.45);
});

test('a right flank is laid from its own head', () => {
  expect(likeness(print('a', {}, 'right'), print('a', { mirrored: true }, 'right'))).toBeGreaterThan(0.9);
});

test('left and right are never alike', () => {
  expect(comparePrints(print('a'), print('a', {}, 'right'))).toEqual({ score: 0, blocks: [] });
});

test('what is burnt out or beyond the picture is not known, and the rest still speaks', () => {
  const of = pattern('a');
  const glare = (u: number, v: number) => (u > 0.4 && u < 0.6 ? 255 : of(u, v));
  const { raster, landmarks } = flankPicture(glare, KIND);
  const burnt = flankPrint(raster, landmarks, 'left', KIND);
  const unknown = burnt.cells.filter((cell) => cell === UNKNOWN).length / burnt.cells.length;
  expect(unknown).toBeGreaterThan(0.15);
  expect(unknown).toBeLessThan(0.3);
  expect(likeness(print('a'), burnt)).toBeGreaterThan(0.8);
  const cut = print('a', { lengthPx: 400 });
  expect(cut.cells.some((cell) => cell === UNKNOWN)).toBe(true);
  expect(likeness(print('a'), cut)).toBeGreaterThan(0.6);
});
