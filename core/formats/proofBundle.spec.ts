import { proofFileName, proofManifest, proofReading, type ProofOf } from './proofBundle.js';

const proof: ProofOf = {
  meeting: { name: 'Club day', by: 'length', identifier: 'Card 12' },
  fish: {
    captureId: 'c',
    species: 'pike',
    startedAt: '2026-06-01T06:00:00.000Z',
    zone: 'Europe/London',
    lengthAsRead: '38 1/4 in',
    lengthMm: 971.55,
    lengthOf: 'pinched',
    weightAsRead: null,
    netGrams: null,
  },
  putForwardAt: '2026-06-01T07:00:00.000Z',
  checks: ['identifier'],
  lateWhy: null,
  picture: {
    name: 'abc.jpg',
    sha256: 'abc',
    written: { takenAt: null, latitudeDeg: null, longitudeDeg: null, camera: null },
  },
};

test('the reading opens with its format, and everything of the proof stands in it', () => {
  const { name, text } = proofReading(proof);
  expect(name).toBe('reading.json');
  expect(JSON.parse(text)).toEqual({ format: 'unhurried-keeper-proof', version: 1, ...proof });
  expect(text.endsWith('}\n')).toBe(true);
});

test('the manifest is what sha256sum takes: a hash, two blanks, a name, a line each', () => {
  const files = [
    { name: 'a.jpg', sha256: 'a1' },
    { name: 'reading.json', sha256: 'b2' },
  ];
  expect(proofManifest(files)).toEqual({ name: 'SHA256SUMS', text: 'a1  a.jpg\nb2  reading.json\n' });
});

test.each([
  ['IMG 1.JPG', 'IMG-1.JPG'],
  ['../../etc/passwd', 'etc-passwd'],
  ['Früh & spät.zip', 'Fr-h-sp-t.zip'],
  ['...', 'picture'],
  ['x'.repeat(100), 'x'.repeat(80)],
])('%s is named %s', (name, expected) => expect(proofFileName(name)).toBe(expected));
