import { strFromU8, unzipSync } from 'fflate';
import type { OutboxState } from './outbox.js';
import { outboxExport } from './outboxExport.js';

function bytesOf(blob: Blob): Promise<ArrayBuffer> {
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as ArrayBuffer);
    reader.readAsArrayBuffer(blob);
  });
}

test('what waits leaves as a ZIP: entries, rows and the very bytes of pictures; what the server has stays out', async () => {
  const bytes = { arrayBuffer: () => Promise.resolve(new Uint8Array([1, 2, 3]).buffer) } as Blob;
  const picture = { captureId: 'c', bytes, name: 'left flank.JPG' };
  const state = {
    events: [
      { order: 1, state: 'sent', event: { id: 'a' } },
      { order: 2, state: 'waiting', event: { id: 'b' } },
      { order: 3, state: 'refused', event: { id: 'c' } },
    ],
    pictures: [
      { ...picture, sha256: 'f0', state: 'waiting' },
      { ...picture, sha256: 'f1', state: 'sent' },
    ],
    rows: [{ order: 1, kind: 'swims', id: 's', body: { revision: 2 }, state: 'waiting' }],
  } as unknown as OutboxState;
  const files = unzipSync(new Uint8Array(await bytesOf(await outboxExport(state))));
  expect(Object.keys(files).sort()).toEqual(['events.json', 'pictures/f0.JPG', 'rows.json']);
  const read = (name: string) => JSON.parse(strFromU8(files[name] ?? new Uint8Array())) as unknown;
  expect(read('events.json')).toEqual([{ id: 'b' }, { id: 'c' }]);
  expect(read('rows.json')).toEqual([{ kind: 'swims', id: 's', revision: 2 }]);
  expect([...(files['pictures/f0.JPG'] ?? [])]).toEqual([1, 2, 3]);
});
