import { cardFiles, stillToCome, takeCard, type CardFile, type NotTaken } from './card.js';

const mockKept = new Map<string, unknown>();
jest.mock('exifr', () => ({ parse: () => Promise.resolve(undefined) }));
jest.mock('idb-keyval', () => ({
  createStore: () => undefined,
  entries: () => Promise.resolve([...mockKept]),
  get: (key: string) => Promise.resolve(mockKept.get(key)),
  set: (key: string, value: unknown) => Promise.resolve(mockKept.set(key, value)),
}));
jest.mock('./storageQuota.js', () => ({ hasRoomFor: () => Promise.resolve(true) }));
const mockOwn = new WeakSet<File>();
jest.mock('./ownCopy.js', () => ({
  ownCopy: (onCard: File) => {
    if (onCard.name.startsWith('gone')) return Promise.reject(new Error('the card was pulled out'));
    const own = new File([onCard.name], onCard.name, { lastModified: onCard.lastModified });
    mockOwn.add(own);
    return Promise.resolve(own);
  },
}));
const mockTwins: Record<string, string> = { '2019-06-14.jpg': 'a.jpg' };
jest.mock('./sha256.js', () => ({
  sha256Of: (file: File) => Promise.resolve(`sha of ${mockTwins[file.name] ?? file.name}`),
}));

const looked: string[] = [];
beforeEach(() => {
  mockKept.clear();
  looked.length = 0;
  Object.assign(globalThis, {
    createImageBitmap: (file: File) => {
      looked.push(file.name);
      return file.name.startsWith('bad') ? Promise.reject(new Error('no picture')) : Promise.resolve(BITMAP);
    },
    OffscreenCanvas: class {
      getContext = () => null;
      convertToBlob = () => Promise.resolve(new Blob(['small']));
    },
  });
});

const BITMAP = { width: 320, height: 240, close: () => undefined };
const file = (name: string) => new File([name], name, { lastModified: 1_780_000_000_000 });
async function take(names: readonly string[], stopAfter = Infinity) {
  const heard: (CardFile | NotTaken)[] = [];
  await takeCard(names.map(file), {
    onTaken: (_, taken) => heard.push(taken),
    stopped: () => heard.length >= stopAfter,
  });
  return heard.map((taken) => ('why' in taken ? `${taken.name}: ${taken.why}` : taken.name));
}

test('a bad file stops nothing and says why; a phone’s own format is told what to do', async () => {
  expect(await take(['a.jpg', 'bad.jpg', 'bad.heic', 'b.jpg'])).toEqual([
    'a.jpg',
    'bad.jpg: It is not a picture that can be read here, or it is damaged.',
    expect.stringMatching(/^bad.heic: HEIC cannot be read here. Set the phone to take JPEG/),
    'b.jpg',
  ]);
  expect((await cardFiles()).map(({ name }) => name)).toEqual(['a.jpg', 'b.jpg']);
});

test.each([[['a.jpg', '2019-06-14.jpg']], [['2019-06-14.jpg', 'a.jpg']]])(
  'of one picture under two names the name that says its day counts: %j',
  async (names) => {
    expect(await take(names)).toContain('2019-06-14.jpg');
    expect(await cardFiles()).toMatchObject([{ sha256: 'sha of a.jpg', name: '2019-06-14.jpg', dayOnly: true }]);
  },
);

test('what lies here does not need the card any more; a file that went with it is told', async () => {
  expect(await take(['a.jpg', 'gone.jpg'])).toEqual(['a.jpg', 'gone.jpg: It could not be read.']);
  expect((await cardFiles()).map(({ bytes }) => mockOwn.has(bytes))).toEqual([true]);
});

test('a card that was broken off goes on where it stood when it is dropped again', async () => {
  await take(['a.jpg', 'b.jpg'], 1);
  expect(looked).toEqual(['a.jpg']);
  expect(await take(['a.jpg', 'b.jpg'])).toEqual(['a.jpg', 'b.jpg']);
  expect(looked).toEqual(['a.jpg', 'b.jpg']);
});

test('a page that goes in the middle leaves word of how many were still to come', async () => {
  const away = takeCard(['a.jpg', 'b.jpg', 'c.jpg'].map(file), {
    onTaken: (done) => {
      if (done === 2) throw new Error('the page is gone');
    },
    stopped: () => false,
  });
  await expect(away).rejects.toThrow('the page is gone');
  expect(stillToCome()).toBe(2);
  await take(['a.jpg', 'b.jpg', 'c.jpg']);
  expect(stillToCome()).toBe(0);
});
