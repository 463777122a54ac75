import type { Rng } from '@keeper/core/statistics/rng';
import type { BoardTaps } from '@keeper/core/pictures/boardLength';
import type { Pixel } from '@keeper/core/geometry/pixel';

/** A board seen by a camera, with the taps that a keeper makes and the truth. */
export interface PicturedBoard extends BoardTaps {
  readonly trueMm: number;
}

export interface BoardCameraWays {
  /** Most that the camera is turned off square, either way. */
  readonly mostTiltRad: number;
  readonly tapPx: number;
}

const WAYS: BoardCameraWays = { mostTiltRad: (40 * Math.PI) / 180, tapPx: 2 };

/**
 * Draws a measuring board under a pinhole camera: 12 to 24 million pixels, any turn up to 40 degrees in yaw and in
 * pitch, any roll, as near as the fish allows; three to eight marks tapped, at fives of centimetres, not all of them
 * well spread.
 */
export function drawPicturedBoard(luck: Rng, ways: BoardCameraWays = WAYS): PicturedBoard {
  const widthPx = Math.round(4000 * Math.sqrt(luck.between(1, 2)));
  const focalPx = widthPx * luck.between(0.7, 1.1);
  const trueMm = luck.between(450, 1400);
  const camera = pinhole({
    focalPx,
    widthPx,
    heightPx: widthPx * 0.75,
    yawRad: luck.between(-1, 1) * ways.mostTiltRad,
    pitchRad: luck.between(-1, 1) * ways.mostTiltRad,
    rollRad: luck.between(-0.4, 0.4),
    // The fish takes up 45 to 80 hundredths of the width when seen square on.
    distanceMm: (trueMm * focalPx) / (widthPx * luck.between(0.45, 0.8)),
    middleMm: trueMm / 2,
  });
  const tapped = (atMm: number): Pixel => {
    const { x, y } = camera(atMm);
    return { x: x + ways.tapPx * luck.normal(), y: y + ways.tapPx * luck.normal() };
  };
  return {
    trueMm,
    tapPx: ways.tapPx,
    marks: drawMarks(luck, trueMm).map((atMm) => ({ atMm, pixel: tapped(atMm) })),
    nose: tapped(0),
    tail: tapped(trueMm),
  };
}

/**
 * Marks at fives of centimetres: the first near the nose, the last near the tail, the others where there was a clear
 * one.
 */
function drawMarks(luck: Rng, lengthMm: number): number[] {
  const step = 50;
  const last = Math.floor((lengthMm * luck.between(0.8, 1.1)) / step);
  const chosen = new Set([luck.whole(0, 2), last]);
  const wanted = luck.whole(3, 8);
  while (chosen.size < Math.min(wanted, last)) chosen.add(luck.whole(1, last - 1));
  return [...chosen].sort((a, b) => a - b).map((at) => at * step);
}

interface Pinhole {
  readonly focalPx: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly yawRad: number;
  readonly pitchRad: number;
  readonly rollRad: number;
  readonly distanceMm: number;
  /** The place on the board at which the camera looks. */
  readonly middleMm: number;
}

/** Where a place along the board falls in the picture. */
function pinhole({ focalPx, widthPx, heightPx, yawRad, pitchRad, rollRad, distanceMm, middleMm }: Pinhole) {
  const [cosYaw, sinYaw, cosRoll, sinRoll] = [Math.cos(yawRad), Math.sin(yawRad), Math.cos(rollRad), Math.sin(rollRad)];
  const [cosPitch, sinPitch] = [Math.cos(pitchRad), Math.sin(pitchRad)];
  return (atMm: number): Pixel => {
    const along = atMm - middleMm;
    const [rolledX, rolledY] = [along * cosRoll, along * sinRoll];
    const x = rolledX * cosYaw;
    const turned = rolledX * sinYaw;
    const y = rolledY * cosPitch - turned * sinPitch;
    const depth = distanceMm + turned * cosPitch + rolledY * sinPitch;
    return { x: widthPx / 2 + (focalPx * x) / depth, y: heightPx / 2 + (focalPx * y) / depth };
  };
}
