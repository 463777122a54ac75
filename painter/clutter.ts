import { createRng } from '@keeper/core/statistics/rng';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import { clamp, smooth } from './noise.js';
import type { Scene } from './scene.js';

const THINGS = ['#5e2f28', '#a39d8b', '#23272a', '#3e5638', '#8d6a32', '#33485a', '#574634', '#85867c'].map(rgb);

interface Thing {
  readonly x: number;
  readonly bottom: number;
  readonly top: number;
  readonly half: number;
  readonly lean: number;
  readonly colour: Rgb;
}

/**
 * Bags, buckets, boxes and bank sticks stand about behind the fish, a little out of focus; `amount` 0 leaves the scene
 * as it is, 1 is a bank on which nothing has been tidied away.
 */
export function withClutter(scene: Scene, seed: string, amount: number, widthPx: number, heightPx: number): Scene {
  const luck = createRng(`${seed} clutter`);
  const things: Thing[] = Array.from({ length: Math.round(amount * 26) }, () => {
    const stick = luck.next() < 0.4;
    const bottom = heightPx * luck.between(0.15, 1.05);
    return {
      x: luck.between(0, 1) * widthPx,
      bottom,
      top: bottom - heightPx * (stick ? luck.between(0.3, 0.6) : luck.between(0.08, 0.24)),
      half: widthPx * (stick ? luck.between(0.003, 0.007) : luck.between(0.025, 0.075)),
      lean: stick ? luck.between(-0.5, 0.5) : luck.between(-0.06, 0.06),
      colour: luck.pick(THINGS),
    };
  });
  if (things.length === 0) return scene;
  const { sky, sun, toLight } = scene.light;
  const soft = widthPx * 0.003;
  return {
    ...scene,
    background(x, y) {
      let seen = scene.background(x, y);
      for (const { x: foot, bottom, top, half, lean, colour } of things) {
        if (y < top - soft || y > bottom + soft) continue;
        const across = x - foot - lean * (bottom - y);
        const cover =
          smooth(half + soft, half - soft, Math.abs(across)) *
          smooth(top - soft, top + soft, y) *
          smooth(bottom + soft, bottom - soft, y);
        if (cover === 0) continue;
        const up = (y - top) / (bottom - top);
        const round = clamp(0.55 + 0.4 * (across / half) * Math.sign(toLight[0] || 1)) * (1 - 0.35 * up);
        const rim = up < 0.12 ? 1.25 : 1;
        const lit: Rgb = [
          colour[0] * (sky[0] + sun[0] * round),
          colour[1] * (sky[1] + sun[1] * round),
          colour[2] * (sky[2] + sun[2] * round),
        ];
        seen = mixRgb(seen, scaleRgb(lit, 0.95 * rim), cover);
      }
      return seen;
    },
  };
}
