/** The cells into which a patch of a picture is cut: so many across and down. */
export interface PatchCells {
  readonly columns: number;
  readonly rows: number;
}

/** A cell with fewer edges around it than this is plain, and what little it has is not blown up. */
const PLAIN = 12;

/**
 * Histograms of edge directions with the strength of the neighbourhood taken out (Dalal and Triggs 2005), written into
 * `into` from `at` on. `histograms` holds `directions` numbers a cell, `strength` their sum. Gives where the next
 * number goes. Example: twice the contrast gives nearly the same numbers.
 */
export function balancedEdges(
  { columns, rows }: PatchCells,
  histograms: Float32Array,
  strength: Float32Array,
  directions: number,
  into: Float32Array,
  at = 0,
): number {
  let to = at;
  for (let row = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1) {
      let around = 0;
      let count = 0;
      for (let r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r += 1) {
        for (let c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c += 1) {
          around += strength[r * columns + c] as number;
          count += 1;
        }
      }
      const by = 1 / (around / count + PLAIN);
      const from = (row * columns + column) * directions;
      for (let k = 0; k < directions; k += 1, to += 1) into[to] = (histograms[from + k] as number) * by * 4;
    }
  }
  return to;
}

/**
 * Each cell's sums of `kinds` colours against the whole patch, one colour after the other. Gives where the next number
 * goes.
 */
export function balancedColours(
  { columns, rows }: PatchCells,
  colours: Float32Array,
  kinds: number,
  into: Float32Array,
  at: number,
): number {
  const cells = columns * rows;
  let to = at;
  for (let k = 0; k < kinds; k += 1) {
    let sum = 0;
    let squares = 0;
    for (let cell = 0; cell < cells; cell += 1) sum += colours[cell * kinds + k] as number;
    const mean = sum / cells;
    for (let cell = 0; cell < cells; cell += 1) squares += ((colours[cell * kinds + k] as number) - mean) ** 2;
    const by = 0.5 / Math.sqrt(squares / cells + 4);
    for (let cell = 0; cell < cells; cell += 1, to += 1) into[to] = ((colours[cell * kinds + k] as number) - mean) * by;
  }
  return to;
}
