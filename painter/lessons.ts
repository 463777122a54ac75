import { createRng } from '@keeper/core/statistics/rng';
import { scaled } from '@keeper/core/domain/fish/landmarks';
import { shrunkRaster } from '@keeper/core/image/raster';
import { anyPicture, type AnyPictureWays } from './anyPicture.js';
import { paintPicture } from './paint.js';
import type { Lesson } from './trainFinder.js';

/** The longest side of the pictures that the finder looks at. */
export const FINDER_PX = 256;

/** One picture to learn from or to be tried on: always the same for the same name. */
export function lesson(name: string, ways: Partial<AnyPictureWays> = {}): Lesson {
  const { rgb, widthPx, heightPx, landmarksPx } = paintPicture(anyPicture(createRng(name), name, ways));
  const raster = shrunkRaster({ widthPx, heightPx, channels: 3, data: rgb }, FINDER_PX);
  return { raster, landmarks: scaled(landmarksPx, raster.widthPx / widthPx) };
}
