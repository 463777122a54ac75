import type { Plane } from './raster.js';

/**
 * A plane smoothed by a bell curve of the given deviation in pixels, rows and then columns; the edge goes on beyond the
 * picture.
 */
export function smoothed({ widthPx, heightPx, data }: Plane, deviationPx: number): Plane {
  const reach = Math.max(1, Math.ceil(deviationPx * 3));
  const raw = Array.from({ length: 2 * reach + 1 }, (_, i) => Math.exp(-((i - reach) ** 2) / (2 * deviationPx ** 2)));
  const total = raw.reduce((sum, weight) => sum + weight, 0);
  const bell = Float64Array.from(raw, (weight) => weight / total);
  const rows = new Float32Array(data.length);
  const out = new Float32Array(data.length);
  const line = new Float64Array(widthPx + 2 * reach);
  for (let y = 0; y < heightPx; y += 1) {
    const row = y * widthPx;
    for (let x = 0; x < line.length; x += 1) {
      line[x] = data[row + Math.min(widthPx - 1, Math.max(0, x - reach))] as number;
    }
    for (let x = 0; x < widthPx; x += 1) {
      let sum = 0;
      for (let k = 0; k < bell.length; k += 1) sum += (line[x + k] as number) * (bell[k] as number);
      rows[row + x] = sum;
    }
  }
  for (let y = 0; y < heightPx; y += 1) {
    for (let k = 0; k < bell.length; k += 1) {
      const from = Math.min(heightPx - 1, Math.max(0, y + k - reach)) * widthPx;
      const weight = bell[k] as number;
      for (let x = 0, to = y * widthPx; x < widthPx; x += 1, to += 1) {
        out[to] = (out[to] as number) + (rows[from + x] as number) * weight;
      }
    }
  }
  return { widthPx, heightPx, data: out };
}
