import { internationalText, pngChunk, pngWith, zippedProfile, zippedText } from '../spec/pngs.js';
import { isLadenPng, MOST_INFLATED_BYTES, MOST_TEXTS } from './pngLoad.js';

const laden = async (...chunks: Buffer[]) => isLadenPng(await pngWith(chunks));
const text = pngChunk('tEXt', Buffer.from('Comment\0fish', 'latin1'));

test.each([
  ['a compressed text', zippedText],
  ['a colour profile', zippedProfile],
  ['a text of any language', internationalText],
])('%s is inflated up to the bound and no further', async (_, chunk) => {
  expect(await laden(chunk(MOST_INFLATED_BYTES))).toBe(false);
  expect(await laden(chunk(MOST_INFLATED_BYTES + 1))).toBe(true);
});

test('so many texts are let through, and not one more', async () => {
  expect(await laden(...Array<Buffer>(MOST_TEXTS).fill(text))).toBe(false);
  expect(await laden(...Array<Buffer>(MOST_TEXTS + 1).fill(text))).toBe(true);
});

test('a PNG as it comes from a camera, one that breaks off and what is none are let through to the decoder', async () => {
  expect(await laden()).toBe(false);
  expect(await laden(text, zippedText(1000))).toBe(false);
  expect(isLadenPng((await pngWith([text])).subarray(0, 40))).toBe(false);
  expect(isLadenPng(Buffer.from('iCCP'))).toBe(false);
  expect(await laden(pngChunk('zTXt', Buffer.from('no end')), pngChunk('iTXt', Buffer.from('x\0\u0001\0')))).toBe(
    false,
  );
});
