import type { LearnedModels } from '../learned/learnedModels.js';
import type { PaintedKind } from '../../domain/fish/anatomy.js';
import type { LandmarksPx } from '../../domain/fish/landmarks.js';
import { smoothed } from '../../image/gaussian.js';
import type { Plane, Raster } from '../../image/raster.js';
import { flankFrame, type FlankFrame } from '../landmarks/flankFrame.js';
import { rectify, type RectifiedFlank } from '../registration/rectify.js';
import { skinMask } from './skinMask.js';

/** What is not known of a flank: beside the body, beyond the picture, burnt out, or under a hand. */
export const UNKNOWN = -128;

/** Raised when prints are made in another way: old ones cannot be compared with new ones. */
export const DESCRIPTOR_VERSION = 2;

/** The pattern of one flank in the frame of its kind. One byte a cell, less than 8 kB. */
export interface FlankDescriptor {
  readonly side: 'left' | 'right';
  readonly kind: PaintedKind;
  /**
   * Row by row from the back, -127 dark to 127 bright against the surroundings, `UNKNOWN` where nothing can be said.
   */
  readonly cells: Int8Array;
}

/** Cells around a burnt one in which its light still glows. */
const GLOW = 2;
/**
 * Cells to either side along the body that say how bright this height of the body is: the roundness of the fish, and
 * the day.
 */
const ALONG = 24;
/** Deviations of the bells, in cells, that say what the surroundings of a cell are, and how much they vary. */
const AROUND = 6;
const VARIES = 12;
/** Grey steps: less variation than this is grain and is not blown up. */
const LEAST_VARIATION = 4;
const STEPS_A_DEVIATION = 42;

/**
 * The print of a flank: the body is laid on the grid of its kind by its six points, what is burnt out or under a hand
 * is left unknown, and the light of the day is taken out by setting each cell against its row and its surroundings.
 * `landmarks` in pixels of the raster. Example: two pictures of one flank, one darker and turned by 20 degrees, give
 * nearly the same print.
 */
export function describeFlank(
  raster: Raster,
  landmarks: LandmarksPx,
  side: 'left' | 'right',
  kind: PaintedKind,
  learned: LearnedModels,
): FlankDescriptor {
  const frame = flankFrame(kind);
  const laid = rectify(raster, landmarks, kind, frame, learned);
  const known = withoutGlow(withoutHands(laid, frame), frame);
  const level = againstRow(laid.light, known, frame);
  return { side, kind, cells: againstSurroundings(level, known, frame) };
}

function withoutHands(laid: RectifiedFlank, frame: FlankFrame): Float32Array {
  const hands = skinMask(laid, frame);
  return laid.known.map((is, i) => (hands[i] === 1 ? 0 : is));
}

function withoutGlow(known: Float32Array, { columns, rows, body }: FlankFrame): Float32Array {
  let now = known;
  for (let turn = 0; turn < GLOW; turn += 1) {
    const before = now;
    const dark = (i: number) => body[i] === 1 && before[i] === 0;
    now = before.map((is, i) => {
      const column = i % columns;
      const beside = (column > 0 && dark(i - 1)) || (column < columns - 1 && dark(i + 1));
      return beside || (i >= columns && dark(i - columns)) || (i < columns * (rows - 1) && dark(i + columns)) ? 0 : is;
    });
  }
  return now;
}

/**
 * Each cell against those of its own height on the body, the nearer the more: what lies along the whole fish says
 * nothing about it.
 */
function againstRow(light: Float32Array, known: Float32Array, { columns }: FlankFrame): Float32Array {
  return light.map((value, i) => {
    if (known[i] === 0) return 0;
    const [row, column] = [i - (i % columns), i % columns];
    let [sum, weights] = [0, 0];
    for (let k = Math.max(0, column - ALONG); k <= Math.min(columns - 1, column + ALONG); k += 1) {
      if (known[row + k] === 0) continue;
      const weight = 1 - Math.abs(k - column) / (ALONG + 1);
      sum += weight * (light[row + k] as number);
      weights += weight;
    }
    return value - sum / weights;
  });
}

function againstSurroundings(level: Float32Array, known: Float32Array, { columns, rows }: FlankFrame): Int8Array {
  const plane = (data: Float32Array): Plane => ({ widthPx: columns, heightPx: rows, data });
  const share = smoothed(plane(known), AROUND).data;
  const mean = smoothed(plane(level), AROUND).data;
  const off = level.map((value, i) => (known[i] === 1 ? value - (mean[i] as number) / (share[i] as number) : 0));
  const varies = smoothed(plane(off.map((value) => value * value)), VARIES).data;
  const counted = smoothed(plane(known), VARIES).data;
  return Int8Array.from(off, (value, i) => {
    if (known[i] === 0) return UNKNOWN;
    const deviation = Math.sqrt((varies[i] as number) / Math.max(0.05, counted[i] as number));
    const steps = Math.round((STEPS_A_DEVIATION * value) / Math.max(LEAST_VARIATION, deviation));
    return Math.max(-127, Math.min(127, steps));
  });
}
