import type { Anatomy } from '@keeper/core/domain/fish/anatomy';
import type { Rgb } from './colour.js';
import type { Noise } from './noise.js';
import type { Nuisance } from './nuisance.js';
import type { PictureOrder } from './pictureOrder.js';
import type { Projection } from './pose.js';
import type { Scene } from './scene.js';

/** What the strokes of one picture share. */
export interface Brush {
  readonly order: PictureOrder;
  readonly nuisance: Nuisance;
  readonly anatomy: Anatomy;
  readonly view: Projection;
  readonly scene: Scene;
  readonly noise: Noise;
  /** Red, green, blue as light, row by row. */
  readonly canvas: Float32Array;
  readonly put: (x: number, y: number, colour: Rgb, cover?: number) => void;
}
