import { flankFrame } from '../landmarks/flankFrame.js';
import { UNKNOWN } from './flankDescriptor.js';
import { descriptorPicture } from './descriptorPicture.js';

test('a print is drawn grey by grey; what is not known stays clear', () => {
  const { columns, rows } = flankFrame('pike');
  const cells = new Int8Array(columns * rows).fill(UNKNOWN);
  cells.set([127, -127, 0], 5);
  const { data, widthPx, heightPx } = descriptorPicture({ kind: 'pike', side: 'left', cells });
  expect([widthPx, heightPx]).toEqual([columns, rows]);
  expect([...data.slice(16, 32)]).toEqual([0, 0, 0, 0, 255, 255, 255, 255, 1, 1, 1, 255, 128, 128, 128, 255]);
});
