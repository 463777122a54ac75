import { guardedCell } from './guardedCell.js';

test.each([
  ['=1+1', "'=1+1"],
  ['+cmd', "'+cmd"],
  ['-cmd', "'-cmd"],
  ['@SUM(A1)', "'@SUM(A1)"],
  ['\t=1', "'\t=1"],
  ['-22.5', '-22.5'],
  ['+1', '+1'],
  ['-1-1', "'-1-1"],
  ['12 lb', '12 lb'],
  ['', ''],
  ['a=b', 'a=b'],
])('%j is written %j', (text, written) => expect(guardedCell(text)).toBe(written));
