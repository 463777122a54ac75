import { balancedColours, balancedEdges } from './patchCells.js';

const GRID = { columns: 3, rows: 2 };
const CELLS = 6;

test('more contrast over the whole patch changes edges little, more in one cell stands out', () => {
  const of = (gain: number, one = 1) => {
    const histograms = Float32Array.from(
      { length: CELLS * 2 },
      (_, i) => gain * (i % 2 ? 400 : 200) * (i < 2 ? one : 1),
    );
    const strength = Float32Array.from(
      { length: CELLS },
      (_, i) => (histograms[2 * i] ?? 0) + (histograms[2 * i + 1] ?? 0),
    );
    const into = new Float32Array(CELLS * 2);
    expect(balancedEdges(GRID, histograms, strength, 2, into)).toBe(CELLS * 2);
    return into;
  };
  const [plain, harsh, spotted] = [of(1), of(2), of(1, 3)];
  for (const [i, value] of plain.entries()) expect(harsh[i]).toBeCloseTo(value, 1);
  expect(spotted[0]).toBeGreaterThan(1.5 * (plain[0] ?? NaN));
  // The neighbour of a strong cell looks weaker for it.
  expect(spotted[2]).toBeLessThan(plain[2] ?? NaN);
});

test('colours are told against the whole patch, one after the other, from where they are to begin', () => {
  const colours = Float32Array.from({ length: CELLS * 2 }, (_, i) => (i % 2 ? 90 : 10 * i));
  const into = new Float32Array(3 + CELLS * 2).fill(7);
  expect(balancedColours(GRID, colours, 2, into, 3)).toBe(into.length);
  expect([...into.subarray(0, 3)]).toEqual([7, 7, 7]);
  const first = into.subarray(3, 3 + CELLS);
  expect(first.reduce((sum, value) => sum + value, 0)).toBeCloseTo(0, 5);
  expect(first[5]).toBeGreaterThan(first[0] ?? NaN);
  // The second is the same everywhere, and says nothing.
  expect([...into.subarray(3 + CELLS)]).toEqual([0, 0, 0, 0, 0, 0]);
});
