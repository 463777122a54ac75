/**
 * A place in a picture, in pixels of its own upright frame: x to the right, y down, from the corner of the first pixel.
 */
export interface Pixel {
  readonly x: number;
  readonly y: number;
}

export function pixelDistance(a: Pixel, b: Pixel): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
