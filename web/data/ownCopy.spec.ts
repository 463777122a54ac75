/** @jest-environment node */
import { BytesGone, ownCopy, stillReadable } from './ownCopy.js';

const goneFile = Object.assign(new File(['fish'], 'a.jpg'), {
  arrayBuffer: () => Promise.reject(new DOMException('', 'NotFoundError')),
  slice: () => goneFile,
});

test('a copy has the bytes, the name, the kind and the date of its file', async () => {
  const own = await ownCopy(new File(['fish'], 'a.jpg', { type: 'image/jpeg', lastModified: 5 }));
  expect([await own.text(), own.name, own.type, own.lastModified]).toEqual(['fish', 'a.jpg', 'image/jpeg', 5]);
  await expect(ownCopy(goneFile)).rejects.toThrow(DOMException);
});

test('bytes that cannot be read are told apart from a server that is away', async () => {
  const bytes = new Blob(['fish']);
  expect(await stillReadable(bytes)).toBe(bytes);
  await expect(stillReadable(goneFile)).rejects.toBeInstanceOf(BytesGone);
});
