import { wrap, transfer, type Remote } from 'comlink';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import type { LookedAt, PictureLook } from '../workers/pictureLook.js';

let worker: Remote<PictureLook> | undefined;

/** Pictures are looked at beside the page: it stays quick while a fish is looked for. */
function looker(): Remote<PictureLook> {
  worker ??= wrap<PictureLook>(
    new Worker(new URL('../workers/pictureLook.ts', import.meta.url), { type: 'module', name: 'pictures' }),
  );
  return worker;
}

/** Looks at a picture: finds its fish unless told where it is, and judges it. */
export async function lookAtPicture(bytes: Blob, kind?: PaintedKind, told?: LandmarksPx | null): Promise<LookedAt> {
  return looker().look(bytes, kind, told);
}

/** Looks at one frame of the camera; the frame is handed over and gone. */
export async function lookAtFrame(frame: ImageBitmap, kind?: PaintedKind): Promise<LookedAt> {
  return looker().lookAtFrame(transfer(frame, [frame]), kind);
}
