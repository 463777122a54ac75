import type { Raster } from '@keeper/core/image/raster';

/** The pixels of a bitmap, no larger than wanted. */
export function pixelsOf(bitmap: ImageBitmap, longestPx: number): Raster {
  const by = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
  const [widthPx, heightPx] = [Math.round(bitmap.width * by), Math.round(bitmap.height * by)];
  return read(widthPx, heightPx, (context) => context.drawImage(bitmap, 0, 0, widthPx, heightPx));
}

/** The piece of a bitmap that holds some places, at its own scale, and where it was cut from; at least one pixel. */
export function pieceOf(
  bitmap: ImageBitmap,
  places: readonly { readonly x: number; readonly y: number }[],
): { readonly raster: Raster; readonly left: number; readonly top: number } {
  const inside = (value: number, most: number) => Math.min(most, Math.max(0, Math.round(value)));
  const xs = places.map(({ x }) => inside(x, bitmap.width - 1));
  const ys = places.map(({ y }) => inside(y, bitmap.height - 1));
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [widthPx, heightPx] = [Math.max(...xs) + 1 - left, Math.max(...ys) + 1 - top];
  const raster = read(widthPx, heightPx, (context) =>
    context.drawImage(bitmap, left, top, widthPx, heightPx, 0, 0, widthPx, heightPx),
  );
  return { raster, left, top };
}

function read(widthPx: number, heightPx: number, draw: (on: OffscreenCanvasRenderingContext2D) => void): Raster {
  const context = new OffscreenCanvas(widthPx, heightPx).getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser has no canvas to read pictures with.');
  draw(context);
  return { widthPx, heightPx, channels: 4, data: context.getImageData(0, 0, widthPx, heightPx).data };
}
