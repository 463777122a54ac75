import { flankFrame } from '../landmarks/flankFrame.js';
import { UNKNOWN, type FlankDescriptor } from './flankDescriptor.js';

/** A print ready to be compared: its values with a mean square of one, 0 where nothing is known. */
export interface DescriptorLevel {
  readonly columns: number;
  readonly rows: number;
  readonly value: Float32Array;
  /** 1 where something is known, else 0. */
  readonly known: Float32Array;
}

/** A value this many times the usual one counts no more than that: a glint or a finger must not speak for the fish. */
const MOST = 2.5;

/** The print as fine as it is kept. */
export function fineLevel({ kind, cells }: FlankDescriptor): DescriptorLevel {
  const { columns, rows } = flankFrame(kind);
  const { value, known } = opened(cells);
  return evened(columns, rows, value, known);
}

function opened(cells: Int8Array): { value: Float32Array; known: Float32Array } {
  const value = new Float32Array(cells.length);
  const known = new Float32Array(cells.length);
  const unknown = UNKNOWN;
  for (let i = 0; i < cells.length; i += 1) {
    const cell = cells[i] as number;
    if (cell === unknown) continue;
    value[i] = cell;
    known[i] = 1;
  }
  return { value, known };
}

/** The print at half its resolution, softened: where a flank lies is found on it first. */
export function coarseLevel({ kind, cells }: FlankDescriptor): DescriptorLevel {
  const { columns, rows } = flankFrame(kind);
  let { value, known } = opened(cells);
  for (let turn = 0; turn < 2; turn += 1) {
    value = softened(value, columns, rows);
    known = softened(known, columns, rows);
  }
  const [wide, high] = [columns >> 1, rows >> 1];
  const [half, seen] = [new Float32Array(wide * high), new Float32Array(wide * high)];
  for (let row = 0, to = 0; row < high; row += 1) {
    for (let column = 0; column < wide; column += 1, to += 1) {
      let [sum, share] = [0, 0];
      for (const i of [0, 1, columns, columns + 1]) {
        const from = 2 * row * columns + 2 * column + i;
        const weight = known[from] as number;
        if (weight > 0.05) sum += (value[from] as number) / weight;
        share += weight / 4;
      }
      half[to] = sum / 4;
      seen[to] = share > 0.6 ? 1 : 0;
    }
  }
  return evened(wide, high, half, seen);
}

/** Weights 1, 2, 1 along and across. */
function softened(data: Float32Array, columns: number, rows: number): Float32Array {
  const along = data.map((value, i) => {
    const column = i % columns;
    const before = column > 0 ? data[i - 1] : value;
    const after = column < columns - 1 ? data[i + 1] : value;
    return ((before as number) + 2 * value + (after as number)) / 4;
  });
  return along.map((value, i) => {
    const above = i >= columns ? along[i - columns] : value;
    const below = i < columns * (rows - 1) ? along[i + columns] : value;
    return ((above as number) + 2 * value + (below as number)) / 4;
  });
}

function evened(columns: number, rows: number, value: Float32Array, known: Float32Array): DescriptorLevel {
  let [sum, count] = [0, 0];
  for (let i = 0; i < value.length; i += 1) {
    const is = known[i] as number;
    sum += is * (value[i] as number) ** 2;
    count += is;
  }
  const gain = 1 / Math.sqrt(sum / Math.max(1, count) + 1e-9);
  const even = value.map((each, i) => (known[i] === 1 ? Math.max(-MOST, Math.min(MOST, each * gain)) : 0));
  return { columns, rows, value: even, known };
}
