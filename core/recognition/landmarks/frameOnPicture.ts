import type { PaintedKind } from '../../domain/fish/anatomy.js';
import type { LandmarksPx } from '../../domain/fish/landmarks.js';
import { planesOf, shrunkRaster, type Planes, type Raster } from '../../image/raster.js';
import { scaled } from '../../domain/fish/landmarks.js';
import type { PlaneMap } from '../../geometry/thinPlate.js';
import { flankFrame } from './flankFrame.js';
import { refineFrame, type FrameModel } from './refineFrame.js';

/** A picture about as fine as the cells of a print, and how the frame lies on it. */
export interface FrameOnPicture {
  readonly planes: Planes;
  /** From the frame of the kind to the pixels of `planes`. */
  readonly map: PlaneMap;
  /** Pixels of `planes` a pixel of the picture. */
  readonly scale: number;
}

/** Pixels a cell: what is finer would only flicker between cells. */
const FINE = 1.2;
const LEAST_PX = 32;

/**
 * Lays the frame of a kind on a picture, as `model` has learned it settles; `landmarks` in pixels of the raster.
 * Example: of a picture as fine as a print `scale` is 1.
 */
export function frameOnPicture(
  raster: Raster,
  landmarks: LandmarksPx,
  kind: PaintedKind,
  model: FrameModel,
): FrameOnPicture {
  const small = asFine(raster, landmarks, kind);
  const scale = small.widthPx / raster.widthPx;
  const planes = planesOf(small);
  return { planes, map: refineFrame(planes, scaled(landmarks, scale), kind, model), scale };
}

/** A copy in which the fish is about as fine as the cells of its print. */
export function asFine(raster: Raster, { snout, fork }: LandmarksPx, kind: PaintedKind): Raster {
  const lengthPx = Math.hypot(fork.x - snout.x, fork.y - snout.y);
  const longestPx = Math.max(raster.widthPx, raster.heightPx);
  const cellPx = Math.max(1, lengthPx) * flankFrame(kind).cell;
  return shrunkRaster(raster, Math.max(LEAST_PX, Math.round((FINE * longestPx) / cellPx)));
}
