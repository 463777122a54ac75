import { lengthMm } from '@keeper/core/measure/length';
import { sizeText } from './meetingUnits.js';

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
