import { type LandmarksPx } from './landmarks.js';
/**
 * Where a fish is thought to lie: the middle between snout and fork, its length, the direction from snout to fork, and
 * whether the picture is turned over so that the head points left with the back up.
 */
export interface FishPose {
  readonly centreX: number;
  readonly centreY: number;
  readonly lengthPx: number;
  readonly turnRad: number;
  readonly mirrored: boolean;
}

/** From the fish's frame to the picture. */
export function poseToPixel({ centreX, centreY, lengthPx, turnRad, mirrored }: FishPose, u: number, v: number) {
  const along = (u - 0.5) * lengthPx;
  const across = v * lengthPx * (mirrored ? -1 : 1);
  const [cos, sin] = [Math.cos(turnRad), Math.sin(turnRad)];
  return { x: centreX + along * cos - across * sin, y: centreY + along * sin + across * cos };
}

/** From the picture to the fish's frame. */
export function pixelToPose({ centreX, centreY, lengthPx, turnRad, mirrored }: FishPose, x: number, y: number) {
  const [dx, dy] = [x - centreX, y - centreY];
  const [cos, sin] = [Math.cos(turnRad), Math.sin(turnRad)];
  return {
    u: 0.5 + (dx * cos + dy * sin) / lengthPx,
    v: ((dy * cos - dx * sin) / lengthPx) * (mirrored ? -1 : 1),
  };
}

/** The pose that landmarks have. */
export function poseOf({ snout, fork }: Pick<LandmarksPx, 'snout' | 'fork'>, mirrored: boolean): FishPose {
  return {
    centreX: (snout.x + fork.x) / 2,
    centreY: (snout.y + fork.y) / 2,
    lengthPx: Math.max(4, Math.hypot(fork.x - snout.x, fork.y - snout.y)),
    turnRad: Math.atan2(fork.y - snout.y, fork.x - snout.x),
    mirrored,
  };
}

/** Whether landmarks are those of a fish whose head points left, back up, only in the mirror: the dorsal fin tells. */
export function isMirrored(landmarks: LandmarksPx): boolean {
  const { x, y } = landmarks.dorsal;
  return pixelToPose(poseOf(landmarks, false), x, y).v > 0;
}
