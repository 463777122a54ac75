import { createRng } from '@keeper/core/statistics/rng';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { paintPicture } from '@keeper/painter/paint';
import { dayLight } from '@keeper/painter/scene';

export type CameraSide = 'left' | 'right';

/** What stands before the simulated camera: the pixels of a still scene, somewhat larger than what is seen of it. */
export interface CameraScene {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Red, green, blue, opaque; row by row. */
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
}

/** Paints the fish of a capture on the mat. The same name is the same fish; each side has its own pattern. */
export function cameraScene(fish: string, kind: PaintedKind, side: CameraSide, widthPx = 1120): CameraScene {
  const luck = createRng(`${fish} camera`);
  const heightPx = Math.round(widthPx * 0.75);
  const { rgb } = paintPicture({
    widthPx,
    heightPx,
    kind,
    fish,
    side,
    shot: `${fish} ${side} camera`,
    girth: 1,
    scene: 'mat',
    light: dayLight(luck.between(0.2, 0.8), luck.between(0, 0.6)),
    exposure: 1,
    wetness: luck.between(0.6, 1.1),
    pose: {
      lengthPx: widthPx * 0.6,
      centreXPx: widthPx * 0.49,
      centreYPx: heightPx * 0.5,
      yawRad: 0.08 * luck.normal(),
      pitchRad: 0.06 * luck.normal(),
      rollRad: 0.05 * luck.normal(),
      bend: 0,
      mirrored: side === 'right',
    },
  });
  const rgba = new Uint8ClampedArray(widthPx * heightPx * 4);
  for (let from = 0, to = 0; from < rgb.length; from += 3, to += 4) {
    rgba[to] = rgb[from] ?? 0;
    rgba[to + 1] = rgb[from + 1] ?? 0;
    rgba[to + 2] = rgb[from + 2] ?? 0;
    rgba[to + 3] = 255;
  }
  return { widthPx, heightPx, rgba };
}

/**
 * How the camera is held at a moment: shift in shares of the width, lean, how near, and how far it is out of focus in
 * pixels.
 */
export interface CameraHold {
  readonly shiftX: number;
  readonly shiftY: number;
  readonly leanRad: number;
  readonly near: number;
  readonly blurPx: number;
}

/**
 * A hand that is never quite still, and a lens that hunts for focus now and then. Example: `cameraHold(0)` is how it
 * begins.
 */
export function cameraHold(seconds: number): CameraHold {
  const sway = (period: number, phase: number) => Math.sin((2 * Math.PI * seconds) / period + phase);
  const hunting = Math.max(0, sway(7, 1) - 0.72) * 14;
  return {
    shiftX: 0.012 * sway(3.1, 0) + 0.004 * sway(0.9, 2),
    shiftY: 0.01 * sway(2.6, 1) + 0.003 * sway(0.7, 0),
    leanRad: 0.02 * sway(4.3, 3),
    near: 1.1 + 0.03 * sway(5.7, 2),
    blurPx: hunting,
  };
}
