import type { PaintedKind } from '../../domain/fish/anatomy.js';
import type { LandmarksPx } from '../../domain/fish/landmarks.js';
import { sampled, type Raster } from '../../image/raster.js';
import type { FlankFrame } from '../landmarks/flankFrame.js';
import { frameOnPicture } from '../landmarks/frameOnPicture.js';
import type { LearnedModels } from '../learned/learnedModels.js';

/** What was seen on the grid: brightness, the two opponent colours, and whether anything was seen (1 or 0). */
export interface RectifiedFlank {
  readonly light: Float32Array;
  readonly redness: Float32Array;
  readonly yellowness: Float32Array;
  readonly known: Float32Array;
}

const BURNT = 246;

/** Lays a picture of a flank on the grid of its kind. */
export function rectify(
  raster: Raster,
  landmarks: LandmarksPx,
  kind: PaintedKind,
  frame: FlankFrame,
  learned: LearnedModels,
): RectifiedFlank {
  const { columns, rows, cell, fromU, fromV, body } = frame;
  const { planes, map } = frameOnPicture(raster, landmarks, kind, learned.frameOf(kind));
  const { widthPx, heightPx } = planes.light;
  const empty = () => new Float32Array(columns * rows);
  const laid = { light: empty(), redness: empty(), yellowness: empty(), known: empty() };
  for (let row = 0, i = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1, i += 1) {
      if (body[i] === 0) continue;
      const at = map(fromU + (column + 0.5) * cell, fromV + (row + 0.5) * cell);
      const [x, y] = [at.x - 0.5, at.y - 0.5];
      if (x < 0 || y < 0 || x > widthPx - 1 || y > heightPx - 1) continue;
      const light = sampled(planes.light, x, y);
      laid.light[i] = light;
      laid.redness[i] = sampled(planes.redness, x, y);
      laid.yellowness[i] = sampled(planes.yellowness, x, y);
      laid.known[i] = light < BURNT ? 1 : 0;
    }
  }
  return laid;
}
