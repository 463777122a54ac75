/** @jest-environment node */
import { askToStay, hasRoomFor } from './storageQuota.js';

const storage = (of: object | undefined) =>
  Object.defineProperty(globalThis, 'navigator', { value: { storage: of }, configurable: true });
const free = (bytes: number) => storage({ estimate: () => Promise.resolve({ quota: 1e9, usage: 1e9 - bytes }) });

test('a picture is taken only when the run keeps its own room beside it', async () => {
  free(30_000_000);
  expect(await hasRoomFor(9_000_000)).toBe(true);
  expect(await hasRoomFor(11_000_000)).toBe(false);
});

test('where a device does not say, it is tried', async () => {
  storage(undefined);
  expect(await hasRoomFor(25_000_000)).toBe(true);
  storage({ estimate: () => Promise.reject(new Error('no')) });
  expect(await hasRoomFor(25_000_000)).toBe(true);
});

test('the browser is asked once to keep the book', async () => {
  const persist = jest.fn(() => Promise.resolve(true));
  storage({ persisted: () => Promise.resolve(false), persist });
  await askToStay();
  storage({ persisted: () => Promise.resolve(true), persist });
  await askToStay();
  expect(persist).toHaveBeenCalledTimes(1);
});
