import type { FlankFrame } from '../landmarks/flankFrame.js';
import type { RectifiedFlank } from '../registration/rectify.js';

/**
 * Skin is red for its brightness, and redder for its yellow than the flank is. By eye on painted pictures; common
 * practice, no source.
 */
const LEAST_RED = 0.1;
const REDDER = 0.22;
/** Where more than this looks like skin, it is the fish itself that is so. */
const MOST = 0.5;
/** Of a cell and its eight neighbours, so many must look like skin. */
const AGREE = 5;

/**
 * Which cells of a laid flank lie under a hand (1) or not (0), by colour against the usual colour of this flank.
 * Example: a golden flank with four fingers over it has four bars of ones.
 */
export function skinMask(
  { light, redness, yellowness, known }: RectifiedFlank,
  { columns, rows }: FlankFrame,
): Uint8Array {
  const ratio = redness.map((red, i) => red / (Math.abs(yellowness[i] as number) + 8));
  const seen = ratio.filter((_, i) => known[i] === 1).toSorted();
  const usual = seen[Math.floor(0.4 * seen.length)] ?? 0;
  const skin = Uint8Array.from(ratio, (value, i) =>
    known[i] === 1 && (redness[i] as number) > LEAST_RED * (light[i] as number) && value > usual + REDDER ? 1 : 0,
  );
  const none = new Uint8Array(skin.length);
  if (skin.reduce((sum, is) => sum + is, 0) > MOST * seen.length) return none;
  return none.map((_, i) => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    if (skin[i] === 0 || row === 0 || column === 0 || row === rows - 1 || column === columns - 1) return 0;
    let alike = 0;
    for (const above of [i - columns, i, i + columns])
      for (let k = above - 1; k <= above + 1; k += 1) alike += skin[k] as number;
    return alike >= AGREE ? 1 : 0;
  });
}
