import { expose } from 'comlink';
import type { PaintedKind } from '@keeper/core/fish/anatomy';
import {
  findFish,
  followFish,
  isDoubtful,
  isMirrored,
  type FoundFish,
  type LandmarksPx,
} from '@keeper/core/picture/findFish';
import { fishFinderModel } from '@keeper/core/picture/fishFinderModel';
import { planesOf, shrunkRaster, type Raster } from '@keeper/core/picture/raster';
import {
  FINE_PX,
  judgePicture,
  measurePicture,
  scaled,
  worthOf,
  type PictureMeasures,
  type PictureVerdict,
} from '@keeper/core/picture/verdict';
import { pixelsOf } from './pixelsOf.js';

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
/** Longest side at which the fish is looked for. */
const FIND_PX = 256;

async function look(bytes: Blob, kind?: PaintedKind, told?: LandmarksPx | null): Promise<LookedAt> {
  const bitmap = await createImageBitmap(bytes);
  const { width, height } = bitmap;
  const raster = pixelsOf(bitmap, READ_PX);
  bitmap.close();
  return lookAt(raster, width / raster.widthPx, { widthPx: width, heightPx: height }, kind, told);
}

/** A frame of the camera while it is held up; nothing of it is kept. */
function lookAtFrame(frame: ImageBitmap, kind?: PaintedKind): LookedAt {
  const { width, height } = frame;
  const raster = pixelsOf(frame, READ_PX);
  frame.close();
  const small = shrunkRaster(raster, FIND_PX);
  const planes = planesOf(small);
  const model = fishFinderModel();
  followed = (followed && followFish(planes, model, followed)) ?? findFish(planes, model);
  const told = followed && scaled(followed.landmarks, width / small.widthPx);
  return told
    ? lookAt(raster, width / raster.widthPx, { widthPx: width, heightPx: height }, kind, told)
    : { widthPx: width, heightPx: height };
}

/** The fish of the last frame, in pixels of its small copy. */
let followed: FoundFish | undefined;

function lookAt(
  raster: Raster,
  scale: number,
  size: { readonly widthPx: number; readonly heightPx: number },
  kind?: PaintedKind,
  told?: LandmarksPx | null,
): LookedAt {
  const small = shrunkRaster(raster, FIND_PX);
  const found = told ? undefined : findFish(planesOf(small), fishFinderModel());
  const landmarks = told ?? (found && scaled(found.landmarks, size.widthPx / small.widthPx));
  if (!landmarks) return size;
  const measures = measurePicture(raster, scaled(landmarks, 1 / scale), kind);
  const verdicts = judgePicture(measures);
  return {
    ...size,
    fish: {
      ...{ landmarks, measures, verdicts, worth: worthOf(verdicts), proposed: !told },
      doubtful: found !== undefined && isDoubtful(found),
      headRight: isMirrored(landmarks),
    },
  };
}

const pictureLook = { look, lookAtFrame };
export type PictureLook = typeof pictureLook;
expose(pictureLook);
