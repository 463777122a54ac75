/** A picture's pixels, upright, row by row: red, green, blue, and after them nothing or how opaque. */
export interface Raster {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly channels: 3 | 4;
  readonly data: Uint8Array | Uint8ClampedArray;
}

/** One number a pixel, row by row. */
export interface Plane {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly data: Float32Array;
}

/** Brightness (0 to 255) and two opponent colours: red less green, and yellow less blue. */
export interface Planes {
  readonly light: Plane;
  readonly redness: Plane;
  readonly yellowness: Plane;
}

/**
 * A smaller copy whose longest side is at most `longestPx`: each new pixel is the mean of those it covers, so that
 * nothing fine is turned into something coarse. Example: 4000 x 3000 px to 256 gives 256 x 192.
 */
export function shrunkRaster(raster: Raster, longestPx: number): Raster {
  const by = Math.min(1, longestPx / Math.max(raster.widthPx, raster.heightPx));
  if (by === 1) return raster;
  const widthPx = Math.max(1, Math.round(raster.widthPx * by));
  const heightPx = Math.max(1, Math.round(raster.heightPx * by));
  const data = new Uint8ClampedArray(widthPx * heightPx * 3);
  const { channels, data: from } = raster;
  for (let y = 0, to = 0; y < heightPx; y += 1) {
    const top = Math.floor((y * raster.heightPx) / heightPx);
    const bottom = Math.max(top + 1, Math.floor(((y + 1) * raster.heightPx) / heightPx));
    for (let x = 0; x < widthPx; x += 1, to += 3) {
      const left = Math.floor((x * raster.widthPx) / widthPx);
      const right = Math.max(left + 1, Math.floor(((x + 1) * raster.widthPx) / widthPx));
      let [red, green, blue] = [0, 0, 0];
      for (let j = top; j < bottom; j += 1) {
        for (
          let i = (j * raster.widthPx + left) * channels;
          i < (j * raster.widthPx + right) * channels;
          i += channels
        ) {
          red += from[i] as number;
          green += from[i + 1] as number;
          blue += from[i + 2] as number;
        }
      }
      const count = (bottom - top) * (right - left);
      data[to] = red / count;
      data[to + 1] = green / count;
      data[to + 2] = blue / count;
    }
  }
  return { widthPx, heightPx, channels: 3, data };
}

/** Brightness alone, with the weights of ITU-R BT.601. */
export function lightOf({ widthPx, heightPx, channels, data: from }: Raster): Plane {
  const data = new Float32Array(widthPx * heightPx);
  for (let i = 0, at = 0; i < data.length; i += 1, at += channels) {
    data[i] = 0.299 * (from[at] as number) + 0.587 * (from[at + 1] as number) + 0.114 * (from[at + 2] as number);
  }
  return { widthPx, heightPx, data };
}

/** Brightness and the two opponent colours. */
export function planesOf(raster: Raster): Planes {
  const { widthPx, heightPx, channels, data: from } = raster;
  const redness = new Float32Array(widthPx * heightPx);
  const yellowness = new Float32Array(widthPx * heightPx);
  for (let i = 0, at = 0; i < redness.length; i += 1, at += channels) {
    const [red, green, blue] = [from[at] as number, from[at + 1] as number, from[at + 2] as number];
    redness[i] = red - green;
    yellowness[i] = (red + green) / 2 - blue;
  }
  const plane = (data: Float32Array): Plane => ({ widthPx, heightPx, data });
  return { light: lightOf(raster), redness: plane(redness), yellowness: plane(yellowness) };
}

/** The value between pixels, joined straight; beyond the edge the edge goes on. */
export function sampled({ widthPx, heightPx, data }: Plane, x: number, y: number): number {
  const sx = x < 0 ? 0 : x > widthPx - 1.001 ? widthPx - 1.001 : x;
  const sy = y < 0 ? 0 : y > heightPx - 1.001 ? heightPx - 1.001 : y;
  const x0 = sx | 0;
  const y0 = sy | 0;
  const fx = sx - x0;
  const fy = sy - y0;
  const at = y0 * widthPx + x0;
  const top = (data[at] as number) * (1 - fx) + (data[at + 1] as number) * fx;
  const bottom = (data[at + widthPx] as number) * (1 - fx) + (data[at + widthPx + 1] as number) * fx;
  return top * (1 - fy) + bottom * fy;
}

/** The part of a plane that holds some places, and where it was cut from. */
export function cutOut(
  { widthPx, heightPx, data }: Plane,
  places: readonly { readonly x: number; readonly y: number }[],
): { readonly plane: Plane; readonly left: number; readonly top: number } {
  const bound = (values: readonly number[], most: number) => {
    const low = Math.max(0, Math.min(most - 1, Math.floor(Math.min(...values))));
    return [low, Math.max(low + 1, Math.min(most, Math.ceil(Math.max(...values)) + 1))] as const;
  };
  const [left, right] = bound(
    places.map(({ x }) => x),
    widthPx,
  );
  const [top, bottom] = bound(
    places.map(({ y }) => y),
    heightPx,
  );
  const [wide, high] = [right - left, bottom - top];
  const cut = new Float32Array(wide * high);
  for (let y = 0; y < high; y += 1) {
    const from = (y + top) * widthPx + left;
    cut.set(data.subarray(from, from + wide), y * wide);
  }
  return { plane: { widthPx: wide, heightPx: high, data: cut }, left, top };
}
