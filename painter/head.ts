import type { Anatomy, BodyPoint, PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import type { HideSpot } from './hide.js';
import { clamp, smooth } from './noise.js';
import type { SkinPoint } from './pose.js';
import type { DayLight } from './scene.js';

const PIKE_IRIS = rgb('#c9a63a');
const IRIS = rgb('#b5813a');
const IRIS_EDGE = rgb('#2a1c10');
const PUPIL = rgb('#070605');
const GLINT = rgb('#f4f4ee');
const EYE_RIM = rgb('#1a140c');
const SHADE = rgb('#1c150c');

/** Draws eye, gill cover and mouth over the hide. */
export function withHead(
  anatomy: Anatomy,
  { kind, light }: { readonly kind: PaintedKind; readonly light: DayLight },
  spot: HideSpot,
  { u, v, t }: SkinPoint,
): HideSpot | { eye: Rgb } {
  const { eye, gill } = anatomy;
  const far = Math.hypot(u - eye.u, v - eye.v) / eye.radius;
  if (far < 1.25) {
    const glint = Math.hypot(u - eye.u + eye.radius * 0.28, v - eye.v + eye.radius * 0.3) / eye.radius;
    const iris = mixRgb(kind === 'pike' ? PIKE_IRIS : IRIS, IRIS_EDGE, smooth(0.6, 1, far));
    const ball = mixRgb(PUPIL, iris, smooth(0.46, 0.56, far));
    const seen = mixRgb(ball, GLINT, smooth(0.24, 0.14, glint));
    if (far < 1.02) return { eye: scaleRgb(seen, 0.4 + light.sky[1] + 0.4 * light.sun[1]) };
    return { ...spot, colour: mixRgb(EYE_RIM, spot.colour, smooth(1, 1.25, far)) };
  }
  const edge = gill.u + gill.bulge * (1 - t * t) - gill.bulge;
  const behind = u - edge;
  const shadow = smooth(-0.002, 0.001, behind) * smooth(0.017, 0.002, behind) * smooth(1, 0.82, Math.abs(t));
  const raised = smooth(-0.022, -0.006, behind) * smooth(0.001, -0.004, behind);
  const plate = smooth(0.006, 0.001, Math.abs(u - (edge - 0.085 + 0.02 * t))) * (t > -0.35 ? 0.35 : 0);
  const lip = smooth(0.006, 0.0025, distanceToPath(anatomy.mouth, u, v));
  const dark = clamp(shadow * 0.72 + plate + lip * 0.75);
  return {
    colour: mixRgb(spot.colour, SHADE, dark),
    slopeU: spot.slopeU + raised * 0.5,
    slopeV: spot.slopeV,
    gloss: spot.gloss * (1 - dark),
  };
}

function distanceToPath(path: readonly BodyPoint[], u: number, v: number): number {
  let nearest = Infinity;
  for (let i = 1; i < path.length; i += 1) {
    const [a, b] = [path[i - 1] as BodyPoint, path[i] as BodyPoint];
    const [du, dv] = [b.u - a.u, b.v - a.v];
    const s = clamp(((u - a.u) * du + (v - a.v) * dv) / (du * du + dv * dv));
    nearest = Math.min(nearest, Math.hypot(u - a.u - du * s, v - a.v - dv * s));
  }
  return nearest;
}
