import { flankFrame } from '../landmarks/flankFrame.js';
import { UNKNOWN, type FlankDescriptor } from './flankDescriptor.js';
import { coarseLevel, fineLevel } from './descriptorLevel.js';

const { columns, rows } = flankFrame('pike');
const print = (of: (column: number, row: number) => number): FlankDescriptor => ({
  kind: 'pike',
  side: 'left',
  cells: Int8Array.from({ length: columns * rows }, (_, i) => of(i % columns, Math.floor(i / columns))),
});
const bars = print((column) => (column < 20 ? UNKNOWN : Math.floor(column / 12) % 2 ? 40 : -40));

test('a slender fish has smaller cells, and every kind fits in 8 kB', () => {
  expect(flankFrame('pike').cell).toBeLessThan(flankFrame('carp-mirror').cell);
  for (const kind of ['carp-common', 'carp-mirror', 'carp-linear', 'pike', 'barbel', 'wels'] as const)
    expect(flankFrame(kind).columns * flankFrame(kind).rows).toBeLessThan(8192);
});

test('values have a mean square of one, whatever the contrast, and nothing where nothing is known', () => {
  const { value, known } = fineLevel(bars);
  expect(value[25]).toBeCloseTo(Math.floor(25 / 12) % 2 ? 1 : -1, 6);
  expect(
    Math.max(...fineLevel({ ...bars, cells: bars.cells.map((c) => (c === UNKNOWN ? c : c / 4)) }).value),
  ).toBeCloseTo(1, 6);
  expect([value[0], known[0], known[20]]).toEqual([0, 0, 1]);
});

test('one cell that stands out is held to two and a half', () => {
  const spike = print((column, row) => (column === 60 && row === 20 ? 127 : column % 2 ? 1 : -1));
  expect(Math.max(...fineLevel(spike).value)).toBe(2.5);
});

test('the coarse one is half as large, keeps what is unknown so, and does not darken beside it', () => {
  const coarse = coarseLevel(bars);
  expect([coarse.columns, coarse.rows]).toEqual([columns >> 1, rows >> 1]);
  const row = 10 * coarse.columns;
  expect(coarse.known[row + 5]).toBe(0);
  expect(coarse.known[row + 14]).toBe(1);
  const even = coarseLevel(print((column) => (column < 20 ? UNKNOWN : 40)));
  const seen = [...even.value].filter((_, i) => even.known[i] === 1);
  expect(Math.min(...seen)).toBeCloseTo(Math.max(...seen), 1);
});
