import { anatomyOf, heightAt, type PaintedKind } from '../fish/anatomy.js';
import { smoothed } from '../picture/gaussian.js';
import type { LandmarksPx } from '../picture/findFish.js';
import { lightOf, sampled, shrunkRaster, type Plane, type Raster } from '../picture/raster.js';
import { flankMap } from './flankMap.js';

/** Columns from behind the snout to before the fork, rows from back to belly. */
export const PRINT_COLUMNS = 144;
export const PRINT_ROWS = 52;
const FROM_U = 0.04;
const TO_U = 0.97;
/** From the back (-1) to the belly (1); the rim is left out, where a small turn shows another part of the fish. */
const MOST_T = 0.9;
/** What is not known: beyond the picture, or burnt out. */
export const UNKNOWN = -128;

/** The pattern of one flank in its own frame, brightness against the surroundings. One byte a cell: about 7 kB. */
export interface FlankPrint {
  readonly side: 'left' | 'right';
  readonly kind: PaintedKind;
  /** Row by row from the back, -127 dark to 127 bright, `UNKNOWN` where nothing can be said. */
  readonly cells: Int8Array;
}

/** Deviations of the bells, in cells, that say what the surroundings of a cell are and how much they vary. */
const AROUND = 6;
const VARIES = 9;
/** Grey steps: less variation than this is grain and is not blown up. */
const LEAST_VARIATION = 4;
const STEPS_A_DEVIATION = 42;
const BURNT = 246;

/**
 * The print of a flank: the body between its outlines is laid on a grid that bends with it, and light and shade of the day are taken out
 * by setting each cell against its surroundings. `landmarks` in pixels of the raster.
 * Example: two pictures of one flank, one darker and turned by 20 degrees, give nearly the same print.
 */
export function flankPrint(
  raster: Raster,
  landmarks: LandmarksPx,
  side: 'left' | 'right',
  kind: PaintedKind,
): FlankPrint {
  const lengthPx = Math.hypot(landmarks.fork.x - landmarks.snout.x, landmarks.fork.y - landmarks.snout.y);
  const longest = Math.max(raster.widthPx, raster.heightPx);
  const small = shrunkRaster(raster, Math.max(32, Math.round((longest * PRINT_COLUMNS * 1.15) / lengthPx)));
  const scale = small.widthPx / raster.widthPx;
  const map = flankMap(landmarks, kind);
  const light = laidOut(lightOf(small), kind, (u, v) => {
    const { x, y } = map(u, v);
    return { x: x * scale - 0.5, y: y * scale - 0.5 };
  });
  return { side, kind, cells: againstSurroundings(light) };
}

/** The body on its grid; not a number where the picture does not reach. */
function laidOut(light: Plane, kind: PaintedKind, at: (u: number, v: number) => { x: number; y: number }): Plane {
  const { back, belly } = anatomyOf(kind, 1);
  const data = new Float32Array(PRINT_COLUMNS * PRINT_ROWS);
  for (let row = 0, cell = 0; row < PRINT_ROWS; row += 1) {
    const t = MOST_T * ((2 * (row + 0.5)) / PRINT_ROWS - 1);
    for (let column = 0; column < PRINT_COLUMNS; column += 1, cell += 1) {
      const u = FROM_U + ((column + 0.5) / PRINT_COLUMNS) * (TO_U - FROM_U);
      const { x, y } = at(u, t * (t < 0 ? heightAt(back, u) : heightAt(belly, u)));
      const inside = x >= 0 && y >= 0 && x <= light.widthPx - 1 && y <= light.heightPx - 1;
      data[cell] = inside ? sampled(light, x, y) : NaN;
    }
  }
  return { widthPx: PRINT_COLUMNS, heightPx: PRINT_ROWS, data };
}

function againstSurroundings({ widthPx, heightPx, data }: Plane): Int8Array {
  const known = data.map((value) => (value >= 0 && value < BURNT ? 1 : 0));
  const share = smoothed({ widthPx, heightPx, data: known }, AROUND).data;
  const mean = smoothed({ widthPx, heightPx, data: data.map((value, i) => (known[i] ? value : 0)) }, AROUND).data;
  const off = data.map((value, i) => (known[i] ? value - (mean[i] as number) / (share[i] as number) : 0));
  const varies = smoothed({ widthPx, heightPx, data: off.map((value) => value * value) }, VARIES).data;
  const counted = smoothed({ widthPx, heightPx, data: known }, VARIES).data;
  return Int8Array.from(off, (value, i) => {
    if (!known[i]) return UNKNOWN;
    const deviation = Math.sqrt((varies[i] as number) / Math.max(0.05, counted[i] as number));
    return Math.max(
      -127,
      Math.min(127, Math.round((STEPS_A_DEVIATION * value) / Math.max(LEAST_VARIATION, deviation))),
    );
  });
}
