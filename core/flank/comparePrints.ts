import { leastSquares } from '../statistics/leastSquares.js';
import { PRINT_COLUMNS, PRINT_ROWS, UNKNOWN, type FlankPrint } from './flankPrint.js';

/** What two prints have in common. */
export interface PrintMatch {
  /** From about 0 (no more than chance) to 1 (the same): the mean likeness of blocks that lie where the others say. */
  readonly score: number;
  readonly blocks: readonly BlockMatch[];
}

/** How well one block of the first print is found in the second, and where, in cells. */
export interface BlockMatch {
  readonly column: number;
  readonly row: number;
  readonly shiftColumns: number;
  readonly shiftRows: number;
  readonly likeness: number;
}

// Asked for at every cell: held here, not fetched from the other module each time.
const COLUMNS = PRINT_COLUMNS;
const ROWS = PRINT_ROWS;
const NOT_KNOWN = UNKNOWN;
const BLOCK_COLUMNS = 16;
const BLOCK_ROWS = 13;
const STEP = 8;
/** How far a block is looked for: points are off by a hundredth and a half of a length, and a body bends. */
const REACH_COLUMNS = 6;
const REACH_ROWS = 5;
/** How far from where its neighbours lie a block may lie. */
const SLACK = 1;
const LEAST_KNOWN = 0.5;

/**
 * Compares two prints of flanks of one side: every block of the first is looked for near its place in the second by normalised
 * correlation (Lewis 1995), a smooth shift is fitted to where blocks were found (affine, by re-weighted least squares), and only what
 * is alike at that place counts. Left and right flanks are different patterns: they are never alike.
 * Example: a print against itself scores 1.
 */
export function comparePrints(a: FlankPrint, b: FlankPrint): PrintMatch {
  if (a.side !== b.side) return { score: 0, blocks: [] };
  const found: BlockMatch[] = [];
  for (const { column, row } of PLACES) {
    const match = best(a.cells, b.cells, column, row, 0, 0, REACH_COLUMNS, REACH_ROWS);
    if (match) found.push(match);
  }
  const shift = smoothShift(found);
  const blocks = found.flatMap(({ column, row }) => {
    const [columns, rows] = [Math.round(shift.columns(column, row)), Math.round(shift.rows(column, row))];
    return best(a.cells, b.cells, column, row, columns, rows, SLACK, SLACK) ?? [];
  });
  const score = blocks.length === 0 ? 0 : blocks.reduce((sum, { likeness }) => sum + likeness, 0) / blocks.length;
  return { score, blocks };
}

const PLACES: readonly { readonly column: number; readonly row: number }[] = placesOfBlocks();

function placesOfBlocks() {
  const places: { column: number; row: number }[] = [];
  for (let row = 0; row + BLOCK_ROWS <= ROWS; row += STEP)
    for (let column = 0; column + BLOCK_COLUMNS <= COLUMNS; column += STEP) places.push({ column, row });
  return places;
}

function best(
  a: Int8Array,
  b: Int8Array,
  column: number,
  row: number,
  aroundColumns: number,
  aroundRows: number,
  reachColumns: number,
  reachRows: number,
): BlockMatch | undefined {
  let found: BlockMatch | undefined;
  for (let dy = aroundRows - reachRows; dy <= aroundRows + reachRows; dy += 1) {
    for (let dx = aroundColumns - reachColumns; dx <= aroundColumns + reachColumns; dx += 1) {
      const likeness = correlation(a, b, column, row, dx, dy);
      if (likeness !== undefined && (!found || likeness > found.likeness))
        found = { column, row, shiftColumns: dx, shiftRows: dy, likeness };
    }
  }
  return found;
}

/** Normalised correlation of a block with the other print so many cells away; undefined where too little of both is known. */
function correlation(
  a: Int8Array,
  b: Int8Array,
  column: number,
  row: number,
  dx: number,
  dy: number,
): number | undefined {
  let [n, sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0, 0];
  for (let y = row; y < row + BLOCK_ROWS; y += 1) {
    if (y + dy < 0 || y + dy >= ROWS) continue;
    const from = Math.max(column, -dx);
    const to = Math.min(column + BLOCK_COLUMNS, COLUMNS - dx);
    for (let x = from, i = y * COLUMNS + from, j = (y + dy) * COLUMNS + from + dx; x < to; x += 1, i += 1, j += 1) {
      const p = a[i] as number;
      const q = b[j] as number;
      if (p === NOT_KNOWN || q === NOT_KNOWN) continue;
      n += 1;
      sa += p;
      sb += q;
      saa += p * p;
      sbb += q * q;
      sab += p * q;
    }
  }
  if (n < LEAST_KNOWN * BLOCK_COLUMNS * BLOCK_ROWS) return undefined;
  const [va, vb] = [saa - (sa * sa) / n, sbb - (sb * sb) / n];
  return va <= 0 || vb <= 0 ? 0 : (sab - (sa * sb) / n) / Math.sqrt(va * vb);
}

interface Shift {
  readonly columns: (column: number, row: number) => number;
  readonly rows: (column: number, row: number) => number;
}

/** An affine shift that most blocks agree with: those far from it count less and less (Cauchy weights, Holland and Welsch 1977). */
function smoothShift(found: readonly BlockMatch[]): Shift {
  const weights = found.map(({ likeness }) => Math.max(0.001, likeness) ** 4);
  let columns = fitted(found, weights, ({ shiftColumns }) => shiftColumns);
  let rows = fitted(found, weights, ({ shiftRows }) => shiftRows);
  for (let round = 0; round < 6; round += 1) {
    const again = found.map((match, i) => {
      const miss =
        (match.shiftColumns - columns(match.column, match.row)) ** 2 +
        (match.shiftRows - rows(match.column, match.row)) ** 2;
      return (weights[i] as number) / (1 + miss / 2);
    });
    columns = fitted(found, again, ({ shiftColumns }) => shiftColumns);
    rows = fitted(found, again, ({ shiftRows }) => shiftRows);
  }
  return { columns, rows };
}

/** How much a slope or, a twentieth of it, a shift of all costs beside what the blocks say: a few of them cannot tear the rest away. */
const STIFFNESS = 0.02;

function fitted(found: readonly BlockMatch[], weights: readonly number[], of: (match: BlockMatch) => number) {
  // About the middle of the print, in its own lengths.
  const terms = ({ column, row }: { column: number; row: number }) => [1, (column - 64) / 64, (row - 20) / 40] as const;
  const stiff = Math.sqrt(STIFFNESS * weights.reduce((sum, weight) => sum + weight, 0) + 1e-9);
  const rows = found.map((match, i) => terms(match).map((term) => Math.sqrt(weights[i] as number) * term));
  const right = found.map((match, i) => Math.sqrt(weights[i] as number) * of(match));
  const held = [
    [stiff / Math.sqrt(20), 0, 0],
    [0, stiff, 0],
    [0, 0, stiff],
  ];
  const fit = leastSquares([...rows, ...held], [...right, 0, 0, 0]);
  const [shift = 0, along = 0, across = 0] = fit?.solution ?? [];
  return (column: number, row: number) => {
    const [, tc, tr] = terms({ column, row });
    return shift + along * tc + across * tr;
  };
}
