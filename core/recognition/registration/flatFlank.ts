import type { PaintedKind } from '../../domain/fish/anatomy.js';
import type { LandmarksPx } from '../../domain/fish/landmarks.js';
import type { Raster } from '../../image/raster.js';
import { scaled } from '../../domain/fish/landmarks.js';
import { warpPoint, unwarpPoint, type Warp } from './refineWarp.js';
import { flankFrame, onBody } from '../landmarks/flankFrame.js';
import { flankMap } from './flankMap.js';
import type { FlankPoint } from '../../domain/fish/flankPoint.js';
import { frameOnPicture } from '../landmarks/frameOnPicture.js';
import type { LearnedModels } from '../learned/learnedModels.js';
import { placeAt } from '../landmarks/refineFrame.js';

/** A flank in colour, laid flat on the grid of its kind: red, green, blue and how opaque; nothing beside the body. */
export interface FlatPicture {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly data: Uint8ClampedArray<ArrayBuffer>;
}

/** A flat flank with what was marked on it. */
export interface FlatFlank extends FlatPicture {
  /** Where marks that were set by hand lie on it, in the flank frame. */
  readonly marks: readonly FlankPoint[];
}

interface LaidAs {
  /** As `comparePrints` gives it: the flank lies as the print that it was compared with. */
  readonly shift?: Warp | undefined;
  /** Marks that were set by hand, as `flankMarks` gives them. */
  readonly marks?: readonly FlankPoint[] | undefined;
}

/**
 * Lays a flank flat for people to look at, `fine` pixels a cell. With a shift it lies as the print that it was compared
 * with: what is at one place on both is the same part of the fish. Example: the flat flank of a mirror carp with 3
 * pixels a cell is about 370 px wide.
 */
export function flatFlank(
  raster: Raster,
  landmarks: LandmarksPx,
  kind: PaintedKind,
  fine: number,
  learned: LearnedModels,
  { shift, marks = [] }: LaidAs = {},
): FlatFlank {
  const { columns, rows, cell, fromU, fromV } = flankFrame(kind);
  const { map, scale } = frameOnPicture(raster, landmarks, kind, learned.frameOf(kind));
  const [widthPx, heightPx] = [columns * fine, rows * fine];
  const data = new Uint8ClampedArray(widthPx * heightPx * 4);
  for (let y = 0, to = 0; y < heightPx; y += 1) {
    for (let x = 0; x < widthPx; x += 1, to += 4) {
      const [column, row] = [(x + 0.5) / fine - 0.5, (y + 0.5) / fine - 0.5];
      if (!onBody(kind, fromU + (column + 0.5) * cell, fromV + (row + 0.5) * cell)) continue;
      const lies = shift ? warpPoint(shift, { columns, rows }, column, row) : { column, row };
      const at = map(fromU + (lies.column + 0.5) * cell, fromV + (lies.row + 0.5) * cell);
      const [px, py] = [Math.round(at.x / scale - 0.5), Math.round(at.y / scale - 0.5)];
      if (px < 0 || py < 0 || px >= raster.widthPx || py >= raster.heightPx) continue;
      const from = (py * raster.widthPx + px) * raster.channels;
      for (let c = 0; c < 3; c += 1) data[to + c] = raster.data[from + c] as number;
      data[to + 3] = 255;
    }
  }
  const tapped = flankMap(scaled(landmarks, scale), kind);
  const size = { columns, rows };
  const laidMarks = marks.map((mark) => {
    const { u, v } = placeAt(map, tapped(mark.u, mark.v), mark);
    if (!shift) return { u, v };
    const lies = unwarpPoint(shift, size, (u - fromU) / cell - 0.5, (v - fromV) / cell - 0.5);
    return { u: fromU + (lies.column + 0.5) * cell, v: fromV + (lies.row + 0.5) * cell };
  });
  return { widthPx, heightPx, data, marks: laidMarks };
}
