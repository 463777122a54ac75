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
  ['{"format": "unhurr', 'notJson'],
  ['[1]', 'noRegister'],
  [{ format: 'something' }, 'noRegister'],
  [{ format: 'unhurried-keeper-book' }, 'wholeBook'],
  [{ ...file, version: 9 }, 'otherVersion'],
  [{ ...file, prints: 0 }, 'otherVersion'],
  [{ ...file, from: ' ' }, 'nobodys'],
  [{ ...file, fish: 'none' }, 'noList'],
  [{ ...file, fish: [{ name: 'x' }] }, 'fishWithoutName'],
])('%j is refused with a reason', (given, reason) => {
  const answer = read(given);
  expect(answer.ok ? '' : answer.reason.code).toBe(`register.${reason}`);
});
