import { flankFrame } from '../landmarks/flankFrame.js';
import { UNKNOWN, type FlankDescriptor } from './flankDescriptor.js';
import type { FlatPicture } from '../registration/flatFlank.js';

/**
 * A print as a grey picture, one pixel a cell: what a comparison sees of a flank. What is not known is left clear.
 * Example: a bright blotch on the back is a bright blotch in the first rows.
 */
export function descriptorPicture({ kind, cells }: FlankDescriptor): FlatPicture {
  const { columns, rows } = flankFrame(kind);
  const data = new Uint8ClampedArray(columns * rows * 4);
  for (let i = 0; i < cells.length; i += 1) {
    const cell = cells[i] as number;
    if (cell === UNKNOWN) continue;
    data.fill(128 + cell, 4 * i, 4 * i + 3);
    data[4 * i + 3] = 255;
  }
  return { widthPx: columns, heightPx: rows, data };
}
