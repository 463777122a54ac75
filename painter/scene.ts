import { createRng } from '@keeper/core/statistics/rng';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import { clamp, layeredNoise, smooth } from './noise.js';

/** Where the fish is shown. */
export type SceneKind = 'mat' | 'held' | 'board';

/** Light of the hour: where it comes from, its colour, and how much the open sky fills the shadows. */
export interface DayLight {
  readonly toLight: readonly [number, number, number];
  readonly sun: Rgb;
  readonly sky: Rgb;
}

export interface Scene {
  readonly light: DayLight;
  /** The background at a pixel, unlit by the fish. */
  background(x: number, y: number): Rgb;
  /** What a shadow or a reflection falls on: true on the mat. */
  readonly grounded: boolean;
}

/** The light at a share of the day: 0 at dawn, 0.5 at noon, 1 at dusk. */
export function dayLight(share: number, overcast: number): DayLight {
  const high = Math.sin(Math.PI * clamp(share, 0.05, 0.95));
  const side = share < 0.5 ? -1 : 1;
  const x = side * (1 - high) * 0.75;
  const y = -0.45 - 0.35 * high;
  const z = 0.55;
  const long = Math.hypot(x, y, z);
  const sun = mixRgb(rgb('#ffb27a'), rgb('#fff6e6'), smooth(0.15, 0.8, high));
  return {
    toLight: [x / long, y / long, z / long],
    sun: scaleRgb(sun, (1 - 0.62 * overcast) * (0.62 + 0.4 * high)),
    sky: scaleRgb(mixRgb(rgb('#8fa6b5'), rgb('#b9cbd6'), high), 0.42 + 0.22 * overcast),
  };
}

/** Paints what lies behind the fish, in a picture of the given size. */
export function sceneOf(
  kind: SceneKind,
  seed: string,
  light: DayLight,
  width: number,
  height: number,
  horizonRad = 0,
): Scene {
  return kind === 'held' ? heldScene(seed, light, width, height, horizonRad) : matScene(seed, light, width, height);
}

const GRASS_LOW = rgb('#31421c');
const GRASS_TIP = rgb('#8a9a4c');
const DEEP = rgb('#2c3a36');
const SHALLOW = rgb('#4a5648');

/** A padded mat on the grass, seen from above, wet, with a puddle or two. */
function matScene(seed: string, light: DayLight, width: number, height: number): Scene {
  const luck = createRng(`${seed} mat`);
  const noise = layeredNoise(luck.whole(1, 1e9), 4);
  const mat = luck.pick([rgb('#2f3b33'), rgb('#3b3f35'), rgb('#274049'), rgb('#403a30')]);
  const lean = luck.between(-0.05, 0.05);
  const lit = (colour: Rgb, by: number): Rgb => [
    colour[0] * (light.sky[0] + light.sun[0] * by),
    colour[1] * (light.sky[1] + light.sun[1] * by),
    colour[2] * (light.sky[2] + light.sun[2] * by),
  ];
  const panels = luck.whole(3, 4);
  return {
    light,
    grounded: true,
    background(xPx, yPx) {
      const x = (xPx - width / 2) / width;
      const y = (yPx - height / 2) / width + x * lean;
      const inside = Math.max(Math.abs(x) - 0.475, Math.abs(y) - 0.305);
      const onGrass = smooth(0.009, 0.014, inside + 0.006 * (noise(xPx * 0.02, yPx * 0.02) - 0.5));
      const grass = (): Rgb => {
        // Grass: blades as noise drawn out upwards.
        const blade = noise(xPx * 0.16, yPx * 0.03);
        const patch = noise(xPx * 0.008 + 90, yPx * 0.008);
        const green = mixRgb(GRASS_LOW, GRASS_TIP, clamp(blade * 1.5 - 0.35 + 0.3 * patch));
        return lit(green, 0.62 * (inside < 0.045 ? 0.55 + inside * 10 : 1));
      };
      if (onGrass === 1) return grass();
      const panel = ((x + 0.475) / 0.95) * panels;
      const seam = Math.abs(panel - Math.round(panel)) * (0.95 / panels);
      const padded = Math.sin(Math.PI * (panel - Math.floor(panel)));
      const weave = noise(xPx * 0.25, yPx * 0.25);
      const rim = smooth(-0.02, 0.008, inside);
      const wet = smooth(0.55, 0.66, noise(x * 7 + 3, y * 9));
      const gleam = wet * smooth(0.62, 0.8, noise(x * 42, y * 60 + 11)) * 0.4;
      const cloth = scaleRgb(mat, (0.72 + 0.3 * padded + 0.22 * (weave - 0.5)) * (1 - 0.28 * wet));
      const seamed = scaleRgb(cloth, 1 - 0.5 * smooth(0.006, 0.001, seam) - 0.25 * rim);
      const colour = lit(seamed, 0.72);
      const shown = mixRgb(colour, light.sky, gleam);
      return onGrass > 0 ? mixRgb(shown, grass(), onGrass) : shown;
    },
  };
}

/** Held low at the margin: the water behind, the far bank, its reflection, all out of focus. */
function heldScene(seed: string, light: DayLight, width: number, height: number, horizonRad: number): Scene {
  const luck = createRng(`${seed} held`);
  const noise = layeredNoise(luck.whole(1, 1e9), 4);
  const shore = luck.between(0.2, 0.3);
  const [cos, sin] = [Math.cos(horizonRad), Math.sin(horizonRad)];
  const sky = mixRgb(light.sky, light.sun, 0.35);
  const leaf = luck.pick([rgb('#3b4a2a'), rgb('#4a5230'), rgb('#54502c'), rgb('#5d4a2a')]);
  const treeTop = (x: number) => shore - 0.06 - 0.14 * noise(x * 3.2 + 5, 3) - 0.02 * noise(x * 17, 8);
  return {
    light,
    grounded: false,
    background(seenX, seenY) {
      const [dx, dy] = [seenX - width / 2, seenY - height * shore];
      const x = (width / 2 + dx * cos + dy * sin) / width;
      const y = (height * shore + dy * cos - dx * sin) / height;
      const glow = scaleRgb(sky, 1.45 - 0.25 * y);
      const wood = scaleRgb(leaf, (0.5 + 0.9 * noise(x * 24, y * 30)) * (0.55 + light.sun[1]));
      if (y < shore) return mixRgb(glow, wood, smooth(-0.012, 0.018, y - treeTop(x)));
      const down = (y - shore) / (1 - shore);
      // Ripples widen towards the camera and bend what is mirrored.
      const ripple = noise(x * (16 - 9 * down) + 4, (y - shore) * 160 * (1 - 0.72 * down)) - 0.5;
      const mirror = shore - (y - shore) * 0.8 + ripple * 0.1;
      const reflected = mixRgb(
        scaleRgb(glow, 0.86),
        scaleRgb(wood, 0.8),
        smooth(-0.03, 0.04, mirror - treeTop(x + ripple * 0.02)),
      );
      const depth = mixRgb(DEEP, SHALLOW, noise(x * 3, y * 5));
      const water = mixRgb(reflected, scaleRgb(depth, 0.5 + light.sky[1]), 0.25 + 0.4 * down);
      const spark = smooth(0.3, 0.42, ripple) * 0.3 * (1 - down);
      return mixRgb(water, light.sun, spark);
    },
  };
}
