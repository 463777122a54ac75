import type { LandmarkName } from './anatomy.js';
import type { Pixel } from '../../geometry/pixel.js';

export type LandmarksPx = Readonly<Record<LandmarkName, Pixel>>;

export const LANDMARKS: readonly LandmarkName[] = ['snout', 'eye', 'dorsal', 'pelvic', 'anal', 'fork'];

/** Landmarks in pixels of a smaller or larger copy. */
export function scaled(landmarks: LandmarksPx, by: number): LandmarksPx {
  return eachPlace(landmarks, ({ x, y }) => ({ x: x * by, y: y * by }));
}

/** Landmarks in pixels of a piece, whose corner is not that of the picture. */
export function moved(landmarks: LandmarksPx, byX: number, byY: number): LandmarksPx {
  return eachPlace(landmarks, ({ x, y }) => ({ x: x + byX, y: y + byY }));
}

function eachPlace(of: LandmarksPx, at: (place: LandmarksPx['snout']) => LandmarksPx['snout']): LandmarksPx {
  const { snout, eye, dorsal, pelvic, anal, fork } = of;
  return { snout: at(snout), eye: at(eye), dorsal: at(dorsal), pelvic: at(pelvic), anal: at(anal), fork: at(fork) };
}
