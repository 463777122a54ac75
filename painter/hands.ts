import { createRng } from '@keeper/core/statistics/rng';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import type { Projection } from './pose.js';
import { clamp, smooth } from './noise.js';
import type { DayLight } from './scene.js';

const NAIL = rgb('#ecc9b6');

interface Capsule {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
  readonly radius: number;
  readonly sleeve: boolean;
}

/** Two hands that hold the fish from below: one behind the pectoral fin, one by the anal fin. */
export interface Hands {
  /**
   * Colour and cover of the hands at a pixel; undefined where there are none. `front` picks the fingers over the fish.
   */
  at(x: number, y: number, front: boolean): { readonly colour: Rgb; readonly cover: number } | undefined;
  /** The part of the picture outside which there are none. */
  box(front: boolean): { left: number; top: number; right: number; bottom: number };
}

/** Lays the hands to a fish in its pose. */
export function handsUnder(
  projection: Projection,
  lengthPx: number,
  depthOfBelly: (u: number) => number,
  seed: string,
  light: DayLight,
  over: 'gill' | 'flank' | null = null,
): Hands {
  const luck = createRng(`${seed} hands`);
  const skin = luck.pick([rgb('#c8926e'), rgb('#b97f5c'), rgb('#8a5a3e'), rgb('#d6a383')]);
  const cloth = luck.pick([rgb('#4a5238'), rgb('#3d4648'), rgb('#57503f')]);
  const fingers: Capsule[] = [];
  const arms: Capsule[] = [];
  for (const u of [luck.between(0.29, 0.34), luck.between(0.71, 0.77)]) {
    const palm = projection.toPicture({ u, v: depthOfBelly(u) + 0.012 });
    const width = 0.03 * lengthPx;
    for (let i = 0; i < 4; i += 1) {
      const root = { u: u + (i - 1.5) * 0.034, v: depthOfBelly(u) + 0.022 };
      const tip = { u: root.u + luck.between(-0.006, 0.01), v: depthOfBelly(root.u) * luck.between(0.5, 0.66) };
      const [a, b] = [projection.toPicture(root), projection.toPicture(tip)];
      fingers.push({ x0: a.x, y0: a.y, x1: b.x, y1: b.y, radius: width * 0.5, sleeve: false });
    }
    const outwards = (palm.x - projection.toPicture({ u: 0.53, v: 0 }).x) * 0.28;
    arms.push({
      x0: palm.x,
      y0: palm.y + width * 0.7,
      x1: palm.x + outwards * 0.3,
      y1: palm.y + width * 1.6,
      radius: width * 1.9,
      sleeve: false,
    });
    arms.push({
      x0: palm.x + outwards * 0.3,
      y0: palm.y + width * 2.6,
      x1: palm.x + outwards * 1.5,
      y1: palm.y + lengthPx * 0.7,
      radius: width * 2.5,
      sleeve: true,
    });
  }
  if (over) {
    // A hand laid over the near side: four fingers from below, up across what should be seen.
    const at = over === 'gill' ? luck.between(0.2, 0.25) : luck.between(0.45, 0.62);
    for (let i = 0; i < 4; i += 1) {
      const u = at + (i - 1.5) * 0.036;
      const [root, tip] = [
        { u, v: depthOfBelly(u) + 0.02 },
        { u: u + luck.between(-0.01, 0.02), v: -depthOfBelly(u) * luck.between(0.1, 0.5) },
      ];
      const [a, b] = [projection.toPicture(root), projection.toPicture(tip)];
      fingers.push({ x0: a.x, y0: a.y, x1: b.x, y1: b.y, radius: 0.017 * lengthPx, sleeve: false });
    }
  }
  const shaded = (colour: Rgb, across: number, along: number): Rgb => {
    const round = Math.sqrt(Math.max(0, 1 - across * across));
    const lit = clamp(round * 0.75 - across * light.toLight[0] * 0.4 + 0.12) * (1 - 0.12 * along);
    return [
      colour[0] * (light.sky[0] + light.sun[0] * lit),
      colour[1] * (light.sky[1] + light.sun[1] * lit),
      colour[2] * (light.sky[2] + light.sun[2] * lit),
    ];
  };
  return {
    box(front) {
      const parts = front ? fingers : arms;
      const edge = (side: (part: Capsule) => number[], most: (...of: number[]) => number) =>
        Math.round(most(...parts.flatMap(side)));
      return {
        left: edge(({ x0, x1, radius }) => [x0 - 1.1 * radius, x1 - 1.1 * radius], Math.min),
        right: edge(({ x0, x1, radius }) => [x0 + 1.1 * radius, x1 + 1.1 * radius], Math.max),
        top: edge(({ y0, y1, radius }) => [y0 - 1.1 * radius, y1 - 1.1 * radius], Math.min),
        bottom: edge(({ y0, y1, radius }) => [y0 + 1.1 * radius, y1 + 1.1 * radius], Math.max),
      };
    },
    at(x, y, front) {
      let found: { colour: Rgb; cover: number } | undefined;
      for (const part of front ? fingers : arms) {
        if (beyond(part, x, y)) continue;
        const { across, along, reach } = within(part, x, y);
        if (reach > 1.08) continue;
        // Creases run round the sleeve.
        const crease = part.sleeve ? 0.84 + 0.16 * Math.sin(along * 34 + across * 2.2 + 3 * Math.sin(along * 11)) : 1;
        const base = part.sleeve
          ? scaleRgb(cloth, crease)
          : mixRgb(skin, scaleRgb(skin, 0.72), smooth(0.7, 1, Math.abs(across)));
        const nail = front && along > 0.86 && Math.abs(across) < 0.55 ? mixRgb(base, NAIL, 0.5) : base;
        const cover = smooth(1.08, 0.96, reach);
        if (!found || cover >= found.cover) found = { colour: shaded(nail, across, along), cover };
      }
      return found;
    },
  };
}

/** A quick no for pixels that are nowhere near. */
function beyond({ x0, y0, x1, y1, radius }: Capsule, x: number, y: number): boolean {
  const room = radius * 1.1;
  return (
    x < (x0 < x1 ? x0 : x1) - room ||
    x > (x0 > x1 ? x0 : x1) + room ||
    y < (y0 < y1 ? y0 : y1) - room ||
    y > (y0 > y1 ? y0 : y1) + room
  );
}

function within({ x0, y0, x1, y1, radius }: Capsule, x: number, y: number) {
  const [dx, dy] = [x1 - x0, y1 - y0];
  const long = Math.hypot(dx, dy) || 1;
  const along = clamp(((x - x0) * dx + (y - y0) * dy) / (long * long));
  const [ox, oy] = [x - x0 - dx * along, y - y0 - dy * along];
  return { along, across: (ox * dy - oy * dx) / (long * radius), reach: Math.hypot(ox, oy) / radius };
}
