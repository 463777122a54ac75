import { flankFrame } from '../recognition/landmarks/flankFrame.js';
import { readRegister, REGISTER_FORMAT, type RegisterFile } from './registerJson.js';

const { columns, rows } = flankFrame('pike');
const cells = Buffer.from(new Int8Array(columns * rows).fill(3).buffer).toString('base64');
const flank = { side: 'left', kind: 'pike', cells } as const;
const file: RegisterFile = {
  ...REGISTER_FORMAT,
  from: 'Robin',
  exportedAt: '2026-05-01T08:00:00Z',
  fish: [
    {
      id: 'f1',
      name: 'Old Moss',
      species: 'pike',
      form: null,
      flanks: [flank],
      catches: [{ month: '2026-04', grams: 9100, lengthMm: null }],
    },
  ],
};
const read = (value: unknown) => readRegister(typeof value === 'string' ? value : JSON.stringify(value));

test('a register that was given is read back as it was', () => {
  expect(read(file)).toEqual({ ok: true, register: file });
});

test('places and whatever else is not known here are left behind', () => {
  const more = {
    ...file,
    waters: [{ name: 'secret' }],
    fish: [{ ...file.fish[0], swim: 'by the willow', catches: [{ month: '2026-04', latitudeDeg: 52.1 }] }],
  };
  const found = JSON.stringify(read(more));
  expect(found).not.toMatch(/secret|willow|52\.1/);
});

test('a flank that cannot be compared is left out, the fish stays', () => {
  const odd = [
    { ...flank, cells: cells.slice(4) },
    { ...flank, side: 'top' },
    { ...flank, kind: 'eel' },
    { ...flank, cells: 'not base 64 !' },
    { ...flank, thumbnail: '<svg>' },
  ];
  const answer = read({ ...file, fish: [{ ...file.fish[0], flanks: odd }] });
  expect(answer.ok && answer.register.fish.map(({ flanks }) => flanks)).toEqual([[flank]]);
});

test.each([
  ['{"format": "unhurr', /not JSON/],
  ['[1]', /There is no register/],
  [{ format: 'something' }, /There is no register/],
  [{ format: 'unhurried-keeper-book' }, /whole book/],
  [{ ...file, version: 9 }, /another version/],
  [{ ...file, prints: 0 }, /another version/],
  [{ ...file, from: ' ' }, /whose it is/],
  [{ ...file, fish: 'none' }, /no list of fish/],
  [{ ...file, fish: [{ name: 'x' }] }, /no name or no id/],
])('%j is refused in a sentence', (given, sentence) => {
  const answer = read(given);
  expect(answer.ok ? '' : answer.sentence).toMatch(sentence);
});
