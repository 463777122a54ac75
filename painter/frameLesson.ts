import { createRng, type Rng } from '@keeper/core/statistics/rng';
import { anatomyOf, plainAnatomy, type PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import type { Raster } from '@keeper/core/image/raster';
import type { PlaneMap } from '@keeper/core/geometry/thinPlate';
import { anyPicture } from './anyPicture.js';
import { paintPicture } from './paint.js';
import { projection } from './pose.js';

/** A picture with the truth about its flank. */
export interface FrameLesson {
  readonly kind: PaintedKind;
  readonly raster: Raster;
  readonly landmarks: LandmarksPx;
  /** Where each place of the flank of the kind's plain build lies in the picture. */
  readonly truth: PlaneMap;
}

/**
 * Share of the lessons in colours that no fish has: what was learned must not hang on how the brush mixes its paint.
 */
const STRANGE = 0.35;
const INVERTED = 0.3;
const MOST_GRAIN = 6;

/** One picture to learn from or to be tried on: always the same for the same name. */
export function frameLesson(name: string, kind: PaintedKind): FrameLesson {
  const order = anyPicture(createRng(name), name, { widthPx: 360, heightPx: 270, kind });
  const { rgb, widthPx, heightPx, landmarksPx } = paintPicture(order);
  const [own, plain] = [anatomyOf(kind, order.girth), plainAnatomy(kind)];
  const view = projection(own, order.pose);
  const grown = (a: readonly number[], b: readonly number[]) => Math.max(...a) / Math.max(...b);
  const [back, belly] = [grown(own.back, plain.back), grown(own.belly, plain.belly)];
  return {
    kind,
    raster: { widthPx, heightPx, channels: 3, data: otherColours(rgb, createRng(`${name} colours`)) },
    landmarks: landmarksPx,
    truth: (u, v) => view.toPicture({ u, v: v * (v < 0 ? back : belly) }),
  };
}

/** The same picture through another camera, or in colours that are changed about, with some grain. */
function otherColours(rgb: Uint8Array | Uint8ClampedArray, luck: Rng): Uint8ClampedArray {
  const strange = luck.next() < STRANGE;
  const from = strange ? luck.pick(ORDERS) : ([0, 1, 2] as const);
  const inverted = strange && luck.next() < INVERTED;
  const [gain, offset] = strange ? [0.4, 30] : [0.15, 12];
  const by = from.map(() => ({ gain: 1 + luck.between(-gain, gain), offset: luck.between(-offset, offset) }));
  const grain = luck.between(0, MOST_GRAIN);
  const data = new Uint8ClampedArray(rgb.length);
  for (let i = 0; i < rgb.length; i += 1) {
    const channel = i % 3;
    const value = rgb[i - channel + (from[channel] as number)] as number;
    const through = by[channel] as (typeof by)[number];
    data[i] =
      (inverted ? 255 - value : value) * through.gain + through.offset + grain * (luck.next() + luck.next() - 1) * 2.4;
  }
  return data;
}

const ORDERS = [
  [0, 1, 2],
  [0, 2, 1],
  [1, 0, 2],
  [1, 2, 0],
  [2, 0, 1],
  [2, 1, 0],
] as const;
