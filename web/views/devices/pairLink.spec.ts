import { isWholeCode, pairUrl, readPairLink, spokenCode } from './pairLink.js';

const FISH = '01a228c7-f38e-7000-8000-02f73b7485e4';

test.each([
  [{ code: 'ABCD2345', captureId: undefined }, 'https://192.168.1.20:4311/pair#ABCD2345'],
  [{ code: 'ABCD2345', captureId: FISH }, `https://192.168.1.20:4311/pair#ABCD2345/${FISH}`],
])('what a square says is read back', (link, url) => {
  expect(pairUrl('https://192.168.1.20:4311', link)).toBe(url);
  expect(readPairLink(new URL(url).hash)).toEqual(link);
});

test.each(['', '#', '#ABCD234', '#ABCD23456', '#ABCD0345', '#abcd2345', '#ABCD2345/nofish', 'ABCD2345'])(
  '%j is no link of a square',
  (hash) => expect(readPairLink(hash)).toEqual({ code: '', captureId: undefined }),
);

test('a code is typed with gaps and in small letters, and read out in two groups', () => {
  expect(isWholeCode('abcd 2345')).toBe(true);
  expect(isWholeCode('abcd 234')).toBe(false);
  expect(isWholeCode('abcd 234O')).toBe(false);
  expect(spokenCode('ABCD2345')).toBe('ABCD 2345');
});
