import type { Brush } from './brush.js';
import { mixRgb, type Rgb } from './colour.js';
import type { HideSpot } from './hide.js';
import { clamp, smooth } from './noise.js';

const WHITE: Rgb = [1.35, 1.35, 1.3];

/**
 * Layered noise lies about 0.5 with a deviation of about 0.13: above this height lies the share of the flank that
 * glares.
 */
function sheetEdge(share: number): number {
  return 0.5 + 0.26 * (0.62 - share * 1.6);
}

/** A spot of wet skin under the light of the hour. */
export function wetLight({ order, noise, nuisance }: Brush, spot: HideSpot, u: number, v: number, t: number): Rgb {
  const { light, pose, wetness } = order;
  const mirror = pose.mirrored ? -1 : 1;
  const nx = mirror * (spot.slopeU + (u < 0.15 ? (u - 0.15) * 2.2 : 0));
  const ny = t * 0.92 + spot.slopeV;
  const nz = Math.sqrt(Math.max(0.04, 1 - t * t * 0.9));
  const long = Math.hypot(nx, ny, nz);
  const [lx, ly, lz] = light.toLight;
  const facing = (nx * lx + ny * ly + nz * lz) / long;
  const sun = Math.max(0, facing) * 1.05;
  const fill = 0.8 - 0.3 * (ny / long);
  const colour: Rgb = [
    spot.colour[0] * (light.sky[0] * fill + light.sun[0] * sun),
    spot.colour[1] * (light.sky[1] * fill + light.sun[1] * sun),
    spot.colour[2] * (light.sky[2] * fill + light.sun[2] * sun),
  ];
  // Half way between the light and the eye (Blinn 1977): a film of water breaks the highlight up.
  const [hx, hy, hz] = [lx, ly, lz + 1];
  const half = (nx * hx + ny * hy + nz * hz) / (long * Math.hypot(hx, hy, hz));
  const film = smooth(0.42, 0.7, noise(u * 46, v * 70));
  const spark = Math.max(0, half) ** 42 * film * 0.85 + Math.max(0, half) ** 9 * 0.1;
  const wet = mixRgb(colour, light.sun, clamp(spark * spot.gloss * wetness, 0, 0.95));
  if (nuisance.glare === 0) return wet;
  // A sheet of water where the light stands: the more glare, the more of the flank it covers.
  const sheet = noise(u * 9 + 40, v * 16) + 0.12 * (ly * ny - 0.4);
  return mixRgb(wet, WHITE, 0.97 * smooth(0.09, -0.02, sheetEdge(nuisance.glare) - sheet) ** 1.5);
}
