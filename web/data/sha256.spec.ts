import { webcrypto } from 'node:crypto';
import { sha256Of } from './sha256.js';

/** FIPS 180-4, the example of one block: the digest of "abc". */
const ABC = 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad';
const bytes = { arrayBuffer: () => Promise.resolve(new TextEncoder().encode('abc').buffer) } as Blob;
const give = (subtle: unknown) => Object.defineProperty(crypto, 'subtle', { value: subtle, configurable: true });

test.each([
  ['with what the browser has', webcrypto.subtle],
  ['on a page that came without encryption', undefined],
])('bytes are named by their content %s', async (_, subtle) => {
  give(subtle);
  expect(await sha256Of(bytes)).toBe(ABC);
});
