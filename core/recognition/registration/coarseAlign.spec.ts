import { createRng } from '../../statistics/rng.js';
import { smoothed } from '../../image/gaussian.js';
import type { DescriptorLevel } from '../descriptor/descriptorLevel.js';
import { coarseAlign } from './coarseAlign.js';

const [COLUMNS, ROWS] = [70, 26];
const luck = createRng('rough');
const WIDE = COLUMNS + 30;
const grain = smoothed(
  { widthPx: WIDE, heightPx: ROWS + 30, data: Float32Array.from({ length: WIDE * (ROWS + 30) }, () => luck.normal()) },
  1.2,
).data;

/** A window on one large pattern, moved along and across, and further along by `stretch` towards its ends. */
function level(
  along: number,
  across: number,
  stretch = 0,
  known: (column: number) => boolean = () => true,
): DescriptorLevel {
  const value = new Float32Array(COLUMNS * ROWS);
  const seen = new Float32Array(COLUMNS * ROWS);
  for (let i = 0; i < value.length; i += 1) {
    const [column, row] = [i % COLUMNS, Math.floor(i / COLUMNS)];
    const from = column - along - Math.round(stretch * ((2 * column) / COLUMNS - 1));
    seen[i] = known(column) ? 1 : 0;
    value[i] = seen[i] === 1 ? 4 * (grain[(row + 15 - across) * WIDE + from + 15] ?? 0) : 0;
  }
  return { columns: COLUMNS, rows: ROWS, value, known: seen };
}

test.each([
  [0, 0],
  [4, -3],
  [-5, 4],
])('a pattern %i along and %i across is found there', (along, across) => {
  const { likeness, shifts } = coarseAlign(level(0, 0), level(along, across), 1);
  expect(likeness).toBeGreaterThan(0.9);
  expect(Math.round(shifts[0]?.[0] ?? NaN)).toBe(along);
  expect(Math.round(shifts[0]?.[6] ?? NaN)).toBe(across);
});

test('a stretch shows in the slope along, since each part may lie off the others', () => {
  const { shifts } = coarseAlign(level(0, 0), level(1, 0, 2), 1);
  expect(shifts[0]?.[1]).toBeGreaterThan(1);
  expect(shifts[0]?.[1]).toBeLessThan(3);
});

test('what is unknown is not asked, and the rest finds the place', () => {
  const half = level(3, 1, 0, (column) => column < 40);
  const { likeness, shifts } = coarseAlign(level(0, 0), half, 1);
  expect(likeness).toBeGreaterThan(0.4);
  expect(Math.round(shifts[0]?.[0] ?? NaN)).toBe(3);
});

test('another pattern is not alike; other places are further off than one cell', () => {
  const other = { ...level(0, 0), value: level(14, 12).value.toReversed() };
  const { likeness, shifts } = coarseAlign(level(0, 0), other, 3);
  expect(likeness).toBeLessThan(0.5);
  expect(shifts).toHaveLength(3);
});

test('nothing known on one of them is alike to nothing', () => {
  expect(
    coarseAlign(
      level(0, 0, 0, () => false),
      level(0, 0),
      2,
    ).likeness,
  ).toBe(0);
});
