import { anatomyOf, heightAt, type PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { Rng } from '@keeper/core/statistics/rng';
import { CLEAN, type Nuisance } from './nuisance.js';
import type { PictureOrder } from './pictureOrder.js';
import { dayLight, type SceneKind } from './scene.js';

export const PAINTED_KINDS: readonly PaintedKind[] = [
  'carp-common',
  'carp-mirror',
  'carp-linear',
  'pike',
  'barbel',
  'wels',
];

export interface AnyPictureWays {
  readonly widthPx: number;
  readonly heightPx: number;
  /** How far the camera turns, either way: 0.43 is 25 degrees. */
  readonly mostTurnRad: number;
  /** How far the picture is rolled, either way; beyond that it is now and then upside down or on its side. */
  readonly mostRollRad: number;
  /** Share of pictures with something wrong. */
  readonly spoilt: number;
  /** Drawn too, where they are not given. */
  readonly kind?: PaintedKind;
  readonly side?: 'left' | 'right';
}

const WAYS: AnyPictureWays = { widthPx: 320, heightPx: 240, mostTurnRad: 0.43, mostRollRad: 0.35, spoilt: 0.5 };

/** Any picture that a keeper might take: fish, scene, hour, camera and what went wrong are all drawn. */
export function anyPicture(luck: Rng, name: string, ways: Partial<AnyPictureWays> = {}): PictureOrder {
  const { widthPx, heightPx, mostTurnRad, mostRollRad, spoilt } = { ...WAYS, ...ways };
  const kind = ways.kind ?? luck.pick(PAINTED_KINDS);
  const side = ways.side ?? luck.pick(['left', 'right'] as const);
  const scene: SceneKind = luck.pick(['mat', 'mat', 'held', 'held', 'board'] as const);
  const girth = luck.between(0.88, 1.14);
  const anatomy = anatomyOf(kind, girth);
  const depth = heightAt(anatomy.back, 0.4) + heightAt(anatomy.belly, 0.4);
  const lengthPx = Math.min(widthPx * luck.between(0.52, 0.84), (heightPx * luck.between(0.42, 0.6)) / depth);
  const room = Math.max(0, (widthPx - 1.16 * lengthPx) / 2);
  const turned = Math.min(mostTurnRad, 0.5);
  return {
    widthPx,
    heightPx,
    kind,
    fish: `${name} fish`,
    side,
    shot: `${name} shot`,
    girth,
    scene,
    light: dayLight(luck.between(0.02, 0.98), luck.between(0, 1)),
    exposure: luck.between(0.75, 1.3),
    wetness: luck.between(0.2, 1.6),
    nuisance: luck.next() < spoilt ? anyNuisance(luck) : { ...CLEAN, blur: luck.between(0, 0.0012) },
    ...(scene === 'board' && { board: { fishMm: luck.between(420, 1300) } }),
    pose: {
      lengthPx,
      centreXPx: widthPx / 2 + luck.between(-0.9, 0.9) * room,
      centreYPx: heightPx * luck.between(0.4, 0.6),
      yawRad: luck.between(-1, 1) * turned,
      pitchRad: luck.between(-1, 1) * turned,
      rollRad: luck.between(-1, 1) * mostRollRad,
      bend: luck.between(-0.02, 0.06),
      mirrored: side === 'right',
    },
  };
}

/** One to three things gone wrong together. */
export function anyNuisance(luck: Rng): Nuisance {
  const wrong = (share: number) => luck.next() < share;
  return {
    blur: wrong(0.3) ? luck.between(0.002, 0.007) : luck.between(0, 0.0012),
    shake: wrong(0.15) ? luck.between(0.008, 0.03) : 0,
    shakeRad: luck.between(0, Math.PI),
    glare: wrong(0.3) ? luck.between(0.03, 0.3) : 0,
    handOver: wrong(0.25) ? luck.pick(['gill', 'flank'] as const) : null,
    noseShadow: wrong(0.2),
    clutter: wrong(0.4) ? luck.between(0.2, 1) : 0,
    horizonRad: wrong(0.4) ? luck.between(-0.2, 0.2) : 0,
  };
}
