import { lengthMm } from '@keeper/core/measure/length';
import { readSize, sizeText } from './meetingUnits.js';

const BRITISH = { inches: true, pounds: true };

test('a length is said as it was read off a board of inches, and so is a sum of them', () => {
  const read = lengthMm({ unit: 'quarter-in', count: 151 });
  expect(sizeText('length', read, BRITISH)).toBe('37¾ in');
  expect(sizeText('length', 3 * read, BRITISH)).toBe('113¼ in');
  // A millimetre beside the mark is another length.
  expect(sizeText('length', read + 1, BRITISH)).toBe('37.79 in');
  expect(sizeText('length', 1850, BRITISH)).toBe('72.83 in');
});

test('by centimetres and by weight it is said in the keeper’s own units', () => {
  expect(sizeText('length', 795, { inches: false, pounds: false })).toBe('79.5 cm');
  expect(sizeText('weight', 8450, { inches: false, pounds: false })).toBe('8.45 kg');
});

test.each([
  ['length', '16', 406.4],
  ['length', '1/4', 6.35],
  ['length', '16 1/2 in', 419.1],
  ['length', '40 cm', 400],
  ['weight', '8.5', 3855.535],
  ['weight', '8 lb 4 oz', 3742.14],
  ['weight', '8-4', 3742.14],
  ['weight', '4 kg', 4000],
] as const)('a least %s may be written %s', (by, typed, size) => {
  expect(readSize(typed, by, BRITISH)).toBeCloseTo(size, 2);
});

test('nothing typed is no size, and what says none is refused at its field', () => {
  expect(readSize(' ', 'length', BRITISH)).toBeNull();
  expect(readSize('a big one', 'length', BRITISH)).toBeNaN();
  expect(readSize('a big one', 'weight', BRITISH)).toBeNaN();
});
