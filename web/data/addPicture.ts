import type { PictureRole } from '@keeper/core/domain/capture/event';
import { type CaptureState } from '@keeper/core/domain/capture/captureState';
import { sha256Of } from './sha256.js';
import { ownCopy } from './ownCopy.js';
import { hasRoomFor } from './storageQuota.js';
import { outbox } from './deviceOutbox.js';
import { makeEvent, record } from './record.js';

/** What came of adding a picture. */
export type PictureAdded = 'added' | 'known' | 'not-a-picture' | 'no-room';

/**
 * Keeps a picture's bytes and notes it in the capture's log; one that the capture has already is left alone, unless its
 * bytes were lost.
 */
export async function addPicture(
  state: Pick<CaptureState, 'captureId' | 'begunAt' | 'pictures'>,
  file: File,
  role?: PictureRole,
): Promise<PictureAdded> {
  if (!(await hasRoomFor(file.size))) return 'no-room';
  const own = await ownCopy(file).catch(() => undefined);
  const decoded = own && (await createImageBitmap(own).catch(() => undefined));
  if (!decoded) return 'not-a-picture';
  decoded.close();
  const sha256 = await sha256Of(own);
  const known = state.pictures.some((picture) => picture.sha256 === sha256);
  const lost = outbox.snapshot().pictures.some((held) => held.sha256 === sha256 && held.state === 'refused');
  if (known && !lost) return 'known';
  await outbox.keepPicture({ sha256, captureId: state.captureId, name: own.name, bytes: own });
  if (known) return 'added';
  await record([makeEvent(state.captureId, state.begunAt, 'picture-added', { sha256, ...(role && { role }) })]);
  return 'added';
}
