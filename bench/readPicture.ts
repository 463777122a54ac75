import sharp from 'sharp';
import type { Raster } from '@keeper/core/image/raster';

/**
 * Longest side at which pictures are read: several times as fine as a print, and a JPEG is never unfolded to its full
 * size.
 */
const READ_PX = 1280;

/** A picture upright, no larger than is needed, and how many of its pixels one of the picture itself is. */
export async function readPicture(picture: string | Buffer): Promise<{ readonly raster: Raster; readonly by: number }> {
  const { autoOrient } = await sharp(picture).metadata();
  const { data, info } = await sharp(picture)
    .autoOrient()
    .resize(READ_PX, READ_PX, { fit: 'inside', withoutEnlargement: true })
    .removeAlpha()
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const raster: Raster = { widthPx: info.width, heightPx: info.height, channels: 3, data };
  return { raster, by: info.width / autoOrient.width };
}
