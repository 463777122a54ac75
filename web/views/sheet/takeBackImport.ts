import type { KeptImport } from '@keeper/contract/imports';
import { makeEvent, writeRow } from '../../data/record.js';
import { sendInBatches } from '../../data/sendInBatches.js';
import { askMarks } from './desk.js';

/**
 * Takes the fish of a sheet out of the book, all of them; their logs stay. What had been taken out before, or did not
 * get so far, is left.
 * @throws Unreachable or ApiError where the book cannot be asked; then it can be done again
 */
export async function takeBackImport({ id, updatedAt: _at, ...row }: KeptImport): Promise<void> {
  const marks = (await askMarks()).filter(({ imported }) => imported?.importId === id);
  const pages = marks.map(({ captureId, day }) => [makeEvent(captureId, `${day}T12:00:00.000Z`, 'discarded', {})]);
  await sendInBatches(pages, { onSent: () => undefined, isStopped: () => false });
  const taken = { ...row, retired: true };
  await writeRow('imports', id, taken);
}
