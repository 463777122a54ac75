import type { PaintedKind } from '../../domain/fish/anatomy.js';
import { findFish, isDoubtful } from './findFish.js';
import { type LandmarksPx } from '../../domain/fish/landmarks.js';
import { planesOf, shrunkRaster, type Raster } from '../../image/raster.js';
import { scaled } from '../../domain/fish/landmarks.js';
import { asFine } from '../landmarks/frameOnPicture.js';
import { refineLandmarks } from '../landmarks/refineFrame.js';
import type { LearnedModels } from '../learned/learnedModels.js';

/** A fish that was found in a picture without being told anything; the landmarks in pixels of the raster. */
export interface ProposedFish {
  readonly landmarks: LandmarksPx;
  /** Its right flank is seen: the head points right, where the back is up. */
  readonly mirrored: boolean;
  /** The finder itself doubts it: it asks for a look. */
  readonly doubtful: boolean;
}

/** Longest side at which the fish is looked for. */
const FIND_PX = 256;

/**
 * The fish of a picture: looked for on a small copy, and, where its kind is known, its six points led closer on a finer
 * one. Undefined where no fish lies well enough. Example: of a mirror carp on a mat the points are within about a
 * hundredth of its length.
 */
export function proposedFish(raster: Raster, learned: LearnedModels, kind?: PaintedKind): ProposedFish | undefined {
  const small = shrunkRaster(raster, FIND_PX);
  const found = findFish(planesOf(small), learned.finder);
  if (!found) return undefined;
  const landmarks = scaled(found.landmarks, raster.widthPx / small.widthPx);
  return {
    landmarks: kind ? closer(raster, landmarks, kind, learned) : landmarks,
    mirrored: found.mirrored,
    doubtful: isDoubtful(found),
  };
}

function closer(raster: Raster, landmarks: LandmarksPx, kind: PaintedKind, learned: LearnedModels): LandmarksPx {
  const fine = asFine(raster, landmarks, kind);
  const by = fine.widthPx / raster.widthPx;
  return scaled(refineLandmarks(planesOf(fine), scaled(landmarks, by), kind, learned.frameOf(kind)), 1 / by);
}
