import type { FlankPoint } from '../domain/fish/flankPoint.js';
import { poseToPixel } from '../domain/fish/pose.js';
import { isMirrored, poseOf } from '../domain/fish/pose.js';
import { type LandmarksPx } from '../domain/fish/landmarks.js';
import { straightened } from './pictureView.js';
import { type PictureSize, type PictureView } from '../domain/capture/pictureReading.js';
import type { Pixel } from '../geometry/pixel.js';

/**
 * Where a place of the flank lies in a picture with these landmarks. Example: `{ u: 0, v: 0 }` is the tip of the snout.
 */
export function flankPixel(landmarks: LandmarksPx, { u, v }: FlankPoint): Pixel {
  return poseToPixel(poseOf(landmarks, isMirrored(landmarks)), u, v);
}

/** How much of the flank is shown around a place, in lengths of the fish. */
const AROUND = 0.24;

/** A close view of one place of the flank, laid as the whole flank is: views of one place on two pictures line up. */
export function spotView(
  landmarks: LandmarksPx,
  side: 'left' | 'right',
  at: FlankPoint,
  of: PictureSize,
  stops = 0,
): PictureView {
  const whole = straightened(landmarks, side, of, stops);
  const lengthPx = Math.hypot(landmarks.fork.x - landmarks.snout.x, landmarks.fork.y - landmarks.snout.y);
  return { ...whole, centre: flankPixel(landmarks, at), widthPx: AROUND * lengthPx };
}
