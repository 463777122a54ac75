import { createRng } from '../../statistics/rng.js';
import { smoothed } from '../../image/gaussian.js';
import {
  refineWarp,
  upscale,
  identityWarp,
  warp,
  warpPoint,
  unwarpPoint,
  invertWarp,
  type Warp,
} from './refineWarp.js';
import type { DescriptorLevel } from '../descriptor/descriptorLevel.js';

const [COLUMNS, ROWS] = [90, 40];

/** A pattern without a period, softened so that it has slopes. */
function level(name: string, at: (column: number, row: number) => { column: number; row: number }): DescriptorLevel {
  const luck = createRng(name);
  const [wide, high] = [COLUMNS + 40, ROWS + 40];
  const grain = Float32Array.from({ length: wide * high }, () => luck.normal());
  const { data } = smoothed({ widthPx: wide, heightPx: high, data: grain }, 1.8);
  const value = new Float32Array(COLUMNS * ROWS);
  for (let i = 0; i < value.length; i += 1) {
    const { column, row } = at(i % COLUMNS, Math.floor(i / COLUMNS));
    const [x, y] = [Math.floor(column + 20), Math.floor(row + 20)];
    const [fx, fy] = [column + 20 - x, row + 20 - y];
    const of = (dx: number, dy: number) => data[(y + dy) * wide + x + dx] ?? 0;
    value[i] = 6 * ((of(0, 0) * (1 - fx) + of(1, 0) * fx) * (1 - fy) + (of(0, 1) * (1 - fx) + of(1, 1) * fx) * fy);
  }
  return { columns: COLUMNS, rows: ROWS, value, known: new Float32Array(COLUMNS * ROWS).fill(1) };
}

const size = { columns: COLUMNS, rows: ROWS };
const still = level('flank', (column, row) => ({ column, row }));
const shift = (along: readonly number[], across: readonly number[]): Warp => Float64Array.from([...along, ...across]);

/** How far off, on average, a found shift is from the true one, in cells. */
function missOf(found: Warp, truth: Warp): number {
  let sum = 0;
  for (let row = 0; row < ROWS; row += 4) {
    for (let column = 0; column < COLUMNS; column += 4) {
      const [a, b] = [warpPoint(found, size, column, row), warpPoint(truth, size, column, row)];
      sum += Math.hypot(a.column - b.column, a.row - b.row) / (Math.ceil(ROWS / 4) * Math.ceil(COLUMNS / 4));
    }
  }
  return sum;
}

/**
 * `still` seen moved by a shift: laid over `still` after that shift, it is the same again (for shifts that change
 * slowly).
 */
function moved(by: Warp): DescriptorLevel {
  return level('flank', (column, row) => {
    let at = { column, row };
    for (let turn = 0; turn < 12; turn += 1) {
      const there = warpPoint(by, size, at.column, at.row);
      at = { column: at.column + column - there.column, row: at.row + row - there.row };
    }
    return at;
  });
}

test.each<[string, Warp]>([
  ['a shift', shift([1.4, 0, 0, 0, 0, 0], [-1.1, 0, 0, 0, 0, 0])],
  ['a stretch', shift([0, 1.5, 0, 0, 0, 0], [0, 0, 1, 0, 0, 0])],
  ['a turn', shift([0, 0, -0.8, 0, 0, 0], [0, 1.6, 0, 0, 0, 0])],
  ['a bend', shift([0, 0, 0, 0, 0, 0], [-0.4, 0, 0, 2.6, 0, 0])],
  ['all together', shift([0.8, 0.6, -0.4, 0.5, 0.3, 0.2], [-0.7, 0.8, 0.3, 0.9, -0.3, 0.2])],
])('%s is found to a small part of a cell', (_, truth) => {
  const found = refineWarp(still, moved(truth), identityWarp(), 1, 12);
  expect(missOf(identityWarp(), truth)).toBeGreaterThan(0.6);
  expect(missOf(found, truth)).toBeLessThan(0.2);
});

test('a hand over a fifth of it does not drag the rest along', () => {
  const truth = shift([1.2, 0, 0, 0, 0, 0], [0.8, 0, 0, 0, 0, 0]);
  const seen = moved(truth);
  const held = { ...seen, value: seen.value.map((value, i) => (i % COLUMNS > 30 && i % COLUMNS < 48 ? 4 : value)) };
  expect(missOf(refineWarp(still, held, identityWarp(), 1, 12), truth)).toBeLessThan(0.35);
});

test('where nothing is known nothing is laid over, and nothing moves', () => {
  const nothing = { ...still, known: new Float32Array(COLUMNS * ROWS) };
  expect(warp(still, nothing, identityWarp()).known.some((is) => is === 1)).toBe(false);
  expect(missOf(refineWarp(still, nothing, identityWarp(), 1, 3), identityWarp())).toBe(0);
});

test('finer cells are twice as many', () => {
  const coarse = shift([1, 0.5, 0, 0, 0, 0], [0, 0, -1, 0, 0, 0]);
  const at = warpPoint(coarse, size, 44.5, 19.5);
  expect(at.column).toBeCloseTo(45.5, 9);
  expect([...upscale(coarse)].slice(0, 2)).toEqual([2, 1]);
});

test('a place goes forth and back to itself', () => {
  const size = { columns: 120, rows: 50 };
  const shift = identityWarp();
  shift.set([2.5, 1, -0.4], 0);
  shift.set([-1.5, 0.6, 0.8], 6);
  for (const [column, row] of [
    [10, 5],
    [60, 25],
    [118, 49],
  ] as const) {
    const there = warpPoint(shift, size, column, row);
    const back = unwarpPoint(shift, size, there.column, there.row);
    expect(back.column).toBeCloseTo(column, 3);
    expect(back.row).toBeCloseTo(row, 3);
  }
});

test('a shift turned round leads back, and turned twice it is itself', () => {
  expect(missOf(invertWarp(identityWarp(), size), identityWarp())).toBe(0);
  const there = shift([2, 1, -0.6, 0.8, 0.2, 0.1], [-1.5, 0.7, 0.5, 1, -0.2, 0.1]);
  const back = invertWarp(there, size);
  const at = warpPoint(there, size, 30, 12);
  const again = warpPoint(back, size, at.column, at.row);
  expect(Math.hypot(again.column - 30, again.row - 12)).toBeLessThan(0.1);
  expect(missOf(invertWarp(back, size), there)).toBeLessThan(0.1);
});
