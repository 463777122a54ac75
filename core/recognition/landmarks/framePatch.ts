import { plainAnatomy, type PaintedKind } from '../../domain/fish/anatomy.js';
import { edgeDirection } from '../../image/edgeDirection.js';
import { balancedColours, balancedEdges, type PatchCells } from '../../image/patchCells.js';
import { sampled, type Planes } from '../../image/raster.js';
import type { PlaneMap } from '../../geometry/thinPlate.js';

/** Pixels of the patch a length of the fish, and the side of a cell in them. */
const SCALE = 150;
const CELL = 8;
const DIRECTIONS = 8;
const COLOURS = 3;
/** The patch begins before the snout and ends behind the fork, and takes in the fins. */
const FROM_U = -0.08;
const TO_U = 1.12;
const FINS_ABOVE = 0.1;
const FINS_BELOW = 0.09;

/** The patch of a kind: its cells, and the height at which it begins, in lengths. */
interface PatchBox extends PatchCells {
  readonly fromV: number;
}

function patchBox(kind: PaintedKind): PatchBox {
  const { back, belly } = plainAnatomy(kind);
  const [above, below] = [Math.max(...back) + FINS_ABOVE, Math.max(...belly) + FINS_BELOW];
  const rows = Math.ceil(((above + below) * SCALE) / CELL);
  const columns = Math.ceil(((TO_U - FROM_U) * SCALE) / CELL);
  return { columns, rows, fromV: -above - ((rows * CELL) / SCALE - above - below) / 2 };
}

/** How many numbers describe the patch of a kind. */
export function framePatchSize(kind: PaintedKind): number {
  const { columns, rows } = patchBox(kind);
  return columns * rows * (DIRECTIONS + COLOURS);
}

/**
 * Describes what lies on and about a flank as its frame is laid on a picture by `map`: the directions of edges in
 * cells, and each cell's mean colour against the whole. The fish is always level and head to the left in it, whichever
 * flank is seen. Example: of a mirror carp 2,530 numbers.
 */
export function framePatch(planes: Planes, map: PlaneMap, kind: PaintedKind): Float32Array {
  const box = patchBox(kind);
  const { light, colours } = laid(planes, map, box);
  const { histograms, strength } = edges(light, box);
  const features = new Float32Array(framePatchSize(kind));
  const to = balancedEdges(box, histograms, strength, DIRECTIONS, features);
  balancedColours(box, colours, COLOURS, features, to);
  return features;
}

function laid({ light, redness, yellowness }: Planes, map: PlaneMap, { columns, rows, fromV }: PatchBox) {
  const [wide, high] = [columns * CELL, rows * CELL];
  const seen = new Float32Array(wide * high);
  const colours = new Float32Array(columns * rows * COLOURS);
  for (let row = 0, at = 0; row < high; row += 1) {
    for (let column = 0; column < wide; column += 1, at += 1) {
      const place = map(FROM_U + (column + 0.5) / SCALE, fromV + (row + 0.5) / SCALE);
      const x = place.x - 0.5;
      const y = place.y - 0.5;
      const here = sampled(light, x, y);
      seen[at] = here;
      // Colour is coarse: every fourth look is enough.
      if (((row | column) & 1) !== 0) continue;
      const cell = (((row / CELL) | 0) * columns + ((column / CELL) | 0)) * COLOURS;
      colours[cell] = (colours[cell] as number) + here;
      colours[cell + 1] = (colours[cell + 1] as number) + sampled(redness, x, y);
      colours[cell + 2] = (colours[cell + 2] as number) + sampled(yellowness, x, y);
    }
  }
  return { light: seen, colours };
}

/**
 * Each edge is shared out among the four cells and the two directions that it lies between, so that nothing jumps when
 * the frame moves.
 */
function edges(light: Float32Array, { columns, rows }: PatchCells) {
  const [wide, high] = [columns * CELL, rows * CELL];
  const histograms = new Float32Array(columns * rows * DIRECTIONS);
  const strength = new Float32Array(columns * rows);
  for (let row = 1; row < high - 1; row += 1) {
    const below = (row + 0.5) / CELL - 0.5;
    const top = Math.floor(below);
    for (let column = 1; column < wide - 1; column += 1) {
      const at = row * wide + column;
      const gx = (light[at + 1] as number) - (light[at - 1] as number);
      const gy = (light[at + wide] as number) - (light[at - wide] as number);
      const squared = gx * gx + gy * gy;
      if (squared < 1) continue;
      const bin = edgeDirection(gx, gy) * DIRECTIONS;
      const low = Math.min(bin | 0, DIRECTIONS - 1);
      const part = bin - low;
      const next = low === DIRECTIONS - 1 ? 0 : low + 1;
      const beside = (column + 0.5) / CELL - 0.5;
      const left = Math.floor(beside);
      const root = Math.sqrt(Math.sqrt(squared));
      for (let j = top; j <= top + 1; j += 1) {
        if (j < 0 || j >= rows) continue;
        for (let i = left; i <= left + 1; i += 1) {
          if (i < 0 || i >= columns) continue;
          const share = root * (1 - Math.abs(below - j)) * (1 - Math.abs(beside - i));
          const cell = j * columns + i;
          const from = cell * DIRECTIONS;
          histograms[from + low] = (histograms[from + low] as number) + share * (1 - part);
          histograms[from + next] = (histograms[from + next] as number) + share * part;
          strength[cell] = (strength[cell] as number) + share;
        }
      }
    }
  }
  return { histograms, strength };
}
