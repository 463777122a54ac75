import type { Raster } from '@keeper/core/picture/raster';

/** The pixels of a bitmap, no larger than wanted. */
export function pixelsOf(bitmap: ImageBitmap, longestPx: number): Raster {
  const by = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
  const [widthPx, heightPx] = [Math.round(bitmap.width * by), Math.round(bitmap.height * by)];
  const context = new OffscreenCanvas(widthPx, heightPx).getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser gives no canvas to read pictures with.');
  context.drawImage(bitmap, 0, 0, widthPx, heightPx);
  return { widthPx, heightPx, channels: 4, data: context.getImageData(0, 0, widthPx, heightPx).data };
}
