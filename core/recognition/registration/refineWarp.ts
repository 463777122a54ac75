import type { DescriptorLevel } from '../descriptor/descriptorLevel.js';
import { quadraticTerms } from '../../geometry/quadratic.js';
import { factorize, substitute } from '../../statistics/cholesky.js';

/**
 * Where the cells of one print lie on another: twelve numbers in cells, the shift along as `1, x, y, x², xy, y²` and
 * then the shift across, with `x` from -1 at the head's end of the print to 1, `y` from -1 at the back to 1.
 */
export type Warp = Float64Array;

const TERMS = 6;
const NUMBERS = 2 * TERMS;
/**
 * How large each term usually is, in fine cells: taps are off by a hundredth and a half of a length, bodies bend and
 * turn.
 */
const USUAL = [4, 4, 3, 2.5, 2, 1.5] as const;
/**
 * A difference of so many usual ones counts a quarter (Geman and McClure 1987): it is a hand, a glint, a lost scale.
 */
const OUTLYING = 2;
const MOST_STEP = 2;
/** When no term moves more than this any more, in cells, the place is found. */
const STILL = 0.05;

/** No shift at all. */
export function identityWarp(): Warp {
  return new Float64Array(NUMBERS);
}

/** The same shift in cells half as large. */
export function upscale(shift: Warp): Warp {
  return shift.map((term) => 2 * term);
}

/** Where a cell lies after the shift. */
export function warpPoint(
  shift: Warp,
  { columns, rows }: Pick<DescriptorLevel, 'columns' | 'rows'>,
  column: number,
  row: number,
) {
  const [x, y] = [(2 * (column + 0.5)) / columns - 1, (2 * (row + 0.5)) / rows - 1];
  const terms = quadraticTerms(x, y);
  const by = (from: number) => terms.reduce((sum, term, i) => sum + term * (shift[from + i] as number), 0);
  return { column: column + by(0), row: row + by(TERMS) };
}

/**
 * The other way: which cell of the first lies on a place of the second. By a few steps towards it; shifts are slight.
 */
export function unwarpPoint(
  shift: Warp,
  size: { readonly columns: number; readonly rows: number },
  column: number,
  row: number,
): { readonly column: number; readonly row: number } {
  let at = { column, row };
  for (let step = 0; step < 6; step += 1) {
    const lies = warpPoint(shift, size, at.column, at.row);
    at = { column: at.column + column - lies.column, row: at.row + row - lies.row };
  }
  return at;
}

/** How many places along and across a shift is turned round by. */
const TURNED_AT = 9;

/**
 * The shift from the second print to the first, by least squares: it is of second degree again, the shifts being
 * slight. Example: of no shift it is none.
 */
export function invertWarp(shift: Warp, size: { readonly columns: number; readonly rows: number }): Warp {
  const normal = new Float64Array(TERMS * TERMS);
  const right = [new Float64Array(TERMS), new Float64Array(TERMS)] as const;
  for (let j = 0; j < TURNED_AT; j += 1) {
    for (let i = 0; i < TURNED_AT; i += 1) {
      const column = ((i + 0.5) * size.columns) / TURNED_AT - 0.5;
      const row = ((j + 0.5) * size.rows) / TURNED_AT - 0.5;
      const back = unwarpPoint(shift, size, column, row);
      const [x, y] = [(2 * (column + 0.5)) / size.columns - 1, (2 * (row + 0.5)) / size.rows - 1];
      const terms = quadraticTerms(x, y);
      for (let p = 0; p < TERMS; p += 1) {
        for (let q = 0; q < TERMS; q += 1) normal[p * TERMS + q] = n(normal[p * TERMS + q]) + n(terms[p]) * n(terms[q]);
        right[0][p] = n(right[0][p]) + n(terms[p]) * (back.column - column);
        right[1][p] = n(right[1][p]) + n(terms[p]) * (back.row - row);
      }
    }
  }
  const turned = identityWarp();
  if (!factorize(normal, TERMS)) return turned;
  for (const [i, each] of right.entries()) {
    substitute(normal, TERMS, each);
    turned.set(each, i * TERMS);
  }
  return turned;
}

/** What another print has at the places of this one. */
export interface Warped {
  readonly value: Float32Array;
  /** 1 where both are known, else 0. */
  readonly known: Uint8Array;
}

/** Lays `other` over `print` after a shift, joined straight between its cells. */
export function warp(print: DescriptorLevel, other: DescriptorLevel, shift: Warp): Warped {
  const { columns, rows, known: here } = print;
  const { value: from, known: there } = other;
  const value = new Float32Array(columns * rows);
  const known = new Uint8Array(columns * rows);
  const term = (i: number) => shift[i] as number;
  const [bendAlong, bendAcross] = [term(3), term(9)];
  for (let row = 0, i = 0; row < rows; row += 1) {
    const y = (2 * (row + 0.5)) / rows - 1;
    const alongRow = term(0) + term(2) * y + term(5) * y * y;
    const acrossRow = term(6) + term(8) * y + term(11) * y * y;
    const [alongX, acrossX] = [term(1) + term(4) * y, term(7) + term(10) * y];
    for (let column = 0; column < columns; column += 1, i += 1) {
      if (here[i] === 0) continue;
      const x = (2 * (column + 0.5)) / columns - 1;
      const px = column + alongRow + (alongX + bendAlong * x) * x;
      const py = row + acrossRow + (acrossX + bendAcross * x) * x;
      const left = Math.floor(px);
      const top = Math.floor(py);
      if (left < 0 || top < 0 || left >= columns - 1 || top >= rows - 1) continue;
      const j = top * columns + left;
      const all =
        (there[j] as number) +
        (there[j + 1] as number) +
        (there[j + columns] as number) +
        (there[j + columns + 1] as number);
      if (all < 4) continue;
      const [fx, fy] = [px - left, py - top];
      value[i] =
        ((from[j] as number) * (1 - fx) + (from[j + 1] as number) * fx) * (1 - fy) +
        ((from[j + columns] as number) * (1 - fx) + (from[j + columns + 1] as number) * fx) * fy;
      known[i] = 1;
    }
  }
  return { value, known };
}

const n = (value: number | undefined) => value as number;

/**
 * The shift, near a first one, at which `other` agrees best with `print`: Gauss's and Newton's steps on the differences
 * of brightness (Lucas and Kanade 1981), with differences that stand out counted less and less, and each term held back
 * in proportion to how large it usually is. `coarseness` is the side of a cell in fine cells; at most `steps` steps.
 */
export function refineWarp(
  print: DescriptorLevel,
  other: DescriptorLevel,
  first: Warp,
  coarseness: number,
  steps: number,
): Warp {
  let shift = first;
  for (let step = 0; step < steps; step += 1) {
    const by = gaussNewton(print, warp(print, other, shift), shift, coarseness);
    if (!by) break;
    shift = shift.map((term, i) => term + Math.max(-MOST_STEP, Math.min(MOST_STEP, n(by[i]))));
    if (by.every((term) => Math.abs(term) < STILL)) break;
  }
  return shift;
}

/** Powers of x and y in each term. */
const POWERS = [
  [0, 0],
  [1, 0],
  [0, 1],
  [2, 0],
  [1, 1],
  [0, 2],
] as const;
const MOMENTS = 5;

/**
 * One step. The normal equations of terms that are powers of x and y hold nothing but sums of slopes times powers up to
 * the fourth: these are summed row by row, and the equations are put together at the end.
 */
function gaussNewton(
  { columns, rows, value, known: here }: DescriptorLevel,
  over: Warped,
  shift: Warp,
  coarseness: number,
): Float64Array | undefined {
  const [there, seen] = [over.value, over.known];
  const [alongAlong, alongAcross, acrossAcross, missAlong, missAcross] = Array.from(
    { length: 5 },
    () => new Float64Array(MOMENTS * MOMENTS),
  ) as [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array];
  for (let row = 1; row < rows - 1; row += 1) {
    let [aa0, aa1, aa2, aa3, aa4] = [0, 0, 0, 0, 0];
    let [ab0, ab1, ab2, ab3, ab4] = [0, 0, 0, 0, 0];
    let [bb0, bb1, bb2, bb3, bb4] = [0, 0, 0, 0, 0];
    let [ma0, ma1, ma2, mb0, mb1, mb2] = [0, 0, 0, 0, 0, 0];
    for (let column = 1, i = row * columns + 1; column < columns - 1; column += 1, i += 1) {
      if (seen[i] === 0) continue;
      // A slope across the edge of what is known would be one of nothing.
      if (here[i - 1] === 0 || here[i + 1] === 0 || here[i - columns] === 0 || here[i + columns] === 0) continue;
      const along = ((value[i + 1] as number) - (value[i - 1] as number)) / 2;
      const across = ((value[i + columns] as number) - (value[i - columns] as number)) / 2;
      const miss = (value[i] as number) - (there[i] as number);
      const fits = 1 + (miss * miss) / (OUTLYING * OUTLYING);
      const weight = 1 / (fits * fits);
      const x = (2 * (column + 0.5)) / columns - 1;
      const xx = x * x;
      const aa = weight * along * along;
      const ab = weight * along * across;
      const bb = weight * across * across;
      const ma = weight * miss * along;
      const mb = weight * miss * across;
      aa0 += aa;
      aa1 += aa * x;
      aa2 += aa * xx;
      aa3 += aa * xx * x;
      aa4 += aa * xx * xx;
      ab0 += ab;
      ab1 += ab * x;
      ab2 += ab * xx;
      ab3 += ab * xx * x;
      ab4 += ab * xx * xx;
      bb0 += bb;
      bb1 += bb * x;
      bb2 += bb * xx;
      bb3 += bb * xx * x;
      bb4 += bb * xx * xx;
      ma0 += ma;
      ma1 += ma * x;
      ma2 += ma * xx;
      mb0 += mb;
      mb1 += mb * x;
      mb2 += mb * xx;
    }
    const y = (2 * (row + 0.5)) / rows - 1;
    spread(alongAlong, [aa0, aa1, aa2, aa3, aa4], y);
    spread(alongAcross, [ab0, ab1, ab2, ab3, ab4], y);
    spread(acrossAcross, [bb0, bb1, bb2, bb3, bb4], y);
    spread(missAlong, [ma0, ma1, ma2], y);
    spread(missAcross, [mb0, mb1, mb2], y);
  }
  const moment = (of: Float64Array, x: number, y: number) => of[x * MOMENTS + y] as number;
  const normal = new Float64Array(NUMBERS * NUMBERS);
  const right = new Float64Array(NUMBERS);
  for (const [p, [px, py]] of POWERS.entries()) {
    right[p] = moment(missAlong, px, py);
    right[p + TERMS] = moment(missAcross, px, py);
    for (const [q, [qx, qy]] of POWERS.entries()) {
      const [x, y] = [px + qx, py + qy];
      const [upper, lower] = [p * NUMBERS + q, (p + TERMS) * NUMBERS + q];
      normal[upper] = moment(alongAlong, x, y);
      normal[lower] = moment(alongAcross, x, y);
      normal[upper + TERMS] = moment(alongAcross, x, y);
      normal[lower + TERMS] = moment(acrossAcross, x, y);
    }
  }
  for (let p = 0; p < NUMBERS; p += 1) {
    const held = (coarseness / (USUAL[p % TERMS] as number)) ** 2;
    normal[p * (NUMBERS + 1)] = n(normal[p * (NUMBERS + 1)]) + held;
    right[p] = n(right[p]) - held * n(shift[p]);
  }
  if (!factorize(normal, NUMBERS)) return undefined;
  substitute(normal, NUMBERS, right);
  return right;
}

/** Adds what a row sums up, times the powers of its height. */
function spread(to: Float64Array, sums: readonly number[], y: number): void {
  for (const [x, sum] of sums.entries()) {
    for (let k = 0, power = sum; k < MOMENTS; k += 1, power *= y)
      to[x * MOMENTS + k] = (to[x * MOMENTS + k] as number) + power;
  }
}
