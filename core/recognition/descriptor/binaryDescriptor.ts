import { identityWarp, type Warp } from '../registration/refineWarp.js';
import { addSlackened, bestNearby } from '../registration/springs.js';
import type { DescriptorLevel } from './descriptorLevel.js';

/** How far a flank may lie off, in coarse cells, along and across. */
const REACH_ALONG = 4;
const REACH_ACROSS = 3;
const WIDE = 2 * REACH_ALONG + 1;
const HIGH = 2 * REACH_ACROSS + 1;
/** Cells nearer to grey than this, of a usual one, say neither bright nor dark. */
const GREY = 0.35;
/**
 * A row is kept in two words: the fore part of the flank and the hind one. Upper and lower half of either count for
 * themselves.
 */
const WORDS = 2;
const HALVES = 2;
/** The four parts may lie off each other a little. */
const REACH = { wide: WIDE, high: HIGH, slack: 2, price: 0.01 };
/** So many cells more, on which nothing agrees: a few cells that agree by chance are no likeness. */
const HELD = 40;
/** Holds the tilt back where little is seen. */
const HELD_TILT = 4;

/** A coarse print in two shades, one bit a cell: what a thousand flanks are told apart by in no time. */
export interface BinaryDescriptor {
  readonly rows: number;
  readonly columns: number;
  /** Words of each row, fore and hind: where it is bright, and where dark. */
  readonly bright: Int32Array;
  readonly dark: Int32Array;
}

export function binaryDescriptor({ columns, rows, value, known }: DescriptorLevel): BinaryDescriptor {
  const half = Math.ceil(columns / WORDS);
  const [bright, dark] = [new Int32Array(rows * WORDS), new Int32Array(rows * WORDS)];
  for (let y = 0; y < rows; y += 1) {
    for (let x = 0; x < columns; x += 1) {
      if (known[y * columns + x] === 0) continue;
      const of = value[y * columns + x] as number;
      const at = y * WORDS + (x < half ? 0 : 1);
      const bit = 1 << (x < half ? x : x - half);
      if (of > GREY) bright[at] = (bright[at] as number) | bit;
      else if (of < -GREY) dark[at] = (dark[at] as number) | bit;
    }
  }
  return { rows, columns, bright, dark };
}

/** A sketch moved along the body by every distance within reach: made once for the flank that is asked about. */
export type ShiftedBinaryDescriptors = readonly BinaryDescriptor[];

export function shiftBinaryDescriptor(level: DescriptorLevel): ShiftedBinaryDescriptors {
  const { columns, rows } = level;
  return Array.from({ length: WIDE }, (_, i) => {
    const by = i - REACH_ALONG;
    const [value, known] = [new Float32Array(level.value.length), new Float32Array(level.known.length)];
    for (let y = 0; y < rows; y += 1) {
      for (let x = Math.max(0, by); x < Math.min(columns, columns + by); x += 1) {
        value[y * columns + x] = level.value[y * columns + x - by] as number;
        known[y * columns + x] = level.known[y * columns + x - by] as number;
      }
    }
    return binaryDescriptor({ columns, rows, value, known });
  });
}

/** Where a sketch lies on another, and how alike they are there. */
export interface BinaryMatch {
  readonly likeness: number;
  /** Shift and tilt, in coarse cells. */
  readonly shift: Warp;
}

/**
 * How alike two sketches are at the place where they are most alike, -1 to 1, and where that is: each of four parts by
 * bits that agree less those that do not, the parts held together as by springs. Example: a sketch against itself is
 * about 0.7, one of another fish about 0.1.
 */
export function matchBinary(asked: ShiftedBinaryDescriptors, sketch: BinaryDescriptor): BinaryMatch {
  const { maps, weights } = partMaps(asked, sketch, 1);
  const { likeness, at } = together(maps, weights, 1);
  return { likeness, shift: likeness === 0 ? identityWarp() : tilted(maps, weights, at) };
}

/** About the same likeness, from every other place only: four times as quick, to drop the least likely. */
export function screenBinary(asked: ShiftedBinaryDescriptors, sketch: BinaryDescriptor): number {
  const { maps, weights } = partMaps(asked, sketch, 2);
  return together(maps, weights, 2).likeness;
}

/** How alike each of the four parts is at every place within reach, and how much it has to say. */
function partMaps(asked: ShiftedBinaryDescriptors, { rows, bright, dark }: BinaryDescriptor, step: 1 | 2) {
  const maps = new Float32Array(WORDS * HALVES * WIDE * HIGH);
  const counted = [0, 0, 0, 0];
  const middle = Math.ceil(rows / HALVES);
  for (let i = REACH_ALONG % step; i < WIDE; i += step) {
    const { bright: askedBright, dark: askedDark } = asked[i] as BinaryDescriptor;
    for (let j = REACH_ACROSS % step; j < HIGH; j += step) {
      const across = j - REACH_ACROSS;
      for (let part = 0; part < WORDS * HALVES; part += 1) {
        const word = part & 1;
        const from = Math.max(part < 2 ? 0 : middle, across);
        const to = Math.min(part < 2 ? middle : rows, rows + across);
        let agree = 0;
        let differ = 0;
        for (let y = from; y < to; y += 1) {
          const here = y * WORDS + word;
          const there = (y - across) * WORDS + word;
          const p = askedBright[there] as number;
          const n = askedDark[there] as number;
          const q = bright[here] as number;
          const m = dark[here] as number;
          agree += bits((p & q) | (n & m));
          differ += bits((p & m) | (n & q));
        }
        maps[part * WIDE * HIGH + j * WIDE + i] = (agree - differ) / (agree + differ + HELD);
        if (agree + differ > (counted[part] as number)) counted[part] = agree + differ;
      }
    }
  }
  return { maps, weights: counted.map(Math.sqrt) };
}

const mapOf = (maps: Float32Array, part: number) => maps.subarray(part * WIDE * HIGH, (part + 1) * WIDE * HIGH);

/** The common place at which the parts, each with its slack, are most alike. */
function together(maps: Float32Array, weights: readonly number[], step: number): { likeness: number; at: number } {
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  if (all === 0) return { likeness: 0, at: 0 };
  const total = new Float32Array(WIDE * HIGH);
  const lattice = { fromAlong: REACH_ALONG % step, fromAcross: REACH_ACROSS % step, step };
  for (let part = 0; part < weights.length; part += 1)
    addSlackened(mapOf(maps, part), weights[part] as number, REACH, total, lattice);
  let [best, at] = [-Infinity, 0];
  for (let j = REACH_ACROSS % step; j < HIGH; j += step) {
    for (let i = REACH_ALONG % step; i < WIDE; i += step) {
      const sum = total[j * WIDE + i] as number;
      if (sum > best) [best, at] = [sum, j * WIDE + i];
    }
  }
  return { likeness: best / all, at };
}

/**
 * The common place with the slopes that the places of the four parts suggest: fore against hind, upper against lower.
 */
function tilted(maps: Float32Array, weights: readonly number[], at: number): Warp {
  const [j, i] = [Math.floor(at / WIDE), at % WIDE];
  const own = weights.map((weight, part) => {
    const found = bestNearby(mapOf(maps, part), REACH, at);
    return { ...found, weight: weight * Math.max(0, found.likeness) };
  });
  const all = own.reduce((sum, { weight }) => sum + weight, 0) + HELD_TILT;
  const mean = (of: (part: (typeof own)[number], sideX: number, sideY: number) => number) =>
    own.reduce((sum, part, k) => sum + part.weight * of(part, k & 1 ? 1 : -1, k < 2 ? -1 : 1), 0) / all;
  const shift = identityWarp();
  // Parts lie half way out: what they are off by there is half of what the rim is.
  shift.set(
    [i - REACH_ALONG + mean((p) => p.along), 2 * mean((p, x) => p.along * x), 2 * mean((p, _, y) => p.along * y)],
    0,
  );
  shift.set(
    [j - REACH_ACROSS + mean((p) => p.across), 2 * mean((p, x) => p.across * x), 2 * mean((p, _, y) => p.across * y)],
    6,
  );
  return shift;
}

/** How many bits of a word are set (Warren 2013, Hacker's Delight, 5-1). */
function bits(word: number): number {
  const pairs = word - ((word >>> 1) & 0x55555555);
  const fours = (pairs & 0x33333333) + ((pairs >>> 2) & 0x33333333);
  return Math.imul((fours + (fours >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}
