import type { KeptKitItem } from '@keeper/contract/kit';
import { writeRow } from './record.js';

/** Writes a thing of the kit with something of it changed; it is on the device when this resolves. */
export async function changeKit(item: KeptKitItem, change: Partial<KeptKitItem>): Promise<void> {
  const { id, updatedAt: _at, ...row } = item;
  await writeRow('kit', id, { ...row, ...change });
}
