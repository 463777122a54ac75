import { mix } from './noise.js';

/** Linear-ish red, green, blue in [0, 1]. */
export type Rgb = readonly [number, number, number];

/** Example: `rgb('#ff8000')` is `[1, 0.502, 0]`. */
export function rgb(hex: string): Rgb {
  const value = parseInt(hex.slice(1), 16);
  return [(value >> 16) / 255, ((value >> 8) & 255) / 255, (value & 255) / 255];
}

export function mixRgb(a: Rgb, b: Rgb, t: number): Rgb {
  return [mix(a[0], b[0], t), mix(a[1], b[1], t), mix(a[2], b[2], t)];
}

export function scaleRgb(a: Rgb, by: number): Rgb {
  return [a[0] * by, a[1] * by, a[2] * by];
}

export function timesRgb(a: Rgb, b: Rgb): Rgb {
  return [a[0] * b[0], a[1] * b[1], a[2] * b[2]];
}
