import type { FlankArea } from './flankArea.js';
import { sampled, type Plane } from '../image/raster.js';

export interface Exposure {
  /** Stops off: below zero too dark, above too bright. */
  readonly stops: number;
  /** Share of the flank without any drawing left in it, white or black. */
  readonly lost: number;
}

/**
 * A flank that shows its pattern lies about here of 255, and so does a picture as a whole (common practice, no source).
 */
const FLANK_AIM = 92;
const PICTURE_AIM = 100;

/**
 * How far the exposure is off, in stops: half by the flank's own middle tone and half by the whole picture's, since a
 * wels is dark and a barbel pale in the best of pictures. Example: a picture at half its brightness is about a stop too
 * dark.
 */
export function exposureOf(light: Plane, area: FlankArea): Exposure {
  const flank = area.looks.map(({ x, y }) => sampled(light, x, y)).toSorted((a, b) => a - b);
  const whole: number[] = [];
  for (let at = 0; at < light.data.length; at += 37) whole.push(light.data[at] as number);
  whole.sort((a, b) => a - b);
  const middle = (of: readonly number[]) => Math.max(2, of[Math.floor(of.length / 2)] ?? 0);
  return {
    stops: 0.5 * Math.log2(middle(flank) / FLANK_AIM) + 0.5 * Math.log2(middle(whole) / PICTURE_AIM),
    lost: flank.filter((value) => value > 250 || value < 6).length / flank.length,
  };
}
