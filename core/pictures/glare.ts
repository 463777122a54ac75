import type { FlankArea } from './flankArea.js';
import { sampled, type Planes } from '../image/raster.js';

/**
 * Share of the flank that throws the light back so that no pattern is left in it: bright against the rest of the flank,
 * and without its colour. Example: 0.2 when a fifth of the flank is a white sheet.
 */
export function glareOf({ light, redness, yellowness }: Planes, area: FlankArea): number {
  const seen = area.looks.map(({ x, y }) => ({
    bright: sampled(light, x, y),
    colour: Math.hypot(sampled(redness, x, y), sampled(yellowness, x, y)),
  }));
  const middle = seen.map(({ bright }) => bright).toSorted((a, b) => a - b)[Math.floor(seen.length / 2)] ?? 0;
  const limit = Math.max(100, Math.min(238, middle * 1.6));
  return seen.filter(({ bright, colour }) => bright > limit && colour < 0.1 * bright).length / seen.length;
}
