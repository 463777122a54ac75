import type { PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { makeEvent } from '../../data/record.js';

interface OfLog {
  readonly captureId: string;
  readonly begunAt: string | null;
}

/**
 * The entries that move a picture to the fish that it shows, with its part and all that was made out of it on the
 * bench: what it tells goes with it.
 */
export function movePicture(
  { sha256, role, reading }: PictureOfCapture,
  { from, to, why }: { readonly from: OfLog; readonly to: OfLog; readonly why: string },
): CaptureEvent[] {
  return [
    makeEvent(to.captureId, to.begunAt, 'picture-added', { sha256, ...(role && { role }) }),
    ...(reading ? [makeEvent(to.captureId, to.begunAt, 'picture-read', { sha256, ...reading })] : []),
    makeEvent(from.captureId, from.begunAt, 'picture-removed', { sha256, why, movedTo: to.captureId }),
  ];
}
