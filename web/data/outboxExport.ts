import { strToU8, zipSync, type Zippable } from 'fflate';
import type { OutboxState } from './outbox.js';

/**
 * Everything that waits on this device as one ZIP: `events.json` and `rows.json` as they would be sent, and each
 * picture's own bytes under its SHA-256. Nothing is let go by it.
 */
export async function outboxExport({ events, pictures, rows }: OutboxState): Promise<Blob> {
  const waits = (each: { readonly state: string }) => each.state !== 'sent';
  const files: Zippable = {
    'events.json': json(events.filter(waits).map(({ event }) => event)),
    'rows.json': json(rows.filter(waits).map(({ kind, id, body }) => ({ kind, id, ...body }))),
  };
  for (const { sha256, name, bytes } of pictures.filter(waits)) {
    const ending = /\.[a-z0-9]{2,5}$/i.exec(name)?.[0] ?? '';
    // Pictures are packed as they are: they do not get smaller.
    files[`pictures/${sha256}${ending}`] = [new Uint8Array(await bytes.arrayBuffer()), { level: 0 }];
  }
  return new Blob([zipSync(files)], { type: 'application/zip' });
}

function json(value: unknown): Uint8Array {
  return strToU8(JSON.stringify(value, null, 2));
}
