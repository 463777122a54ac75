import { bagInfo, bagManifest, isPayloadPath, readBagManifest, readOxum } from './bagIt.js';

const [A, B] = ['a'.repeat(64), 'b'.repeat(64)];

test('a manifest reads back with its paths, whatever stands in them', () => {
  const hashes = new Map([
    ['data/book.sqlite', A],
    ['data/100%\nsure', B],
  ]);
  expect(bagManifest(hashes)).toBe(`${A}  data/book.sqlite\n${B}  data/100%25%0Asure\n`);
  expect(readBagManifest(bagManifest(hashes))).toEqual(hashes);
});

// RFC 8493, 2.1.3: one or more blanks between, an asterisk as `sha256sum -b` writes it, any line end.
test.each([
  [`${A} data/x`, 'data/x'],
  [`${A}\tdata/x\r\n`, 'data/x'],
  [`${A} *data/x\n`, 'data/x'],
  [`${A.toUpperCase()}  data/a b\n\n`, 'data/a b'],
])('%j is read', (text, path) => expect(readBagManifest(text)).toEqual(new Map([[path, A]])));

test.each([['no hash  data/x'], [`${A.slice(1)}  data/x`], [`${A}`], [`${A}  data/x\n${B}  data/x`]])(
  '%j is none',
  (text) => expect(readBagManifest(text)).toBeUndefined(),
);

test.each([
  ['data/book.sqlite', true],
  ['data/pictures/originals/ab/abcd', true],
  ['data', false],
  ['data/', false],
  ['other/book.sqlite', false],
  ['data/../book.sqlite', false],
  ['data/./book.sqlite', false],
  ['data//book.sqlite', false],
  ['/data/book.sqlite', false],
  ['data\\..\\x', false],
  ['data/a:b', false],
])('%s leads into the payload: %s', (path, is) => expect(isPayloadPath(path)).toBe(is));

test('what a bag says of itself ends with its size', () => {
  const info = bagInfo({ 'Bagging-Date': '2026-11-30' }, { bytes: 5_000_000_000, files: 3 });
  expect(info).toBe('Bagging-Date: 2026-11-30\nPayload-Oxum: 5000000000.3\n');
  expect(readOxum(info)).toEqual({ bytes: 5_000_000_000, files: 3 });
  expect(readOxum('Bagging-Date: 2026-11-30\n')).toBeUndefined();
});
