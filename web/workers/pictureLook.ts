import { expose } from 'comlink';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { proposedFish } from '@keeper/core/recognition/finder/proposedFish';
import { findFish, followFish, type FoundFish } from '@keeper/core/recognition/finder/findFish';
import { isMirrored } from '@keeper/core/domain/fish/pose';
import { type LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import { planesOf, type Raster } from '@keeper/core/image/raster';
import {
  FINE_PX,
  judgePicture,
  measurePicture,
  worthOf,
  type PictureMeasures,
  type PictureVerdict,
} from '@keeper/core/pictures/verdict';
import { moved, scaled } from '@keeper/core/domain/fish/landmarks';
import type { LearnedModels } from '@keeper/core/recognition/learned/learnedModels';
import { learnedModels } from './learned.js';
import { pieceOf, pixelsOf } from './pixelsOf.js';

/** What was made out of a picture without being asked anything. */
export interface LookedAt {
  /** Size of the upright original. */
  readonly widthPx: number;
  readonly heightPx: number;
  /** Undefined where no fish was found and none was told of. */
  readonly fish?: {
    readonly landmarks: LandmarksPx;
    readonly proposed: boolean;
    /** A proposal that the finder itself doubts: it asks for a look. */
    readonly doubtful: boolean;
    readonly headRight: boolean;
    readonly measures: PictureMeasures;
    readonly verdicts: readonly PictureVerdict[];
    readonly worth: number;
  };
}

/** Longest side at which pixels are read: enough for edges, and quick. */
const READ_PX = FINE_PX;
/** Longest side at which the fish is looked for in the camera's frames. */
const FIND_PX = 256;

async function look(bytes: Blob, kind?: PaintedKind, told?: LandmarksPx | null): Promise<LookedAt> {
  const bitmap = await createImageBitmap(bytes);
  const { width, height } = bitmap;
  const raster = pixelsOf(bitmap, READ_PX);
  bitmap.close();
  return lookAt(
    raster,
    width / raster.widthPx,
    { widthPx: width, heightPx: height },
    await learnedModels(),
    kind,
    told,
  );
}

/**
 * A frame of the camera while it is held up; nothing of it is kept. The fish is looked for on a small copy, its edges
 * on a piece of the frame itself.
 */
async function lookAtFrame(frame: ImageBitmap, kind?: PaintedKind): Promise<LookedAt> {
  const size = { widthPx: frame.width, heightPx: frame.height };
  const small = pixelsOf(frame, FIND_PX);
  const planes = planesOf(small);
  const { finder: model } = await learnedModels();
  followed = (followed && followFish(planes, model, followed)) ?? findFish(planes, model);
  if (!followed) {
    frame.close();
    return size;
  }
  const landmarks = scaled(followed.landmarks, size.widthPx / small.widthPx);
  const { eye, dorsal, pelvic, anal } = landmarks;
  const { raster, left, top } = pieceOf(frame, [eye, dorsal, pelvic, anal]);
  frame.close();
  const closer = { raster, landmarks: moved(landmarks, -left, -top) };
  const measures = measurePicture(small, followed.landmarks, kind, closer);
  return { ...size, fish: judged(landmarks, measures, { proposed: false, doubtful: false }) };
}

/** The fish of the last frame, in pixels of its small copy. */
let followed: FoundFish | undefined;

function lookAt(
  raster: Raster,
  scale: number,
  size: { readonly widthPx: number; readonly heightPx: number },
  learned: LearnedModels,
  kind?: PaintedKind,
  told?: LandmarksPx | null,
): LookedAt {
  const found = told ? undefined : proposedFish(raster, learned, kind);
  const landmarks = told ?? (found && scaled(found.landmarks, scale));
  if (!landmarks) return size;
  const measures = measurePicture(raster, scaled(landmarks, 1 / scale), kind);
  return { ...size, fish: judged(landmarks, measures, { proposed: !told, doubtful: found?.doubtful ?? false }) };
}

function judged(
  landmarks: LandmarksPx,
  measures: PictureMeasures,
  found: { readonly proposed: boolean; readonly doubtful: boolean },
): LookedAt['fish'] {
  const verdicts = judgePicture(measures);
  return { landmarks, measures, verdicts, worth: worthOf(verdicts), headRight: isMirrored(landmarks), ...found };
}

const pictureLook = { look, lookAtFrame };
export type PictureLook = typeof pictureLook;
expose(pictureLook);
