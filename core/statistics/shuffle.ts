import type { Rng } from './rng.js';

/**
 * Shuffles numbers in place, each order as likely as another. Source: Fisher and Yates, as in Knuth (1997), The Art of
 * Computer Programming 2, 3.4.2, algorithm P. Example: of `[1, 2]` half of all shuffles are `[2, 1]`.
 */
export function shuffle(of: number[] | Uint16Array, luck: Rng): void {
  for (let i = of.length - 1; i > 0; i -= 1) {
    const j = Math.floor(luck.next() * (i + 1));
    const kept = of[i] ?? 0;
    of[i] = of[j] ?? 0;
    of[j] = kept;
  }
}
