import type { Plane } from './raster.js';

/** A plane smoothed by a bell curve of the given deviation in pixels, rows and then columns; the edge goes on beyond the picture. */
export function smoothed({ widthPx, heightPx, data }: Plane, deviationPx: number): Plane {
  const reach = Math.max(1, Math.ceil(deviationPx * 3));
  const bell = Float32Array.from({ length: 2 * reach + 1 }, (_, i) =>
    Math.exp(-((i - reach) ** 2) / (2 * deviationPx ** 2)),
  );
  const total = bell.reduce((sum, weight) => sum + weight, 0);
  const rows = new Float32Array(data.length);
  const out = new Float32Array(data.length);
  for (let y = 0; y < heightPx; y += 1) {
    const row = y * widthPx;
    for (let x = 0; x < widthPx; x += 1) {
      let sum = 0;
      for (let k = -reach; k <= reach; k += 1) {
        const at = x + k < 0 ? 0 : x + k >= widthPx ? widthPx - 1 : x + k;
        sum += (data[row + at] as number) * (bell[k + reach] as number);
      }
      rows[row + x] = sum / total;
    }
  }
  for (let y = 0; y < heightPx; y += 1) {
    for (let k = -reach; k <= reach; k += 1) {
      const from = (y + k < 0 ? 0 : y + k >= heightPx ? heightPx - 1 : y + k) * widthPx;
      const weight = (bell[k + reach] as number) / total;
      for (let x = 0, to = y * widthPx; x < widthPx; x += 1, to += 1)
        out[to] = (out[to] as number) + (rows[from + x] as number) * weight;
    }
  }
  return { widthPx, heightPx, data: out };
}
