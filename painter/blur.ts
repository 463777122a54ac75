/** Red, green, blue as light, row by row. */
export interface LightCanvas {
  readonly data: Float32Array;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Out of focus: three box blurs follow each other, which is nearly the bell curve of the given deviation (Wells 1986).
 */
export function defocus(canvas: LightCanvas, deviationPx: number): void {
  if (deviationPx < 0.3) return;
  // Each box has a third of the variance: so many whole pixels on either side, and a part of the next.
  const variance = deviationPx ** 2 / 3;
  const whole = Math.floor((Math.sqrt(1 + 12 * variance) - 1) / 2);
  const squares = (whole * (whole + 1) * (2 * whole + 1)) / 3;
  const part = (variance * (2 * whole + 1) - squares) / (2 * ((whole + 1) ** 2 - variance));
  const { data, widthPx, heightPx } = canvas;
  for (let pass = 0; pass < 3; pass += 1) {
    for (let y = 0; y < heightPx; y += 1) boxed(data, y * widthPx * 3, 3, widthPx, whole, part);
    for (let x = 0; x < widthPx; x += 1) boxed(data, x * 3, widthPx * 3, heightPx, whole, part);
  }
}

/** The running mean of one row or column, with the pixel at either end of the box counted in part. */
function boxed(data: Float32Array, from: number, step: number, count: number, whole: number, part: number): void {
  const line = new Float64Array(count);
  for (let c = 0; c < 3; c += 1) {
    for (let i = 0; i < count; i += 1) line[i] = data[from + i * step + c] as number;
    const at = (i: number) => line[i < 0 ? 0 : i >= count ? count - 1 : i] as number;
    let sum = 0;
    for (let i = -whole; i <= whole; i += 1) sum += at(i);
    for (let i = 0; i < count; i += 1) {
      data[from + i * step + c] = (sum + part * (at(i - whole - 1) + at(i + whole + 1))) / (2 * whole + 1 + 2 * part);
      sum += at(i + whole + 1) - at(i - whole);
    }
  }
}

/** Smears along a direction: each pixel becomes the mean of what passed it. */
export function shaken(canvas: LightCanvas, lengthPx: number, directionRad: number): void {
  if (lengthPx < 0.5) return;
  smear(canvas, lengthPx, Math.cos(directionRad), Math.sin(directionRad));
}

function smear({ data, widthPx, heightPx }: LightCanvas, lengthPx: number, alongX: number, alongY: number): void {
  const from = Float32Array.from(data);
  const looks = Math.max(2, Math.ceil(lengthPx) + 1);
  const shifts = Array.from({ length: looks }, (_, i) => {
    const at = lengthPx * ((i + 0.5) / looks - 0.5);
    return [at * alongX, at * alongY] as const;
  });
  for (let y = 0, to = 0; y < heightPx; y += 1) {
    for (let x = 0; x < widthPx; x += 1, to += 3) {
      let [red, green, blue] = [0, 0, 0];
      for (const [dx, dy] of shifts) {
        const sx = Math.min(Math.max(x + dx, 0), widthPx - 1.001);
        const sy = Math.min(Math.max(y + dy, 0), heightPx - 1.001);
        const [x0, y0] = [Math.floor(sx), Math.floor(sy)];
        const [fx, fy] = [sx - x0, sy - y0];
        const a = (y0 * widthPx + x0) * 3;
        const b = a + widthPx * 3;
        const [wa, wb, wc, wd] = [(1 - fx) * (1 - fy), fx * (1 - fy), (1 - fx) * fy, fx * fy];
        red +=
          (from[a] as number) * wa +
          (from[a + 3] as number) * wb +
          (from[b] as number) * wc +
          (from[b + 3] as number) * wd;
        green +=
          (from[a + 1] as number) * wa +
          (from[a + 4] as number) * wb +
          (from[b + 1] as number) * wc +
          (from[b + 4] as number) * wd;
        blue +=
          (from[a + 2] as number) * wa +
          (from[a + 5] as number) * wb +
          (from[b + 2] as number) * wc +
          (from[b + 5] as number) * wd;
      }
      data[to] = red / looks;
      data[to + 1] = green / looks;
      data[to + 2] = blue / looks;
    }
  }
}
