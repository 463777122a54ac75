import type { Message } from '../measure/message.js';
import { picturesMessage } from './pictureMessages.js';
import { scaled } from '../domain/fish/landmarks.js';
import type { PaintedKind } from '../domain/fish/anatomy.js';
import { backdropOf } from './backdrop.js';
import { exposureOf } from './exposure.js';
import type { LandmarksPx } from '../domain/fish/landmarks.js';
import { poseOf, isMirrored } from '../domain/fish/pose.js';
import { flankArea } from './flankArea.js';
import { glareOf } from './glare.js';
import { handOcclusion } from './handOcclusion.js';
import { noseShadowStops } from './noseShadow.js';
import { cutOut, lightOf, planesOf, shrunkRaster, type Raster } from '../image/raster.js';
import { edgeBlurPx } from '../image/sharpness.js';
import { roomAround } from './wholeFish.js';

/** What is looked at in a picture, in the order of how much it costs when it is wrong. */
export const PICTURE_CHECKS = ['sharp', 'whole', 'exposed', 'glare', 'hand', 'shadow', 'backdrop', 'level'] as const;
export type PictureCheck = (typeof PICTURE_CHECKS)[number];

/** What was measured of one picture. Undefined where there was nothing to measure by. */
export interface PictureMeasures {
  /** Width of the edges on the flank, in lengths of the fish. */
  readonly blur: number | undefined;
  /** Room around the fish as a share of the width. */
  readonly room: number;
  readonly stops: number;
  readonly lost: number;
  readonly glare: number;
  readonly handOnGill: number;
  readonly handOnFlank: number;
  readonly noseShadowStops: number;
  readonly clutter: number;
  readonly horizonRad: number | undefined;
}

/** One plain verdict; where something is wrong, what to do about it next time. */
export interface PictureVerdict {
  readonly check: PictureCheck;
  readonly good: boolean;
  readonly says: Message;
  readonly nextTime?: Message;
  /** How bad, from 0 to 1: it orders pictures of a series. */
  readonly badness: number;
}

/** The longest side at which colours and shapes are measured, and that at which edges are. */
const SMALL_PX = 256;
export const FINE_PX = 1400;
/** How wide a perfectly sharp edge looks on a grid of pixels. */
const PIXEL_BLUR_PX = 0.6;

/**
 * A picture, or a piece cut from it at a finer scale, and where the fish is in its pixels (it may reach beyond a
 * piece).
 */
export interface PictureOfFish {
  readonly raster: Raster;
  readonly landmarks: LandmarksPx;
}

/**
 * Measures one picture with a known fish in it. `landmarks` in pixels of the raster. Edges are measured on the closer
 * piece where there is one: a copy small enough to be looked at often cannot tell a sharp fish from a blurred one.
 */
export function measurePicture(
  raster: Raster,
  landmarks: LandmarksPx,
  kind: PaintedKind | undefined,
  closer: PictureOfFish = { raster, landmarks },
): PictureMeasures {
  const small = shrunkRaster(raster, SMALL_PX);
  const planes = planesOf(small);
  const pose = poseOf(scaled(landmarks, small.widthPx / raster.widthPx), isMirrored(landmarks));
  const area = flankArea(pose, kind);
  const { stops, lost } = exposureOf(planes.light, area);
  const hand = handOcclusion(planes, area);
  const backdrop = backdropOf(planes.light, area);
  return {
    blur: blurOf(closer, kind),
    room: roomAround(area, small.widthPx, small.heightPx),
    stops,
    lost,
    glare: glareOf(planes, area),
    handOnGill: hand.gill,
    handOnFlank: hand.flank,
    noseShadowStops: noseShadowStops(planes.light, pose),
    clutter: backdrop.clutter,
    horizonRad: backdrop.horizonRad,
  };
}

function blurOf({ raster, landmarks }: PictureOfFish, kind: PaintedKind | undefined): number | undefined {
  const fine = shrunkRaster(raster, FINE_PX);
  const pose = poseOf(scaled(landmarks, fine.widthPx / raster.widthPx), isMirrored(landmarks));
  const area = flankArea(pose, kind);
  const { plane, left, top } = cutOut(lightOf(fine), area.outline);
  const blurPx = edgeBlurPx(plane, (x, y) => area.covers(x + left, y + top, -0.02));
  // A small copy cannot show an edge sharper than its pixels: that is not the camera's fault.
  return blurPx === undefined ? undefined : Math.sqrt(Math.max(0, blurPx ** 2 - PIXEL_BLUR_PX ** 2)) / pose.lengthPx;
}

/** Up to here a flank serves for recognising (tried on painted pictures; common practice, no source). */
export const PICTURE_LIMITS = {
  blur: 0.0032,
  room: 0,
  dark: -1.1,
  bright: 1,
  lost: 0.3,
  glare: 0.07,
  hand: 0.16,
  shadowStops: 0.85,
  clutter: 0.058,
  levelRad: (4 * Math.PI) / 180,
} as const;

/** What to think of a picture. Checks that had nothing to go by are left out. */
export function judgePicture(of: PictureMeasures): PictureVerdict[] {
  const limit = PICTURE_LIMITS;
  const over = (value: number, most: number) => Math.min(1, Math.max(0, value / most / 2));
  return [
    ...(of.blur === undefined
      ? []
      : [
          verdict('sharp', over(of.blur, limit.blur), picturesMessage('sharp'), [
            picturesMessage('blurred'),
            picturesMessage('blurredNextTime'),
          ]),
        ]),
    verdict('whole', of.room < limit.room ? 1 : 0, picturesMessage('whole'), [
      picturesMessage('cutOff'),
      picturesMessage('cutOffNextTime'),
    ]),
    of.stops < 0
      ? verdict('exposed', over(-of.stops, -limit.dark), picturesMessage('brightEnough'), [
          picturesMessage('tooDark'),
          picturesMessage('tooDarkNextTime'),
        ])
      : verdict(
          'exposed',
          Math.max(over(of.stops, limit.bright), over(of.lost, limit.lost)),
          picturesMessage('notBurntOut'),
          [picturesMessage('tooBright'), picturesMessage('tooBrightNextTime')],
        ),
    verdict('glare', over(of.glare, limit.glare), picturesMessage('noGlare'), [
      picturesMessage('glare', { glare: of.glare }),
      picturesMessage('glareNextTime'),
    ]),
    verdict(
      'hand',
      Math.max(over(of.handOnGill, limit.hand), over(of.handOnFlank, limit.hand)),
      picturesMessage('noHand'),
      [
        of.handOnGill > of.handOnFlank ? picturesMessage('handOnGill') : picturesMessage('handOnFlank'),
        picturesMessage('handNextTime'),
      ],
    ),
    verdict('shadow', over(of.noseShadowStops, limit.shadowStops), picturesMessage('noShadow'), [
      picturesMessage('shadow'),
      picturesMessage('shadowNextTime'),
    ]),
    verdict('backdrop', over(of.clutter, limit.clutter), picturesMessage('backdropClean'), [
      picturesMessage('backdropBusy'),
      picturesMessage('backdropNextTime'),
    ]),
    ...(of.horizonRad === undefined
      ? []
      : [
          verdict('level', over(Math.abs(of.horizonRad), limit.levelRad), picturesMessage('level'), [
            picturesMessage('leans', { horizonRad: of.horizonRad }),
            picturesMessage('leansNextTime'),
          ]),
        ]),
  ];
}

function verdict(
  check: PictureCheck,
  badness: number,
  good: Message,
  [bad, nextTime]: readonly [Message, Message],
): PictureVerdict {
  return badness > 0.5
    ? { check, good: false, says: bad, nextTime, badness }
    : { check, good: true, says: good, badness };
}

/** What is wrong, the worst first. Example: of a good picture it is an empty list. */
export function faultsOf(verdicts: readonly PictureVerdict[]): PictureVerdict[] {
  return verdicts.filter(({ good }) => !good).toSorted((a, b) => b.badness - a.badness);
}

/** Weight of each check when pictures of one series are put in order. */
const WEIGHTS: Readonly<Record<PictureCheck, number>> = {
  sharp: 3,
  whole: 3,
  exposed: 1.5,
  glare: 2,
  hand: 2,
  shadow: 1,
  backdrop: 0.4,
  level: 0.3,
};

/**
 * How good a picture is for the book, 1 at best: the head of a series is the best of it, its tail the first to part
 * with.
 */
export function worthOf(verdicts: readonly PictureVerdict[]): number {
  const total = verdicts.reduce((all, { check }) => all + WEIGHTS[check], 0);
  const sum = verdicts.reduce((bad, { check, badness }) => bad + WEIGHTS[check] * badness ** 1.5, 0);
  return total === 0 ? 0 : 1 - sum / total;
}
